import Button from '@mui/material/Button';
import {
  becauseOf,
  notesOf,
  quantityRow,
  rankWords,
  SAY,
  titleOf,
  WAYS,
  whyNothing,
  type HoleCase,
  type Proposal,
  type Route,
  type Sensitivity,
  type UnitSystem,
  workingsOf,
  coilLengthWords,
} from '@deep-mend/core';
import { memo, useState } from 'react';
import { Verdict, VerdictMark } from '../../../../parts/Verdict.tsx';
import { WorkingDialog } from '../../../../parts/WorkingDialog.tsx';
import { ChecksList } from '../../ChecksList.tsx';
import { RouteFigures } from './RouteFigures.tsx';
import { rungKey } from '@deep-mend/drawing';
import { OtherWays } from './OtherWays.tsx';
import { RouteEconomics } from './RouteEconomics.tsx';
import { SideBySide } from './SideBySide.tsx';

interface Props {
  hole: HoleCase;
  /** What each reading could still change; null while the worker computes. */
  unsettled: Sensitivity[] | null;
  proposal: Proposal;
  route: Route;
  units: UnitSystem;
  showWorking: boolean;
  onShowWorking: (open: boolean) => void;
  onSelect: (routeId: string) => void;
  onPlan: (() => Promise<void>) | null;
}

const PlanButton = memo(function PlanButton({
  holds,
  metalLeft,
  onPlan,
}: {
  holds: boolean;
  metalLeft: string;
  onPlan: () => Promise<void>;
}) {
  const [busy, setBusy] = useState(false);
  return (
    <Button
      variant="contained"
      fullWidth
      disabled={busy || !holds}
      onClick={() => {
        setBusy(true);
        void onPlan().finally(() => setBusy(false));
      }}
      sx={{ mb: 1.5, flexDirection: 'column', py: 1 }}
    >
      {holds ? 'Plan this mend' : 'This does not hold'}
      <span style={{ fontWeight: 400, fontSize: 14 }}>{metalLeft}</span>
    </Button>
  );
});

/** The lengths of a coil: one cut, so one rung; each length moves the depth flag. */
function Variants({
  variants,
  chosen,
  onSelect,
}: {
  variants: Route[];
  chosen: string;
  onSelect: (id: string) => void;
}) {
  return (
    <div className="variants" role="radiogroup" aria-label="Length of the coil">
      {variants.map((variant) => (
        <button
          key={variant.id}
          type="button"
          role="radio"
          aria-checked={variant.id === chosen}
          className="plain-button"
          onClick={() => onSelect(variant.id)}
          aria-label={`${chipWords(variant)}, ${variant.verdict.replaceAll('-', ' ')}`}
        >
          {chipWords(variant)}
          <br />
          <svg width={13} height={13} viewBox="0 0 20 20" aria-hidden>
            <VerdictMark verdict={variant.verdict} widthPt={3.4} />
          </svg>
        </button>
      ))}
    </div>
  );
}

/** Why the ruled-out ways are out; filled only when it is opened. */
function WhyNot({
  out,
  proposal,
  units,
  onSelect,
}: {
  out: Route[];
  proposal: Proposal;
  units: UnitSystem;
  onSelect: (id: string) => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <details className="why-not" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>Why not ({out.length})</summary>
      {open &&
        out.map((other) => (
          <div key={other.id}>
            <button type="button" className="plain-button" onClick={() => onSelect(other.id)}>
              {other.title}
            </button>
            {other.checks
              .filter((check) => check.verdict === 'does-not-hold')
              .map((check) => (
                <p key={check.id}>
                  {titleOf(check)}: {becauseOf(check, SAY[units])}
                </p>
              ))}
          </div>
        ))}
      {open &&
        proposal.notOffered.map((way) => (
          <p key={way}>
            {WAYS[way].name}: {whyNothing(way, proposal.hole)}
          </p>
        ))}
    </details>
  );
}

const sentence = (words: string) => `${words[0]!.toUpperCase()}${words.slice(1)}.`;

const ShowWorking = memo(function ShowWorking({ onShow }: { onShow: (open: boolean) => void }) {
  return (
    <Button size="small" onClick={() => onShow(true)}>
      Show working
    </Button>
  );
});

/** A coil's length on its chip. */
const chipWords = ({ insertLengthD, thread }: Route): string =>
  coilLengthWords({ lengthD: insertLengthD ?? 0, nominalMm: (insertLengthD ?? 0) * thread.majorMm }).replace(
    ' long',
    '',
  );

/** What follows from the readings for the chosen rung: numbers, checks, the plan button, and why not the others. */
export const DecidePanel = memo(function DecidePanel({
  hole,
  unsettled,
  proposal,
  route,
  units,
  showWorking,
  onShowWorking,
  onSelect,
  onPlan,
}: Props) {
  const variants = proposal.routes
    .filter((other) => rungKey(other) === rungKey(route))
    .sort((a, b) => (a.insertLengthD ?? 0) - (b.insertLengthD ?? 0));
  const out = proposal.routes.filter((other) => other.verdict === 'does-not-hold');
  const settling = unsettled?.[0] ?? null;
  const reserve = route.reserve.ratio;
  const metalLeft =
    reserve === null
      ? 'planning cuts nothing'
      : `planning cuts nothing; ${Math.round(reserve * 100)} % of the metal stays for next time`;
  return (
    <section aria-label="The chosen way">
      <div className="panel-head">
        <h2 className="panel-title">{route.title}</h2>
        <Verdict verdict={route.verdict} />
      </div>
      {variants.length > 1 && <Variants variants={variants} chosen={route.id} onSelect={onSelect} />}
      <RouteFigures route={route} units={units} names={hole.rules.tapNames} blind={hole.kind === 'blind'} />
      {onPlan && <PlanButton holds={route.verdict !== 'does-not-hold'} metalLeft={metalLeft} onPlan={onPlan} />}
      <RouteEconomics route={route} units={units} />
      <ChecksList key={route.id} checks={route.checks} units={units} />
      <p className="quiet-text">
        In this place because {rankWords(route.rank, SAY[units])}.
        {notesOf(route, SAY[units]).map((note) => ` ${sentence(note)}`)}
      </p>
      <ShowWorking onShow={onShowWorking} />
      {settling && (
        <div className="note-box">
          <p className="note-title">Would change it</p>
          <p>
            {quantityRow(settling.quantity).name}: it decides {settling.changesVerdicts}{' '}
            {settling.changesVerdicts === 1 ? 'verdict' : 'verdicts'}
            {settling.firstChanges &&
              ` and which way is first: ${settling.firstChanges.low} or ${settling.firstChanges.high}`}
            .
          </p>
        </div>
      )}
      <SideBySide route={route} routes={proposal.routes} units={units} />
      <OtherWays routes={proposal.routes} chosen={route.id} onSelect={onSelect} />
      {out.length > 0 && <WhyNot out={out} proposal={proposal} units={units} onSelect={onSelect} />}
      {showWorking && (
        <WorkingDialog
          title={`${route.title}: the working`}
          workings={workingsOf(route)}
          onClose={() => onShowWorking(false)}
        />
      )}
    </section>
  );
});

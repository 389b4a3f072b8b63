import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import {
  explainLengthProblem,
  explainThreadProblem,
  formatLength,
  formatLengthWithUnit,
  type DrillCard,
  type QuickAnswer,
  type TapDrill,
  type ThreadCard,
  type UnitSystem,
} from '@deep-mend/core';
import { Figure } from './Figure.tsx';

const percent = (share: number) => `${(share * 100).toFixed(1)} %`;
/** Threads are measured to the hundredth of a millimetre and the ten-thousandth of an inch. */
const fine = (mm: number, units: UnitSystem) => formatLength(mm, units, units === 'mm' ? 3 : 4);

function DrillLine({ title, drills }: { title: string; drills: TapDrill[] }) {
  return (
    <Box sx={{ minWidth: 0 }}>
      <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>{title}</Typography>
      {drills.map((d) => (
        <Typography key={d.drill.id} sx={{ fontSize: 15 }}>
          <b>{d.drill.id}</b> · {percent(d.share)} · {d.cost}
        </Typography>
      ))}
      {drills.length === 0 && <Typography sx={{ fontSize: 15 }}>none near it in the rack</Typography>}
    </Box>
  );
}

function ThreadAnswer({ card, units }: { card: ThreadCard; units: UnitSystem }) {
  const { thread, internal, external, tapDrill, coil, clearance, geometry } = card;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Typography variant="h2" component="h2">
        {thread.designation}
        {thread.hand === 'right' ? '' : ' · left hand: tightens anticlockwise'}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(130px, 1fr))' }}>
        <Figure
          label="Tap drill"
          main={tapDrill.best?.drill.id ?? 'none fit'}
          note={tapDrill.best ? `${percent(tapDrill.best.share)} of full thread` : 'no fit drill in the rack'}
        />
        <Figure
          label="Pitch"
          main={thread.threadsPerInch === null ? String(thread.pitchMm) : String(thread.threadsPerInch)}
          unit={thread.threadsPerInch === null ? 'mm' : 'threads per inch'}
          note={thread.threadsPerInch === null ? undefined : `${thread.pitchMm.toFixed(4)} mm`}
        />
        <Figure
          label="Coil needs"
          main={formatLengthWithUnit(coil.minorMinMm, units, units === 'mm' ? 2 : 4).replace(/ \w+$/, '')}
          unit={`${units} bore`}
          note={`insert tap cuts to ${fine(coil.majorMm, units)}`}
        />
        <Figure
          label="Clearance"
          main={fine(clearance.normalMm, units).replace(/0+$/, '').replace(/\.$/, '')}
          unit={units}
          note={`close ${fine(clearance.closeMm, units)}; not a tap drill`}
        />
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(220px, 1fr))' }}>
        <DrillLine title="← smaller" drills={tapDrill.smaller.slice(0, 2)} />
        <DrillLine title="larger →" drills={tapDrill.larger.slice(0, 2)} />
      </Box>
      <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
        Hole {internal.tolerance}: minor {fine(internal.minorMinMm, units)} to {fine(internal.minorMaxMm, units)}, pitch
        diameter {fine(internal.pitchMinMm, units)} to {fine(internal.pitchMaxMm, units)} {units}. Screw{' '}
        {external.tolerance}: major {fine(external.majorMinMm, units)} to {fine(external.majorMaxMm, units)} {units}.
        Tensile area {geometry.tensileAreaMm2.toPrecision(3)} mm². Source: {internal.source}; share of thread by 1.299
        P.
      </Typography>
    </Box>
  );
}

function DrillAnswer({ card, units }: { card: DrillCard; units: UnitSystem }) {
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Typography variant="h2" component="h2">
        {card.exact ? `Drill ${card.exact.id}` : 'No drill of exactly this size'}:{' '}
        {formatLengthWithUnit(card.diameterMm, 'mm', 3)}, {formatLengthWithUnit(card.diameterMm, 'in', 4)}
      </Typography>
      {card.bare && (
        <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
          Read in {units === 'mm' ? 'millimetres' : 'inches'}, the units set here.
        </Typography>
      )}
      <Typography>
        {card.below ? `← ${card.below.id}` : ''} {card.below && card.above ? ' · ' : ''}{' '}
        {card.above ? `${card.above.id} →` : ''}{' '}
        {card.below || card.above ? 'in the rack' : 'The rack holds nothing near it.'}
      </Typography>
      {card.bodyOf.length > 0 && (
        <Typography sx={{ color: 'error.main' }}>
          This is the body size of {card.bodyOf.map((thread) => thread.designation).join(', ')}: it would bore that
          thread away.
        </Typography>
      )}
      {card.taps.length > 0 && (
        <Box>
          <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>As a tap drill it leaves</Typography>
          {card.taps.map(({ thread, share }) => (
            <Typography key={thread.id}>
              <b>{thread.designation}</b> · {percent(share)}
              {share < 0.6 ? ' · light duty' : share > 0.85 ? ' · tight' : ''}
            </Typography>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** The answer of the quick line, as a card. */
export function QuickCard({ answer, units }: { answer: QuickAnswer; units: UnitSystem }) {
  switch (answer.kind) {
    case 'thread':
      return <ThreadAnswer card={answer} units={units} />;
    case 'drill':
      return <DrillAnswer card={answer} units={units} />;
    case 'not-understood':
      return (
        <Typography role="status">
          {answer.threadProblem.code === 'not-a-thread'
            ? explainLengthProblem(answer.lengthProblem)
            : explainThreadProblem(answer.threadProblem)}{' '}
          Threads: M8, 3/8-16, M12x1.5 LH. Drills: 27/64, #7, Q, 8.5.
        </Typography>
      );
    case 'nothing':
      return null;
  }
}

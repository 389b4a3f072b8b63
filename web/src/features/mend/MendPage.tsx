import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { HoleDetail } from '@deep-mend/contract';
import {
  choiceOf,
  coreWindow,
  formatLength,
  holeAfterCore,
  mayCut,
  openMendOf,
  routeDigest,
  type Attempt,
  type CutBar,
  type MeansId,
  type MendOutcome,
  type HoleChoices,
  type QuantityId,
  type RecordedResult,
} from '@deep-mend/core';
import { memo, useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiProblem, newId } from '../../api/client.ts';
import { useStable } from '../../app/useStable.ts';
import { useKeys } from '../../app/useKeys.ts';
import { useShop } from '../../app/ShopContext.tsx';
import { Failed, Loading } from '../../parts/states.tsx';
import { DecidePanel } from './DecidePanel.tsx';
import { FreePanel } from './free/FreePanel.tsx';
import { FreePlate } from './free/FreePlate.tsx';
import { useFreePlan } from './free/useFreePlan.ts';
import type { Choose } from './known/fields.tsx';
import { KnownColumn } from './KnownColumn.tsx';
import { LivePlate, routeShown } from './LivePlate.tsx';
import { LocatePanel } from './LocatePanel.tsx';
import { MeasurePanel } from './MeasurePanel.tsx';
import { CutPanel, PreparePanel } from './PlanPanels.tsx';
import { ProvePanel } from './ProvePanel.tsx';
import { ReadingField } from './ReadingField.tsx';
import { ReplanDialog } from './ReplanDialog.tsx';
import { StationRail } from './StationRail.tsx';
import { isStation, STATIONS, type StationId } from './stations.ts';
import type { Draft, Drafts } from './drafts.ts';
import { DraftContext, useDraftStore, useSettledDrafts } from './useDrafts.ts';
import { useRecord } from './useRecord.ts';
import { useHole, type HoleAccess } from '../../parts/useHole.ts';
import { useLiveCase } from './useLiveCase.ts';
import { useSensitivity } from './useSensitivity.ts';

export function MendPage() {
  const { holeId = '' } = useParams();
  const hole = useHole(holeId);
  if (hole.error && !hole.detail) return <Failed error={hole.error} retry={() => void hole.refresh()} />;
  if (!hole.detail || !hole.file) return <Loading what="the hole" />;
  return <MendWork key={holeId} access={hole} />;
}

function useWidth() {
  const ref = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return undefined;
    setWidth(element.clientWidth);
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { ref, width };
}

/** Why the machine stays shut, in words. */
const CUT_BARS: Readonly<Record<CutBar, string>> = {
  'no-mend': 'Plan a mend first',
  'no-plan': 'Plan a mend first',
  stuck: 'Free what is stuck in it first',
};

/** The readings that are typed but not recorded, as one set for as long as it stays the same. */
function useDrafted(drafts: Drafts): ReadonlySet<QuantityId> {
  const ids = Object.keys(drafts).sort().join(' ');
  return useMemo(() => new Set(ids === '' ? [] : (ids.split(' ') as QuantityId[])), [ids]);
}

/** One page for all stations: what is known on the left, the hole in the middle, what follows on the right. */
function MendWork({ access }: { access: HoleAccess }) {
  const { units, rules } = useShop();
  const detail = access.detail!;
  const file = access.file!;
  const params = useParams();
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const store = useDraftStore(detail.id);
  const [problem, setProblem] = useState<ApiProblem | null>(null);
  const [showWorking, setShowWorking] = useState(false);
  const phone = useMediaQuery('(max-width: 899px)');
  const { ref, width } = useWidth();

  const mend = openMendOf(file);
  const plan = mend?.plan ?? null;
  const wanted = isStation(params.station) ? params.station : 'measure';
  const caseOf = useLiveCase(file, units, rules);
  // At Free the drawing is made here, with the drills that go down it: it must not wait.
  const drafts = useSettledDrafts(store, wanted === 'free');
  const { built, proposal, stuck, drilling, depthMm, drilledMm } = caseOf(drafts);
  const drafted = useDrafted(drafts);
  const hasPlan = plan !== null;
  const ready = proposal !== null;
  const isStuck = stuck !== null;
  const saysStuck = choiceOf(file.choices, 'stuck') !== 'none';
  const cut = mayCut(file);
  const closed = useMemo<Partial<Record<StationId, string>>>(
    () => ({
      ...(isStuck
        ? {}
        : {
            free: saysStuck
              ? 'Say which thread it is and what it is cut in first'
              : 'Nothing is recorded as stuck in this hole',
          }),
      ...(ready ? {} : { decide: 'Some readings are still missing' }),
      ...(hasPlan ? {} : { prepare: CUT_BARS['no-plan'] }),
      ...(cut === 'yes' ? {} : { cut: CUT_BARS[cut], prove: CUT_BARS[cut] }),
    }),
    [ready, hasPlan, cut, isStuck, saysStuck],
  );
  const station: StationId = closed[wanted] ? (wanted === 'decide' ? 'measure' : ready ? 'decide' : 'measure') : wanted;
  const free = useFreePlan(station === 'free' ? stuck : null, drilling, drilledMm);
  const go = useCallback(
    (to: StationId) => void navigate(`/mend/${detail.id}/${to}?${search.toString()}`),
    [navigate, detail.id, search],
  );

  const routeWanted = search.get('route');
  const { route, planned } = routeShown(proposal, plan, station, routeWanted);
  const unsettled = useSensitivity(built);
  const [replanning, setReplanning] = useState(false);
  const [freed, setFreed] = useState<'cut' | 'whole' | null>(null);
  const select = useStable((id: string) =>
    setSearch((before) => new URLSearchParams([...[...before].filter(([key]) => key !== 'route'), ['route', id]]), {
      replace: true,
    }),
  );

  const guarded = useCallback(async (work: () => Promise<unknown>): Promise<boolean> => {
    try {
      await work();
      setProblem(null);
      return true;
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      setProblem(error);
      return false;
    }
  }, []);

  const choose = useStable((field: keyof HoleChoices, value: unknown) => {
    // One generic signature for twelve fields: the payload's union cannot be followed through it.
    const payload = { field, value } as {
      [K in keyof HoleChoices]: { field: K; value: HoleChoices[K] };
    }[keyof HoleChoices];
    void guarded(() => access.append('choice', payload));
  }) as Choose;

  const { record, commit } = useRecord({ file, store, units, access, guarded });

  /** What was tried and what came of it. Once it is out, what the drill should have left is typed in, to be measured. */
  const tryMeans = async (means: MeansId, outcome: Attempt['outcome']) => {
    if (!mend) return;
    const offset = drilling.measuredOffset;
    const left =
      outcome === 'freed' && stuck && offset && drilledMm !== null
        ? holeAfterCore({
            window: coreWindow(stuck.thread, drilling.limit ?? 'nominal', drilling.boredMm ?? null),
            majorMm: stuck.thread.majorMm,
            drillMm: drilledMm,
            offsetMm: offset.mm,
            ...(rules.rack.drilling ? { drilling: rules.rack.drilling } : {}),
          })
        : null;
    if (!(await guarded(() => access.append('attempt', { mendId: mend.id, means, outcome, note: '' })))) return;
    if (outcome !== 'freed') return;
    if (left?.parentCut) {
      const expected = (mm: number): Draft => ({
        text: formatLength(mm, units, units === 'mm' ? 2 : 4),
        instrument: 'caliper',
        halfWidth: String(offset!.halfWidthMm),
      });
      store.set('bore-a', expected(left.boreAMm));
      store.set('bore-b', expected(left.boreBMm));
      store.set('offset-along', expected(left.offsetMm));
    }
    setFreed(left?.parentCut ? 'cut' : 'whole');
    go('measure');
  };

  const planNow = useStable(async () => {
    const typed = store.get();
    // The panel may be one key behind what was typed. What is planned is the way that it names, by the newest readings; if
    // these rule it out, nothing is planned, and the panel says so as soon as it has caught up.
    const latest = caseOf(typed).proposal?.routes.find((candidate) => candidate.id === route?.id);
    if (!latest || latest.verdict === 'does-not-hold' || !mend) return;
    const done = await guarded(async () => {
      for (const [quantity, draft] of Object.entries(typed) as [QuantityId, Draft][]) await record(quantity, draft);
      const body = {
        id: newId(),
        mendId: mend.id,
        routeId: latest.id,
        digest: routeDigest(latest),
        happenedAt: new Date().toISOString(),
      };
      await access.post('plans', body);
    });
    if (done) go('prepare');
  });
  // The way chosen before may not stand any more: the ladder decides again which is first.
  const weighAfresh = () => void navigate(`/mend/${detail.id}/decide`);
  const recordResults = async (results: RecordedResult[], note: string) => {
    if (!mend?.planId) return;
    await guarded(() => access.append('result', { mendId: mend.id, planId: mend.planId!, results, note }));
  };
  const close = async (outcome: MendOutcome, secondSignedBy: string | null) => {
    if (!mend) return;
    const done = await guarded(() =>
      access.append('mend-closed', { mendId: mend.id, outcome, note: '', secondSignedBy }),
    );
    if (done) void navigate(`/holes/${detail.id}`);
  };

  useKeys({
    w: () => proposal && station === 'decide' && setShowWorking(true),
    ...Object.fromEntries(STATIONS.map((entry, index) => [String(index + 1), () => !closed[entry.id] && go(entry.id)])),
  });

  useEffect(() => {
    document.title = `${file.name} · Deep Mend`;
  }, [file.name]);

  const stale = plan !== null && (planned ? routeDigest(planned) !== plan.digest : true);
  const gated = file.choices.duty === 'can-hurt' || file.choices.duty === 'under-code';

  const decide = useStable(() => go('decide'));
  const panel = (() => {
    if (station === 'locate')
      return (
        <LocatePanel
          detail={detail}
          file={file}
          onFile={async (name, faceId) => void (await guarded(() => access.append('filed', { name, faceId })))}
          onOpen={async (what) => {
            if (await guarded(() => access.append('mend-opened', { mendId: newId(), what }))) go('measure');
          }}
        />
      );
    if (free)
      return (
        <FreePanel
          holeId={detail.id}
          free={free}
          file={file}
          units={units}
          readOnly={!mend}
          choose={choose}
          reading={(quantity) => (
            <ReadingField
              quantity={quantity}
              threadId={file.choices.threadId}
              entry={file.live[quantity]}
              units={units}
              disabled={!mend}
              onCommit={commit}
            />
          )}
          onAttempt={(means, outcome) => void tryMeans(means, outcome)}
          charts={phone}
        />
      );
    if (station === 'decide' && built.ok && proposal && route)
      return (
        <DecidePanel
          hole={built.hole}
          unsettled={unsettled}
          proposal={proposal}
          route={route}
          units={units}
          showWorking={showWorking}
          onShowWorking={setShowWorking}
          onSelect={select}
          onPlan={mend ? planNow : null}
        />
      );
    if (station === 'prepare' && plan)
      return (
        <PreparePanel
          plan={plan}
          tough={built.ok && built.hole.parent.cutting === 'tough'}
          stale={stale}
          units={units}
          onAgain={() => go('decide')}
          onOtherwise={mend ? () => setReplanning(true) : null}
          onCut={() => go('cut')}
        />
      );
    if (station === 'cut' && plan && mend)
      return (
        <CutPanel
          key={plan.digest}
          plan={plan}
          mendId={mend.id}
          units={units}
          onOtherwise={() => setReplanning(true)}
          onProve={() => go('prove')}
        />
      );
    if (station === 'prove' && plan && mend)
      return (
        <ProvePanel
          key={mend.planId}
          plan={plan}
          mend={mend}
          units={units}
          gated={gated}
          onRecord={recordResults}
          onClose={close}
        />
      );
    return <MeasurePanel built={built} unsettled={unsettled} proposal={proposal} units={units} onDecide={decide} />;
  })();

  return (
    <DraftContext value={store}>
      <MendTitle detail={detail} name={file.name} />
      <StationRail current={station} closed={closed} onGo={go} />
      {problem && (
        <Alert
          severity="error"
          onClose={() => setProblem(null)}
          sx={{ mb: 2 }}
          action={
            problem.problem.status === 409 ? (
              <Button onClick={() => void access.refresh().then(() => setProblem(null))}>Show what is there now</Button>
            ) : undefined
          }
        >
          {problem.problem.detail}
          {problem.problem.status === 409 && problem.problem.yours !== undefined && (
            <>
              {' '}
              Yours: <code>{JSON.stringify(problem.problem.yours)}</code>, theirs:{' '}
              <code>{JSON.stringify(problem.problem.theirs)}</code>.
            </>
          )}
        </Alert>
      )}
      {freed && (
        <Alert severity="info" onClose={() => setFreed(null)} sx={{ mb: 2 }}>
          It is out. Measure the hole again: what its thread lost is damage now.
          {freed === 'cut' &&
            ' The drill went past the crests; the bore it should have left is typed in, and counts once you have checked it.'}
        </Alert>
      )}
      {!mend && station !== 'locate' && (
        <Alert severity="info" sx={{ mb: 2 }} action={<Button onClick={() => go('locate')}>Start a mend</Button>}>
          No mend is open on this hole. <Link to={`/holes/${detail.id}`}>See its passport</Link>
        </Alert>
      )}
      {replanning && (
        <ReplanDialog
          units={units}
          onClose={() => setReplanning(false)}
          onReading={async (quantity, draft) => {
            if (await guarded(() => record(quantity, draft))) {
              setReplanning(false);
              weighAfresh();
            }
          }}
          onStuck={async (what) => {
            if (await guarded(() => access.append('choice', { field: 'stuck', value: what }))) {
              setReplanning(false);
              weighAfresh();
            }
          }}
        />
      )}
      <div className="mend" data-station={station}>
        <div className="mend-known">
          <KnownColumn file={file} drafted={drafted} units={units} readOnly={!mend} choose={choose} onCommit={commit} />
        </div>
        <div className="mend-plate" ref={ref}>
          {free ? (
            <FreePlate free={free} holeDepthMm={depthMm} units={units} width={width} charts={!phone} />
          ) : (
            <LivePlate
              store={store}
              settled={drafts}
              caseOf={caseOf}
              plan={plan}
              station={station}
              wantedId={routeWanted}
              name={file.name}
              threadId={file.choices.threadId}
              units={units}
              width={width}
              phone={phone}
              onSelect={select}
            />
          )}
        </div>
        <div className="mend-panel">{panel}</div>
      </div>
    </DraftContext>
  );
}

/** Where the hole is, as a way back to its asset and its passport. */
const MendTitle = memo(function MendTitle({ detail, name }: { detail: HoleDetail; name: string }) {
  const { place } = detail;
  return (
    <Typography variant="h1" sx={{ fontSize: 16, fontWeight: 400, mb: 0.5, '& a': { color: 'text.secondary' } }}>
      {place ? (
        <>
          <Link to={`/assets/${place.assetId}`}>{place.assetName}</Link> / {place.faceName} /{' '}
        </>
      ) : (
        'Loose part / '
      )}
      <b>{name}</b>
    </Typography>
  );
});

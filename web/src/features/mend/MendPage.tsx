import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { HoleDetail } from '@deep-mend/contract';
import {
  choiceOf,
  keep,
  mayCut,
  openMendOf,
  routeDigest,
  type DoneCut,
  type HoleChoices,
  type HoleFile,
  type MendEntry,
  type QuantityId,
} from '@deep-mend/core';
import { memo, useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiProblem } from '../../base/client.ts';
import { useStable } from '../../base/useStable.ts';
import { useKeys } from '../../base/useKeys.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { Failed, Loading } from '../../parts/states.tsx';
import type { Choose } from './known/fields.tsx';
import { DutyBanner } from './DutyBanner.tsx';
import { KnownColumn } from './KnownColumn.tsx';
import { SisterTells } from './known/SisterTells.tsx';
import { LivePlate, routeShown } from './LivePlate.tsx';
import { ReplanDialog } from './ReplanDialog.tsx';
import { StationRail } from './StationRail.tsx';
import { FreePlate } from './stations/free/FreePlate.tsx';
import { useFreePlan } from './stations/free/useFreePlan.ts';
import { isStation, shutStations, STATION_IDS, STATIONS, type StationId } from './stations/registry.ts';
import type { MendView } from './stations/Station.ts';
import type { Drafts } from './drafts.ts';
import { DraftContext, useDraftStore, useSettledDrafts } from './useDrafts.ts';
import { useRecord } from './useRecord.ts';
import { useHole, type HoleAccess } from '../../parts/useHole.ts';
import { useLiveCase, type LiveCase } from './useLiveCase.ts';
import { useSensitivity } from './useSensitivity.ts';
import './mend.css';

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

/** The readings that are typed but not recorded, as one set for as long as it stays the same. */
function useDrafted(drafts: Drafts): ReadonlySet<QuantityId> {
  const ids = Object.keys(drafts).sort().join(' ');
  return useMemo(() => new Set(ids === '' ? [] : (ids.split(' ') as QuantityId[])), [ids]);
}

/** Does what the server may refuse, and keeps the refusal to show it. */
function useGuard() {
  const [problem, setProblem] = useState<ApiProblem | null>(null);
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
  return { problem, setProblem, guarded };
}

/** Which stations are shut, and the one to show: what was wanted, else the nearest before it that is open. */
function useStation(file: HoleFile, wanted: StationId, { proposal, stuck }: LiveCase) {
  const facts = {
    ready: proposal !== null,
    hasPlan: (openMendOf(file)?.plan ?? null) !== null,
    isStuck: stuck !== null,
    saysStuck: choiceOf(file.choices, 'stuck') !== 'none',
    cut: mayCut(file),
  };
  const { ready, hasPlan, isStuck, saysStuck, cut } = facts;
  const shut = useMemo(
    () => shutStations({ ready, hasPlan, isStuck, saysStuck, cut }),
    [ready, hasPlan, isStuck, saysStuck, cut],
  );
  const id: StationId = shut[wanted] ? (shut.decide ? 'measure' : 'decide') : wanted;
  return { shut, id };
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
  const { problem, setProblem, guarded } = useGuard();
  const phone = useMediaQuery('(max-width: 899px)');
  const { ref, width } = useWidth();
  const [replanning, setReplanning] = useState(false);
  const [showWorking, setShowWorking] = useState(false);
  const [freed, setFreed] = useState<'cut' | 'whole' | null>(null);

  const mend = openMendOf(file);
  const plan = mend?.plan ?? null;
  const wanted = isStation(params.station) ? params.station : 'measure';
  const caseOf = useLiveCase(file, rules);
  // Where the drawing is made here, with the drills that go down it, it must not wait.
  const drafts = useSettledDrafts(store, STATIONS[wanted].frees);
  const live = caseOf(drafts);
  const drafted = useDrafted(drafts);
  const { shut, id: stationId } = useStation(file, wanted, live);
  const station = STATIONS[stationId];
  const free = useFreePlan(station.frees ? live.stuck : null, live.drilling, live.drilledMm);
  const go = useCallback(
    (to: StationId) => void navigate(`/mend/${detail.id}/${to}?${search.toString()}`),
    [navigate, detail.id, search],
  );
  const routeWanted = search.get('route');
  const { route, planned } = routeShown(live.proposal, plan, station, routeWanted);
  const unsettled = useSensitivity(live.built);
  const select = useStable((id: string) =>
    setSearch((before) => new URLSearchParams([...[...before].filter(([key]) => key !== 'route'), ['route', id]]), {
      replace: true,
    }),
  );
  const choose = useStable((field: keyof HoleChoices, value: unknown) => {
    // One generic signature for twelve fields: the payload's union cannot be followed through it.
    const payload = { field, value } as {
      [K in keyof HoleChoices]: { field: K; value: HoleChoices[K] };
    }[keyof HoleChoices];
    void guarded(() => access.append('choice', payload));
  }) as Choose;
  const { record, commit } = useRecord({ file, store, access, guarded });

  useKeys({
    w: () => live.proposal && station.ladder && setShowWorking(true),
    ...Object.fromEntries(STATION_IDS.map((id, index) => [String(index + 1), () => !shut[id] && go(id)])),
  });
  useEffect(() => {
    document.title = `${file.name} · Deep Mend`;
  }, [file.name]);
  // On a phone the last button of one station lies far below what the next one shows first.
  // (In braces: newer browsers give a promise back, which React would take for a clean-up.)
  useLayoutEffect(() => {
    window.scrollTo({ top: 0 });
  }, [stationId]);

  // Measured and recorded, it is laid over the plan where the work is proved.
  const results = station.proves ? (mend?.results ?? null) : null;
  const done = results === null ? null : doneOf(results);
  const hasMend = mend !== null;
  const sisters = useMemo(
    () => (hasMend ? <SisterTells detail={detail} file={file} access={access} guarded={guarded} /> : null),
    [hasMend, detail, file, access, guarded],
  );

  const view: MendView = {
    access,
    detail,
    file,
    mend,
    plan,
    stale: plan !== null && (planned ? routeDigest(planned) !== plan.digest : true),
    units,
    rules,
    phone,
    store,
    live,
    caseOf,
    free,
    route,
    unsettled,
    showWorking,
    setShowWorking,
    go,
    select,
    choose,
    guarded,
    record,
    commit,
    replan: () => setReplanning(true),
    freed: setFreed,
  };
  // What is planned does not hold any more: the ladder decides again which is first.
  const afresh = async (work: () => Promise<unknown>) => {
    if (!(await guarded(work))) return;
    setReplanning(false);
    void navigate(`/mend/${detail.id}/decide`);
  };

  return (
    <DraftContext value={store}>
      <MendTitle detail={detail} name={file.name} />
      <StationRail current={stationId} closed={shut} onGo={go} />
      <Refusal problem={problem} onClose={() => setProblem(null)} refresh={access.refresh} />
      {freed && (
        <Alert severity="info" onClose={() => setFreed(null)} sx={{ mb: 2 }}>
          It is out. Measure the hole again: what its thread lost is damage now.
          {freed === 'cut' &&
            ' The drill went past the crests; the bore it should have left is typed in, and counts once you have checked it.'}
        </Alert>
      )}
      <DutyBanner file={file} />
      {!mend && stationId !== 'locate' && (
        <Alert severity="info" sx={{ mb: 2 }} action={<Button onClick={() => go('locate')}>Start a mend</Button>}>
          No mend is open on this hole. <Link to={`/holes/${detail.id}`}>See its passport</Link>
        </Alert>
      )}
      {replanning && (
        <ReplanDialog
          units={units}
          onClose={() => setReplanning(false)}
          onReading={(quantity, draft) => afresh(() => record(quantity, draft))}
          onStuck={(what) => afresh(() => access.append('choice', { field: 'stuck', value: what }))}
        />
      )}
      <div className="mend" data-station={stationId}>
        <div className="mend-known">
          <KnownColumn
            file={file}
            drafted={drafted}
            units={units}
            readOnly={!mend}
            faceName={detail.place?.faceName ?? ''}
            sisters={sisters}
            choose={choose}
            onCommit={commit}
          />
        </div>
        <div className="mend-plate" ref={ref}>
          {free ? (
            <FreePlate free={free} holeDepthMm={live.depthMm} units={units} width={width} charts={!phone} />
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
              done={done}
              onSelect={select}
            />
          )}
        </div>
        <div className="mend-panel">
          <station.Panel view={view} />
        </div>
      </div>
    </DraftContext>
  );
}

/** The same object for the same results: the drawing is only made again when they change. */
const doneOf = keep((results: NonNullable<MendEntry['results']>): DoneCut => ({
  boreMm: results.find(({ id }) => id === 'bore')?.mm ?? null,
  fullThreadMm: results.find(({ id }) => id === 'full-thread')?.mm ?? null,
}));

/** What the server would not record, and why; where someone else was faster, both versions. */
function Refusal({
  problem,
  onClose,
  refresh,
}: {
  problem: ApiProblem | null;
  onClose: () => void;
  refresh: () => Promise<unknown>;
}) {
  if (!problem) return null;
  const { status, detail, yours, theirs } = problem.problem;
  return (
    <Alert
      severity="error"
      onClose={onClose}
      sx={{ mb: 2 }}
      action={
        status === 409 ? (
          <Button onClick={() => void refresh().then(onClose)}>Show what is there now</Button>
        ) : undefined
      }
    >
      {detail}
      {status === 409 && yours !== undefined && (
        <>
          {' '}
          Yours: <code>{JSON.stringify(yours)}</code>, theirs: <code>{JSON.stringify(theirs)}</code>.
        </>
      )}
    </Alert>
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

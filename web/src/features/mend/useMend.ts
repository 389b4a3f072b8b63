import {
  keep,
  openMendOf,
  routeDigest,
  type DoneCut,
  type HoleChoices,
  type MendEntry,
  type QuantityId,
} from '@deep-mend/core';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useCallback, useMemo, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { useShop } from '../../base/ShopContext.tsx';
import { useKeys } from '../../base/useKeys.ts';
import { useStable } from '../../base/useStable.ts';
import type { HoleAccess } from '../../parts/useHole.ts';
import type { Drafts } from './drafts.ts';
import type { Choose } from './known/fields.tsx';
import { routeShown } from './LivePlate.tsx';
import { useFreePlan } from './stations/free/useFreePlan.ts';
import { isStation, STATION_IDS, STATIONS, type StationId } from './stations/registry.ts';
import type { MendView } from './stations/Station.ts';
import { useDraftStore, useSettledDrafts } from './useDrafts.ts';
import { useGuard } from './useGuard.ts';
import { useLiveCase } from './useLiveCase.ts';
import { useRecord } from './useRecord.ts';
import { useReplan } from './useReplan.ts';
import { useSensitivity } from './useSensitivity.ts';
import { useStation } from './useStation.ts';

/** The readings that are typed but not recorded, as one set for as long as it stays the same. */
function useDrafted(drafts: Drafts): ReadonlySet<QuantityId> {
  const ids = Object.keys(drafts).sort().join(' ');
  return useMemo(() => new Set(ids === '' ? [] : (ids.split(' ') as QuantityId[])), [ids]);
}

/** What may be done on the page, whatever the station: to go on, to point at a way, to choose. */
function useCommands(holeId: string, access: HoleAccess, guarded: MendView['guarded']) {
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const go = useCallback(
    (to: StationId) => void navigate(`/mend/${holeId}/${to}?${search.toString()}`),
    [navigate, holeId, search],
  );
  const select = useStable((id: string) =>
    setSearch((before) => new URLSearchParams([...[...before].filter(([key]) => key !== 'route'), ['route', id]]), {
      replace: true,
    }),
  );
  const choose = useStable((field: keyof HoleChoices, value: unknown) => {
    // One generic signature for every field: the payload's union cannot be followed through it.
    const payload = { field, value } as {
      [K in keyof HoleChoices]: { field: K; value: HoleChoices[K] };
    }[keyof HoleChoices];
    void guarded(() => access.append('choice', payload));
  }) as Choose;
  return { go, select, choose, wantedId: search.get('route') };
}

/** The same object for the same results: the drawing is only made again when they change. */
const doneOf = keep((results: NonNullable<MendEntry['results']>): DoneCut => ({
  boreMm: results.find(({ id }) => id === 'bore')?.mm ?? null,
  fullThreadMm: results.find(({ id }) => id === 'full-thread')?.mm ?? null,
}));

/** A mend with what is typed on it: the view that its stations share, the one to show, and what the page draws. */
export function useMend(access: HoleAccess) {
  const { units, rules } = useShop();
  const detail = access.detail!;
  const file = access.file!;
  const params = useParams();
  const store = useDraftStore(detail.id);
  const { problem, setProblem, guarded } = useGuard();
  const phone = useMediaQuery('(max-width: 899px)');
  const [showWorking, setShowWorking] = useState(false);
  const [freed, setFreed] = useState<'cut' | 'whole' | null>(null);

  const mend = openMendOf(file);
  const plan = mend?.plan ?? null;
  const wanted = isStation(params.station) ? params.station : 'measure';
  const caseOf = useLiveCase(file, rules);
  // Where the drawing is made here, with the drills that go down it, it must not wait.
  const drafts = useSettledDrafts(store, STATIONS[wanted].frees);
  const live = caseOf(drafts);
  const { shut, id: stationId } = useStation(file, wanted, live);
  const station = STATIONS[stationId];
  const free = useFreePlan(station.frees ? live.stuck : null, live.drilling, live.drilledMm);
  const unsettled = useSensitivity(live.built);
  const { wantedId, ...commands } = useCommands(detail.id, access, guarded);
  const { record, commit } = useRecord({ file, store, access, guarded });
  const replan = useReplan(detail.id, { access, guarded, record, mend });
  const { route, planned } = routeShown(live.proposal, plan, station, wantedId);
  useKeys({
    w: () => live.proposal && station.ladder && setShowWorking(true),
    ...Object.fromEntries(STATION_IDS.map((id, index) => [String(index + 1), () => !shut[id] && commands.go(id)])),
  });

  // Measured and recorded, it is laid over the plan where the work is proved.
  const results = station.proves ? (mend?.results ?? null) : null;
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
    ...commands,
    guarded,
    record,
    commit,
    replan: replan.start,
    freed: setFreed,
  };
  return {
    view,
    stationId,
    station,
    shut,
    drafts,
    drafted: useDrafted(drafts),
    done: results === null ? null : doneOf(results),
    wantedId,
    replan,
    freed,
    forgetFreed: () => setFreed(null),
    problem,
    settle: () => setProblem(null),
  };
}

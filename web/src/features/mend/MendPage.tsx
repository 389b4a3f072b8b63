import type { FrozenPlan, QuantityId } from '@deep-mend/core';
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useParams } from 'react-router';
import { useRead } from '../../base/client.ts';
import { SHOP_LISTS } from '../../base/shopLists.ts';
import { Failed, Loading } from '../../parts/states.tsx';
import { Undecided } from '../../parts/Undecided.tsx';
import { useHole, type HoleAccess } from '../../parts/useHole.ts';
import { ClockContext } from './ClockContext.ts';
import { DutyBanner } from './DutyBanner.tsx';
import { KnownColumn } from './KnownColumn.tsx';
import { SisterTells } from './known/SisterTells.tsx';
import { LivePlate } from './LivePlate.tsx';
import { FreedNotice, MendTitle, NoMendNotice, Refusal } from './MendNotices.tsx';
import { ReplanDialog } from './ReplanDialog.tsx';
import { StationRail } from './StationRail.tsx';
import { FreePlate } from './stations/free/FreePlate.tsx';
import type { MendView } from './stations/Station.ts';
import { DraftContext } from './useDrafts.ts';
import { useClocksOf } from './useClocksOf.ts';
import { useMend } from './useMend.ts';
import './mend.css';

/** Nothing of the shop is shown here: read, it is kept, and opens without the server with this mend at its station. */
function useShopKept(station: string): void {
  const { mutate } = useRead(SHOP_LISTS.open, { revalidateOnFocus: false });
  useRead(SHOP_LISTS.closed, { revalidateOnFocus: false });
  useEffect(() => void mutate(), [mutate, station]);
}

export function MendPage() {
  const { holeId = '', station = '' } = useParams();
  const hole = useHole(holeId);
  useShopKept(station);
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

/** What is known, with what the hole's sisters tell. */
function Known({ view, drafted }: { view: MendView; drafted: ReadonlySet<QuantityId> }) {
  const { detail, file, access, guarded, units, mend, choose, commit } = view;
  const hasMend = mend !== null;
  const sisters = useMemo(
    () => (hasMend ? <SisterTells detail={detail} file={file} access={access} guarded={guarded} /> : null),
    [hasMend, detail, file, access, guarded],
  );
  return (
    <KnownColumn
      file={file}
      drafted={drafted}
      units={units}
      readOnly={!hasMend}
      faceName={detail.place?.faceName ?? ''}
      sisters={sisters}
      choose={choose}
      onCommit={commit}
    />
  );
}

/** The hole in the middle of the page: with what is stuck in it, or with its way of mending. */
function MendPlate({ mend }: { mend: ReturnType<typeof useMend> }) {
  const { ref, width } = useWidth();
  const { view, station, drafts, wantedId, done } = mend;
  const { free, live, units, phone, store, caseOf, plan, file, select } = view;
  return (
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
          wantedId={wantedId}
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
  );
}

/** The drills of the rack that a plan asks for. */
const drillsOf = (plan: FrozenPlan | null): string[] => [
  ...new Set(
    (plan?.steps ?? []).flatMap(({ facts }) => {
      const { drillId } = facts as { drillId?: unknown };
      return typeof drillId === 'string' ? [drillId] : [];
    }),
  ),
];

/** One page for all stations: what is known on the left, the hole in the middle, what follows on the right. */
function MendWork({ access }: { access: HoleAccess }) {
  const mend = useMend(access);
  const { view, station, stationId, replan } = mend;
  const { file, detail, units, go } = view;
  useEffect(() => {
    document.title = `${file.name} · Deep Mend`;
  }, [file.name]);
  // On a phone the last button of one station lies far below what the next one shows first.
  // (In braces: newer browsers give a promise back, which React would take for a clean-up.)
  useLayoutEffect(() => {
    window.scrollTo({ top: 0 });
  }, [stationId]);
  const clocks = useClocksOf(view.mend, view);
  return (
    <DraftContext value={view.store}>
      <ClockContext value={clocks}>
        <MendTitle detail={detail} name={file.name} />
        <StationRail current={stationId} closed={mend.shut} onGo={go} />
        <Refusal problem={mend.problem} onClose={mend.settle} />
        <Undecided line={`/holes/${detail.id}`} />
        <FreedNotice freed={mend.freed} onClose={mend.forgetFreed} />
        <DutyBanner file={file} />
        {!view.mend && stationId !== 'locate' && <NoMendNotice holeId={detail.id} onStart={() => go('locate')} />}
        {replan.replanning && (
          <ReplanDialog
            units={units}
            drillIds={drillsOf(view.plan)}
            keepAs={`replan:${detail.id}`}
            onFound={replan.found}
            onClose={replan.stop}
          />
        )}
        <div className="mend" data-station={stationId}>
          <div className="mend-known">
            <Known view={view} drafted={mend.drafted} />
          </div>
          <MendPlate mend={mend} />
          <div className="mend-panel">
            <station.Panel view={view} />
          </div>
        </div>
      </ClockContext>
    </DraftContext>
  );
}

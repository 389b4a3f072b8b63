import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { threadById, type DoneCut, type FrozenPlan, type Proposal, type Route, type UnitSystem } from '@deep-mend/core';
import { useEffect, useMemo } from 'react';
import { PLATE } from '../../base/theme.ts';
import { Plate } from '../../paint/Plate.tsx';
import { plateLayout, rungKey, rungsOf, type PlateLayout } from '@deep-mend/drawing';
import type { DraftStore, Drafts } from './drafts.ts';
import type { Station } from './stations/Station.ts';
import { useDraftsNow } from './useDrafts.ts';
import type { LiveCase } from './useLiveCase.ts';
import { warmUp } from './warmUp.ts';

/** Height of the section: beside the ladder, on a narrow page, and alone. */
const SECTION_PX = { withLadder: 326, narrow: 240, alone: 560 } as const;
const COMPACT_BELOW_PX = 520;

/** The way that a station shows: the planned one at the machine, else the one pointed at, else the first. */
export function routeShown(
  proposal: Proposal | null,
  plan: FrozenPlan | null,
  station: Pick<Station, 'way'>,
  wantedId: string | null,
): { route: Route | null; planned: Route | undefined } {
  const routes = proposal?.routes ?? [];
  const planned = plan && station.way === 'planned' ? routes.find((route) => route.id === plan.routeId) : undefined;
  const wanted = routes.find((route) => route.id === wantedId);
  return { route: planned ?? wanted ?? routes[0] ?? null, planned };
}

/** How the page shows a case. */
interface View {
  plan: FrozenPlan | null;
  station: Pick<Station, 'way' | 'ladder'>;
  /** The way pointed at, by its id. */
  wantedId: string | null;
  units: UnitSystem;
  width: number;
  phone: boolean;
  /** What was measured after the cut, where the station shows it. */
  done: DoneCut | null;
}

/** The drawing of a case with its way; none before there is enough to draw. */
function drawingOf(
  { built, proposal }: LiveCase,
  { plan, station, wantedId, units, width, phone, done }: View,
  heldScale?: number,
): { route: Route | null; layout: PlateLayout | null } {
  const { route } = routeShown(proposal, plan, station, wantedId);
  if (!built.ok || !proposal || width === 0) return { route, layout: null };
  const layout = plateLayout({
    hole: built.hole,
    assessment: proposal.assessment,
    route: station.way === 'none' ? null : route,
    rungs: station.ladder ? rungsOf(proposal.routes, route?.id ?? null) : [],
    units,
    width,
    sectionHeight: phone ? SECTION_PX.narrow : station.ladder ? SECTION_PX.withLadder : SECTION_PX.alone,
    compact: width < COMPACT_BELOW_PX,
    done,
    heldScale,
  });
  return { route, layout };
}

/** A depth near the one that is known, as if it were typed: no two runs in turn have the same. */
const nearby = (depthMm: number, n: number): Drafts => ({
  depth: { text: `${(depthMm + (n % 30) / 10).toFixed(1)} mm`, instrument: 'caliper', halfWidth: '0.1', units: 'mm' },
});

/** The two drawings with their verdicts, moved within the keystroke's own frame. */
export function LivePlate({
  store,
  settled,
  caseOf,
  name,
  threadId,
  onSelect,
  ...shown
}: View & {
  store: DraftStore;
  /** The drafts that the rest of the page shows. */
  settled: Drafts;
  caseOf: (drafts: Drafts) => LiveCase;
  name: string;
  threadId: string | undefined;
  onSelect: (routeId: string) => void;
}) {
  const { plan, station, wantedId, units, width, phone, done } = shown;
  const view = useMemo(
    () => ({ plan, station, wantedId, units, width, phone, done }),
    [plan, station, wantedId, units, width, phone, done],
  );
  const drafts = useDraftsNow(store);
  const atRest = useMemo(() => drawingOf(caseOf(settled), view), [caseOf, settled, view]);
  const restingScale = atRest.layout?.scale;
  // A key holds the scale where it can; the step is made when the page follows, a moment later.
  const { route, layout } = useMemo(
    () => (drafts === settled ? atRest : drawingOf(caseOf(drafts), view, restingScale)),
    [atRest, restingScale, caseOf, drafts, settled, view],
  );
  const { depthMm } = caseOf(settled);
  useEffect(
    () => (depthMm === null ? undefined : warmUp((n) => drawingOf(caseOf(nearby(depthMm, n)), view), window)),
    [caseOf, depthMm, view],
  );
  if (!layout) return <BlankPlate threadId={threadId} />;
  return (
    <Plate
      layout={layout}
      units={units}
      selectedKey={route ? rungKey(route) : null}
      description={`Section of ${name}${route ? ` with ${route.title}` : ''}, to scale`}
      onSelect={onSelect}
    />
  );
}

/** The plate before there is enough to draw: it says what it waits for. */
function BlankPlate({ threadId }: { threadId: string | undefined }) {
  return (
    <Box
      sx={{
        bgcolor: PLATE.ground,
        color: PLATE.scribe,
        borderRadius: '10px',
        minHeight: { xs: 140, md: 420 },
        p: 3,
        display: 'grid',
        alignContent: 'center',
        gap: 1,
      }}
    >
      <Typography variant="h2" component="p">
        {threadId ? threadById(threadId).designation : 'The hole is drawn here'}
      </Typography>
      <Typography>
        {threadId
          ? 'Depth, material and damage make it a section to scale.'
          : 'Start with its thread. Each reading moves the drawing.'}
      </Typography>
    </Box>
  );
}

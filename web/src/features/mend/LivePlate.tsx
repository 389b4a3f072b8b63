import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { threadById, type FrozenPlan, type Proposal, type Route, type UnitSystem } from '@deep-mend/core';
import { useMemo } from 'react';
import { PLATE } from '../../app/theme.ts';
import { Plate } from '../../drawing/Plate.tsx';
import { plateLayout, rungKey, rungsOf } from '../../drawing/plateLayout.ts';
import type { DraftStore, Drafts } from './drafts.ts';
import type { StationId } from './stations.ts';
import { useDraftsNow } from './useDrafts.ts';
import type { LiveCase } from './useLiveCase.ts';

/** Height of the section: beside the ladder, on a narrow page, and alone. */
const SECTION_PX = { withLadder: 326, narrow: 240, alone: 560 } as const;
const COMPACT_BELOW_PX = 520;

/** The way that a station shows: the planned one at the machine, else the one pointed at, else the first. */
export function routeShown(
  proposal: Proposal | null,
  plan: FrozenPlan | null,
  station: StationId,
  wantedId: string | null,
): { route: Route | null; planned: Route | undefined } {
  const routes = proposal?.routes ?? [];
  const planned =
    plan && station !== 'decide' && station !== 'measure'
      ? routes.find((route) => route.id === plan.routeId)
      : undefined;
  const wanted = routes.find((route) => route.id === wantedId);
  return { route: planned ?? wanted ?? routes[0] ?? null, planned };
}

/** The two drawings with their verdicts, moved within the keystroke's own frame. */
export function LivePlate({
  store,
  caseOf,
  plan,
  station,
  wantedId,
  name,
  threadId,
  units,
  width,
  phone,
  onSelect,
}: {
  store: DraftStore;
  caseOf: (drafts: Drafts) => LiveCase;
  plan: FrozenPlan | null;
  station: StationId;
  /** The way pointed at, by its id. */
  wantedId: string | null;
  name: string;
  threadId: string | undefined;
  units: UnitSystem;
  width: number;
  phone: boolean;
  onSelect: (routeId: string) => void;
}) {
  const live = caseOf(useDraftsNow(store));
  const { built, proposal } = live;
  const { route } = routeShown(proposal, plan, station, wantedId);
  const layout = useMemo(() => {
    if (!built.ok || !proposal || width === 0) return null;
    const decides = station === 'decide';
    return plateLayout({
      hole: built.hole,
      assessment: proposal.assessment,
      route: station === 'measure' || station === 'locate' ? null : route,
      rungs: decides ? rungsOf(proposal.routes, route?.id ?? null) : [],
      units,
      width,
      sectionHeight: phone ? SECTION_PX.narrow : decides ? SECTION_PX.withLadder : SECTION_PX.alone,
      compact: width < COMPACT_BELOW_PX,
    });
  }, [built, proposal, route, station, units, width, phone]);
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

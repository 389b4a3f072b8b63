import { ThemeProvider } from '@mui/material/styles';
import { render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import {
  blankCase,
  DEFAULT_HOUSE_RULES,
  foldHole,
  freezePlan,
  parentById,
  shopRulesOf,
  threadById,
  USUAL_DRILLING,
  weighCase,
  type FrozenPlan,
  type HoleFile,
  type UnitSystem,
} from '@deep-mend/core';
import { useEffect, useState, type ReactElement, type ReactNode } from 'react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { SWRConfig, useSWRConfig } from 'swr';
import { deliver } from '../src/base/outbox/deliver.ts';
import type { Item } from '../src/base/outbox/Item.ts';
import { memoryStore } from '../src/base/outbox/itemStore.ts';
import { layIn } from '../src/base/outbox/layIn.ts';
import { Outbox } from '../src/base/outbox/outbox.ts';
import { OutboxContext } from '../src/base/outbox/useOutbox.ts';
import { ShopContext, type ShopState } from '../src/base/ShopContext.tsx';
import { makeTheme } from '../src/base/theme.ts';
import { draftStore, type DraftStore } from '../src/features/mend/drafts.ts';
import { DraftContext } from '../src/features/mend/useDrafts.ts';

const ACTORS: ShopState['actors'] = [
  { id: 'a1', name: 'Mechanic A', role: 'mechanic' },
  { id: 'a2', name: 'Lead hand', role: 'lead-hand' },
];

export const SETTINGS: ShopState['settings'] = {
  name: 'Boatyard',
  units: 'mm',
  drillSets: ['metric-tenths', 'metric-halves'],
  missingDrills: [],
  singleDrills: [],
  wornDrills: [],
  drilling: { ...USUAL_DRILLING },
  rules: DEFAULT_HOUSE_RULES,
  setUp: true,
};

/** A shop as the panels see it. */
export function shopOf(units: UnitSystem = 'mm', changes: Partial<ShopState> = {}): ShopState {
  const settings = changes.settings ?? SETTINGS;
  const rules = shopRulesOf(settings);
  return {
    settings,
    recorded: { settings, revision: 3 },
    actors: ACTORS,
    actor: ACTORS[0]!,
    chooseActor: () => undefined,
    units,
    toggleUnits: () => undefined,
    rules,
    answering: { ...rules, units },
    save: async () => undefined,
    ...changes,
  };
}

interface Around {
  shop?: Partial<ShopState>;
  drafts?: DraftStore;
  /** What an earlier page left in the outbox. */
  already?: readonly Item[];
  /** The address that the page is at, and the pattern that it answers to. */
  at?: string;
  path?: string;
}

/** Says where somebody was led to. */
const Elsewhere = () => <p data-testid="elsewhere">{useLocation().pathname}</p>;

/** An outbox of one test: it keeps in memory, and delivers to the server of the test. */
function WithOutbox({ already, children }: { already: readonly Item[]; children: ReactNode }) {
  const { mutate } = useSWRConfig();
  const [outbox] = useState(
    () =>
      new Outbox({
        store: memoryStore(already),
        deliver,
        channel: null,
        alone: (_line, work) => work(),
        recorded: ({ line }, body) => layIn(mutate, line, body),
      }),
  );
  useEffect(() => void outbox.start(), [outbox]);
  return <OutboxContext value={outbox}>{children}</OutboxContext>;
}

/** Puts a panel on a page in a shop, in a mend, and hands on a user who clicks and types. */
export function show(panel: ReactElement, units: UnitSystem = 'mm', around: Around = {}) {
  const { shop, drafts = draftStore('h1'), already = [], at = '/', path = at } = around;
  const state = shopOf(units, shop);
  const page = (inner: ReactElement) => (
    <ThemeProvider theme={makeTheme('light')}>
      <SWRConfig value={{ provider: () => new Map(), dedupingInterval: 0 }}>
        <MemoryRouter initialEntries={[at]}>
          <WithOutbox already={already}>
            <ShopContext value={state}>
              <DraftContext value={drafts}>
                <Routes>
                  <Route path={path} element={inner} />
                  <Route path="*" element={<Elsewhere />} />
                </Routes>
              </DraftContext>
            </ShopContext>
          </WithOutbox>
        </MemoryRouter>
      </SWRConfig>
    </ThemeProvider>
  );
  const shown = render(page(panel));
  return {
    user: userEvent.setup(),
    again: (next: ReactElement) => shown.rerender(page(next)),
    text: () => shown.container.textContent ?? '',
  };
}

/** A hole's file with a mend under way and these choices. */
export function fileWith(choices: HoleFile['choices'], mend: Partial<HoleFile['mends'][number]> = {}): HoleFile {
  const bodies = [
    { kind: 'located', payload: { name: 'Hole 4', faceId: null } },
    { kind: 'mend-opened', payload: { mendId: 'm1', what: 'stripped' } },
  ] as const;
  const file = foldHole(
    bodies.map((body, index) => ({
      ...body,
      payloadVersion: 1,
      id: `e${index + 1}`,
      seq: index + 1,
      happenedAt: '2026-01-01T08:00:00Z',
      recordedAt: '2026-01-01T08:00:00Z',
      actor: 'Mechanic A',
    })),
  );
  return {
    ...file,
    choices: { ...file.choices, ...choices },
    mends: file.mends.map((entry) => ({ ...entry, ...mend })),
  };
}

/** A stripped through hole in aluminium with its coil planned: what stands before somebody at Cut and at Prove. */
export function plannedCoil(): FrozenPlan {
  const proposal = weighCase(
    blankCase({
      thread: threadById('M8x1.25'),
      parent: parentById('aluminium-6xxx'),
      kind: 'through',
      depth: { mm: 20, halfWidthMm: 0.1 },
      damageTo: { mm: 9, halfWidthMm: 0.5 },
      edge: { mm: 20, halfWidthMm: 0.5 },
    }),
  );
  const coil = proposal.routes.find(({ method, verdict }) => method === 'wire-coil' && verdict !== 'does-not-hold')!;
  return freezePlan(proposal, coil.id);
}

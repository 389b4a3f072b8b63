import { ThemeProvider } from '@mui/material/styles';
import { render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import {
  blankCase,
  DEFAULT_HOUSE_RULES,
  foldHole,
  freezePlan,
  FULL_RACK,
  parentById,
  threadById,
  weighCase,
  type FrozenPlan,
  type HoleFile,
  type UnitSystem,
} from '@deep-mend/core';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { ShopContext, type ShopState } from '../src/base/ShopContext.tsx';
import { makeTheme } from '../src/base/theme.ts';
import { draftStore, type DraftStore } from '../src/features/mend/drafts.ts';
import { DraftContext } from '../src/features/mend/useDrafts.ts';

/** A shop as the panels see it. */
export function shopOf(units: UnitSystem = 'mm'): ShopState {
  const rules = { rules: DEFAULT_HOUSE_RULES, rack: FULL_RACK };
  const actor = { id: 'a1', name: 'Mechanic A', role: 'mechanic' } as const;
  return {
    settings: {} as ShopState['settings'],
    actors: [actor, { id: 'a2', name: 'Lead hand', role: 'lead-hand' }],
    actor,
    chooseActor: () => undefined,
    units,
    toggleUnits: () => undefined,
    rules,
    answering: { ...rules, units },
    save: async () => undefined,
  };
}

/** Puts a panel on a page in a shop, in a mend, and hands on a user who clicks and types. */
export function show(panel: ReactElement, units: UnitSystem = 'mm', drafts: DraftStore = draftStore('h1')) {
  const page = (inner: ReactElement) => (
    <ThemeProvider theme={makeTheme('light')}>
      <MemoryRouter>
        <ShopContext value={shopOf(units)}>
          <DraftContext value={drafts}>{inner}</DraftContext>
        </ShopContext>
      </MemoryRouter>
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

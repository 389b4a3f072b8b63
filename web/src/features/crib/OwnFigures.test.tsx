import { screen, waitFor, within } from '@testing-library/react';
import type { ShopSettings } from '@deep-mend/contract';
import type { OwnFigure, OwnUsed } from '@deep-mend/core';
import { serve } from '../../../test/serve.ts';
import { show } from '../../../test/panel.tsx';
import { OwnFigures } from './OwnFigures.tsx';

const figure = (changes: Partial<OwnFigure> = {}): OwnFigure => ({
  kind: 'oversize',
  id: 'Bench drill',
  name: 'Bench drill',
  count: 9,
  mean: 0.0634,
  spread: 0.02,
  printed: 0.09,
  ...changes,
});
function figures(rows: OwnFigure[], measuredOversizeMm: number | null = null, own: OwnUsed[] = []) {
  serve({ 'GET /figures': rows });
  const changed: Partial<ShopSettings>[] = [];
  const settings = {
    drilling: { setUp: 'bench-drill', measuredOversizeMm },
    rules: { own },
  } as unknown as ShopSettings;
  return { changed, ...show(<OwnFigures settings={settings} units="mm" change={(now) => void changed.push(now)} />) };
}
const section = () => screen.findByRole('region', { name: 'The shop’s own figures' });

test('a figure stands with count and spread beside the printed one, and is drilled by only after a yes', async () => {
  const { user, changed } = figures([
    figure(),
    figure({ kind: 'minutes', id: 'plug', name: 'Plug', mean: 61, spread: 9, printed: 70 }),
  ]);
  const shown = await section();
  expect(shown.textContent).toContain('0.06 mm ± 0.02 mm');
  expect(shown.textContent).toContain('9 records; printed 0.09 mm');
  expect(shown.textContent).toContain('61 min ± 9 min');
  await user.click(within(shown).getByRole('button', { name: 'Drill by it, all drills' }));
  expect(changed).toEqual([{ drilling: { setUp: 'bench-drill', measuredOversizeMm: expect.closeTo(0.063, 9) } }]);
});

test('fewer than eight are told and not used; what is in use says so; nothing at all says how it comes', async () => {
  figures([figure({ count: 7 })]);
  expect((await section()).textContent).toContain('not used before 8');
  expect(screen.queryByRole('button', { name: 'Drill by it, all drills' })).toBeNull();
});

test('what is in use says so; another press goes back to what is printed', async () => {
  const { user, changed } = figures([figure()], 0.063);
  await waitFor(async () => expect((await section()).textContent).toContain('in use'));
  expect(screen.queryByRole('button', { name: 'Drill by it, all drills' })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Do not use it' }));
  expect(changed).toEqual([{ drilling: { setUp: 'bench-drill', measuredOversizeMm: null } }]);
});

test.each([
  ['minutes', 'plug', 61.4, 'Plan by it', 61],
  ['came-back', 'plug grey-iron', 0.25, 'Judge by it', 0.25],
  ['doubt', 'caliper', 0.03371, 'Offer it as the doubt', 0.034],
] as const)(
  '%s: used by a press, with the records that it stands on; others stay',
  async (kind, id, mean, name, value) => {
    const other = { kind: 'minutes', id: 'weld', value: 90, count: 8 } as const;
    const { user, changed } = figures([figure({ kind, id, mean })], null, [other]);
    await section();
    await user.click(screen.getByRole('button', { name }));
    expect(changed).toEqual([{ rules: { own: [other, { kind, id, value: expect.closeTo(value, 9), count: 9 }] } }]);
  },
);

test('no records yet: it says how they come', async () => {
  figures([]);
  expect((await section()).textContent).toContain('None yet');
});

import { screen, waitFor, within } from '@testing-library/react';
import type { ShopSettings } from '@deep-mend/contract';
import { ApiProblem } from '../../base/client.ts';
import { problem, serve } from '../../../test/serve.ts';
import { SETTINGS, show } from '../../../test/panel.tsx';
import { CribPage } from './CribPage.tsx';

/** The crib of a shop, and what was saved there, the last of it. */
function crib(settings: Partial<ShopSettings> = {}, units: 'mm' | 'in' = 'mm') {
  const saved: ShopSettings[] = [];
  const shown = show(<CribPage />, units, {
    shop: {
      settings: { ...SETTINGS, ...settings },
      save: async (next) => void saved.push(next),
    },
  });
  return { ...shown, last: () => saved.at(-1), saved };
}

test('a set of drills that is ticked off is saved without it, in the order of the list', async () => {
  const { user, last } = crib();
  const sets = screen.getAllByRole('checkbox').filter((box) => (box as HTMLInputElement).checked);
  await user.click(sets[0]!);
  expect(last()!.drillSets).toEqual(['metric-halves']);
  expect(last()!.rules).toEqual(SETTINGS.rules);
});

test('a single drill goes by its name in the tables; a slip is said and adds nothing', async () => {
  const { user, last, saved } = crib();
  const field = screen.getByLabelText('Single drill beside the sets');
  await user.type(field, 'blunt{Enter}');
  expect(field.getAttribute('aria-invalid')).toBe('true');
  expect(saved).toHaveLength(0);
  await user.clear(field);
  await user.type(field, '33/64{Enter}');
  expect(last()!.singleDrills).toEqual([{ id: '33/64 in', diameterMm: expect.closeTo(13.0969, 4) }]);
  expect((field as HTMLInputElement).value).toBe('');
});

test('a worn drill is listed by what it bores, in the reader’s unit, and taken off again', async () => {
  const { user, last } = crib({ wornDrills: [{ id: '8.5 mm', cutsMm: 8.55 }] }, 'in');
  const chip = screen.getByText('8.5 mm bores 0.3366 in').closest('.MuiChip-root') as HTMLElement;
  await user.click(within(chip).getByTestId('CancelIcon'));
  expect(last()!.wornDrills).toEqual([]);
});

test('the oversize that was measured is read in the unit it was typed in; emptied, the estimate counts again', async () => {
  const { user, last } = crib({}, 'in');
  const field = screen.getByLabelText('Oversize measured here, in');
  await user.type(field, '0.004');
  await user.tab();
  expect(last()!.drilling.measuredOversizeMm).toBeCloseTo(0.1016, 6);
  await user.type(field, '9');
  await user.clear(field);
  await user.tab();
  expect(last()!.drilling.measuredOversizeMm).toBeNull();
});

test('an amount that is none stays as it was typed, with what is wrong', async () => {
  const { user, saved } = crib();
  const field = screen.getByLabelText('An hour in the shop');
  await user.clear(field);
  await user.type(field, 'much{Enter}');
  expect(screen.getByText('“much” was read; expected an amount, for example 60.')).toBeTruthy();
  expect((field as HTMLInputElement).value).toBe('much');
  expect(saved).toHaveLength(0);
});

test('a house rule is chosen with its reason', async () => {
  const { user, last } = crib();
  await user.click(screen.getByLabelText('Tap drill'));
  await user.click(screen.getByRole('option', { name: 'The 75 % chart' }));
  expect(last()!.rules).toEqual({ ...SETTINGS.rules, tapDrill: 'chart-75' });
});

test('the order of the ways brings its own weights', async () => {
  const { user, last } = crib();
  await user.click(screen.getByLabelText('Order of the ways that hold'));
  const options = screen.getAllByRole('option');
  await user.click(options.find((option) => option.getAttribute('aria-selected') !== 'true')!);
  expect(last()!.rules.ranking.rule).not.toBe(SETTINGS.rules.ranking.rule);
  expect(last()!.rules.ranking.weights).not.toEqual(SETTINGS.rules.ranking.weights);
});

test('an emptied name is no name: the shop keeps its own', async () => {
  const { user, saved, last } = crib();
  const field = screen.getByLabelText('Name of the shop') as HTMLInputElement;
  await user.clear(field);
  await user.tab();
  expect([saved.length, field.value]).toEqual([0, 'Boatyard']);
  await user.type(field, ' and slip{Enter}');
  expect(last()!.name).toBe('Boatyard and slip');
});

test('a list that is switched on says what is owned; several are typed at once', async () => {
  const { user, last } = crib({
    rules: { ...SETTINGS.rules, kit: { taps: [], coils: null, coilLengths: null, extractorDrillsMm: null } },
  });
  await user.type(screen.getByLabelText('Taps', { exact: true }), 'M6, 3/8-16{Enter}');
  expect(last()!.rules.kit!.taps).toEqual(['M6x1', '3/8-16']);
  await user.type(screen.getByLabelText('Taps', { exact: true }), 'M6, blunt');
  expect(screen.getByText(/^“blunt” was read; expected a thread/)).toBeTruthy();
  await user.click(screen.getByLabelText(/^Coil kits: not listed/));
  expect(last()!.rules.kit!.coils).toEqual([]);
});

test('what the server would not save is said, in its words', async () => {
  const { user } = show(<CribPage />, 'mm', {
    shop: {
      save: async () => {
        throw new ApiProblem(problem(400, 'rules.rates: Too big'));
      },
    },
  });
  await user.click(screen.getAllByRole('checkbox')[0]!);
  await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('Too big'));
});

test('two people changed the same: both in words, and either is kept with what the other left alone', async () => {
  const theirs = { ...SETTINGS, name: 'Slipway', units: 'in' as const };
  const item = {
    order: 1,
    line: '/shop',
    method: 'put' as const,
    address: '/shop',
    body: { ...SETTINGS, units: 'mm' as const, name: 'Yard' },
    saw: SETTINGS,
    key: 'k1234567',
    actorId: 'a1',
    seen: 2,
    decides: true,
    shows: [],
    title: 'Settings of the shop',
    problem: problem(409, 'The settings were changed by someone else.', { theirs }),
  };
  const writes = serve({ 'PUT /shop': theirs, 'GET /shop': theirs });
  const { user, text } = show(<CribPage />, 'mm', {
    already: [item],
    shop: { settings: theirs, recorded: { settings: theirs, revision: 3 } },
  });
  await screen.findByText(/Someone changed the same/);
  expect(text()).toContain('Name of the shop, yoursYardTheirsSlipway');
  await user.click(screen.getByRole('button', { name: 'Keep yours' }));
  await waitFor(() => expect(screen.queryByText(/Someone changed the same/)).toBeNull());
  expect(writes[0]!.body).toMatchObject({ name: 'Yard', units: 'in' });
  expect(writes[0]!.headers['If-Match']).toBe('"3"');
});

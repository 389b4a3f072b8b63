import { screen, within } from '@testing-library/react';
import { NOTHING_LISTED, PRACTICES, usualMachine, type Machine, type Owned, type PracticesKept } from '@deep-mend/core';
import { useState } from 'react';
import { show } from '../../../test/panel.tsx';
import { Machines } from './Machines.tsx';
import { OwnedLists } from './OwnedLists.tsx';
import { Practices } from './Practices.tsx';

beforeEach(() => localStorage.clear());

/** What the shop's settings hold, as the page keeps them. */
let held: unknown;
const keep = (value: unknown) => void (held = value);
function Held<T>({ start, view }: { start: T; view: (value: T, change: (next: T) => void) => React.ReactNode }) {
  const [value, change] = useState(start);
  return view(value, (next) => {
    keep(next);
    change(next);
  });
}

const machines = (start: Machine[], units: 'mm' | 'in' = 'mm') => {
  keep(start);
  return <Held start={start} view={(list, change) => <Machines machines={list} units={units} change={change} />} />;
};

test('a machine is added with what is usual for its kind, its speeds typed as they stand on it', async () => {
  const { user } = show(machines([]));
  await user.click(screen.getByRole('button', { name: 'Add machine' }));
  expect((held as Machine[])[0]).toMatchObject({ kind: 'bench-drill', speeds: { steps: [300, 540, 950, 1500, 2400] } });
  await user.click(screen.getByText(/^Bench drill, bench drill/));
  const speeds = screen.getByLabelText('Speeds, rev/min');
  await user.clear(speeds);
  await user.type(speeds, '950 540{Enter}');
  expect((held as Machine[])[0]!.speeds).toEqual({ steps: [540, 950] });
});

test('a slip is said at the field, and what was there stays', async () => {
  const { user, text } = show(machines([usualMachine('mill', 'm1')]));
  await user.click(screen.getByText(/^Mill, mill/));
  const speeds = screen.getByLabelText('Speeds, rev/min');
  await user.clear(speeds);
  await user.type(speeds, 'fast{Enter}');
  expect(text()).toContain('“fast” was read; expected the speeds that it has');
  expect((held as Machine[])[0]!.speeds).toEqual({ fromRpm: 60, toRpm: 2800 });
});

test('a size emptied is not measured; a needed one is not emptied; inches are read as inches', async () => {
  const { user, text } = show(machines([usualMachine('bench-drill', 'm1')], 'in'), 'in');
  await user.click(screen.getByText(/^Bench drill, bench drill/));
  const travel = screen.getByLabelText('Quill travel, in');
  await user.clear(travel);
  await user.type(travel, '4{Enter}');
  expect((held as Machine[])[0]!.travelMm).toBeCloseTo(101.6, 6);
  await user.clear(travel);
  await user.tab();
  expect((held as Machine[])[0]!.travelMm).toBeNull();
  await user.clear(screen.getByLabelText('Chuck, largest, in'));
  await user.tab();
  expect((held as Machine[])[0]!.chuckMaxMm).toBe(13);
  expect(text()).toMatch(/For example|for example|expected/);
});

test('the order is the order in which they are taken; one is taken off', async () => {
  const [a, b] = [usualMachine('bench-drill', 'a'), { ...usualMachine('mill', 'b'), name: 'The mill' }];
  const { user } = show(machines([a, b]));
  const block = screen.getByText(/^The mill, mill/).closest('details')!;
  await user.click(screen.getByText(/^The mill, mill/));
  await user.click(within(block).getByRole('button', { name: 'Take it before' }));
  expect((held as Machine[]).map(({ id }) => id)).toEqual(['b', 'a']);
  await user.click(screen.getByRole('button', { name: 'Take The mill off the list' }));
  expect((held as Machine[]).map(({ id }) => id)).toEqual(['a']);
});

test('each question of practice is by the case until the shop settles it, and goes back', async () => {
  const start: PracticesKept = {};
  const { user, text } = show(
    <Held start={start} view={(practice, change) => <Practices practice={practice} change={change} />} />,
  );
  expect(screen.getAllByRole('combobox')).toHaveLength(PRACTICES.length);
  const pick = async (option: string) => {
    await user.click(screen.getByLabelText('First tap'));
    await user.click(screen.getByRole('option', { name: option }));
  };
  await pick('taper');
  expect(held).toEqual({ 'first-tap': 'taper' });
  expect(text()).toContain('right for: tough metal, large threads, by hand and by eye');
  await pick('by the case');
  expect(held).toEqual({});
});

test('tools and fluids are picked from their tables; switched off they were never listed', async () => {
  const { user } = show(
    <Held<Owned>
      start={NOTHING_LISTED}
      view={(owned, change) => <OwnedLists owned={owned} units="mm" change={change} />}
    />,
  );
  await user.click(screen.getByRole('switch', { name: /^Cutting fluids/ }));
  expect((held as Owned).fluids).toEqual([]);
  await user.click(screen.getByRole('combobox', { name: 'Cutting fluids' }));
  await user.click(screen.getByRole('option', { name: /^Tapping paste/ }));
  expect((held as Owned).fluids).toEqual(['paste']);
  await user.click(screen.getByRole('switch', { name: /^Cutting fluids/ }));
  expect((held as Owned).fluids).toBeNull();
});

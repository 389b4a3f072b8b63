import { screen } from '@testing-library/react';
import { show } from '../../../../test/panel.tsx';
import { NumberField, Pick } from './fields.tsx';

const shell = (choose: (field: string, value: unknown) => void, value: number | null = null) => (
  <NumberField field="keepShellMm" value={value} disabled={false} choose={choose as never} />
);

test('a length is typed in the reader’s unit and kept in millimetres', async () => {
  const chosen: unknown[] = [];
  const { user } = show(
    shell((_, value) => void chosen.push(value)),
    'in',
  );
  await user.type(screen.getByLabelText('Shell to keep, each side'), '0.02{Enter}');
  expect(chosen).toEqual([expect.closeTo(0.508, 6)]);
});

test('what is recorded is shown in the reader’s unit; emptied, it is taken back', async () => {
  const chosen: unknown[] = [];
  const { user } = show(
    shell((_, value) => void chosen.push(value), 0.508),
    'in',
  );
  const field = screen.getByLabelText('Shell to keep, each side') as HTMLInputElement;
  expect(field.value).toBe('0.020');
  await user.clear(field);
  await user.tab();
  expect(chosen).toEqual([null]);
});

test('a slip is said at the field, in words, and is not recorded', async () => {
  const chosen: unknown[] = [];
  const { user } = show(shell((_, value) => void chosen.push(value)));
  const field = screen.getByLabelText('Shell to keep, each side') as HTMLInputElement;
  await user.type(field, '400{Enter}');
  expect(screen.getByRole('alert').textContent).toMatch(/“400” was read; expected a length between 0 mm and 10 mm/);
  expect(field.value).toBe('400');
  expect(chosen).toEqual([]);
});

test('a list offers only what the hole has', () => {
  show(<Pick field="fitClass" value="" disabled={false} choose={() => undefined} only={['6H', '5H']} />);
  expect(screen.getAllByRole('option').map((option) => option.textContent)).toEqual(['the usual', '5H', '6H']);
});

import { screen } from '@testing-library/react';
import type { UnitSystem } from '@deep-mend/core';
import { show } from '../../test/panel.tsx';
import { useTyped } from './useTyped.ts';

/** A field for whole numbers; what it committed, with the unit in which it was begun. */
function Field({
  units,
  told,
  shown = '3',
  shut = false,
}: {
  units: UnitSystem;
  told: unknown[];
  shown?: string;
  shut?: boolean;
}) {
  const {
    text,
    drafted,
    problem,
    on,
    units: begun,
  } = useTyped({
    shown,
    units,
    parse: (typed) => (/^\d+$/.test(typed) ? { value: Number(typed) } : { problem: `“${typed}” is no number.` }),
    commit: (value) => void told.push(value),
    keepAs: 'test',
    shut,
  });
  return (
    <>
      <input aria-label="field" value={text} data-draft={drafted} disabled={shut} {...on} />
      <p>{problem ?? begun}</p>
    </>
  );
}
const field = () => screen.getByLabelText('field') as HTMLInputElement;

test('it commits once, by Enter, and shows again what it is given', async () => {
  const told: unknown[] = [];
  const { user } = show(<Field units="mm" told={told} />);
  await user.clear(field());
  await user.type(field(), '42{Enter}');
  await user.tab();
  expect([told, field().value, field().dataset.draft]).toEqual([[42], '3', 'false']);
});

test('what is not committed is there again on the next visit, with the unit that it was begun in', async () => {
  const told: unknown[] = [];
  const { user, again, text } = show(<Field units="in" told={told} />);
  await user.clear(field());
  await user.type(field(), '4x');
  again(<Field key="later" units="mm" told={told} />);
  expect([field().value, text(), told]).toEqual(['4x', '“4x” is no number.', []]);
  await user.type(field(), '{Backspace}2');
  expect(text()).toBe('in');
  await user.keyboard('{Enter}');
  expect(told).toEqual([42]);
  again(<Field key="last" units="mm" told={told} />);
  expect(field().value).toBe('3');
});

test('where nothing can be recorded it shows what is, not what was once typed', async () => {
  const { user, again } = show(<Field units="mm" told={[]} />);
  await user.clear(field());
  await user.type(field(), '99');
  again(<Field units="mm" told={[]} shut />);
  expect([field().value, field().dataset.draft]).toEqual(['3', 'false']);
  again(<Field units="mm" told={[]} />);
  expect(field().value).toBe('99');
});

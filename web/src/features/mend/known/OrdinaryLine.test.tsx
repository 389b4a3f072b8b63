import { screen } from '@testing-library/react';
import { ORDINARY, type ChoiceId } from '@deep-mend/core';
import { show } from '../../../../test/panel.tsx';
import { OrdinaryLine } from './OrdinaryLine.tsx';

const M8 = { threadId: 'M8x1.25' };

const line = (props: Partial<Parameters<typeof OrdinaryLine>[0]> = {}) => (
  <OrdinaryLine choices={M8} readOnly={false} choose={() => undefined} onNotAll={() => undefined} {...props} />
);

test('All true records each part once, as it is defined, and the line is gone', async () => {
  const chosen: [ChoiceId, unknown][] = [];
  const { user } = show(line({ choose: (field, value) => void chosen.push([field, value]) }));
  screen.getByRole('group', { name: 'An ordinary hole' });
  await user.click(screen.getByRole('button', { name: 'All true' }));
  expect(Object.fromEntries(chosen)).toEqual(ORDINARY);
  expect(chosen).toHaveLength(Object.keys(ORDINARY).length);
  expect(screen.queryByRole('group', { name: 'An ordinary hole' })).toBeNull();
});

test('Not all records nothing and opens the fields in which each part is answered', async () => {
  let [chosen, opened] = [0, 0];
  const { user } = show(line({ choose: () => void (chosen += 1), onNotAll: () => void (opened += 1) }));
  await user.click(screen.getByRole('button', { name: 'Not all' }));
  expect([chosen, opened]).toEqual([0, 1]);
});

test('what is answered already is not asked; a closed mend asks nothing', () => {
  show(line({ choices: { ...M8, ...ORDINARY } }));
  show(line({ readOnly: true }));
  expect(screen.queryByRole('button')).toBeNull();
});

import { screen } from '@testing-library/react';
import { show } from '../../../test/panel.tsx';
import { WhichThread } from './WhichThread.tsx';

beforeEach(() => localStorage.clear());

test('three readings name a bolt; a tap on it takes it', async () => {
  const picked: string[] = [];
  const { user, text } = show(<WhichThread pickWords="Take it" onPick={(id) => void picked.push(id)} />);
  await user.type(screen.getByLabelText('Across the screw’s crests, mm'), '9.45');
  expect(text()).toMatch(/Not enough evidence yet.*Would settle it/);
  await user.type(screen.getByLabelText('or threads per inch'), '16');
  expect(text()).toMatch(/Hold a gauge blade between the flanks: 60° means 3\/8-16 UNC/);
  await user.click(screen.getByRole('button', { name: '3/8-16 UNC' }));
  expect(picked).toEqual(['3/8-16']);
});

test('what cannot be read is said at its field and is no evidence', async () => {
  const { user, text } = show(<WhichThread pickWords="Take it" onPick={() => undefined} />);
  await user.type(screen.getByLabelText('binds after, turns'), 'many');
  expect(text()).toMatch(/“many” was read; expected a number between 0 and 60/);
  expect(text()).toMatch(/Type one reading/);
});

import { screen } from '@testing-library/react';
import { show } from '../../../test/panel.tsx';
import { WhichThread } from './WhichThread.tsx';

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

test('a worn screw is asked for more; its pitch decides between two that look alike', async () => {
  const { user, text } = show(<WhichThread pickWords="Take it" onPick={() => undefined} />);
  await user.type(screen.getByLabelText('Across the screw’s crests, mm'), '7.75');
  await user.click(screen.getByLabelText('its crests are worn'));
  expect(text()).toMatch(/Not enough evidence yet.*Measure 10 pitches/);
  const over = screen.getByLabelText('Length over pitches, mm');
  await user.type(over, '12.5');
  expect(screen.getByRole('heading', { name: 'It is M8 × 1.25' })).toBeTruthy();
  await user.clear(over);
  await user.type(over, '14.1');
  expect(screen.getByRole('heading', { name: 'Most likely 5/16-18 UNC' })).toBeTruthy();
});

test('a bore alone, with a known screw that binds after a turn, names the other thread', async () => {
  const { user } = show(<WhichThread pickWords="Take it" onPick={() => undefined} />);
  await user.type(screen.getByLabelText('Bore of the hole, mm'), '6.6');
  await user.type(screen.getByLabelText('A known screw'), 'M8');
  await user.type(screen.getByLabelText('binds after, turns'), '1');
  expect(screen.getByRole('button', { name: '5/16-18 UNC' })).toBeTruthy();
});

test('what was typed is there again when somebody comes back, until it is cleared', async () => {
  const sheet = <WhichThread pickWords="Take it" onPick={() => undefined} />;
  const { user, again } = show(sheet);
  await user.type(screen.getByLabelText('or threads per inch'), '18');
  await user.click(screen.getByRole('button', { name: 'Taper, age and place, left hand' }));
  await user.click(screen.getByLabelText('it winds to the left'));
  again(<div key="later">{sheet}</div>);
  expect((screen.getByLabelText('or threads per inch') as HTMLInputElement).value).toBe('18');
  expect((screen.getByLabelText('it winds to the left') as HTMLInputElement).checked).toBe(true);
  await user.click(screen.getByRole('button', { name: 'Clear' }));
  expect((screen.getByLabelText('or threads per inch') as HTMLInputElement).value).toBe('');
});

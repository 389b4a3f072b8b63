import { screen, waitFor } from '@testing-library/react';
import { noteAnswer } from '../base/connection.ts';
import { show } from '../../test/panel.tsx';
import { serve } from '../../test/serve.ts';
import { loadNewBuild } from './newBuild.ts';
import { ViewBoundary } from './ViewBoundary.tsx';

function Breaks({ how }: { how: string | null }): string {
  if (how) throw new Error(how);
  return 'a view';
}
const view = (how: string | null, of = '/') => (
  <ViewBoundary of={of}>
    <Breaks how={how} />
  </ViewBoundary>
);
// React prints what a boundary caught.
beforeEach(() => void jest.spyOn(console, 'error').mockImplementation(() => undefined));
afterEach(() => {
  noteAnswer(true);
  jest.restoreAllMocks();
});

test('a view that breaks says what to do, and another view is there', () => {
  const { text, again } = show(view('no such rung'));
  expect(screen.getByRole('alert').textContent).toMatch(/What is recorded stands.*no such rung/);
  again(view(null, '/crib'));
  expect(text()).toBe('a view');
});

test('while the server is away nothing is loaded again: it would be blank', async () => {
  serve({ 'GET /actors': null });
  noteAnswer(false);
  show(view('not fetched'));
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Load it again' }).disabled).toBe(true);
  noteAnswer(true);
  await waitFor(() =>
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Load it again' }).disabled).toBe(false),
  );
});

test('a new build under an open page loads it again once, and not while nothing answers', async () => {
  let loaded = 0;
  const load = () => void (loaded += 1);
  globalThis.fetch = async () => {
    throw new TypeError('no connection');
  };
  expect(await loadNewBuild(() => 1_000, load)).toBe(false);
  globalThis.fetch = async () => new Response('<html>');
  expect([await loadNewBuild(() => 1_000, load), await loadNewBuild(() => 9_000, load), loaded]).toEqual([
    true,
    false,
    1,
  ]);
  expect(await loadNewBuild(() => 90_000, load)).toBe(true);
});

import { screen } from '@testing-library/react';
import { holeRow, pageOf } from '../../../test/holes.ts';
import { show } from '../../../test/panel.tsx';
import { serve } from '../../../test/serve.ts';
import { ShopPage } from './ShopPage.tsx';

const shop = (open: object[], closed: object[]) => {
  serve({ 'GET /mends?state=open': pageOf(...open), 'GET /mends?state=closed': pageOf(...closed) });
  return show(<ShopPage />);
};
const under = (id: string, station: 'measure' | 'prove', changes: object = {}) =>
  holeRow({ id, name: id, openMendId: `m-${id}`, station, ...changes });

test('what is at the machine comes first, each under what it waits for, with how many', async () => {
  shop([under('late', 'measure'), under('soon', 'prove')], []);
  await screen.findByText('soon');
  expect(screen.getAllByRole('heading', { level: 2 }).map((heading) => heading.textContent)).toEqual([
    'Cut, waiting for proof (1)',
    'Waiting for readings (1)',
  ]);
});

test('a row leads to where its mend stands, a closed one to its passport', async () => {
  shop([under('soon', 'prove')], [holeRow({ id: 'done', name: 'done', repairs: 1, lastOutcome: 'mended' })]);
  await screen.findByText('done');
  const leads = (name: RegExp) => screen.getByRole('link', { name }).getAttribute('href');
  expect([leads(/soon/), leads(/done/)]).toEqual(['/mend/soon/prove', '/holes/done']);
});

test('a hole that was mended before and is open again came back; mended once it did not', async () => {
  shop(
    [under('again', 'measure', { repairs: 1 })],
    [holeRow({ id: 'once', name: 'once', repairs: 1, lastOutcome: 'mended' })],
  );
  const group = (await screen.findByText('Holes that came back')).parentElement!;
  expect(group.textContent).toContain('again');
  expect(group.textContent).not.toContain('once');
});

test('a hole that must not be used says so in the list, whatever else it says', async () => {
  shop([under('stop', 'prove', { doNotUse: true })], []);
  expect((await screen.findByText('✕ do not use')).closest('a')!.textContent).toContain('stop');
});

test('an empty shop says how to begin', async () => {
  const { user } = shop([], []);
  await screen.findByText('No hole has been mended here yet');
  serve({ 'GET /holes': pageOf() });
  await user.click(screen.getByRole('button', { name: 'Start a mend' }));
  expect(screen.getByLabelText('Part and hole')).toBeTruthy();
});

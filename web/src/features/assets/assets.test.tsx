import { screen, waitFor } from '@testing-library/react';
import { holeRow, pageOf } from '../../../test/holes.ts';
import { show } from '../../../test/panel.tsx';
import { problem, serve } from '../../../test/serve.ts';
import { AssetPage } from './AssetPage.tsx';
import { AssetsPage } from './AssetsPage.tsx';

const winch = { id: 'as1', name: 'Slipway winch', note: 'gearbox', faces: 1, holes: 2, openMends: 1 };
const assets = (answers: Parameters<typeof serve>[0] = {}) => {
  const writes = serve({
    'GET /assets': pageOf(winch),
    'GET /holes': pageOf(holeRow({ id: 'h9', name: 'Loose cover', assetName: null, faceName: null })),
    ...answers,
  });
  return { writes, ...show(<AssetsPage />, 'mm', { at: '/assets' }) };
};

test('assets are listed with what is in them and what waits, loose parts beside them', async () => {
  const { text } = assets();
  await screen.findByText('Slipway winch');
  await screen.findByText('Loose cover');
  expect(text()).toContain('1 face, 2 holes1 under way');
});

test('an asset is added once, by a name without its blanks, and opened', async () => {
  const { user, writes } = assets({ 'POST /assets': { id: 'as2', name: 'Pump', note: '', faces: [] } });
  await user.type(await screen.findByLabelText('Its name'), '  Pump ');
  await user.click(screen.getByRole('button', { name: 'Add it' }));
  await screen.findByTestId('elsewhere');
  expect(writes).toEqual([
    expect.objectContaining({ address: '/assets', body: { id: expect.any(String), name: 'Pump', note: '' } }),
  ]);
  expect(screen.getByTestId('elsewhere').textContent).toBe(`/assets/${(writes[0]!.body as { id: string }).id}`);
});

test('a name that is there already is asked about, and nothing is added before that is answered', async () => {
  const { user, writes } = assets({ 'POST /assets': { id: 'as2', name: 'x', note: '', faces: [] } });
  await user.type(await screen.findByLabelText('Its name'), 'slipway  WINCH');
  await user.click(screen.getByRole('button', { name: 'Add it' }));
  const another = await screen.findByRole('button', { name: /another/i });
  expect(writes).toHaveLength(0);
  await user.click(another);
  await screen.findByTestId('elsewhere');
  expect(writes).toHaveLength(1);
});

test('what the server refuses is said at the field, and the name stays', async () => {
  const { user } = assets({ 'POST /assets': problem(422, 'This id is taken.') });
  const field = await screen.findByLabelText('Its name');
  await user.type(field, 'Pump');
  await user.click(screen.getByRole('button', { name: 'Add it' }));
  await screen.findByText('This id is taken.');
  expect((field as HTMLInputElement).value).toBe('Pump');
});

test('without an asset it says what to add; without a connection it says so and tries again', async () => {
  assets({ 'GET /assets': pageOf() });
  await screen.findByText('No asset yet');
  const { user } = assets({ 'GET /assets': null });
  await screen.findByText(/The server does not answer/);
  serve({ 'GET /assets': pageOf(winch), 'GET /holes': pageOf() });
  await user.click(screen.getByRole('button', { name: /again/i }));
  await screen.findByText('Slipway winch');
});

const detail = {
  id: 'as1',
  name: 'Slipway winch',
  note: '',
  faces: [{ id: 'f1', name: 'Sump face', count: 1, holes: [holeRow()], next: null }],
  next: null,
};
const asset = (answers: Parameters<typeof serve>[0] = {}) => {
  const writes = serve({
    'GET /assets/as1': detail,
    'GET /holes?limit=50&face=f1&search=': pageOf(holeRow()),
    ...answers,
  });
  return { writes, ...show(<AssetPage />, 'mm', { at: '/assets/as1', path: '/assets/:assetId' }) };
};

test('one asset: its faces with their holes; another face is there at once', async () => {
  const after = { ...detail, faces: [...detail.faces, { id: 'f2', name: 'Head', count: 0, holes: [], next: null }] };
  let there: object = detail;
  const { user, writes } = asset({
    'GET /assets/as1': () => there,
    'POST /assets/as1/faces': () => (there = after),
  });
  await screen.findByText('Sump face, 1 hole');
  await user.type(screen.getByLabelText('Add a face'), 'Head{Enter}');
  await screen.findByText('Head, 0 holes');
  expect(writes[0]!.body).toEqual({ id: expect.any(String), name: 'Head' });
  expect(writes[0]!.headers['X-Actor']).toBe('a1');
});

test('a second face of one name is asked about', async () => {
  const { user, writes } = asset();
  await user.type(await screen.findByLabelText('Add a face'), 'sump face{Enter}');
  await screen.findByText(/a face of this asset/);
  expect(writes).toHaveLength(0);
});

test('a mend is started on a hole of the face: which hole, what happened', async () => {
  const { user, writes } = asset({ 'POST /holes': { id: 'h2', revision: 2, since: 0, events: [] } });
  await user.click(await screen.findByRole('button', { name: 'Another hole here' }));
  const start = screen.getByRole('button', { name: 'Measure it' }) as HTMLButtonElement;
  expect(start.disabled).toBe(true);
  await user.type(screen.getByLabelText('Which hole'), 'Hole 5');
  await user.type(screen.getByLabelText('What happened'), 'pulled out');
  await user.click(start);
  await waitFor(() => expect(writes).toHaveLength(1));
  const { id, ...body } = writes[0]!.body as { id: string };
  expect(body).toMatchObject({ name: 'Hole 5', faceId: 'f1', mend: { what: 'pulled out' } });
  expect((await screen.findByTestId('elsewhere')).textContent).toBe(`/mend/${id}/measure`);
});

test('a hole of that name in the face is shown before another is made', async () => {
  const { user, writes } = asset();
  await user.click(await screen.findByRole('button', { name: 'Another hole here' }));
  await user.type(screen.getByLabelText('Which hole'), 'hole 4{Enter}');
  const there = await screen.findByRole('link', { name: 'Open it' });
  expect(there.getAttribute('href')).toBe('/holes/h1');
  expect(writes).toHaveLength(0);
});

test('a face of many holes shows its first, and the next page when asked', async () => {
  const { user, text } = asset({
    'GET /assets/as1': {
      ...detail,
      faces: [{ id: 'f1', name: 'Sump face', count: 31, holes: [holeRow()], next: 'Y3Vyc29y' }],
    },
    'GET /holes?limit=50&face=f1&cursor=Y3Vyc29y': pageOf(holeRow({ id: 'h31', name: 'Hole 31' })),
  });
  await screen.findByText('Sump face, 31 holes');
  await user.click(screen.getByRole('button', { name: 'More holes' }));
  await screen.findByText('Hole 31');
  expect(text()).not.toContain('More holes');
});

test('a search finds holes too, and says when it found more than it sorts', async () => {
  const { user } = assets({
    'GET /holes': { ...pageOf(holeRow({ id: 'h7', name: 'Hole 7' })), more: true },
  });
  await user.type(await screen.findByLabelText('Search assets and holes'), 'hole');
  await screen.findByText(/More than 500 found/);
  expect((await screen.findByRole('link', { name: /Hole 7/ })).textContent).toContain('Slipway winch, Sump face');
});

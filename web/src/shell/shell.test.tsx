import 'fake-indexeddb/auto';
import { act, screen, within } from '@testing-library/react';
import { keptOn } from '../base/kept.ts';
import { holeRow } from '../../test/holes.ts';
import { SETTINGS, show } from '../../test/panel.tsx';
import { serve } from '../../test/serve.ts';
import { FirstStart } from './FirstStart.tsx';
import { Shell } from './Shell.tsx';

const shell = (props: Partial<Parameters<typeof Shell>[0]> = {}) => (
  <Shell scheme="light" onScheme={() => undefined} {...props} />
);

beforeEach(() => void serve({ 'GET /clocks': [] }));

test('units are switched by hand and by key, but not by the one that is on', async () => {
  let toggled = 0;
  const { user } = show(shell(), 'mm', { shop: { toggleUnits: () => void (toggled += 1) } });
  await user.click(screen.getByRole('button', { name: 'mm' }));
  expect(toggled).toBe(0);
  await user.click(screen.getByRole('button', { name: 'inch' }));
  await user.keyboard('u');
  expect(toggled).toBe(2);
});

test('who works here is chosen from the people of the shop', async () => {
  const chosen: string[] = [];
  const { user } = show(shell(), 'mm', { shop: { chooseActor: (id) => void chosen.push(id) } });
  await user.click(screen.getByRole('button', { name: 'Working: Mechanic A' }));
  await user.click(screen.getByRole('menuitem', { name: 'Lead hand' }));
  expect(chosen).toEqual(['a2']);
});

test('the keys are said by a key of their own; a letter typed into a field is a letter', async () => {
  const { user } = show(shell());
  await user.keyboard('/');
  const line = screen.getByLabelText('Quick line: a thread, a drill or a question') as HTMLInputElement;
  expect(document.activeElement).toBe(line);
  await user.keyboard('u?');
  expect([line.value, screen.queryByRole('dialog')]).toEqual(['u?', null]);
  await user.keyboard('{Escape}?');
  expect(within(screen.getByRole('dialog')).getByText('up and down the metal ladder')).toBeTruthy();
});

test('the quick line answers what is typed, and is emptied by Escape', async () => {
  const { user } = show(shell());
  const line = screen.getByLabelText('Quick line: a thread, a drill or a question') as HTMLInputElement;
  await user.type(line, 'M8');
  expect(await screen.findByText('6.8 mm →')).toBeTruthy();
  await user.keyboard('{Escape}');
  expect([line.value, screen.queryByText('6.8 mm →')]).toEqual(['', null]);
});

test('the dark scheme is one press away, and says what it is for', async () => {
  const schemes: string[] = [];
  const { user } = show(shell({ onScheme: (scheme) => void schemes.push(scheme) }));
  await user.click(screen.getByRole('button', { name: 'Dark scheme, for the night shift' }));
  expect(schemes).toEqual(['dark']);
});

test('a browser that keeps nothing is said to, as soon as it refuses', () => {
  show(shell());
  expect(screen.queryByRole('alert')).toBeNull();
  const full = () => {
    throw new DOMException('full', 'QuotaExceededError');
  };
  act(() => keptOn(() => ({ getItem: () => null, setItem: full, removeItem: full })).keepText('a', 'b'));
  expect(screen.getByRole('alert').textContent).toContain('This browser keeps nothing on the device');
});

test('a wait is seen from every place: the one that is due first, late said as late', async () => {
  const clock = (clockWhat: string, minutes: number) =>
    holeRow({ clockWhat, clockDueAt: new Date(Date.now() + minutes * 60_000).toISOString() });
  serve({ 'GET /clocks': [clock('soak', -3), clock('cure', 40)] });
  show(shell());
  const seen = await screen.findByRole('link', { name: /soak and 1 more/ });
  expect([seen.textContent, seen.getAttribute('data-due'), seen.getAttribute('href')]).toEqual([
    expect.stringMatching(/^late by 3:0\dsoak/),
    'true',
    '/mend/h1/cut',
  ]);
});

test('the first start asks three questions and saves them as one', async () => {
  const saved: object[] = [];
  const { user } = show(<FirstStart />, 'mm', { shop: { save: async (next) => void saved.push(next) } });
  await user.click(screen.getByLabelText('inches'));
  const sets = screen.getAllByRole('checkbox');
  for (const box of sets) if ((box as HTMLInputElement).checked) await user.click(box);
  await user.click(sets[0]!);
  await user.click(screen.getByRole('button', { name: 'Start' }));
  expect(saved).toEqual([{ ...SETTINGS, units: 'in', drillSets: ['metric-tenths'], setUp: true }]);
});

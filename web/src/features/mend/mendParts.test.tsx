import { cleanup, screen } from '@testing-library/react';
import type { HoleDetail } from '@deep-mend/contract';
import type { HoleFile } from '@deep-mend/core';
import { ApiProblem } from '../../base/client.ts';
import { problem, serve } from '../../../test/serve.ts';
import { pageOf } from '../../../test/holes.ts';
import { fileWith, plannedCoil, show } from '../../../test/panel.tsx';
import { CutSinceNotice, FreedNotice, MendTitle, NoMendNotice, Refusal } from './MendNotices.tsx';
import { ReplanDialog } from './ReplanDialog.tsx';
import { LocatePanel } from './stations/locate/LocatePanel.tsx';

beforeEach(() => localStorage.clear());

const replan = (told: unknown[], units: 'mm' | 'in' = 'mm') =>
  show(
    <ReplanDialog
      units={units}
      drillIds={['8.3 mm', '2.5 mm']}
      keepAs="replan:h1"
      onFound={async (found, { note, end }) => {
        const what = found.kind === 'reading' ? [found.quantity, found.draft.text, found.draft.units] : found;
        return told.push(what, `${end}: ${note}`) > 0;
      }}
      onClose={() => void told.push('closed')}
    />,
    units,
  );

test('it came out another size: only a size is taken, with the unit in which it was typed', async () => {
  const told: unknown[] = [];
  const { user } = replan(told, 'in');
  const again = screen.getByRole('button', { name: 'Weigh again' }) as HTMLButtonElement;
  const field = screen.getByRole('textbox', { name: /^Bore/ });
  expect(again.disabled).toBe(true);
  await user.type(field, 'big');
  expect([again.disabled, field.getAttribute('aria-invalid')]).toEqual([true, 'true']);
  await user.clear(field);
  await user.type(field, '0.34');
  await user.click(again);
  expect(told).toEqual([['bore-a', '0.34', 'in'], 'otherwise: The hole came out another size']);
});

test('a tap that broke in it needs no number', async () => {
  const told: unknown[] = [];
  const { user } = replan(told);
  await user.click(screen.getByRole('combobox'));
  await user.click(screen.getByRole('option', { name: 'The tap broke in it' }));
  expect(screen.getAllByRole('textbox')).toHaveLength(1);
  await user.click(screen.getByRole('button', { name: 'Weigh again' }));
  expect(told).toEqual([
    { kind: 'choice', choice: { field: 'stuck', value: 'tap' } },
    'otherwise: The tap broke in it',
  ]);
});

test('another metal is chosen from the metals; before it is, nothing is weighed', async () => {
  const told: unknown[] = [];
  const { user } = replan(told);
  await user.click(screen.getByRole('combobox'));
  await user.click(screen.getByRole('option', { name: 'It is another metal' }));
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Weigh again' }).disabled).toBe(true);
  await user.click(screen.getByRole('combobox', { name: 'Cut in' }));
  await user.click(screen.getByRole('option', { name: 'Grey cast iron' }));
  await user.click(screen.getByRole('button', { name: 'Weigh again' }));
  expect(told[0]).toEqual({ kind: 'choice', choice: { field: 'parentId', value: 'grey-iron' } });
});

test('what is typed of it outlives the dialog, until it is recorded', async () => {
  const { user } = replan([]);
  await user.type(screen.getByRole('textbox', { name: /^What was seen/ }), 'it squealed');
  cleanup();
  replan([]);
  expect(screen.getByRole<HTMLInputElement>('textbox', { name: /^What was seen/ }).value).toBe('it squealed');
});

test('a drill that is not here: which one, and what was seen is kept beside it', async () => {
  const told: unknown[] = [];
  const { user } = replan(told);
  await user.click(screen.getByRole('combobox'));
  await user.click(screen.getByRole('option', { name: 'The drill wanted is not here' }));
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Weigh again' }).disabled).toBe(true);
  await user.click(screen.getByRole('combobox', { name: 'Drill' }));
  await user.click(screen.getByRole('option', { name: '8.3 mm' }));
  await user.type(screen.getByRole('textbox', { name: /^What was seen/ }), 'snapped last week');
  await user.click(screen.getByRole('button', { name: 'Weigh again' }));
  expect(told).toEqual([
    { kind: 'drill', drillId: '8.3 mm' },
    'not-done: The drill wanted is not here: snapped last week',
  ]);
});

test('cut by the plan that is left: it says what, until the bore was measured after it', () => {
  const plan = plannedCoil();
  const drill = plan.said.mm.steps.find(({ noReturn }) => noReturn)!;
  const told = { mendId: 'm1', note: '', at: '2026-11-23T09:00:00.000Z', actor: 'Mechanic A' };
  const step = (stepId: string, end: 'done' | 'not-done') => ({ ...told, planId: 'p1', stepId, end });
  const file = fileWith({});
  const notice = (steps: ReturnType<typeof step>[], at?: string) => (
    <CutSinceNotice
      mend={{ ...file.mends[0]!, planId: 'p1', plan, steps }}
      file={
        at ? { ...file, live: { 'bore-a': { happenedAt: at } as HoleFile['readings'][number] } } : { ...file, live: {} }
      }
    />
  );
  const { text, again } = show(notice([step('strip', 'done'), step(drill.id, 'not-done')]));
  expect(text()).toBe('');
  again(notice([step(drill.id, 'done')], '2026-11-23T08:00:00.000Z'));
  expect(text()).toContain(`Cut at the bench already: ${drill.title}. Measure the bore again`);
  again(notice([step(drill.id, 'done')], '2026-11-23T09:30:00.000Z'));
  expect(text()).toBe('');
});

test('what was stuck is out: whether the drill went past the crests is said', () => {
  const { text, again } = show(<FreedNotice freed="whole" onClose={() => undefined} />);
  expect(text()).toContain('Measure the hole again');
  expect(text()).not.toContain('past the crests');
  again(<FreedNotice freed="cut" onClose={() => undefined} />);
  expect(text()).toContain('The drill went past the crests');
  again(<FreedNotice freed={null} onClose={() => undefined} />);
  expect(text()).toBe('');
});

test('a hole without a mend leads to one, or to its passport', async () => {
  let started = 0;
  const { user } = show(<NoMendNotice holeId="h1" onStart={() => void (started += 1)} />);
  expect(screen.getByRole('link').getAttribute('href')).toBe('/holes/h1');
  await user.click(screen.getByRole('button', { name: 'Start a mend' }));
  expect(started).toBe(1);
});

test('what the server would not record is said, and can be put away', async () => {
  const done: string[] = [];
  const { user, text } = show(
    <Refusal problem={new ApiProblem(problem(422, 'No such mend.'))} onClose={() => void done.push('closed')} />,
  );
  expect(text()).toBe('No such mend.');
  await user.click(screen.getByRole('button', { name: 'Close' }));
  expect(done).toEqual(['closed']);
});

const detail = (place: HoleDetail['place']): HoleDetail => ({
  id: 'h1',
  code: '7KQ2M9XD',
  revision: 2,
  place,
  events: [],
});
const place = { assetId: 'as1', assetName: 'Slipway winch', faceId: 'f1', faceName: 'Sump face' };

test('the title is the way back to the asset; a loose part has none', () => {
  const { text, again } = show(<MendTitle detail={detail(place)} name="Hole 4" />);
  expect(screen.getByRole('link').getAttribute('href')).toBe('/assets/as1');
  again(<MendTitle detail={detail(null)} name="Hole 4" />);
  expect([text(), screen.queryByRole('link')]).toEqual(['Loose part / Hole 4', null]);
});

test('where it is: a mend is started with what happened, where none is open', async () => {
  serve({ 'GET /assets': pageOf() });
  const opened: string[] = [];
  const locate = (open: boolean) => (
    <LocatePanel
      detail={detail(null)}
      file={fileWith({}, open ? { what: 'pulled out' } : { outcome: 'given-up', closedAt: '2026-01-02T08:00:00Z' })}
      onFile={async () => undefined}
      onOpen={async (what) => opened.push(what) > 0}
    />
  );
  const { user, text, again } = show(locate(true));
  expect(text()).toContain('Hole 4: pulled out');
  expect(screen.queryByRole('button', { name: 'Start a mend here' })).toBeNull();
  again(locate(false));
  expect(text()).toContain('Before: given up, 2 Jan 2026.');
  await user.type(screen.getByLabelText('What happened to it?'), 'stripped again');
  await user.click(screen.getByRole('button', { name: 'Start a mend here' }));
  expect(opened).toEqual(['stripped again']);
  expect((screen.getByRole('button', { name: 'File it there' }) as HTMLButtonElement).disabled).toBe(true);
});

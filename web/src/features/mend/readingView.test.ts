import type { ReadingEntry } from '@deep-mend/core';
import type { Draft } from './drafts.ts';
import { viewsOf, readingView, startedDraft } from './readingView.ts';

const typed = (text: string, halfWidth = '0.1'): Draft => ({
  text,
  instrument: 'caliper',
  halfWidth,
  units: 'mm',
});
const field = { quantity: 'bore-a', threadId: 'M8x1.25', entry: undefined, units: 'mm', rules: {} } as const;
const entry = { text: '5/16', notation: 'in', mm: 7.9375, halfWidthMm: 0.05, instrument: 'caliper' } as ReadingEntry;

test('an empty field offers its usual instrument with its doubt, and the shown unit', () => {
  const view = readingView({ ...field, draft: undefined });
  expect(view).toMatchObject({ drafted: false, unit: 'mm', problem: null, question: null });
  expect(Number(view.halfWidth)).toBeGreaterThan(0);
});

test('where the shop uses its own doubt of an instrument, that one is offered', () => {
  const own = [{ kind: 'doubt', id: 'caliper', value: 0.034, count: 9 } as const];
  expect(readingView({ ...field, rules: { own }, draft: undefined }).halfWidth).toBe('0.034');
  expect(readingView({ ...field, rules: { own: [{ ...own[0]!, id: 'eye' }] }, draft: undefined }).halfWidth).not.toBe(
    '0.034',
  );
});

test('a recorded reading keeps the unit that it was written in; typing over it takes the shown one', () => {
  const recorded = { ...field, entry };
  expect(readingView({ ...recorded, draft: undefined }).unit).toBe('');
  expect(readingView({ ...recorded, entry: { ...entry, text: '0.3125' }, draft: undefined }).unit).toBe('in');
  expect(readingView({ ...recorded, draft: typed('7.9') })).toMatchObject({ drafted: true, unit: 'mm' });
  expect(readingView({ ...recorded, draft: typed('7.9 mm') }).unit).toBe('');
  expect(startedDraft({ ...recorded, draft: undefined })).toEqual({
    text: '5/16',
    instrument: 'caliper',
    halfWidth: '0.05',
    units: 'mm',
  });
});

test('what is typed keeps the unit in which it was typed when the switch of units is pressed', () => {
  const inInches = { ...field, units: 'in' } as const;
  expect(readingView({ ...inInches, draft: typed('8.35') })).toMatchObject({ unit: 'mm', problem: null });
  // Typed over a recorded bare number, a bare number means what that one meant.
  expect(startedDraft({ ...field, entry: { ...entry, text: '0.3125' }, draft: undefined }).units).toBe('in');
});

test('what cannot be read is said at the field, its text before its doubt; what is odd is asked about', () => {
  const wrong = readingView({ ...field, draft: typed('7,9,9', 'x') });
  expect(wrong.problem).not.toBeNull();
  expect(wrong.problem).not.toBe(wrong.doubtProblem);
  const doubtful = readingView({ ...field, draft: typed('7.9', 'x') });
  expect(doubtful.problem).toBe(doubtful.doubtProblem);
  expect(doubtful.doubtProblem).not.toBeNull();
  const odd = readingView({ ...field, draft: typed('66') });
  expect(odd).toMatchObject({ problem: null, question: 'Is it 66 mm, or 6.6 mm?' });
  expect(readingView({ ...field, threadId: undefined, draft: typed('66') }).question).toBeNull();
});

test('a drill gauges a bore by its name, never a depth', () => {
  expect(readingView({ ...field, draft: typed('H') }).problem).toBeNull();
  expect(readingView({ ...field, quantity: 'depth', draft: typed('x') }).problem).toMatch(/is the name of a drill/);
});

test('the doubt is said in the system of the reading, and before that in the shop’s', () => {
  expect(readingView({ ...field, draft: undefined }).doubt).toBe('0.05 mm');
  expect(readingView({ ...field, units: 'in', draft: undefined }).doubt).toBe('0.002 in');
  expect(readingView({ ...field, units: 'in', draft: typed('7.9 mm') }).doubt).toBe('0.1 mm');
  expect(readingView({ ...field, draft: typed('7.9', '0.002 in') }).doubt).toBe('0.051 mm');
  expect(readingView({ ...field, draft: typed('7.9', '0.004') }).doubt).toBe('0.004 mm');
  expect(readingView({ ...field, draft: typed('7.9', 'much') }).doubt).toBe('much');
  expect(readingView({ ...field, units: 'mm', draft: undefined, entry }).doubt).toBe('0.002 in');
});

test('a key that changes nothing round the text keeps what is shown, so the field is not drawn again', () => {
  const views = viewsOf(field);
  const empty = views(undefined);
  const first = views(typed('7'));
  expect(first).not.toBe(empty);
  expect(views(typed('7.9'))).toBe(first);
  expect(views(typed('7.9 mm'))).not.toBe(first);
  expect(views(typed('7.9x')).problem).not.toBeNull();
  expect(views(undefined)).toEqual(empty);
});

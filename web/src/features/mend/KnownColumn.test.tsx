import { cleanup, screen } from '@testing-library/react';
import { CHOICES, QUANTITIES, STUCK_THINGS, type ChoiceId, type HoleFile } from '@deep-mend/core';
import { fileWith, show } from '../../../test/panel.tsx';
import { choiceFieldId } from './known/fields.tsx';
import { KnownColumn } from './KnownColumn.tsx';

const column = (choices: HoleFile['choices'] = {}, props: Partial<Parameters<typeof KnownColumn>[0]> = {}) => (
  <KnownColumn
    file={fileWith(choices)}
    drafted={new Set()}
    units="mm"
    readOnly={false}
    faceName=""
    sisters={null}
    choose={() => undefined}
    onCommit={() => undefined}
    {...props}
  />
);
const group = (title: string) => screen.getByText(title).closest('details')!;

test('the depth is called by what the hole is', () => {
  const { again } = show(column());
  expect(screen.getByLabelText('Depth or thickness')).toBeTruthy();
  again(column({ kind: 'through' }));
  expect(screen.getByLabelText('Thickness')).toBeTruthy();
  again(column({ kind: 'blind' }));
  expect(screen.getByLabelText('Depth to the shoulder')).toBeTruthy();
});

test('stripped throughout, nobody is asked how deep', () => {
  const { again } = show(column());
  expect(screen.getByLabelText('Stripped from the face to')).toBeTruthy();
  again(column({ strippedThroughout: true }));
  expect(screen.queryByLabelText('Stripped from the face to')).toBeNull();
});

test.each<[string, HoleFile['choices']]>([
  ['The bore more exactly', { fitClass: '5H', threadId: 'M8x1.25' }],
  ['What else is around it', { crack: 'near' }],
  ['Repaired or tried before', { earlierRepair: 'wire-coil' }],
  ['More about the joint', { sealing: 'oil' }],
])('the group “%s” is shut until something in it is answered', (title, choices) => {
  const { again } = show(column());
  expect(group(title).open).toBe(false);
  again(<div key="other">{column(choices)}</div>);
  expect(group(title).open).toBe(true);
});

test('a group lies open where a reading in it is typed and not recorded yet', () => {
  show(column({}, { drafted: new Set(['lean']) }));
  expect(group('The bore more exactly').open).toBe(true);
});

test('not all true: what is answered by itself lies open, part by part', async () => {
  const { user } = show(column({ threadId: 'M8x1.25' }));
  expect(group('What else is around it').open).toBe(false);
  await user.click(screen.getByRole('button', { name: 'Not all' }));
  for (const title of ['What else is around it', 'Repaired or tried before', 'More about the joint'])
    expect([title, group(title).open]).toEqual([title, true]);
});

test('a face called after a sump asks what is screwed in where everybody sees it; else it is among the joint’s', () => {
  const { again } = show(column({ threadId: 'M12x1.75' }));
  expect(screen.queryByLabelText('What is screwed in')).toBeNull();
  again(column({ threadId: 'M12x1.75' }, { faceName: 'Sump face' }));
  expect(screen.getByLabelText('What is screwed in')).toBeTruthy();
});

test('words about a snapped stud are asked about, and the answer is recorded as a choice', async () => {
  const chosen: [ChoiceId, unknown][] = [];
  const file = fileWith({}, { what: 'stud snapped off flush' });
  const { user } = show(
    column({}, { file, choose: ((id: ChoiceId, value: unknown) => void chosen.push([id, value])) as never }),
  );
  await user.click(screen.getByRole('button', { name: 'Yes' }));
  expect(chosen).toEqual([['stuck', 'stud']]);
});

test('a thread is read as it is typed, recorded when it is left, and a slip is said', async () => {
  const chosen: [ChoiceId, unknown][] = [];
  const { user } = show(
    column({}, { choose: ((id: ChoiceId, value: unknown) => void chosen.push([id, value])) as never }),
  );
  const field = screen.getByLabelText('Thread as made');
  await user.type(field, '3/8-16');
  expect(screen.getByText(/^reads as 3\/8/)).toBeTruthy();
  await user.tab();
  expect(chosen).toEqual([['threadId', '3/8-16']]);
  await user.type(field, 'M8x{Enter}');
  expect(screen.getByRole('alert').textContent).toContain('M8x');
  expect(chosen).toHaveLength(1);
});

test('an emptied thread is no thread: the hole keeps its own', async () => {
  const chosen: unknown[] = [];
  const { user } = show(
    column({ threadId: 'M8x1.25' }, { choose: ((...told: unknown[]) => void chosen.push(told)) as never }),
  );
  const field = screen.getByLabelText('Thread as made') as HTMLInputElement;
  await user.clear(field);
  await user.tab();
  expect([chosen, field.value]).toEqual([[], 'M8 × 1.25']);
});

test('without a mend nothing can be typed, and it says why', () => {
  const { text } = show(column({}, { readOnly: true }));
  expect(text()).toContain('No mend is open on this hole');
  for (const field of document.querySelectorAll<HTMLInputElement>('input, select'))
    expect([field.id, field.disabled]).toEqual([field.id, true]);
});

/** Asked at the station that frees, beside what they decide. */
const AT_FREE = {
  readings: ['core-bore', 'core-projection', 'core-bored'],
  choices: ['stuckBehind', 'coreStart', 'coreHold', 'coreLimit', 'keepShellMm', 'keepFloorMm', 'keepWallMm'],
};

test('every reading and every choice has its field on some hole', () => {
  const HOLES: HoleFile['choices'][] = [
    { kind: 'blind', behind: 'liquid', earlierRepair: 'wire-coil', threadId: 'M8x1.25', demandMode: 'preload' },
    { threadId: 'M8x1.25', failedMethod: 'oversize', duty: 'can-hurt' },
    { kind: 'through', screwedIn: 'plug', threadId: 'M14x1.5', behind: 'pressure', duty: 'under-code' },
    ...STUCK_THINGS.map(({ id }): HoleFile['choices'] => ({ stuck: id, threadId: 'M8x1.25' })),
  ];
  const readings = QUANTITIES.map(({ id }) => id);
  const seen = new Set<string>();
  for (const choices of HOLES) {
    // With everything typed every group lies open; with nothing, what stands in its place is asked.
    for (const drafted of [new Set(readings), new Set<never>()]) {
      show(column(choices, { drafted }));
      document.querySelectorAll('input, select').forEach(({ id }) => seen.add(id));
      cleanup();
    }
  }
  expect(readings.filter((id) => !seen.has(`reading-${id}`))).toEqual(AT_FREE.readings);
  const choices = CHOICES.map(({ id }) => id).filter((id) => id !== 'threadId');
  expect(choices.filter((id) => !seen.has(choiceFieldId(id)))).toEqual(AT_FREE.choices);
});

import { digestOf } from '../../basis/numeric/index.ts';
import { FULL_RACK } from '../../facts/drills/index.ts';
import { caseFromInputs, DEFAULT_HOUSE_RULES } from '../../judge/hole/index.ts';
import { freezePlan, routeDigest } from '../../plan/freeze/index.ts';
import { weighCase } from '../../pipeline.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import { blankFile, EVENT_KINDS, readStored, type HoleEventBody, type StoredEvent } from '../events/index.ts';
import { checkPlannedBore } from '../results/index.ts';
import { foldHole, headOf, inputsOf, mayCut, nextHead, stationOf, type HoleHead } from './index.ts';

function events(...bodies: HoleEventBody[]): StoredEvent[] {
  return bodies.map((body, index) => ({
    ...body,
    payloadVersion: EVENT_KINDS[body.kind].version,
    id: `e${index + 1}`,
    seq: index + 1,
    happenedAt: `2026-01-0${(index % 9) + 1}T08:00:00Z`,
    recordedAt: `2026-01-0${(index % 9) + 1}T08:00:00Z`,
    actor: 'Mechanic A',
  }));
}

const reading = (quantity: 'edge' | 'depth' | 'damage-to', mm: number): HoleEventBody => ({
  kind: 'reading',
  payload: { quantity, text: `${mm}`, notation: 'mm', mm, halfWidthMm: 0.1, instrument: 'caliper' },
});
const located: HoleEventBody = { kind: 'located', payload: { name: 'Hole 4', faceId: null } };
const shop = { rules: DEFAULT_HOUSE_RULES, rack: FULL_RACK };
const proposal = weighCase(holeCase());
const plan = freezePlan(proposal, 'wire-coil:M8x1.25:1.5D');

test('says what is missing until the case is complete', () => {
  const before = caseFromInputs(inputsOf(foldHole(events(located, reading('depth', 20)))), shop);
  expect(before.ok ? [] : before.missing).toEqual(['thread', 'material', 'kind', 'damage-to']);
  const file = foldHole(
    events(
      located,
      reading('depth', 20),
      reading('damage-to', 9),
      { kind: 'choice', payload: { field: 'threadId', value: 'M8x1.25' } },
      { kind: 'choice', payload: { field: 'parentId', value: 'grey-iron' } },
      { kind: 'choice', payload: { field: 'kind', value: 'through' } },
    ),
  );
  const after = caseFromInputs(inputsOf(file), shop);
  expect(after.ok && after.hole.thread.id).toBe('M8x1.25');
  expect(file.generations[0]).toMatchObject({ number: 0, threadId: 'M8x1.25', outermostMm: 8 });
});

test('a struck-out reading stays visible and the one before it counts again', () => {
  const file = foldHole(
    events(located, reading('edge', 13.5), reading('edge', 31.5), {
      kind: 'reading-struck',
      payload: { readingId: 'e3', reason: 'digits turned' },
    }),
  );
  expect(file.live.edge?.mm).toBe(13.5);
  expect(file.readings.map((r) => r.state)).toEqual(['live', 'struck']);
  expect(file.readings[1]!.reason).toBe('digits turned');
});

test('a moved reading no longer counts here', () => {
  const file = foldHole(
    events(located, reading('edge', 13.5), {
      kind: 'reading-moved',
      payload: { readingId: 'e2', toHoleId: 'h2', reason: 'hole 5' },
    }),
  );
  expect(file.live.edge).toBeUndefined();
  expect(file.readings[0]!.state).toBe('moved');
});

test('a closed mend makes the next generation and ends the damage readings, not the edge', () => {
  const file = foldHole(
    events(
      located,
      { kind: 'choice', payload: { field: 'threadId', value: 'M8x1.25' } },
      { kind: 'mend-opened', payload: { mendId: 'm1', what: 'pulled out' } },
      reading('edge', 30),
      reading('damage-to', 9),
      { kind: 'plan-frozen', payload: { mendId: 'm1', planId: 'p1', plan, supersedes: null, inputs: null } },
      { kind: 'result', payload: { mendId: 'm1', planId: 'p1', results: [{ id: 'bore', mm: 8.35 }], note: '' } },
      { kind: 'mend-closed', payload: { mendId: 'm1', outcome: 'mended', note: '', secondSignedBy: null } },
    ),
  );
  expect(file.generations).toHaveLength(2);
  expect(file.generations[1]).toMatchObject({
    number: 1,
    method: 'wire-coil',
    outermostMm: 9.624,
    signedBy: 'Mechanic A',
  });
  expect(Object.keys(file.live)).toEqual(['edge']);
  expect(file.mends[0]).toMatchObject({ outcome: 'mended', planId: 'p1' });
});

test('freezing is reproducible, carries its numbers, and refuses what does not hold', () => {
  const shown = proposal.routes.find((r) => r.id === plan.routeId)!;
  expect(plan.digest).toBe(routeDigest(shown));
  expect(plan.numbers).toMatchObject({ drillId: '8.3 mm', cutMajorMm: 9.624, stripLoadN: 41445 });
  expect(plan.steps.map((step) => step.id)).toEqual([
    'strip',
    'hold',
    'ready',
    'locate',
    'drill',
    'gauge-bore',
    'countersink',
    'tap-1',
    'clean',
    'gauge-thread',
    'insert',
    'tang',
    'prove',
    'screw',
    'fasten',
  ]);
  expect(() => freezePlan(proposal, 'wire-coil:M8x1.25:1D')).toThrow('unknown-route');
});

test('the seal of a plan covers the facts and the words, in either system', () => {
  const { checks, steps, said, seal } = plan;
  expect(seal).toBe(digestOf({ checks, steps, said }));
  const [first, ...rest] = said.in.steps;
  const reworded = { ...said, in: { ...said.in, steps: [{ ...first!, what: 'Anything.' }, ...rest] } };
  expect(digestOf({ checks, steps, said: reworded })).not.toBe(seal);
});

test('a bore measured before tapping is held against the plan like a result', () => {
  expect(checkPlannedBore(plan, 8.35)!.verdict).toBe('holds');
  expect(checkPlannedBore(plan, 8.9)!.verdict).toBe('does-not-hold');
  expect(checkPlannedBore({ expectations: [] }, 8.35)).toBeNull();
});

test('attempts stay in the mend in order, and what is freed is no longer stuck', () => {
  const tried = (means: 'heat-soak' | 'left-hand-drill', outcome: 'nothing' | 'freed') =>
    ({ kind: 'attempt', payload: { mendId: 'm1', means, outcome, note: '' } }) as const;
  const before = [
    located,
    { kind: 'choice', payload: { field: 'stuck', value: 'stud' } },
    { kind: 'mend-opened', payload: { mendId: 'm1', what: 'snapped' } },
    tried('heat-soak', 'nothing'),
  ] as const;
  expect(foldHole(events(...before)).choices.stuck).toBe('stud');
  const after = foldHole(events(...before, tried('left-hand-drill', 'freed')));
  expect(after.choices.stuck).toBe('none');
  expect(after.mends[0]!.attempts.map(({ means, outcome }) => `${means} ${outcome}`)).toEqual([
    'heat-soak nothing',
    'left-hand-drill freed',
  ]);
});

test('what another build wrote is named, never skipped', () => {
  const [first] = events(located);
  expect(() => foldHole([{ ...first!, kind: 'painted' }])).toThrow(/unknown-event: painted/);
  expect(() => foldHole([{ ...first!, payloadVersion: 2 }])).toThrow(/located, version 2/);
});

test('where a mend goes on, and whether the hole may be cut', () => {
  const choice = (field: 'threadId' | 'parentId', value: string) =>
    ({ kind: 'choice', payload: { field, value } }) as const;
  const steps: readonly [HoleEventBody, ReturnType<typeof stationOf>, ReturnType<typeof mayCut>][] = [
    [located, null, 'no-mend'],
    [{ kind: 'mend-opened', payload: { mendId: 'm1', what: '' } }, 'measure', 'no-plan'],
    [choice('threadId', 'M8x1.25'), 'measure', 'no-plan'],
    [choice('parentId', 'grey-iron'), 'measure', 'no-plan'],
    [reading('depth', 20), 'decide', 'no-plan'],
    [{ kind: 'choice', payload: { field: 'stuck', value: 'stud' } }, 'free', 'stuck'],
    [{ kind: 'attempt', payload: { mendId: 'm1', means: 'mill', outcome: 'freed', note: '' } }, 'decide', 'no-plan'],
    [
      { kind: 'plan-frozen', payload: { mendId: 'm1', planId: 'p1', plan, supersedes: null, inputs: null } },
      'prepare',
      'yes',
    ],
    [{ kind: 'result', payload: { mendId: 'm1', planId: 'p1', results: [], note: '' } }, 'prove', 'yes'],
    [
      { kind: 'mend-closed', payload: { mendId: 'm1', outcome: 'given-up', note: '', secondSignedBy: null } },
      null,
      'no-mend',
    ],
  ];
  steps.forEach(([, station, cut], index) => {
    const file = foldHole(events(...steps.slice(0, index + 1).map(([body]) => body)));
    expect([index, stationOf(file), mayCut(file)]).toEqual([index, station, cut]);
  });
});

test('that it cured is stamped with its clock by the record, whatever the answer says; a head kept step by step knows it too', () => {
  // Events fall on days one after the other, at eight.
  const clock = (dueAt: string): HoleEventBody => ({
    kind: 'clock-started',
    payload: { mendId: 'm1', clockId: `c${dueAt}`, what: 'full strength', dueAt, cures: 'full' },
  });
  const answer = (wait: 'over' | undefined): HoleEventBody => ({
    kind: 'result',
    payload: { mendId: 'm1', planId: 'p1', note: '', results: [{ id: 'cured', passed: true, wait }] },
  });
  const opened: HoleEventBody = { kind: 'mend-opened', payload: { mendId: 'm1', what: '' } };
  const waits = (...bodies: HoleEventBody[]) => {
    const stored = events(located, opened, ...bodies);
    const head = stored.reduce<HoleHead>((now, event) => nextHead(now, readStored(event))!, headOf(blankFile()));
    expect(headOf(foldHole(stored))).toEqual(head);
    return foldHole(stored).mends[0]!.results![0]!.wait;
  };
  expect(waits(answer('over'))).toBe('none');
  expect(waits(clock('2026-01-03T20:00:00Z'), answer(undefined))).toBe('over');
  expect(waits(clock('2026-01-09T20:00:00Z'), answer('over'))).toBe('running');
  const ended: HoleEventBody = { kind: 'clock-ended', payload: { mendId: 'm1', clockId: 'c2026-01-09T20:00:00Z' } };
  expect(waits(clock('2026-01-09T20:00:00Z'), ended, answer('over'))).toBe('broken-off');
});

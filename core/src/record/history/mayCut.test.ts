import type { FrozenPlan } from '../../plan/freeze/index.ts';
import { weighCase } from '../../pipeline.ts';
import { freezePlan } from '../../plan/freeze/index.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import { readStored, type HoleEventBody, type HoleFile, type StoredEvent } from '../events/index.ts';
import { CLOSE_BARS, CUT_BARS, foldHole, mayClose, mayCut } from './index.ts';

const stripped = { damageTo: { mm: 20, halfWidthMm: 0 }, strippedThroughout: true };
const COIL = 'wire-coil:M8x1.25:2D';
const planOf = (changes: Parameters<typeof holeCase>[0], routeId = COIL): FrozenPlan =>
  freezePlan(weighCase(holeCase({ ...stripped, ...changes })), routeId);

/** A hole with one open mend, and what happened to it since. */
function fileOf(...bodies: HoleEventBody[]): HoleFile {
  const opened: HoleEventBody = { kind: 'mend-opened', payload: { mendId: 'm', what: 'stripped' } };
  return foldHole(
    [opened, ...bodies].map((body, index): StoredEvent => ({
      id: String(index),
      seq: index + 1,
      happenedAt: '2026-01-01T00:00:00.000Z',
      recordedAt: '2026-01-01T00:00:00.000Z',
      actor: 'Mechanic A',
      payloadVersion: body.kind === 'plan-frozen' ? 3 : body.kind === 'choice' ? 2 : 1,
      ...body,
    })),
  );
}
const planned = (plan: FrozenPlan, planId = 'p'): HoleEventBody => ({
  kind: 'plan-frozen',
  payload: { mendId: 'm', planId, plan, supersedes: null, inputs: null },
});
const chosen = (field: string, value: unknown) => ({ kind: 'choice', payload: { field, value } }) as HoleEventBody;
const looked = (...ticks: FrozenPlan['ticks']): HoleEventBody => ({
  kind: 'looked',
  payload: { mendId: 'm', planId: 'p', ticks },
});
const released: HoleEventBody = {
  kind: 'released',
  payload: { mendId: 'm', role: 'maker', by: 'desk', reference: 'R 1', date: '2026-01-01', allows: 'a coil' },
};
const SURE = planOf({});
const UNSEEN = planOf({ crack: null, earlierSeen: false });
const ASKING = planOf({ behind: null });

test.each([
  ['no plan yet', [], 'no-plan'],
  ['a plan that hangs on nothing', [planned(SURE)], 'yes'],
  ['a plan that hangs on an answer', [planned(ASKING)], 'asked'],
  ['what is to be looked at is not ticked', [planned(UNSEEN)], 'not-looked'],
  ['half of it is', [planned(UNSEEN), looked('crack')], 'not-looked'],
  ['all of it is', [planned(UNSEEN), looked('crack'), looked('earlier')], 'yes'],
  ['a look belongs to its plan', [planned(UNSEEN), looked('crack', 'earlier'), planned(UNSEEN, 'q')], 'not-looked'],
  ['someone can be hurt', [planned(SURE), chosen('duty', 'can-hurt')], 'not-released'],
  ['and it is released', [planned(SURE), chosen('duty', 'can-hurt'), released], 'yes'],
  ['under a code', [planned(SURE), chosen('duty', 'under-code')], 'not-released'],
  ['stops or drips needs none', [planned(SURE), chosen('duty', 'leak-or-damage')], 'yes'],
  ['a part that is replaced is not cut here', [planned(planOf({}, 'replace-part')), chosen('duty', 'can-hurt')], 'yes'],
  ['do not use', [planned(SURE), chosen('doNotUse', true)], 'do-not-use'],
  ['taken back', [planned(SURE), chosen('doNotUse', true), chosen('doNotUse', false)], 'yes'],
  ['something stuck goes before all of it', [planned(ASKING), chosen('stuck', 'tap')], 'stuck'],
] as const)('%s: %s', (_, events, bar) => {
  expect(mayCut(fileOf(...events))).toBe(bar);
});

const recorded = (...results: { id: 'gauge' | 'square' | 'proof-load'; passed: boolean }[]): HoleEventBody => ({
  kind: 'result',
  payload: { mendId: 'm', planId: 'p', results, note: '' },
});
const GAUGED = { id: 'gauge', passed: true } as const;
/** A plan of an engine that named no needs: what it expects and nobody measured blocks nothing. */
const OLD: FrozenPlan = {
  ...SURE,
  expectations: (['gauge', 'square', 'proof-load'] as const).map((id) => ({
    id,
    title: id,
    kind: 'pass-fail',
    lowMm: null,
    highMm: null,
  })),
};
const PROVED = { id: 'proof-load', passed: true } as const;
const HURT = [planned(OLD), chosen('duty', 'can-hurt'), released] as const;

test.each([
  ['nothing measured', [planned(OLD)], 'no-result'],
  ['measured', [planned(OLD), recorded(GAUGED)], 'yes'],
  ['the gauge did not go in', [planned(OLD), recorded({ id: 'gauge', passed: false })], 'failed'],
  ['put right and recorded again', [planned(OLD), recorded({ id: 'gauge', passed: false }), recorded(GAUGED)], 'yes'],
  ['someone can be hurt, and no load was proved', [...HURT, recorded(GAUGED)], 'no-proof'],
  ['it was', [...HURT, recorded(GAUGED, PROVED)], 'yes'],
  ['it let go under it', [...HURT, recorded(GAUGED, { ...PROVED, passed: false })], 'failed'],
  ['stops or drips is proved by its gauge', [planned(OLD), chosen('duty', 'leak-or-damage'), recorded(GAUGED)], 'yes'],
  [
    'a part that is replaced is proved where it is made',
    [planned(planOf({}, 'replace-part')), chosen('duty', 'under-code'), recorded(GAUGED)],
    'yes',
  ],
  ['a plan that is frozen anew is proved anew', [planned(OLD), recorded(GAUGED), planned(OLD, 'q')], 'no-result'],
] as const)('signed as mended, %s: %s', (_, events, bar) => {
  expect(mayClose(fileOf(...events))).toBe(bar);
});

test('every bar says what to do about it, as half a sentence', () => {
  for (const words of [...Object.values(CUT_BARS), ...Object.values(CLOSE_BARS)])
    expect(words).toMatch(/^[A-Z].*[^.]$/);
});

test('what an older build took as nothing below was no answer; what is said now is', () => {
  const stored = (payloadVersion: number, value: string): StoredEvent => ({
    id: 'e',
    seq: 1,
    happenedAt: '',
    recordedAt: '',
    actor: '',
    kind: 'choice',
    payloadVersion,
    payload: { field: 'floorName', value },
  });
  expect(readStored(stored(1, 'nothing')).payload).toMatchObject({ value: '' });
  expect(readStored(stored(1, 'water')).payload).toMatchObject({ value: 'water' });
  expect(readStored(stored(2, 'nothing')).payload).toMatchObject({ value: 'nothing' });
});

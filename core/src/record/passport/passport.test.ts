import { freezePlan } from '../../plan/freeze/index.ts';
import { weighCase } from '../../pipeline.ts';
import { goodResult } from '../../test-support/goodResult.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import type { HoleEventBody, MendOutcome, StoredEvent } from '../events/index.ts';
import { foldHole } from '../history/index.ts';
import type { RecordedResult } from '../results/index.ts';
import { passportOf } from './index.ts';

const proposal = weighCase(holeCase({ damageTo: { mm: 20, halfWidthMm: 0 }, strippedThroughout: true }));
const plan = freezePlan(proposal, 'wire-coil:M8x1.25:2D');
const body = (kind: string, payload: object) => ({ kind, payload }) as HoleEventBody;
const fileOf = (...bodies: HoleEventBody[]) =>
  foldHole(
    [
      body('located', { name: 'Hole 4', faceId: null }),
      body('choice', { field: 'threadId', value: 'M8x1.25' }),
      ...bodies,
    ].map((event, index): StoredEvent => ({
      id: String(index),
      seq: index + 1,
      happenedAt: new Date(Date.UTC(2026, 0, index + 1)).toISOString(),
      recordedAt: new Date(Date.UTC(2026, 0, index + 1)).toISOString(),
      actor: 'Mechanic A',
      payloadVersion: event.kind === 'plan-frozen' ? 3 : event.kind === 'choice' ? 2 : 1,
      ...event,
    })),
  );
const mend = (id: string, outcome: MendOutcome, but?: RecordedResult): HoleEventBody[] => [
  body('mend-opened', { mendId: id, what: 'pulled out' }),
  body('plan-frozen', { mendId: id, planId: `p${id}`, plan, supersedes: null, inputs: null }),
  body('choice', { field: 'cause', value: 'too-short' }),
  body('result', {
    mendId: id,
    planId: `p${id}`,
    note: '',
    results: plan.expectations.map((row) => (row.id === but?.id ? but : goodResult(row))),
  }),
  body('mend-closed', { mendId: id, outcome, note: '', secondSignedBy: null }),
];

test('a hole as made says so, and nothing is known of it', () => {
  expect(passportOf(fileOf(), 'mm')).toMatchObject({
    title: 'M8 × 1.25, as made',
    keepOff: [],
    known: 'as-made',
    proofs: [],
    signed: null,
    life: [{ kind: 'as-made', rings: 1, words: 'as made, M8 × 1.25' }],
  });
});

test('mended: what is in it, what must not be done to it, how we know, who signed, why it failed, its life in order', () => {
  const passport = passportOf(fileOf(...mend('m', 'mended')), 'mm');
  expect(passport.title).toBe('M8 × 1.25: Wire coil, 2 D');
  expect(passport.keepOff[0]).toBe('Do not drill it or chase it with a tap: the wire comes out.');
  expect(passport.keepOff[1]).toMatch(/^Not above 425 °C/);
  expect(passport.known).toBe('proved');
  expect(passport.proofs.map(({ title }) => title)).toContain('Bore, gauged before tapping');
  expect(passport.proofs.find(({ title }) => title.startsWith('No-go'))!.found).toMatch(/^2 turns, passed/);
  expect(passport.proofs.every(({ cannotShow }) => cannotShow !== '')).toBe(true);
  expect([passport.signed!.by, passport.signed!.second, passport.cause]).toEqual([
    'Mechanic A',
    false,
    'the screw was too short',
  ]);
  expect(passport.life.map(({ kind, rings }) => [kind, rings])).toEqual([
    ['as-made', 1],
    ['came-back', 1],
    ['mended', 2],
  ]);
  expect(passportOf(fileOf(...mend('m', 'mended')), 'in').keepOff[1]).toMatch(/^Not above 797 °F/);
});

test('not proved is never shown as proved, nor is a hole in hand, do not use, or one that was sent away', () => {
  const unproved = passportOf(fileOf(...mend('m', 'unproved', { id: 'bore', notDone: 'the gauge was away' })), 'mm');
  expect([unproved.known, unproved.keepOff.at(-1)]).toEqual([
    'not-proved',
    'It is not proved: see below what was not done.',
  ]);
  expect(unproved.proofs[0]).toMatchObject({ state: 'not-done', found: 'not done: the gauge was away' });
  const barred = fileOf(...mend('m', 'mended'), body('choice', { field: 'doNotUse', value: true }));
  expect(passportOf(barred, 'mm').keepOff[0]).toBe('Do not use this hole.');
  const back = fileOf(...mend('m', 'mended'), body('mend-opened', { mendId: 'n', what: 'spun' }));
  const again = passportOf(back, 'mm');
  // What is in it stays said while it is in hand.
  expect([again.known, again.title, again.life.at(-1)]).toMatchObject([
    'under-way',
    'M8 × 1.25: Wire coil, 2 D',
    { kind: 'under-way', rings: 2, words: 'spun' },
  ]);
  // What an older plan did not ask for was not proved one by one; what another shop did is proved there.
  const unasked = { ...plan, expectations: plan.expectations.map(({ need: _need, ...row }) => row) };
  const signed = mend('m', 'mended').map((event) =>
    event.kind === 'plan-frozen' ? { ...event, payload: { ...event.payload, plan: unasked } } : event,
  );
  expect(passportOf(fileOf(...signed), 'mm').known).toBe('signed');
  const replaced = mend('m', 'mended').map((event) =>
    event.kind === 'plan-frozen'
      ? { ...event, payload: { ...event.payload, plan: freezePlan(proposal, 'replace-part') } }
      : event,
  );
  expect(passportOf(fileOf(...replaced), 'mm').known).toBe('elsewhere');
  const sent = fileOf(
    body('mend-opened', { mendId: 'n', what: 'cracked' }),
    body('mend-closed', { mendId: 'n', outcome: 'sent-out', note: '', secondSignedBy: null }),
  );
  expect(passportOf(sent, 'mm').known).toBe('elsewhere');
});

test('a release stands in the glance as it was named', () => {
  const release = {
    mendId: 'm',
    role: 'maker',
    by: 'Desk',
    reference: 'R 12',
    date: '2026-01-02',
    allows: 'a coil, 2 D',
  };
  const [opened, ...rest] = mend('m', 'mended');
  expect(passportOf(fileOf(opened!, body('released', release), ...rest), 'mm').release).toBe(
    'Released as named by Desk, R 12, 2026-01-02: a coil, 2 D.',
  );
  expect(passportOf(fileOf(...mend('m', 'mended')), 'mm').release).toBe('');
});

test('what is to be looked at again is told with its day, its hours and at what; looked at, nothing is due', () => {
  const due = (...bodies: HoleEventBody[]) => passportOf(fileOf(...bodies), 'mm').due;
  const look = (by: string | null, afterHours: number | null, what = '') =>
    body('look-again', { by, afterHours, what });
  expect(due()).toBeNull();
  expect(due(look('2027-03-28', 500, 'the gap under the head'))).toEqual({
    when: 'by 2027-03-28 or after 500 h',
    what: 'the gap under the head',
  });
  expect(due(look('2027-03-28', null), look(null, 250))).toEqual({ when: 'after 250 h', what: '' });
  expect(due(look('2027-03-28', null), look(null, null))).toBeNull();
});

test('what was done otherwise than planned is told in the order of the work, by its steps’ names', () => {
  const [opened, planned, ...rest] = mend('m', 'mended');
  const step = (stepId: string, end: string, note = '') =>
    body('step-done', { mendId: 'm', planId: 'pm', stepId, end, note });
  const told = plan.said.mm.steps.filter(({ afterProof }) => !afterProof).map(({ id }) => id);
  const all = told
    .filter((id) => id !== 'clean')
    .map((id) => step(id, id === 'countersink' ? 'not-done' : 'done', 'no room'));
  const stiff = body('went-stiff', {
    ...{ mendId: 'm', planId: 'pm', stepId: 'tap-1', turns: 6, cause: 'packed', then: 'goes-on', note: '' },
  });
  const file = fileOf(opened!, planned!, ...all, stiff, ...rest);
  expect(passportOf(file, 'mm').deviations).toEqual([
    expect.stringMatching(/^Countersink.*: not done, no room$/),
    expect.stringMatching(/tap, .*: it went stiff after 6 turns, chips packed$/),
    expect.stringMatching(/^Nobody told of: /),
  ]);
  // Nothing told at the bench is no list of forgotten steps; steps of an earlier plan are not this one’s.
  expect(passportOf(fileOf(...mend('m', 'mended')), 'mm').deviations).toEqual([]);
  const other = body('step-done', { mendId: 'm', planId: 'before', stepId: 'drill', end: 'not-done', note: 'x' });
  expect(passportOf(fileOf(opened!, other, planned!, ...rest), 'mm').deviations).toEqual([]);
});

test('what a stand-in sent is no cut of the hole: the generation keeps none of it', () => {
  const made = (simulated?: true) =>
    fileOf(...mend('m', 'unproved', { id: 'bore', mm: 12, ...(simulated ? { simulated } : {}) })).generations.at(-1)!;
  expect([made(true).boreMm, made(true).outermostMm]).toEqual([null, plan.numbers.outermostMm]);
  expect([made().boreMm, made().outermostMm]).toEqual([12, 12]);
});

test('proved on something that holds with care says so where it is read first', () => {
  const bore = plan.expectations.find(({ id }) => id === 'bore')!;
  const wide = { ...plan, expectations: [{ ...bore, plannedMm: { lowMm: bore.lowMm!, highMm: bore.highMm! + 0.2 } }] };
  const known = (mm: number) => {
    const [opened, , cause, , closed] = mend('m', 'mended');
    const planned = body('plan-frozen', { mendId: 'm', planId: 'pm', plan: wide, supersedes: null, inputs: null });
    const result = body('result', { mendId: 'm', planId: 'pm', note: '', results: [{ id: 'bore', mm }] });
    return passportOf(fileOf(opened!, planned, cause!, result, closed!), 'mm').known;
  };
  expect([known(bore.highMm!), known(bore.highMm! + 0.1)]).toEqual(['proved', 'with-care']);
});

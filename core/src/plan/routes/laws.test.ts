import fc from 'fast-check';
import { compareVerdicts, worstVerdict } from '../../basis/checks/index.ts';
import { SAY, type Say } from '../../basis/units/index.ts';
import { PARENTS } from '../../facts/materials/index.ts';
import { internalLimits, THREADS } from '../../facts/threads/index.ts';
import { isBolted, type Joint } from '../../judge/hole/index.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import {
  becauseOf,
  notesOf,
  ownStepsOf,
  rankWords,
  stepOf,
  threadToMm,
  titleOf,
  workingOf,
  workingsOf,
  type Route,
} from './index.ts';
import { canonicalJson } from '../../basis/numeric/index.ts';
import { weighCase } from '../../pipeline.ts';
import { writeWorkCard, type WorkStep } from '../workcard/index.ts';

// What must be true of every way of mending any hole: drawn at random over threads, parents, depths, doubts and joints.
// Failing draws are printed with their seed.
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const doubt = mm(0, 0.6);
const anyHole = fc.record({
  threadId: fc.constantFrom(
    ...THREADS.filter(({ majorMm, taper }) => majorMm <= 30 && taper === null).map(({ id }) => id),
  ),
  parentId: fc.constantFrom(...PARENTS.map(({ id }) => id)),
  kind: fc.constantFrom('through' as const, 'blind' as const),
  depthD: mm(0.3, 5),
  damagedShare: mm(0, 1),
  stripped: fc.boolean(),
  worn: fc.option(fc.record({ a: mm(-0.3, 0.8), b: mm(-0.3, 0.8), along: mm(0, 0.5), halfWidthMm: mm(0, 0.1) }), {
    nil: null,
  }),
  edgeD: fc.option(mm(0.4, 6), { nil: null }),
  halfWidthMm: doubt,
  floorMm: fc.option(mm(0.5, 12), { nil: null }),
  torqueNm: fc.option(mm(0.5, 200), { nil: null }),
  screwReachD: fc.option(mm(0.3, 5), { nil: null }),
  mateD: fc.option(mm(1, 1.6), { nil: null }),
  serviceC: fc.constantFrom(null, 20, 130, 300),
  load: fc.constantFrom('static' as const, 'pulsating' as const),
  backReached: fc.boolean(),
  screwedIn: fc.constantFrom(
    'screw' as const,
    'stud' as const,
    'plug' as const,
    'spark-plug' as const,
    'power' as const,
  ),
  behind: fc.constantFrom(null, 'nothing' as const, 'closed' as const, 'liquid' as const, 'pressure' as const),
});

type Drawn = typeof anyHole extends fc.Arbitrary<infer T> ? T : never;

function holeOf(h: Drawn) {
  const { majorMm: d, pitchMm: p } = THREADS.find(({ id }) => id === h.threadId)!;
  const read = (value: number) => ({ mm: value, halfWidthMm: h.halfWidthMm });
  const orNull = (timesD: number | null) => (timesD === null ? null : read(timesD * d));
  const demand: Joint['demand'] =
    h.torqueNm === null
      ? { mode: h.backReached ? 'as-made' : 'fastener-first' }
      : { mode: 'preload', torqueNm: h.torqueNm, friction: 'unknown', load: h.load };
  const depth = read(Math.max(1, h.depthD * d));
  return holeCase({
    threadId: h.threadId,
    parentId: h.parentId,
    kind: h.kind,
    depth,
    damageTo: h.stripped ? depth : read(h.damagedShare * depth.mm),
    strippedThroughout: h.stripped,
    bore: h.worn && {
      aMm: d + h.worn.a * p,
      bMm: d + Math.min(h.worn.a, h.worn.b) * p,
      halfWidthMm: h.worn.halfWidthMm,
    },
    boreOffset: h.worn && { alongMm: h.worn.along, acrossMm: 0, halfWidthMm: h.worn.halfWidthMm },
    edge: orNull(h.edgeD),
    floor: h.kind === 'blind' && h.floorMm !== null ? read(depth.mm + h.floorMm) : null,
    floorName: 'water',
    behind: h.behind,
    joint: {
      demand,
      screwReach: orNull(h.screwReachD),
      mateHole: orNull(h.mateD),
      serviceC: h.serviceC,
      backReached: h.backReached,
      screwedIn: h.screwedIn,
    },
  });
}

type Proposed = { hole: ReturnType<typeof holeOf>; route: Route };
const stands = ({ route }: Proposed) => route.verdict !== 'does-not-hold';
/** Everything that a screen could show of a route: its numbers, and its sentences in both unit systems. */
function* numbersOf(value: unknown): Generator<number> {
  if (typeof value === 'number') yield value;
  else if (value !== null && typeof value === 'object') for (const item of Object.values(value)) yield* numbersOf(item);
}
const sentencesOf = (route: Route, say: Say) => [
  route.title,
  rankWords(route.rank, say),
  ...notesOf(route, say),
  ...route.checks.flatMap((check) => [titleOf(check), becauseOf(check, say), stepOf(check, say) ?? '']),
  ...ownStepsOf(route, say).map((step) => step.what),
];

const SLACK = 1e-9;
const LAWS: Record<string, (proposed: Proposed) => boolean> = {
  'every number is one': ({ route }) =>
    [
      route.cut,
      route.depths,
      route.engagementMm,
      route.stripLoadN,
      route.breakLoadN,
      route.reserve,
      route.torque,
      route.minutes,
      route.cost,
    ]
      .flatMap((part) => [...numbersOf(part)])
      .every(Number.isFinite),
  'every sentence can be read in both unit systems': ({ route }) =>
    [SAY.mm, SAY.in].every((say) =>
      sentencesOf(route, say).every((text) => !/NaN|undefined|null|Infinity|⟦|\[object/.test(text)),
    ),
  'a route is data: it goes through JSON as it is': ({ route }) =>
    canonicalJson(JSON.parse(JSON.stringify(route))) === canonicalJson(route),
  'a check that is held against a limit shows its working, and one with a remedy says what to do': ({ route }) =>
    route.checks.every(
      (check) =>
        (check.limit === null || workingOf(check) !== null) &&
        (check.remedy === undefined) === (stepOf(check, SAY.mm) === null),
    ),
  'the verdict is the worst check, and a refusal says which': ({ route }) =>
    route.verdict === worstVerdict(route.checks.map(({ verdict }) => verdict)) &&
    route.checks.every((check, n) => n === 0 || compareVerdicts(route.checks[n - 1]!.verdict, check.verdict) >= 0),
  'nothing is cut away that is not there: the outermost cut is at least the thread and what was cut before': ({
    hole,
    route,
  }) => route.cut.outermostMm >= Math.max(hole.thread.majorMm, hole.earlierCutMm ?? 0, route.cut.majorMm) - SLACK,
  'a blind hole is never drilled deeper than it is, and its tip is one point below the shoulder': ({ hole, route }) =>
    route.depths.drillShoulderMm <= hole.depth.mm + SLACK &&
    route.depths.drillTipMm >= route.depths.drillShoulderMm - SLACK,
  'full thread ends above the shoulder of what is drilled': (proposed) =>
    !stands(proposed) || proposed.route.cut.drill === null
      ? true
      : proposed.route.depths.fullThreadToMm <= proposed.route.depths.drillShoulderMm + SLACK,
  'no more thread is engaged than the metal holds': (proposed) =>
    !stands(proposed) || proposed.route.engagementMm <= proposed.hole.depth.mm + SLACK,
  'a drill that is taken leaves a thread to cut': (proposed) => {
    const { cut } = proposed.route;
    return (
      !stands(proposed) || cut.drill === null || cut.tapLeads.length === 0 || cut.drill.drill.diameterMm < cut.majorMm
    );
  },
  'a coil that stands lies within the full thread, below the face': (proposed) => {
    const { insertFromMm, insertToMm, fullThreadToMm } = proposed.route.depths;
    return !stands(proposed) || insertFromMm === null || (insertFromMm > 0 && insertToMm! <= fullThreadToMm + SLACK);
  },
  'metal that is spent is not left': ({ hole, route }) =>
    hole.edge === null ? route.reserve.ratio === null : route.reserve.leftMm! <= hole.edge.mm,
  'the torque that is shown never passes what strips or stretches': ({ route }) =>
    route.torque === null ||
    ((route.torque.torqueNm ?? route.torque.threadNm) >= 0 &&
      (route.torque.torqueNm ?? 0) * 1000 <=
        0.15 * route.thread.majorMm * Math.min(route.breakLoadN, route.stripLoadN ?? 0) + 1e-6),
  'every working has a result that is a number, and a source': ({ route }) =>
    workingsOf(route).every(({ result, source }) => Number.isFinite(result.value) && source.length > 3),
  'a card counts on no more thread than there is, and on a screw that has room': (proposed) => {
    const { hole, route } = proposed;
    const fasten = writeWorkCard(hole, route).find((step): step is WorkStep<'fasten'> => step.kind === 'fasten');
    const { leastMm, mostMm } = fasten?.facts.reach ?? { leastMm: 0, mostMm: null };
    return (
      !stands(proposed) ||
      (threadToMm(route) <= hole.depth.mm + SLACK && (mostMm === null || leastMm <= mostMm + SLACK))
    );
  },
  'a screw of its own hand and form goes back': ({ hole, route }) =>
    route.thread.hand === hole.thread.hand && internalLimits(route.thread).minorMinMm < route.thread.majorMm,
};

test('no two ways of one hole bear the same name', () => {
  fc.assert(
    fc.property(anyHole, (drawn) => {
      const ids = weighCase(holeOf(drawn)).routes.map(({ id }) => id);
      return new Set(ids).size === ids.length;
    }),
    { numRuns: 60 },
  );
});

test.each(Object.entries(LAWS))('%s', (_, law) => {
  fc.assert(
    fc.property(anyHole, (drawn) => {
      const hole = holeOf(drawn);
      for (const route of weighCase(hole).routes) {
        if (!law({ hole, route }))
          throw new Error(
            `${route.id} (${route.verdict}): ${JSON.stringify({ cut: route.cut.majorMm, bore: route.cut.boreMm, outermost: route.cut.outermostMm, depths: route.depths, engaged: route.engagementMm, torque: route.torque, strip: route.stripLoadN })}`,
          );
      }
    }),
    { numRuns: 80 },
  );
});

// What makes a joint harder never makes a verdict better. A wider doubt is judged at its pessimistic end.
const more = <T extends { halfWidthMm: number }>(read: T | null) =>
  read && { ...read, halfWidthMm: read.halfWidthMm + 0.3 };
const WEAKER = 'a parent known to be weaker';
const HARDER: Record<string, (hole: ReturnType<typeof holeOf>) => Partial<ReturnType<typeof holeOf>>> = {
  'a failure that can hurt someone': () => ({ duty: 'can-hurt' }),
  'a joint under a code': () => ({ duty: 'under-code' }),
  'a crack that reaches the hole': () => ({ crack: 'reaches' }),
  'a tap stuck in it': () => ({ stuck: 'tap' }),
  [WEAKER]: ({ parent }) => ({ parentTensileMpa: 0.8 * parent.tensileLowMpa }),
  'a mate that may not be opened': ({ joint }) => ({ joint: { ...joint, mateMayBeOpened: false } }),
  'a joint that must keep tight': ({ joint }) => ({ joint: { ...joint, sealing: 'water' } }),
  'a joint undone often': ({ joint }) => ({ joint: { ...joint, undone: 'often' } }),
  'a joint that is looked at': ({ joint }) => ({ joint: { ...joint, appearance: true } }),
  'a hotter joint': ({ joint }) => ({ joint: { ...joint, serviceC: (joint.serviceC ?? 20) + 100 } }),
  'a load that pulsates': ({ joint }) => ({
    joint: {
      ...joint,
      demand: joint.demand.mode === 'preload' ? { ...joint.demand, load: 'pulsating' } : joint.demand,
    },
  }),
  'a tenth more torque': ({ joint }) => ({
    joint: {
      ...joint,
      demand:
        joint.demand.mode === 'preload' ? { ...joint.demand, torqueNm: 1.1 * joint.demand.torqueNm } : joint.demand,
    },
  }),
  'a doubt wider on the edge': ({ edge }) => ({ edge: more(edge) }),
  'a doubt wider on the bore': ({ bore, boreOffset }) => ({ bore: more(bore), boreOffset: more(boreOffset) }),
  'a method tried before in vain': () => ({ failed: { method: 'wire-coil', causePresent: true } }),
};

const modeOf = (route: Route) =>
  route.checks.find(({ id }) => id === 'as-made' || id === 'breaks-first' || id === 'carries-preload')?.id ?? 'none';

test.each(Object.entries(HARDER))('%s never makes a verdict better', (what, harder) => {
  fc.assert(
    fc.property(anyHole, (drawn) => {
      const hole = holeOf(drawn);
      const before = new Map(weighCase(hole).routes.map((route) => [route.id, route]));
      for (const after of weighCase({ ...hole, ...harder(hole) }).routes) {
        const was = before.get(after.id);
        // A sound part is what a duty and a crack ask for; and a hole that no longer broke its screw when new is judged as made.
        if (after.method === 'replace-part' || modeOf(after) !== (was && modeOf(was))) continue;
        // As made is held against the same weaker metal, and a steel bush is not weaker for it.
        if (what === WEAKER && modeOf(after) === 'as-made') continue;
        if (was && compareVerdicts(after.verdict, was.verdict) < 0) {
          const words = (route: Route) =>
            route.checks
              .filter(({ verdict }) => verdict !== 'holds')
              .map((check) => `${check.id} ${check.verdict}: ${becauseOf(check, SAY.mm)}`);
          throw new Error(
            `${after.id}: ${was.verdict} → ${after.verdict}; before: ${words(was).join('; ')}; after: ${words(after).join('; ')}`,
          );
        }
      }
    }),
    { numRuns: 60 },
  );
});

// An unknown holds only if every plausible value holds; where one plausible value is refused the machine waits.
const PLAUSIBLE: Record<string, (hole: ReturnType<typeof holeOf>) => Partial<ReturnType<typeof holeOf>>[]> = {
  edge: ({ thread }) =>
    [0.9, 1.1, 1.3, 1.5].map((timesD) => ({ edge: { mm: timesD * thread.majorMm, halfWidthMm: 0 } })),
  'screw-reach': ({ thread, joint, depth }) =>
    [1.5, 2, depth.mm / thread.majorMm].map((timesD) => ({
      joint: { ...joint, screwReach: { mm: Math.max(1.5, timesD) * thread.majorMm, halfWidthMm: 0 } },
    })),
};
const unknown = {
  edge: (hole: ReturnType<typeof holeOf>) => ({ ...hole, edge: null }),
  'screw-reach': (hole: ReturnType<typeof holeOf>) => ({ ...hole, joint: { ...hole.joint, screwReach: null } }),
};

test.each(Object.keys(PLAUSIBLE) as (keyof typeof unknown)[])(
  'not known, %s: never better than any plausible value',
  (id) => {
    fc.assert(
      fc.property(anyHole, (drawn) => {
        const hole = unknown[id](holeOf(drawn));
        // Between them the demand itself must not change: as made follows the reach too.
        if (id === 'screw-reach' && (hole.joint.demand.mode !== 'preload' || !isBolted(hole))) return;
        const open = new Map(weighCase(hole).routes.map((route) => [route.id, route]));
        for (const change of PLAUSIBLE[id]!(hole))
          for (const known of weighCase({ ...hole, ...change }).routes) {
            const was = open.get(known.id);
            if (!was || modeOf(was) !== modeOf(known)) continue;
            // What is prescribed does not hang on the screw that is there.
            if (id === 'screw-reach' && !['clean-up', 'leave-it'].includes(known.method)) continue;
            const refused = known.verdict === 'does-not-hold';
            const shut = was.checks.some((check) => check.shut);
            if (was.verdict === 'holds' && known.verdict !== 'holds')
              throw new Error(`${known.id} holds unknown, ${known.verdict} at ${JSON.stringify(change)}`);
            if (refused && was.verdict !== 'does-not-hold' && !shut)
              throw new Error(`${known.id} may be cut unknown, refused at ${JSON.stringify(change)}`);
          }
      }),
      { numRuns: 40 },
    );
  },
);

test('a release, or the kind of harm, changes no number', () => {
  fc.assert(
    fc.property(anyHole, (drawn) => {
      const hole = { ...holeOf(drawn), duty: 'can-hurt' as const };
      const numbers = (hurtKind: typeof hole.hurtKind) =>
        weighCase({ ...hole, hurtKind }).routes.map(({ id, verdict, cut, depths, stripLoadN }) => ({
          id,
          verdict,
          cut,
          depths,
          stripLoadN,
        }));
      expect(numbers('lifts')).toEqual(numbers(null));
    }),
    { numRuns: 15 },
  );
});

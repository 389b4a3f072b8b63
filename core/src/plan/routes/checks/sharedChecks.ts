import type { AskedWords, Check, Remedy, Verdict } from '../../../basis/checks/index.ts';
import { spokenLength, spokenTorque } from '../../../basis/units/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { parentAtTemperature, tappingLoad } from '../../../judge/strength/index.ts';
import type { BareRoute } from '../Route.ts';
import type { RouteContext } from '../RouteContext.ts';
import type { MethodTraits } from '../traits.ts';
import { taperCheck } from './taperCheck.ts';

/** A check that is a statement: no number, or one that needs no limit. */
export function plainCheck(
  id: string,
  title: string,
  verdict: Verdict,
  because: string | AskedWords,
  remedy?: Remedy,
): Check {
  return {
    id,
    title,
    verdict,
    value: null,
    valuePessimistic: null,
    limit: null,
    unit: 'none',
    because: typeof because === 'string' ? () => because : because,
    working: null,
    ...(remedy ? { remedy } : {}),
  };
}

/** Over so much lean in degrees a screw head bears on one side; over the second the screw bends (our estimate). */
const LEAN_CARE_DEG = 0.8;
const LEAN_FAILS_DEG = 2;
const LEAN_OVER_MM = 50;

function leanCheck(hole: HoleCase, traits: MethodTraits): Check[] {
  if (hole.leanPer50 === null || !traits.followsHole) return [];
  const degrees = (mm: number) => (Math.atan(mm / LEAN_OVER_MM) * 180) / Math.PI;
  const lean = degrees(hole.leanPer50.mm);
  const words = `the hole leans ${lean.toFixed(1)}°`;
  if (lean <= LEAN_CARE_DEG) return [plainCheck('lean', 'Square to the face', 'holds', words)];
  if (traits.drills) {
    return [
      plainCheck('lean', 'Square to the face', 'with-care', `${words}: a drill follows it unless it is bored square`, {
        id: 'square-up',
        step: 'Set the axis square to the face: guide bush, boring or milling; never a twist drill down the old hole.',
      }),
    ];
  }
  return [
    plainCheck(
      'lean',
      'Square to the face',
      lean > LEAN_FAILS_DEG ? 'does-not-hold' : 'with-care',
      lean > LEAN_FAILS_DEG ? `${words}: the screw bends at its head` : `${words}: the head bears on one side`,
    ),
  ];
}

/** Metal that must stay under a drill's tip: the larger of 1.5 mm and 0.15 of the drill (our estimate). */
const FLOOR_LEAST_MM = 1.5;
const FLOOR_PER_DRILL = 0.15;
const HARMLESS_BEYOND = 'nothing';

function floorCheck(hole: HoleCase, route: BareRoute, traits: MethodTraits): Check[] {
  if (hole.kind !== 'blind' || !traits.drills || route.cut.drill === null) return [];
  const needMm = Math.max(FLOOR_LEAST_MM, FLOOR_PER_DRILL * route.cut.drill.drill.diameterMm);
  const { drillTipMm } = route.depths;
  if (hole.floor === null && hole.floorName === HARMLESS_BEYOND) return [];
  // Held against the shoulder, not the old drill's point: a milled hole has a flat bottom and no point to go down into.
  if (drillTipMm <= hole.depth.mm - hole.depth.halfWidthMm) {
    return [
      plainCheck(
        'floor',
        `Floor over the ${hole.floorName}`,
        'holds',
        () =>
          `the drill stays in the old hole: its tip goes to ${spokenLength(drillTipMm)}, the hole to ${spokenLength(hole.depth.mm)}`,
      ),
    ];
  }
  if (hole.floor === null) {
    return [
      {
        ...plainCheck(
          'floor',
          `Floor over the ${hole.floorName}`,
          'with-care',
          () =>
            `what lies under the hole is ${hole.floorName} and the floor is not measured; the tip goes to ${spokenLength(drillTipMm)}`,
        ),
        settledBy: 'floor',
      },
    ];
  }
  const beyondMm = hole.floor.mm;
  const leftMm = beyondMm - drillTipMm;
  const pessimisticMm = leftMm - hole.floor.halfWidthMm - hole.depth.halfWidthMm;
  const verdict: Verdict = pessimisticMm >= needMm ? 'holds' : leftMm >= needMm ? 'with-care' : 'does-not-hold';
  return [
    {
      id: 'floor',
      title: `Floor over the ${hole.floorName}`,
      verdict,
      value: leftMm,
      valuePessimistic: pessimisticMm,
      limit: needMm,
      unit: 'mm',
      because: () =>
        leftMm <= 0
          ? `the drill would break through into the ${hole.floorName}`
          : `${spokenLength(leftMm)} stay under the drill’s tip; it needs ${spokenLength(needMm)}`,
      working: () => ({
        title: 'Floor under the drill',
        formula: 'floor left = face to what lies beyond − tip of the drill',
        symbols: [
          { symbol: 'beyond', meaning: `face to the ${hole.floorName}`, value: beyondMm, unit: 'mm' },
          { symbol: 'tip', meaning: 'tip of the drill', value: drillTipMm, unit: 'mm' },
        ],
        result: { symbol: 'floor left', value: leftMm, unit: 'mm' },
        source: 'geometry; what must stay is our estimate',
        estimate: true,
      }),
      ...(verdict === 'with-care' ? { settledBy: 'floor' } : {}),
    },
  ];
}

function temperatureChecks(hole: HoleCase, traits: MethodTraits): Check[] {
  const { serviceC, demand } = hole.joint;
  const checks: Check[] = [];
  const parent = parentAtTemperature(hole.parent, serviceC);
  if (traits.threadCarries && !parent.holdsPreload && demand.mode === 'preload') {
    checks.push(plainCheck('parent-temperature', 'Preload stays', 'does-not-hold', parent.because));
  } else if (traits.threadCarries && parent.factor < 1) {
    checks.push(plainCheck('parent-temperature', 'Parent at its temperature', 'with-care', parent.because));
  }
  if (serviceC !== null && traits.hottestC !== null) {
    const stands = serviceC <= traits.hottestC;
    checks.push({
      ...plainCheck(
        'temperature',
        'Stands the temperature',
        stands ? 'holds' : 'does-not-hold',
        `${traits.hotPart}: up to ${traits.hottestC} °C, in service ${serviceC} °C`,
      ),
      value: serviceC,
      limit: traits.hottestC,
      unit: 'degC',
    });
  }
  return checks;
}

/** Tap strength over tapping load: under the first it warns, under the second the cut is refused (estimate). */
const TAPPING_HOLDS = 3;
const TAPPING_CARE = 2;

function tappingCheck(hole: HoleCase, route: BareRoute): Check[] {
  const cut = route.cut.thread;
  if (cut === null) return [];
  const load = tappingLoad(cut, route.cut.boreMm, hole.parent);
  const verdict: Verdict =
    load.ratio >= TAPPING_HOLDS ? 'holds' : load.ratio >= TAPPING_CARE ? 'with-care' : 'does-not-hold';
  return [
    {
      id: 'tapping',
      title: 'The tap survives',
      verdict,
      value: Math.min(load.ratio, 99),
      valuePessimistic: Math.min(load.ratio, 99),
      limit: TAPPING_HOLDS,
      unit: 'times',
      because: () =>
        verdict === 'holds'
          ? `it takes about ${spokenTorque(load.torqueNm)}, the tap snaps at about ${spokenTorque(load.snapsAtNm)}`
          : `about ${spokenTorque(load.torqueNm)} against a tap that snaps at ${spokenTorque(load.snapsAtNm)}: larger drill, counter-drill, or the second tap first`,
      working: load.working,
      ...(verdict === 'with-care'
        ? {
            remedy: {
              id: 'second-tap' as const,
              step: 'Run the second tap before the last one, with fluid; a fresh tap only.',
            },
          }
        : {}),
    },
  ];
}

/** Full turns of engaged thread: fewer bend and strip one after the other, whatever the areas say (rule of thumb). */
const TURNS_HOLD = 3;
const TURNS_CARE = 1.5;

function turnsCheck(route: BareRoute): Check {
  const turns = route.engagementMm / route.thread.pitchMm;
  return {
    id: 'turns',
    title: 'Turns of thread',
    verdict: turns >= TURNS_HOLD ? 'holds' : turns >= TURNS_CARE ? 'with-care' : 'does-not-hold',
    value: turns,
    valuePessimistic: turns,
    limit: TURNS_HOLD,
    unit: 'turns',
    because: () => `${turns.toFixed(1)} full turns engaged after the chamfers`,
    working: null,
  };
}

const NO_DRIVEN_CRACKS: Remedy = {
  id: 'stop-cracks',
  step: 'Find the crack’s end with penetrant and stop-drill it, or refer it, before anything is cut.',
};

function crackCheck(hole: HoleCase, route: BareRoute, traits: MethodTraits): Check[] {
  if (hole.crack === 'none' || route.method === 'send-out') return [];
  if (hole.crack === 'near') {
    return traits.drills
      ? [plainCheck('crack', 'No crack', 'with-care', 'a crack is near: cutting may drive it on', NO_DRIVEN_CRACKS)]
      : [];
  }
  const verdict = route.method === 'weld' ? 'with-care' : 'does-not-hold';
  return [
    plainCheck('crack', 'No crack', verdict, 'a crack reaches the hole: the strength model does not hold; refer it'),
  ];
}

const GATED = { 'can-hurt': 'it can hurt someone if it fails', 'under-code': 'it is under a code' } as const;

function dutyCheck(hole: HoleCase, route: BareRoute): Check[] {
  if (hole.duty === 'ordinary') return [];
  if (hole.duty === 'leak-or-damage') {
    return route.method === 'leave-it'
      ? [plainCheck('duty', 'Duty', 'does-not-hold', 'a failure leaks or does damage: a derated thread is no answer')]
      : [];
  }
  const words = GATED[hole.duty];
  if (route.method === 'bonded-stud' || route.method === 'leave-it' || route.method === 'plug') {
    return [plainCheck('duty', 'Duty', 'does-not-hold', `${words}: no adhesive and no derated thread there`)];
  }
  if (hole.duty === 'under-code' && route.method !== 'send-out') {
    return [
      plainCheck('duty', 'Duty', 'with-care', `${words}: the code and its inspector go first`, {
        id: 'refer',
        step: 'Put the plan to the code’s inspector before the first cut. Two people sign.',
      }),
    ];
  }
  return [];
}

/** The old helix stays in the new crests where the drill is smaller than the old thread was. */
function oldHelixCheck({ assessment }: RouteContext, route: BareRoute): Check[] {
  if (route.cut.drill === null) return [];
  const drillMm = route.cut.drill.drill.diameterMm;
  const leftMm = assessment.outermostCutMm - drillMm;
  const gone = leftMm <= 1e-6;
  return [
    {
      ...plainCheck('old-helix', 'Old helix removed', gone ? 'holds' : 'with-care', () =>
        gone
          ? `the drill takes away all of ${spokenLength(assessment.outermostCutMm)}`
          : `the old thread went out to ${spokenLength(assessment.outermostCutMm)}: its grooves stay ${spokenLength(leftMm / 2)} deep in the new crests`,
      ),
      value: drillMm,
      limit: assessment.outermostCutMm,
      unit: 'mm',
    },
  ];
}

/** Checks that every route answers to, whatever its method. */
export function sharedChecks({ hole, assessment }: RouteContext, route: BareRoute, traits: MethodTraits): Check[] {
  const checks: Check[] = [];
  if (hole.thread.taper !== null && route.method !== 'send-out') checks.push(taperCheck(hole.thread));
  if (hole.stuck !== 'none' && route.method !== 'send-out') {
    const what = hole.stuck === 'extractor' ? 'an extractor' : `a ${hole.stuck}`;
    checks.push(plainCheck('stuck', 'The hole is free', 'does-not-hold', `${what} is stuck in it: free it first`));
  }
  checks.push(...crackCheck(hole, route, traits), ...dutyCheck(hole, route), ...leanCheck(hole, traits));
  if (assessment.guidesAstray && traits.drills) {
    checks.push(
      plainCheck('axis', 'On the true axis', 'with-care', 'the worn hole would pull a twist drill off the true axis', {
        id: 'guide-axis',
        step: 'Locate the true axis and cut with a guide bush, a boring head or a mill; a twist drill follows the old hole.',
      }),
    );
  }
  checks.push(...floorCheck(hole, route, traits), ...temperatureChecks(hole, traits));
  if (hole.joint.sealing !== 'none' && hole.kind === 'through' && traits.leaksAlong) {
    checks.push(
      plainCheck('sealing', 'Keeps tight', 'with-care', `${hole.joint.sealing} can creep along it`, {
        id: 'seal-head',
        step: 'Seal under the head with a bonded washer or a ring; the thread itself will not.',
      }),
    );
  }
  if (traits.taps) checks.push(...oldHelixCheck({ hole, assessment }, route), ...tappingCheck(hole, route));
  if (traits.threadCarries && route.engagementMm > 0) checks.push(turnsCheck(route));
  if (hole.failed?.method === route.method) {
    checks.push(
      plainCheck(
        'tried-before',
        'Tried before',
        hole.failed.causePresent ? 'does-not-hold' : 'with-care',
        hole.failed.causePresent
          ? 'it was tried here and failed, and what made it fail is still there'
          : 'it was tried here and failed; what made it fail is said to be gone',
      ),
    );
  }
  if (
    hole.joint.undone === 'often' &&
    (route.method === 'clean-up' || route.method === 'oversize') &&
    SOFT.includes(hole.parent.group)
  ) {
    checks.push(
      plainCheck(
        'wear',
        'Undone often',
        'with-care',
        'a bare thread in soft metal wears each time; a coil or bush does not',
      ),
    );
  }
  if (hole.joint.appearance && SEEN.includes(route.method)) {
    checks.push(plainCheck('appearance', 'Looks as before', 'with-care', 'it will be seen that it was mended'));
  }
  if (hole.parent.group === 'magnesium' || hole.parent.group === 'aluminium') {
    if (hole.joint.fastenerClassId?.startsWith('A') && traits.threadCarries) {
      checks.push(
        plainCheck('galling', 'Stainless in light metal', 'with-care', 'the pair corrodes and seizes when wet', {
          id: 'insulate',
          step: 'Insulate the pair: primer, a coated insert or anti-seize.',
        }),
      );
    }
  }
  return checks;
}

/** Mends that are seen from outside. */
const SEEN: readonly string[] = ['through-bolt', 'keyed-bush', 'weld', 'move-hole', 'stepped-stud', 'plug'];

const SOFT: readonly string[] = ['aluminium', 'magnesium', 'zinc', 'plastic', 'copper'];

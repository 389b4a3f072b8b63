import { verdictUnderDoubt, type Check, type Verdict } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import {
  expectedBoreMm,
  rackDrills,
  shareOfThread,
  type Drilling,
  type RackDrill,
  type TapDrill,
  type Rack,
} from '../../../facts/drills/index.ts';
import {
  COIL_LENGTHS_D,
  coilEffectiveLengthMm,
  coilHole,
  coilIsMadeFor,
  coilHoleWorking,
  type CoilHole,
} from '../../../facts/inserts/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { depthBudget, drillPointMm, drillStopMm, type DepthBudget } from '../../cutting/index.ts';
import { cleanUpCheck } from '../checks/cleanUpCheck.ts';
import { drillCheck } from '../checks/drillCheck.ts';
import { strengthChecks } from '../checks/strengthCheck.ts';
import { wallCheck } from '../checks/wallCheck.ts';
import type { BareRoute } from '../Route.ts';
import type { RouteContext, RouteMethod } from '../RouteContext.ts';

/** The countersink is taken just over the insert tap's major, 0.2 mm on diameter, at 90°. */
const COUNTERSINK_OVER_MM = 0.2;
/** A coil may sit as little as a quarter turn under the face when the metal is thin. */
const LEAST_SET_DOWN_TURNS = 0.25;

function asCoilDrill(hole: CoilHole, drill: RackDrill, drilling: Drilling | undefined): TapDrill {
  const bore = expectedBoreMm(drill.diameterMm, drilling);
  const insertThread = { majorMm: hole.majorMm, pitchMm: hole.thread.pitchMm, form: hole.thread.form };
  const fits = drill.diameterMm >= hole.minorMinMm - 1e-6 && drill.diameterMm <= hole.minorMaxMm + 1e-6;
  const cost = fits
    ? bore > hole.minorMaxMm
      ? 'within the limits, but it may cut over them'
      : 'within the insert thread’s limits'
    : drill.diameterMm < hole.minorMinMm
      ? 'under the limits: the insert tap works hard'
      : 'over the limits: the coil’s flanks lose hold';
  return {
    drill,
    share: shareOfThread(insertThread, drill.diameterMm),
    shareExpected: shareOfThread(insertThread, bore),
    expectedBoreMm: bore,
    judgement: fits ? 'fits' : drill.diameterMm < hole.minorMinMm ? 'tight' : 'light-duty',
    cost,
  };
}

/** Low end of the limits in soft parents, high end in tough ones; the thread's own system first among equals. */
interface CoilDrills {
  best: TapDrill | null;
  substitutes: TapDrill[];
}

// Five lengths of coil ask for one drill, and the next keystroke for it again: a rack is immutable.
const COIL_DRILLS = new WeakMap<Rack, Map<string, CoilDrills>>();

function chooseCoilDrill({ rack, parent }: HoleCase, coil: CoilHole): CoilDrills {
  const ofRack = COIL_DRILLS.get(rack) ?? new Map<string, CoilDrills>();
  COIL_DRILLS.set(rack, ofRack);
  const tough = parent.cutting === 'tough';
  if (coil.thread.family === 'custom') return findCoilDrill(rack, tough, coil);
  const key = `${coil.thread.id} ${tough}`;
  const known = ofRack.get(key) ?? findCoilDrill(rack, tough, coil);
  ofRack.set(key, known);
  return known;
}

function findCoilDrill(rack: Rack, tough: boolean, coil: CoilHole): CoilDrills {
  const near = rackDrills(rack)
    .filter((drill) => Math.abs(drill.diameterMm - coil.minorMinMm) < 0.6)
    .map((drill) => asCoilDrill(coil, drill, rack.drilling));
  const fit = near.filter((d) => d.judgement === 'fits');
  const native = coil.thread.family === 'metric' ? 'mm' : 'in';
  const inSystem = fit.filter((d) => d.drill.system === native);
  const pool = inSystem.length > 0 ? inSystem : fit;
  const safe = pool.filter((d) => d.expectedBoreMm <= coil.minorMaxMm);
  const best = tough ? (safe[safe.length - 1] ?? pool[0] ?? null) : (pool[0] ?? null);
  const others = near.filter((d) => d.drill.id !== best?.drill.id);
  return {
    best,
    substitutes: [
      ...others.filter((d) => d.drill.diameterMm < coil.minorMinMm).slice(-2),
      ...others.filter((d) => d.drill.diameterMm >= coil.minorMinMm).slice(0, 3),
    ],
  };
}

interface CoilDepth {
  check: Check;
  budget: DepthBudget | null;
  setDownMm: number;
}

/** Does the coil fit? Through: thickness − countersink ≥ length − P + set-down. Blind: full thread ≥ length + P. */
function depthCheck(hole: HoleCase, coil: CoilHole, nominalMm: number, countersinkMm: number): CoilDepth {
  const { pitchMm } = coil.thread;
  const houseSetDownMm = hole.rules.coilSetDownTurns * pitchMm;
  const leastSetDownMm = Math.min(houseSetDownMm, LEAST_SET_DOWN_TURNS * pitchMm);
  if (hole.kind === 'through') {
    const lengthMm = coilEffectiveLengthMm(nominalMm, pitchMm);
    const judge = (depthMm: number): Verdict => {
      const room = depthMm - countersinkMm - lengthMm + 1e-9;
      return room >= houseSetDownMm ? 'holds' : room >= leastSetDownMm ? 'with-care' : 'does-not-hold';
    };
    const nominal = judge(hole.depth.mm);
    const { verdict, needsReading } = verdictUnderDoubt(nominal, judge(hole.depth.mm - hole.depth.halfWidthMm));
    const roomMm = hole.depth.mm - countersinkMm - lengthMm;
    return {
      budget: null,
      setDownMm: nominal === 'holds' ? houseSetDownMm : leastSetDownMm,
      check: {
        id: 'depth',
        title: 'Coil fits the thickness',
        verdict,
        value: roomMm,
        valuePessimistic: roomMm - hole.depth.halfWidthMm,
        limit: houseSetDownMm,
        unit: 'mm',
        because: () =>
          verdict === 'holds'
            ? `${spokenLength(roomMm)} left above the coil for the set-down`
            : verdict === 'with-care'
              ? `only ${spokenLength(roomMm)} left above the coil: set it a quarter turn down`
              : `the coil needs ${spokenLength(lengthMm + leastSetDownMm + countersinkMm)} of metal, there is ${spokenLength(hole.depth.mm)}`,
        working: () => ({
          title: 'Room for the coil',
          formula: 'room = thickness − countersink − (length − P)',
          symbols: [
            { symbol: 'thickness', meaning: 'thickness', value: hole.depth.mm, unit: 'mm' },
            { symbol: 'countersink', meaning: 'depth of the countersink', value: countersinkMm, unit: 'mm' },
            { symbol: 'length', meaning: 'nominal length of the coil', value: nominalMm, unit: 'mm' },
            { symbol: 'P', meaning: 'pitch', value: pitchMm, unit: 'mm' },
          ],
          result: { symbol: 'room', value: roomMm, unit: 'mm' },
          source: 'insert practice: set ¼ to ½ turn below the surface',
          range: { low: roomMm - hole.depth.halfWidthMm, high: roomMm + hole.depth.halfWidthMm },
        }),
        ...(needsReading ? { settledBy: 'depth' } : {}),
      },
    };
  }
  const wantedFullThreadMm = nominalMm + pitchMm;
  const judge = (budget: DepthBudget): Verdict =>
    budget.last === null ? 'does-not-hold' : budget.last.chipRoom ? 'holds' : 'with-care';
  const budget = depthBudget({ cylinderMm: hole.depth.mm, pitchMm, wantedFullThreadMm });
  const low = depthBudget({ cylinderMm: hole.depth.mm - hole.depth.halfWidthMm, pitchMm, wantedFullThreadMm });
  const { verdict, needsReading } = verdictUnderDoubt(judge(budget), judge(low));
  const reach = budget.reaches[budget.reaches.length - 1]!;
  const last = (verdict === 'does-not-hold' ? null : low.last) ?? budget.last;
  const words = (leadThreads: number) => `${leadThreads} ${leadThreads === 1 ? 'thread' : 'threads'} of lead`;
  return {
    budget: low.last ? low : budget,
    setDownMm: houseSetDownMm,
    check: {
      id: 'depth',
      title: 'Depth for the coil',
      verdict,
      value: last?.chipRoom ? reach.withChipsMm : reach.withoutChipsMm,
      valuePessimistic: (last?.chipRoom ? reach.withChipsMm : reach.withoutChipsMm) - hole.depth.halfWidthMm,
      limit: wantedFullThreadMm,
      unit: 'mm',
      because: () =>
        budget.last === null
          ? `full thread to ${spokenLength(wantedFullThreadMm)} is wanted, ${spokenLength(reach.withoutChipsMm)} is the most: ${spokenLength(budget.shortByMm)} too shallow`
          : needsReading && verdict === 'does-not-hold'
            ? `it fits as read, not at the pessimistic end of the depth: measure the depth better`
            : last!.chipRoom
              ? `full thread to ${spokenLength(wantedFullThreadMm)} with ${words(last!.leadThreads)} and room for chips`
              : `full thread to ${spokenLength(wantedFullThreadMm)} only with ${words(last!.leadThreads)} and no room for chips: clear out before the last turns`,
      working: budget.working,
      ...(needsReading ? { settledBy: 'depth' } : {}),
    },
  };
}

function coilRoute({ hole, assessment }: RouteContext, lengthD: number): BareRoute {
  const { thread } = hole;
  const coil = coilHole(thread);
  const nominalMm = lengthD * thread.majorMm;
  const { best, substitutes } = chooseCoilDrill(hole, coil);
  const drillMm = best?.drill.diameterMm ?? coil.minorMinMm;
  const boreMm = best?.expectedBoreMm ?? coil.minorMinMm;
  const countersinkMm = Math.max(0, (coil.majorMm + COUNTERSINK_OVER_MM - drillMm) / 2);
  const depth = depthCheck(hole, coil, nominalMm, countersinkMm);
  const insertFromMm = countersinkMm + depth.setDownMm;
  const effectiveMm = coilEffectiveLengthMm(nominalMm, thread.pitchMm);
  const reach = hole.joint.screwReach;
  const inCoilMm = reach ? Math.max(0, Math.min(effectiveMm, reach.mm - insertFromMm)) : effectiveMm;
  const strength = strengthChecks({
    hole,
    thread,
    engagement: { mm: inCoilMm, halfWidthMm: reach && inCoilMm < effectiveMm ? reach.halfWidthMm : 0 },
    coil,
    cutMm: coil.majorMm,
  });
  const outermostMm = Math.max(coil.majorMm, assessment.outermostCutMm);
  const wantsReachMm = insertFromMm + effectiveMm;
  const checks: Check[] = [
    drillCheck(best, coil.minorMinMm),
    cleanUpCheck(assessment, drillMm, coil.pitchMinMm),
    depth.check,
    ...strength.checks,
    ...wallCheck(hole, coil.majorMm, true),
  ];
  if (reach && reach.mm < wantsReachMm - 1e-9 && inCoilMm < 0.9 * effectiveMm) {
    checks.push({
      id: 'screw-reach',
      title: 'Screw reaches through the coil',
      verdict: 'with-care',
      value: reach.mm,
      valuePessimistic: reach.mm - reach.halfWidthMm,
      limit: wantsReachMm,
      unit: 'mm',
      because: () => `the present screw uses ${spokenLength(inCoilMm)} of the coil’s ${spokenLength(effectiveMm)}`,
      working: null,
      remedy: { id: 'longer-screw', step: `A screw that reaches ${spokenLength(wantsReachMm)} uses the whole coil.` },
    });
  }
  const last = depth.budget?.last ?? null;
  const lastLead = last?.leadThreads ?? null;
  const blind = hole.kind === 'blind';
  const fullThreadMm = nominalMm + thread.pitchMm;
  const shoulderMm = last
    ? drillStopMm({ cylinderMm: hole.depth.mm, pitchMm: thread.pitchMm, fullThreadMm, ...last })
    : hole.depth.mm;
  return {
    id: `wire-coil:${thread.id}:${lengthD}D`,
    method: 'wire-coil',
    title: `Wire coil, ${lengthD} D`,
    thread,
    fastenerName: strength.fastener.name,
    insertLengthD: lengthD,
    cut: {
      drill: best,
      boreMm,
      majorMm: coil.majorMm,
      thread: null,
      outermostMm,
      tapName: coil.tapName,
      tapLeads: !blind ? [4] : lastLead === null || lastLead === 4 ? [4] : [4, lastLead],
    },
    depths: {
      fullThreadFromMm: 0,
      fullThreadToMm: blind ? fullThreadMm : hole.depth.mm,
      drillShoulderMm: shoulderMm,
      drillTipMm: blind ? shoulderMm + drillPointMm(drillMm) : hole.depth.mm,
      insertFromMm,
      insertToMm: insertFromMm + effectiveMm,
      countersinkMm,
      screwReachMm: wantsReachMm,
    },
    engagementMm: inCoilMm,
    balanceEngagementMm: strength.balanceEngagementMm,
    stripLoadN: strength.strip.stripLoadN,
    stripLeastN: strength.stripLeastN,
    breakLoadN: strength.breakLoadN,
    checks,
    substitutes,
    workings: [() => coilHoleWorking(coil), ...strength.workings],
    notes: [...strength.notes, coilNote(hole)],
  };
}

/** Free or locking, dry or with locker: by how it is loaded, how often it is undone and how hot it gets (rule of thumb). */
function coilNote({ joint }: HoleCase): string {
  const pulsates = joint.demand.mode === 'preload' && joint.demand.load === 'pulsating';
  const kind =
    pulsates && joint.undone === 'rarely' ? 'a locking coil holds a screw that shakes' : 'a free-running coil';
  const cool = joint.serviceC === null || joint.serviceC <= LOCKER_UP_TO_C;
  return `${kind}, set dry${cool ? '; with thread locker only where it could turn' : '; no thread locker at this temperature'}`;
}

/** Medium thread locker lets go above this. */
const LOCKER_UP_TO_C = 150;

/** Wire coil insert in every length made; none for forms that no coil is wound for. */
export const wireCoil: RouteMethod = (context) =>
  coilIsMadeFor(context.hole.thread) ? COIL_LENGTHS_D.map((lengthD) => coilRoute(context, lengthD)) : [];

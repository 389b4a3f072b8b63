import { spokenLength, spokenTorque } from '../../basis/units/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { drillSpeed, tapName } from '../cutting/index.ts';
import type { Route } from '../routes/index.ts';

/** One step at the machine. Lengths and loads in the texts are tokens for the edge to speak. */
export interface WorkStep {
  id: string;
  title: string;
  what: string;
  /** The number that matters, if there is one. */
  number: { label: string; valueMm: number } | { label: string; text: string } | null;
  caution: string | null;
  /** From this step on metal is gone: it is asked before it is begun. */
  noReturn?: boolean;
  /** Done once what was cut is proved: not a step at the machine. */
  afterProof?: boolean;
}

const GLASS_HARD = 'Wear eye protection: taps are glass-hard and snap.';
const NO_AIR = 'No air gun at a blind hole without a shield.';

function materialCaution(hole: HoleCase): string {
  return hole.parent.group === 'magnesium'
    ? 'Magnesium chips burn: no water-based fluid, keep chips few, dry sand or a class D extinguisher at hand.'
    : 'Wear eye protection. No gloves at a turning spindle. Clamp the work.';
}

/** How many turns a tap makes from its first bite: depth over pitch, plus its lead. @example tapTurns(17.3, 1.25, 4) // 17.8 */
export function tapTurns(fullThreadMm: number, pitchMm: number, leadThreads: number): number {
  return fullThreadMm / pitchMm + leadThreads;
}

const STATE = {
  dry: 'dry',
  oiled: 'oiled',
  'anti-seize': 'with anti-seize',
  unknown: 'dry or oiled as that torque is meant',
} as const;

/** How the screw goes back: at the torque that the joint wants, else at most at what screw and thread take. */
function fastenWords({ joint: { demand } }: HoleCase, { torque, thread, fastenerName }: Route): string | null {
  if (torque === null) return null;
  const screw = `${thread.designation}, ${fastenerName.charAt(0).toLowerCase()}${fastenerName.slice(1)}`;
  return demand.mode === 'preload'
    ? `${screw}: ${spokenTorque(demand.torqueNm)}, ${STATE[demand.friction]}.`
    : `${screw}: oiled at most ${spokenTorque(torque.torqueNm)}; ${torque.limitedBy === 'screw' ? 'beyond that the screw stretches' : 'beyond that the thread in the part is in danger'}.`;
}

/**
 * The steps of a route, in the order in which they are worked. Throws nothing; a route without a drill or an insert
 * simply has no such step.
 */
export function writeWorkCard(hole: HoleCase, route: Route): WorkStep[] {
  const { cut, depths, thread } = route;
  const blind = hole.kind === 'blind';
  const steps: WorkStep[] = [
    {
      id: 'protect',
      title: 'Protect what is around it',
      what: 'Isolate and lock out. Close openings, mask oil and water ways, clamp the work.',
      number: null,
      caution: materialCaution(hole),
    },
  ];
  for (const check of route.checks) {
    if (check.remedy)
      steps.push({
        id: `remedy-${check.remedy.id}`,
        title: check.title,
        what: check.remedy.step,
        number: null,
        caution: null,
      });
  }
  if (cut.drill) {
    const { speedRpm } = drillSpeed(hole.parent.id, cut.drill.drill.diameterMm);
    steps.push({
      id: 'drill',
      title: `Drill ${cut.drill.drill.id}`,
      what: blind
        ? `Follow the hole that is there. Stop when the shoulder is at ${spokenLength(depths.drillShoulderMm)}, the tip at ${spokenLength(depths.drillTipMm)}. About ${Math.round(speedRpm / 10) * 10} rev/min.`
        : `Follow the hole that is there, right through. About ${Math.round(speedRpm / 10) * 10} rev/min.`,
      number: {
        label: blind ? 'stop at the tip' : 'drill',
        valueMm: blind ? depths.drillTipMm : cut.drill.drill.diameterMm,
      },
      caution: materialCaution(hole),
      noReturn: true,
    });
  }
  if (route.counterDrillMm !== null) {
    steps.push({
      id: 'counter-drill',
      title: 'Counter-drill the mouth, if you like',
      what: `The first ${spokenLength(route.counterDrillMm)} may be bored clear to just over ${spokenLength(cut.majorMm)}: less to tap, and the tap starts straighter.`,
      number: { label: 'no deeper than', valueMm: route.counterDrillMm },
      caution: null,
    });
  }
  if (depths.countersinkMm > 0) {
    steps.push({
      id: 'countersink',
      title: 'Countersink lightly',
      what: `90° until the mouth is just over ${spokenLength(cut.majorMm)}.`,
      number: { label: 'mouth', valueMm: cut.majorMm + 0.2 },
      caution: null,
    });
  }
  cut.tapLeads.forEach((lead, index) => {
    const turns = tapTurns(
      Math.max(0, depths.fullThreadToMm - (route.method === 'wire-coil' ? 0 : depths.fullThreadFromMm)),
      (cut.thread ?? thread).pitchMm,
      lead,
    );
    const turn = thread.hand === 'left' ? 'anticlockwise' : 'clockwise';
    steps.push({
      id: `tap-${index + 1}`,
      title: `${cut.tapName}, ${tapName(lead, hole.rules.tapNames)}`,
      what:
        route.method === 'clean-up' || route.method === 'longer-screw'
          ? `By hand, ${turn}. Find the old helix first; never start a new one.`
          : `Turn ${turn}. Check square in two views on the third turn. ${blind ? 'Clear the chips often; feel for the bottom on the last two turns.' : 'Half a turn on, a quarter back.'}`,
      number: { label: 'turns from the first bite', text: (Math.round(turns * 4) / 4).toString() },
      caution: GLASS_HARD,
    });
  });
  if (cut.tapLeads.length > 0)
    steps.push({
      id: 'clean',
      title: 'Clean the thread',
      what: 'Vacuum, then solvent if a thread locker follows. Look for chips at the bottom.',
      number: null,
      caution: blind ? NO_AIR : null,
    });
  for (const own of route.ownSteps) steps.push({ ...own, number: null });
  if (depths.insertFromMm !== null && depths.insertToMm !== null) {
    steps.push({
      id: 'insert',
      title: `Wind in the coil, ${route.insertLengthD} D`,
      what: `Set the first turn ${spokenLength(depths.insertFromMm)} under the face. ${blind ? 'Tang: break it off only if you can take it out again and count it, or use a tangless coil.' : 'Break the tang off where it can fall free; count it.'}`,
      number: { label: 'under the face', valueMm: depths.insertFromMm },
      caution: 'The tang is sharp, and stainless is not magnetic: find it with your eyes.',
    });
  }
  const fasten = fastenWords(hole, route);
  steps.push({
    id: 'prove',
    title: 'Prove it',
    what: `Run a ${thread.designation} gauge or a known good screw to ${spokenLength(depths.screwReachMm)}; measure the bore and the depth.`,
    number: { label: 'thread to', valueMm: depths.screwReachMm },
    caution: 'A screw that fits shows only that the thread is not too small.',
  });
  if (fasten !== null)
    steps.push({
      id: 'fasten',
      title: 'Put the screw back',
      what: fasten,
      number: null,
      caution: 'The maker’s torque goes first. A torque meant for dry threads is never used oiled.',
      afterProof: true,
    });
  return steps;
}

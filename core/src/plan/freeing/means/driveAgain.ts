import { jammedBit, slotFor } from '../../../facts/drives/index.ts';
import { threadGeometry } from '../../../facts/threads/index.ts';
import { stiffShellMm } from '../coreWindow.ts';
import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';
import { stuckFacts, turnWord, type StuckFacts } from '../stuckFacts.ts';
import type { StuckCase } from '../StuckCase.ts';

/** Less metal than this from the axis, in diameters, and a boss is thin: what wedges cracks it (rule of thumb). */
const THIN_BOSS_D = 1.25;

type Own = StuckFacts & {
  state: 'good' | 'damaged' | 'proud' | 'relieved' | 'none';
  /** Null: no size jams, or the boss does not stand one that does. */
  bit: { bit: number; pointsMm: number; socketMm: number } | null;
  /** Metal from the axis; null: not measured. A thin boss takes no jammed bit. */
  boss: 'thin' | 'unknown' | 'thick';
  slot: { widthMm: number; depthMm: number };
};

function bossOf({ edgeMm, thread }: StuckCase): Own['boss'] {
  if (edgeMm === null) return 'unknown';
  return edgeMm < THIN_BOSS_D * thread.majorMm ? 'thin' : 'thick';
}

/** A core drilled out takes the tension from a stub; what is left must still carry a slot. */
function isRelieved({ drilledMm, thread }: StuckCase): boolean {
  if (drilledMm === null) return false;
  const shellMm = (threadGeometry(thread).rootExternalMm - drilledMm) / 2;
  return shellMm > stiffShellMm(thread.majorMm);
}

function stateOf(stuck: StuckCase, facts: StuckFacts, slotDeepMm: number): Own['state'] {
  if (stuck.drive === 'good' || stuck.drive === 'damaged') return stuck.drive;
  if (!facts.threaded) return 'none';
  if (facts.proudMm !== null && facts.proudMm >= slotDeepMm) return 'proud';
  return isRelieved(stuck) ? 'relieved' : 'none';
}

export const driveAgain: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = stuckFacts(stuck);
    const slot = slotFor(facts.majorMm);
    const state = stateOf(stuck, facts, slot.depthMm);
    const boss = bossOf(stuck);
    // Sizes by thread hold for socket-head screws; a plug's socket has its own.
    const socket = stuck.what === 'screw' && (stuck.driveKind === 'socket-head' || stuck.driveKind === null);
    const possible = facts.threaded && !facts.hard && state !== 'none';
    return {
      verdict: possible ? (state === 'good' ? 'holds' : 'with-care') : 'does-not-hold',
      facts: {
        ...facts,
        state,
        boss,
        bit: state === 'damaged' && socket && boss !== 'thin' && !facts.cracks ? jammedBit(facts.majorMm) : null,
        slot,
      },
    };
  },
  title: ({ state }) =>
    state === 'good'
      ? 'Turn it by its own drive'
      : state === 'damaged'
        ? 'Cut its drive again'
        : 'A slot across it, and a driver',
  because: ({ state, hard, threaded, proudMm, strong }, verdict, say) => {
    if (hard) return 'it is too hard to cut';
    if (verdict === 'does-not-hold') return threaded ? 'no drive is left' : 'it is not turned by a drive';
    if (strong && state !== 'good') return 'it is 12.9: a grinding disc cuts it, a saw hardly does';
    switch (state) {
      case 'good':
        return 'its drive is whole';
      case 'proud':
        return `${say.length(proudMm ?? 0)} stands proud: enough for a slot`;
      case 'relieved':
        return 'drilled, its tension is gone, and the ring is still thick enough for a slot';
      default:
        return 'there is a drive left to work on';
    }
  },
  steps: (facts, say) => {
    const { state, bit, slot, boss } = facts;
    if (state === 'good')
      return steps('Clean the drive out, the right key pressed hard home.', `Turn ${turnWord(facts)}, to and fro.`);
    const wedge = `A bit that is driven in wedges: on a thin boss it cracks the casting${boss === 'unknown' ? ', so look how much metal is beside it first' : ''}.`;
    return steps(
      ...(bit
        ? [
            `A rounded ${say.length(bit.socketMm)} hexagon: drive six-lobe bit ${bit.bit} (${say.length(bit.pointsMm)} over its points) into it. ${wedge}`,
          ]
        : []),
      `${bit ? 'Or saw' : 'Saw'} a slot about ${say.length(slot.widthMm)} wide and ${say.length(slot.depthMm)} deep${state === 'relieved' ? ' across the ring, with a thin disc or a small chisel, clear of the parent' : ''}; the widest blade that fits.`,
      `Press hard along the axis while it turns ${turnWord(facts)}.`,
    );
  },
  stop: () => 'The driver slips twice: the next slip ruins what is left.',
  spoils: spoilsNothing,
};

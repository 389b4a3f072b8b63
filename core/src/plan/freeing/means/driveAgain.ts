import { jammedBit, slotFor } from '../../../facts/drives/index.ts';
import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';
import { stuckFacts, turnWord, type StuckFacts } from '../stuckFacts.ts';

type Own = StuckFacts & {
  good: boolean;
  bit: { bit: number; pointsMm: number; socketMm: number } | null;
  slot: { widthMm: number; depthMm: number };
};

export const driveAgain: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = stuckFacts(stuck);
    const good = stuck.drive === 'good';
    const possible = facts.threaded && !facts.hard && stuck.drive !== 'none';
    const socket = stuck.driveKind === 'socket-head' || stuck.driveKind === null;
    return {
      verdict: possible ? (good ? 'holds' : 'with-care') : 'does-not-hold',
      facts: {
        ...facts,
        good,
        bit: socket ? jammedBit(facts.majorMm) : null,
        slot: slotFor(facts.majorMm),
      },
    };
  },
  title: ({ good }) => (good ? 'Turn it by its own drive' : 'Cut its drive again'),
  because: ({ good, hard, threaded }, verdict) => {
    if (verdict !== 'does-not-hold') return good ? 'its drive is whole' : 'there is a drive left to work on';
    if (hard) return 'it is too hard to cut';
    return threaded ? 'no drive is left' : 'it is not turned by a drive';
  },
  steps: (facts, say) => {
    const { good, bit, slot } = facts;
    if (good)
      return steps('Clean the drive out, the right key pressed hard home.', `Turn ${turnWord(facts)}, to and fro.`);
    return steps(
      ...(bit
        ? [
            `A rounded ${say.length(bit.socketMm)} hexagon: drive six-lobe bit ${bit.bit} (${say.length(bit.pointsMm)} over its points) into it.`,
          ]
        : []),
      `${bit ? 'Or saw' : 'Saw'} a slot about ${say.length(slot.widthMm)} wide and ${say.length(slot.depthMm)} deep; the widest blade that fits.`,
      `Press hard along the axis while it turns ${turnWord(facts)}.`,
    );
  },
  stop: () => 'The driver slips twice: the next slip ruins what is left.',
  spoils: spoilsNothing,
};

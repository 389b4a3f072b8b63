import { chipsOfMetal, metalsOfLook, type ChipLook, type ParentMaterial } from '../../facts/materials/index.ts';
import type { StuckThing } from '../../judge/hole/index.ts';
import { isInner } from '../workcard/index.ts';

/** What a look says of feed and heat as long as it is the right metal, or of the cut alone, and what is done. */
const LOOKS: Readonly<Record<ChipLook, { says: string; then: string }>> = {
  'long-curls': {
    says: 'It cuts. Strings wind round the drill and hide the edge.',
    then: 'Break them: lift every diameter. Keep the push even; in stainless never let it rub, it hardens.',
  },
  crumbs: {
    says: 'It cuts. Of iron some drill it dry and vacuum the dust; others wet it through to save the edge.',
    then: 'One or the other: a few drops make a paste that laps tool and hole. Never blow it.',
  },
  'soft-curls': {
    says: 'It cuts. Lumps on the lips are chips that welded on: too dry or too slow.',
    then: 'Clear often, light oil or paraffin; a smeared lip is cleaned before it cuts over size.',
  },
  flakes: {
    says: 'It cuts. Its chips burn, fine ones first, and water feeds the fire.',
    then: 'Sharp drill, thick chips, no rubbing. Collect them away from the work; dry sand or a class D extinguisher at hand.',
  },
  yellow: { says: 'It cuts, and draws the drill in.', then: 'Lips stoned flat, the quill held back.' },
  plastic: { says: 'It cuts. Smearing is melting.', then: 'Slower, sharper, lift often; no oil that may crack it.' },
  blue: {
    says: 'Hot: too fast, too dry, or blunt. Straw is as far as a high-speed drill should go.',
    then: 'Out, let it cool, half the speed, more fluid; another drill if the lips are round.',
  },
  powder: {
    says: 'It rubs: no push, a blunt drill, or something harder than the drill: a tap, an extractor, a 12.9 screw, skin that was hardened.',
    then: 'Each turn makes it harder. Try it with a file; what a file slides off is not drilled with this.',
  },
  two: {
    says: 'The drill stands in two metals: it has come to the edge of what it should be in.',
    then: 'Measure how far off the axis it is before it takes more.',
  },
};
/** What tells of the cut alone; of these only heat is put right without measuring. */
const OF_THE_CUT: readonly ChipLook[] = ['blue', 'powder', 'two'];

/**
 * What a drill should be in. `part`: the part itself; `screw`: a screw or stud of steel, so that the part's chips are the wrong
 * ones; `unknown`: something whose metal nobody named, a plug, a dowel, a weld.
 */
export interface DrillIn {
  parent: Pick<ParentMaterial, 'id' | 'group'>;
  inside: 'part' | 'screw' | 'unknown';
}

/** Steps at which something comes out of the hole that tells of its metal. */
const CHIP_KINDS: readonly string[] = ['pilot', 'drill', 'counter-drill', 'tap'];

/** What a step of a card should be in; null: nothing is cut at it. @example drillInAt({ id: 'prove', kind: 'prove' }, { id: 'grey-iron', group: 'iron' }) // null */
export const drillInAt = (step: { id: string; kind: string }, parent: DrillIn['parent']): DrillIn | null =>
  CHIP_KINDS.includes(step.kind) ? { parent, inside: isInner(step.id) ? 'unknown' : 'part' } : null;

/** What is drilled out should be of steel only where it is a screw or a stud. */
export const drillInStuck = (what: StuckThing, parent: DrillIn['parent']): DrillIn => ({
  parent,
  inside: what === 'screw' || what === 'stud' ? 'screw' : 'unknown',
});

export interface ChipReading {
  /** As it should be; look at it; stop, it is the wrong metal. */
  verdict: 'right' | 'mind' | 'stop';
  says: string;
  then: string;
}

const LEFT_THE_SCREW = 'Measure the offset of the hole before it takes more of the thread.';

/**
 * What chips say of where a drill is. Precedence: looks that tell of the cut; something of no known metal, which only the part's own
 * look puts in question; the metal that it should be in; the part's, where a screw is drilled out: the drill has left it; any other.
 * @example readChips('soft-curls', { parent: { id: 'aluminium-6xxx', group: 'aluminium' }, inside: 'screw' }).verdict // 'stop'
 * @example readChips('soft-curls', { parent: { id: 'aluminium-6xxx', group: 'aluminium' }, inside: 'part' }).verdict // 'right'
 */
export function readChips(look: ChipLook, { parent, inside }: DrillIn): ChipReading {
  const { says, then } = LOOKS[look];
  if (OF_THE_CUT.includes(look)) return { verdict: look === 'blue' ? 'mind' : 'stop', says, then };
  const { metal, looks } = chipsOfMetal(parent);
  const isPart = looks.includes(look);
  if (inside === 'unknown')
    return isPart
      ? {
          verdict: 'mind',
          says: `That may be what is in the hole, or ${metal}, the part.`,
          then: 'Measure the offset; go on where it is its own metal.',
        }
      : { verdict: 'right', says: `Not ${metal}: it is still in what is in the hole. ${says}`, then };
  const isScrew = look === 'long-curls';
  if (inside === 'screw' ? isScrew : isPart) {
    // Where the part's chips look the same, only the drill's place tells.
    if (inside === 'screw' && isPart)
      return {
        verdict: 'mind',
        says: `A screw’s chips and those of ${metal} look alike: they do not tell when it leaves the screw.`,
        then: LEFT_THE_SCREW,
      };
    return { verdict: 'right', says, then };
  }
  if (inside === 'screw' && isPart)
    return { verdict: 'stop', says: `That is ${metal}, the part: the drill has left the screw.`, then: LEFT_THE_SCREW };
  return {
    verdict: 'stop',
    says: `That looks like ${metalsOfLook(look).join(' or ')}, not ${inside === 'screw' ? 'a steel screw' : metal}.`,
    then:
      inside === 'screw'
        ? 'What is in there is not what was thought: look at it with a magnet and a file, then choose again.'
        : 'Drill, class and strength were chosen for another metal: say what it is, and plan again.',
  };
}

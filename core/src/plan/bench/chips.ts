import type { ParentGroup } from '../../facts/materials/index.ts';

interface Look {
  name: string;
  /** The metals whose chips look so; none: it tells of the cut, not of the metal. */
  metals: readonly ParentGroup[];
  /** What it says of feed and heat, as long as it is the right metal; of no metal: what it is. */
  says: string;
  then: string;
}

/** What chips look like, and what that says (practice; a look is no proof of an alloy). */
const LOOKS = {
  'long-curls': {
    name: 'Long curls or strings, grey and tough',
    metals: ['steel', 'stainless'],
    says: 'Steel that cuts. Strings wind round the drill and hide the edge.',
    then: 'Break them: lift every diameter. Keep the push even; in stainless never let it rub, it hardens.',
  },
  crumbs: {
    name: 'Short grey crumbs, or dust that blackens the fingers',
    metals: ['iron'],
    says: 'Cast iron that cuts. Some drill it dry and vacuum the dust; others wet it through to save the edge.',
    then: 'One or the other: a few drops make a paste that laps tool and hole. Never blow it.',
  },
  'soft-curls': {
    name: 'Soft bright curls, light, that stick',
    metals: ['aluminium', 'zinc'],
    says: 'Light metal that cuts. Lumps on the lips are chips that welded on: too dry or too slow.',
    then: 'Clear often, light oil or paraffin; a smeared lip is cleaned before it cuts over size.',
  },
  flakes: {
    name: 'Silvery flakes that weigh nothing',
    metals: ['magnesium'],
    says: 'Magnesium. Its chips burn, fine ones first, and water feeds the fire.',
    then: 'Sharp drill, thick chips, no rubbing. Collect them away from the work; dry sand or a class D extinguisher at hand.',
  },
  yellow: {
    name: 'Yellow or red crumbs or needles',
    metals: ['copper'],
    says: 'Brass or bronze. It draws the drill in.',
    then: 'Lips stoned flat, the quill held back.',
  },
  plastic: {
    name: 'White or coloured ribbons, or what smears and smells',
    metals: ['plastic'],
    says: 'Plastic. Smearing is melting.',
    then: 'Slower, sharper, lift often; no oil that may crack it.',
  },
  blue: {
    name: 'Blue or brown',
    metals: [],
    says: 'Too hot: too fast, too dry, or blunt.',
    then: 'Out, let it cool, half the speed, more fluid; another drill if the lips are round.',
  },
  powder: {
    name: 'Bright powder and a squeal, hardly a chip',
    metals: [],
    says: 'It rubs: no push, a blunt drill, or something harder than the drill: a tap, an extractor, a 12.9 screw, skin that was hardened.',
    then: 'Each turn makes it harder. Try it with a file; what a file slides off is not drilled with this.',
  },
  two: {
    name: 'Two kinds at once',
    metals: [],
    says: 'The drill stands in two metals: it has come to the edge of what it should be in.',
    then: 'Measure how far off the axis it is before it takes more.',
  },
} as const satisfies Record<string, Look>;

export type ChipLook = keyof typeof LOOKS;
export const CHIP_LOOKS: readonly { id: ChipLook; name: string }[] = (Object.keys(LOOKS) as ChipLook[]).map((id) => ({
  id,
  name: LOOKS[id].name,
}));

/** What a drill should be in: the part, or what is stuck in it. */
export interface DrillIn {
  parent: ParentGroup;
  /** It drills out a screw or stud: chips of the part are the wrong ones then. */
  inScrew: boolean;
}

export interface ChipReading {
  /** As it should be; look at the cut; stop, it is the wrong metal. */
  verdict: 'right' | 'mind' | 'stop';
  says: string;
  then: string;
}

const METALS: Readonly<Record<ParentGroup, string>> = {
  iron: 'cast iron',
  steel: 'steel',
  stainless: 'stainless steel',
  aluminium: 'aluminium',
  magnesium: 'magnesium',
  zinc: 'zinc',
  copper: 'brass or bronze',
  plastic: 'plastic',
};
/** Screws that are drilled out are of these. */
const SCREWS: readonly ParentGroup[] = ['steel', 'stainless'];
/** What tells of the cut alone and can be put right without measuring. */
const MIND: readonly ChipLook[] = ['blue'];

/**
 * What chips say of where a drill is. Precedence: looks that tell of the cut; the metal that it should be in; the part's, where a
 * screw is drilled out: the drill has left it; any other metal.
 * @example readChips('soft-curls', { parent: 'aluminium', inScrew: true }).verdict // 'stop'
 * @example readChips('soft-curls', { parent: 'aluminium', inScrew: false }).verdict // 'right'
 */
export function readChips(look: ChipLook, { parent, inScrew }: DrillIn): ChipReading {
  const { metals, says, then }: Look = LOOKS[look];
  if (metals.length === 0) return { verdict: MIND.includes(look) ? 'mind' : 'stop', says, then };
  const wanted = inScrew ? SCREWS : [parent];
  if (metals.some((metal) => wanted.includes(metal))) return { verdict: 'right', says, then };
  if (inScrew && metals.includes(parent))
    return {
      verdict: 'stop',
      says: `That is ${METALS[parent]}, the part: the drill has left the screw.`,
      then: 'Measure the offset of the hole before it takes more of the thread.',
    };
  const found = metals.map((metal) => METALS[metal]).join(' or ');
  return {
    verdict: 'stop',
    says: `That looks like ${found}, not ${inScrew ? 'a screw' : METALS[parent]}.`,
    then: inScrew
      ? 'What is in there is not what was thought: look at it with a magnet and a file, then plan again.'
      : 'Drill, class and strength were chosen for another metal: say what it is, and plan again.',
  };
}

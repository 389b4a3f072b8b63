import { steps, type MeansMethod } from '../Means.ts';
import { stuckFacts, type StuckFacts } from '../stuckFacts.ts';

type Own = StuckFacts & { bench: boolean };

/** What cuts hard things: solid carbide in a rigid machine, never by hand. */
export const hardDrill: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = stuckFacts(stuck);
    const bench = stuck.access === 'bench';
    return {
      verdict: facts.hard && bench && !facts.noFlame ? 'with-care' : 'does-not-hold',
      facts: { ...facts, bench },
    };
  },
  title: () => 'Carbide, in a rigid machine',
  because: ({ hard, bench, noFlame, parentName }) => {
    if (!hard) return 'it drills with ordinary drills';
    if (!bench) return 'never by hand in place: carbide snaps beside it';
    if (noFlame) return `it throws sparks, and ${parentName.toLowerCase()} has no place beside them`;
    return 'about 60 HRC: carbide cuts it, high-speed steel and cobalt only glaze it';
  },
  steps: ({ through }) =>
    steps(
      ...(through ? [] : ['Pick out every loose piece with a magnet before anything turns.']),
      'Clamped, located on its true axis. Solid carbide drill or end mill, slow feed, dry; eyes and face guarded: carbide splinters.',
      'The middle first, as wide as its core; then the rest falls in, in pieces.',
    ),
  stop: () => 'It squeals and makes dust: the cutter is gone.',
  spoils: () => 'a broken carbide in it leaves only spark erosion',
};

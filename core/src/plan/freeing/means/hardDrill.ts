import { steps, type MeansMethod } from '../Means.ts';
import { stuckFacts, type StuckFacts } from '../stuckFacts.ts';

type Own = StuckFacts & { tap: boolean; bench: boolean; rigid: boolean };

/** What cuts hard things by hand tools: carbide, and only where the shop dares. */
export const hardDrill: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = stuckFacts(stuck);
    const tap = stuck.what === 'tap';
    const bench = stuck.access === 'bench';
    const rigid = facts.hard && bench && !facts.noFlame;
    return {
      verdict: rigid || (tap && stuck.through) ? 'with-care' : 'does-not-hold',
      facts: { ...facts, tap, bench, rigid },
    };
  },
  title: ({ tap }) => (tap ? 'Break it up: claws, then carbide' : 'Carbide drill, rigid'),
  because: ({ hard, tap, through, bench, rigid }) => {
    if (!hard) return 'it drills with ordinary drills';
    if (tap && through) return 'it goes through: its pieces fall out below; claws in its flutes turn it back';
    if (tap)
      return bench
        ? 'claws in its flutes first; blind, its pieces stay in the hole and jam'
        : 'not by hand in place: carbide snaps beside it';
    return rigid
      ? 'carbide cuts it; high-speed steel and cobalt only glaze it'
      : 'carbide snaps in a hand drill: on a rigid machine only';
  },
  steps: ({ tap, through }) =>
    steps(
      ...(tap
        ? [
            'Brush or vacuum the chips out of its flutes, never blow. A tap remover’s claws in them, to and fro: a quarter turn on, an eighth back.',
            through
              ? 'Else break it from its end with a hard punch: the pieces fall through.'
              : 'Pick out every loose piece with a magnet before anything turns.',
          ]
        : []),
      'Carbide drill or end mill, rigid machine, slow feed, dry; eyes and face guarded: carbide splinters.',
      'High-speed steel does not cut it: a glazed spot only makes it worse.',
    ),
  stop: () => 'It squeals and makes dust: the cutter is gone.',
  spoils: () => 'a broken carbide in it leaves only spark erosion',
};

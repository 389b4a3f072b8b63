import type { JudgeMeans } from '../Means.ts';
import { noFlame, steps } from './words.ts';

/** What cuts hard things by hand tools: carbide, and only where the shop dares. */
export const hardDrill: JudgeMeans = (stuck) => {
  const bench = stuck.access === 'bench';
  const tap = stuck.what === 'tap';
  const possible = stuck.hard && bench && !noFlame(stuck);
  return {
    title: tap ? 'Break it up: claws, then carbide' : 'Carbide drill, rigid',
    verdict: possible || (tap && stuck.through) ? 'with-care' : 'does-not-hold',
    because: !stuck.hard
      ? 'it drills with ordinary drills'
      : tap && stuck.through
        ? 'it goes through: its pieces fall out below; claws in its flutes turn it back'
        : tap
          ? bench
            ? 'claws in its flutes first; blind, its pieces stay in the hole and jam'
            : 'not by hand in place: carbide snaps beside it'
          : possible
            ? 'carbide cuts it; high-speed steel and cobalt only glaze it'
            : 'carbide snaps in a hand drill: on a rigid machine only',
    steps: steps(
      ...(tap
        ? [
            'Blow the chips out of its flutes. A tap remover’s claws in them, to and fro: a quarter turn on, an eighth back.',
            stuck.through
              ? 'Else break it from its end with a hard punch: the pieces fall through.'
              : 'Pick out every loose piece with a magnet before anything turns.',
          ]
        : []),
      'Carbide drill or end mill, rigid machine, slow feed, dry; eyes and face guarded: carbide splinters.',
      'High-speed steel does not cut it: a glazed spot only makes it worse.',
    ),
    stop: 'It squeals and makes dust: the cutter is gone.',
    spoils: 'a broken carbide in it leaves only spark erosion',
  };
};

export const sparkErosion: JudgeMeans = (stuck) => {
  const plastic = stuck.parent.group === 'plastic';
  return {
    title: 'Spark erosion',
    verdict: plastic ? 'does-not-hold' : stuck.hard ? 'holds' : 'with-care',
    because: plastic
      ? 'it wants metal all round'
      : stuck.hard
        ? 'it cuts what no drill cuts, and leaves the parent'
        : 'it is sure, but more than a soft fastener needs',
    steps: steps(
      'Sent to a shop that has it, or its portable head brought to the part: the middle is eroded, the rest falls in pieces.',
    ),
    stop: '',
    spoils: '',
  };
};

export const sendOut: JudgeMeans = () => ({
  title: 'Send it out',
  verdict: 'with-care',
  because: 'another shop judges and answers for it',
  steps: steps('Send the part with what was tried: this page prints it.'),
  stop: '',
  spoils: '',
});

import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';
import { stuckFacts, type StuckFacts } from '../stuckFacts.ts';

type Own = StuckFacts & { bench: boolean };

export const mill: MeansMethod<Own> = {
  judge: (stuck) => {
    const bench = stuck.access === 'bench';
    return {
      verdict: stuck.what === 'coil' || !bench ? 'does-not-hold' : 'with-care',
      facts: { ...stuckFacts(stuck), bench },
    };
  },
  title: () => 'Mill it out on a machine',
  because: ({ what, bench, hard }) => {
    if (what === 'coil') return 'more than it needs';
    if (!bench) return 'the part has to come off and onto a machine first';
    return hard ? 'carbide, short and rigid, located on the true axis' : 'located on the true axis, it does not wander';
  },
  steps: ({ hard }) =>
    steps(
      'Locate the true axis from neighbours or the bore, rigid set-up, spindle square to the face.',
      `${hard ? 'Carbide end mill, small bites, dry or air; eye and face guarded, carbide splinters' : 'End mill under the root'}; then peel.`,
    ),
  stop: () => 'The cutter chatters or glows.',
  spoils: spoilsNothing,
};

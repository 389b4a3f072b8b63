import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';
import { stuckFacts, type StuckFacts } from '../stuckFacts.ts';

/** A pin in a through hole is driven out from behind. */
export const driveThrough: MeansMethod<StuckFacts> = {
  judge: (stuck) => ({
    verdict: stuck.what === 'dowel' && stuck.through ? 'holds' : 'does-not-hold',
    facts: stuckFacts(stuck),
  }),
  title: () => 'Drive it out from behind',
  because: ({ what }, verdict) => {
    if (verdict === 'holds') return 'the hole goes through';
    return what === 'dowel'
      ? 'nothing reaches it from behind: a punch would only drive it deeper'
      : 'only for a plain pin';
  },
  steps: ({ majorMm }, say) =>
    steps(
      `A flat punch a little under ${say.length(majorMm)}, the part well supported round the hole.`,
      'Soak it, a few firm blows; if it does not move, soak and heat first, then again.',
    ),
  stop: () => 'The punch spreads its end: it only jams tighter.',
  spoils: spoilsNothing,
};

import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import { soundFacts, soundWorking, type Assessment, type SoundFacts } from '../../../judge/damage/index.ts';
import type { HoleCase, Measured } from '../../../judge/hole/index.ts';

/** Sound thread that a screw needs before it is worth judging: under half a diameter it holds nothing worth the name (rule of thumb). */
const LEAST_ENGAGEMENT_D = 0.5;

export type SoundThreadFacts = { engagedMm: number; fromMm: number; toMm: number; sound: SoundFacts };

/** Is there sound thread enough to use? */
export function judgeSoundThread(
  hole: HoleCase,
  assessment: Assessment,
  engagement: Measured,
  toMm: number,
): CheckOf<'sound-thread', SoundThreadFacts> {
  const leastMm = LEAST_ENGAGEMENT_D * hole.thread.majorMm;
  return {
    kind: 'sound-thread',
    id: 'sound-thread',
    verdict: engagement.mm >= leastMm ? 'holds' : 'does-not-hold',
    value: engagement.mm,
    valuePessimistic: engagement.mm - engagement.halfWidthMm,
    limit: leastMm,
    unit: 'mm',
    facts: { engagedMm: engagement.mm, fromMm: hole.damageTo.mm, toMm, sound: soundFacts(assessment, hole) },
  };
}

export const soundThread: CheckKind<SoundThreadFacts> = {
  title: () => 'Sound thread to use',
  words: ({ engagedMm, fromMm, toMm }, _verdict, say) =>
    engagedMm <= 0
      ? 'no sound thread is left'
      : `${say.length(engagedMm)} from ${say.length(fromMm)} to ${say.length(toMm)}`,
  working: ({ sound }) => soundWorking(sound),
};

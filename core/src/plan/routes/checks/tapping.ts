import { threadGeometry } from '../../../facts/threads/index.ts';
import type { CheckKind, CheckOf, Verdict } from '../../../basis/checks/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { tappingLoad, tappingWorking } from '../../../judge/strength/index.ts';
import type { Proposed } from '../Route.ts';

/** Tap strength over tapping load: under the first it warns, under the second the cut is refused (estimate). */
const TAPPING_HOLDS = 3;
const TAPPING_CARE = 2;
/** A cut that loads the tap next to nothing is shown as this many times. */
const MOST_SHOWN = 99;

export type TappingFacts = {
  designation: string;
  torqueNm: number;
  snapsAtNm: number;
  forceMpa: number;
  areaMm2: number;
  radiusMm: number;
  majorMm: number;
};

/** Does the tap survive the cut? */
export function judgeTapping(
  { parent }: HoleCase,
  { cut, thread }: Pick<Proposed, 'cut' | 'thread'>,
): CheckOf<'tapping', TappingFacts>[] {
  if (cut.tapLeads.length === 0) return [];
  // An insert tap cuts the screw's own form and pitch, farther out.
  const { form, pitchMm } = cut.thread ?? thread;
  const majorInternalMm = cut.thread ? threadGeometry(cut.thread).majorInternalMm : cut.majorMm;
  const { ratio, ...load } = tappingLoad({ majorMm: cut.majorMm, majorInternalMm, pitchMm, form }, cut.boreMm, parent);
  const verdict: Verdict = ratio >= TAPPING_HOLDS ? 'holds' : ratio >= TAPPING_CARE ? 'with-care' : 'does-not-hold';
  const shown = Math.min(ratio, MOST_SHOWN);
  return [
    {
      kind: 'tapping',
      id: 'tapping',
      verdict,
      value: shown,
      valuePessimistic: shown,
      limit: TAPPING_HOLDS,
      unit: 'times',
      facts: { designation: cut.thread?.designation ?? `${thread.designation} insert tap`, ...load },
      ...(verdict === 'with-care' ? { remedy: 'second-tap' } : {}),
    },
  ];
}

export const tapping: CheckKind<TappingFacts> = {
  title: () => 'The tap survives',
  words: ({ torqueNm, snapsAtNm }, verdict, say) =>
    verdict === 'holds'
      ? `it takes about ${say.torque(torqueNm)}, the tap snaps at about ${say.torque(snapsAtNm)}`
      : `about ${say.torque(torqueNm)} against a tap that snaps at ${say.torque(snapsAtNm)}: larger drill, counter-drill, or the second tap first`,
  working: tappingWorking,
  step: () => 'Run the second tap before the last one, with fluid; a fresh tap only.',
};

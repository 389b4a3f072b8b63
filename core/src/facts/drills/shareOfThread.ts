import { positive } from '../../basis/numeric/index.ts';
import type { Working } from '../../basis/checks/index.ts';
import { THREAD_FORMS, type Thread } from '../threads/index.ts';

type Basis = Pick<Thread, 'majorMm' | 'pitchMm' | 'form'>;

const fullHeightMm = (thread: Basis) => THREAD_FORMS[thread.form].fullHeightPerPitch * thread.pitchMm;

/**
 * Share of full thread (0..1) that a bore leaves, in the drill chart's convention for the form: ISO 60° (D − bore)/(1.299038 P),
 * so that the basic minor is 83.3 %; Whitworth 1.280654 P, BA 1.2 P, Acme, trapezoidal and square P, where the basic minor
 * is 100 %.
 * @example shareOfThread(threadById('3/8-16'), 8.73125) // 0.385
 * @example shareOfThread(threadById('Tr16x4'), 12) // 1
 */
export function shareOfThread(thread: Basis, boreMm: number): number {
  return (thread.majorMm - positive(boreMm, 'bore')) / fullHeightMm(thread);
}

/**
 * The other convention: share of the basic internal height, D − D1. For ISO 60° it reads one fifth higher; for the other
 * forms it is the same figure.
 * @example shareOfBasicHeight(threadById('M8x1.25'), 6.8) // 0.887
 */
export function shareOfBasicHeight(thread: Basis, boreMm: number): number {
  return (thread.majorMm - positive(boreMm, 'bore')) / (THREAD_FORMS[thread.form].minorDropPerPitch * thread.pitchMm);
}

/** The bore that leaves a given share of full thread. @example boreForShare(threadById('M8x1.25'), 0.75) // 6.782 */
export function boreForShare(thread: Basis, share: number): number {
  return thread.majorMm - share * fullHeightMm(thread);
}

/** What a drill of major less pitch leaves of a 60° thread: 1 / 1.299. Taken to see whether a size would clean a bore up. */
export const MAJOR_LESS_PITCH_SHARE = 0.77;

/** Working of a share of thread, with both conventions named. */
export function shareWorking(thread: Thread, boreMm: number): Working {
  const { fullHeightPerPitch, minorDropPerPitch, source, title } = THREAD_FORMS[thread.form];
  const other = (100 * shareOfBasicHeight(thread, boreMm)).toFixed(1);
  return {
    title: `Share of full thread, ${thread.designation}`,
    formula: 'share = (D − drill) / (k · P)',
    symbols: [
      { symbol: 'D', meaning: 'major diameter', value: thread.majorMm, unit: 'mm' },
      { symbol: 'drill', meaning: 'drill', value: boreMm, unit: 'mm' },
      { symbol: 'P', meaning: 'pitch', value: thread.pitchMm, unit: 'mm' },
      {
        symbol: 'k',
        meaning: `full height of the ${title} form, on diameter, in pitches`,
        value: fullHeightPerPitch,
        unit: '',
      },
    ],
    result: { symbol: 'share', value: shareOfThread(thread, boreMm), unit: '' },
    source: `drill chart convention; form by ${source}`,
    notes:
      fullHeightPerPitch === minorDropPerPitch
        ? ['The basic minor diameter is 100 % in this form.']
        : [`By the other convention, the share of the basic internal height (1.0825 P), the same bore is ${other} %.`],
  };
}

import { InputError, roundTo } from '../../basis/numeric/index.ts';
import { THREAD_FORMS, type FormId } from './forms.ts';
import type { Thread } from './Thread.ts';

/** What a custom thread's form is called in its id, in the order in which people name it. */
export const CUSTOM_FORMS: readonly { word: string; form: FormId }[] = [
  { word: '60', form: 'iso-60' },
  { word: '55', form: 'whitworth-55' },
  { word: '47.5', form: 'ba-47.5' },
  { word: '30', form: 'trapezoidal-30' },
  { word: '29', form: 'acme-29' },
  { word: 'square', form: 'square' },
];

export const CUSTOM_RANGE = { majorMm: [1, 150], pitchMm: [0.2, 25], startsUpTo: 8 } as const;

/**
 * A thread that is in no table: by its major, pitch and form. Throws `out-of-range` where the pitch would leave no core.
 * @example customThread({ majorMm: 14.2, pitchMm: 1.3, form: 'whitworth-55' }).id // 'custom 14.2x1.3 55'
 */
export function customThread(input: { majorMm: number; pitchMm: number; form: FormId }): Thread {
  const majorMm = roundTo(input.majorMm, 4);
  const pitchMm = roundTo(input.pitchMm, 5);
  if (!within(majorMm, CUSTOM_RANGE.majorMm))
    throw new InputError('out-of-range', `major ${majorMm} mm`, ['1 to 150 mm']);
  if (!leavesCore(input)) {
    throw new InputError('out-of-range', `pitch ${pitchMm} mm on ${majorMm} mm`, ['0.2 to 25 mm, with a core left']);
  }
  const word = CUSTOM_FORMS.find((row) => row.form === input.form)?.word;
  if (word === undefined)
    throw new InputError(
      'out-of-range',
      input.form,
      CUSTOM_FORMS.map((row) => row.word),
    );
  return {
    id: `custom ${majorMm}x${pitchMm} ${word}`,
    designation: `${majorMm} × ${pitchMm} mm, ${THREAD_FORMS[input.form].title}`,
    family: 'custom',
    series: 'custom',
    form: input.form,
    majorMm,
    pitchMm,
    threadsPerInch: null,
    majorInch: null,
    hand: 'right',
    starts: 1,
    taper: null,
  };
}

type CustomInput = { majorMm: number; pitchMm: number; form: FormId };
const within = (value: number, [low, high]: readonly [number, number]) => value >= low && value <= high;
const leavesCore = ({ majorMm, pitchMm, form }: CustomInput): boolean =>
  within(pitchMm, CUSTOM_RANGE.pitchMm) && majorMm - THREAD_FORMS[form].minorDropPerPitch * pitchMm > 0.3 * majorMm;

/** Whether such a thread can be cut. @example canBeCustom({ majorMm: 16, pitchMm: 2, form: 'square' }) // true */
export const canBeCustom = (input: CustomInput): boolean =>
  within(input.majorMm, CUSTOM_RANGE.majorMm) && leavesCore(input);

/** The custom thread with this id, or null when the id is not one. */
export function customById(id: string): Thread | null {
  const match = /^custom (\d+(?:\.\d+)?)x(\d+(?:\.\d+)?) (60|55|47\.5|30|29|square)$/.exec(id);
  if (!match) return null;
  const form = CUSTOM_FORMS.find((row) => row.word === match[3])!.form;
  return customThread({ majorMm: Number(match[1]), pitchMm: Number(match[2]), form });
}

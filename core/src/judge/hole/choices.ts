import { DUTY_ROWS } from './choices/dutyRows.ts';
import { FREEING_ROWS } from './choices/freeingRows.ts';
import { HOLE_ROWS } from './choices/holeRows.ts';
import { JOINT_ROWS } from './choices/jointRows.ts';
import { WORK_ROWS } from './choices/workRows.ts';
import type { ChoiceRow } from './choices/ChoiceRow.ts';

/**
 * Every choice about a hole: types, the shapes that cross a border, the planner's request, defaults and the options on a
 * screen follow from these rows. `usual` is what it is taken as until someone says otherwise; null: nobody knows, or it
 * follows from what else is known.
 */
export const CHOICES = [...HOLE_ROWS, ...JOINT_ROWS, ...DUTY_ROWS, ...FREEING_ROWS, ...WORK_ROWS] as const;

type Rows = (typeof CHOICES)[number];
export type ChoiceId = Rows['id'];

/** Null where a choice may go back to nothing. */
type Emptied<Row> = Row extends { needed: true }
  ? never
  : Row extends { kind: 'number' } | { none: string }
    ? null
    : never;
type ValueOf<Row> =
  | (Row extends { kind: 'options'; options: readonly { id: infer Id }[] }
      ? Id
      : Row extends { kind: 'flag' }
        ? boolean
        : Row extends { kind: 'number' }
          ? number
          : string)
  | Emptied<Row>;

/** Choices about a hole that a person makes; the last one counts. */
export type HoleChoices = { [Row in Rows as Row['id']]: ValueOf<Row> };

/** Whether a choice may go back to nothing. @example mayBeEmptied(choiceRow('drive')) // true */
export const mayBeEmptied = (row: ChoiceRow): boolean =>
  row.needed !== true && (row.kind === 'number' || ('none' in row && row.none !== undefined));

export const choiceRow = <Id extends ChoiceId>(id: Id): ChoiceRow => CHOICES.find((row) => row.id === id)!;

type Usual = { [Row in Rows as Row['id']]: Row['usual'] };
const USUAL = Object.fromEntries(CHOICES.map((row) => [row.id, row.usual])) as Usual;

/**
 * A choice as it stands, else what it is taken as until someone says so. An emptied text counts as never given.
 * @example choiceOf({}, 'duty') // 'ordinary'
 */
export function choiceOf<Id extends ChoiceId>(
  choices: Partial<HoleChoices>,
  id: Id,
): HoleChoices[Id] | (null extends Usual[Id] ? null : never) {
  const chosen = choices[id];
  return (chosen === undefined || chosen === '' ? USUAL[id] : chosen) as HoleChoices[Id];
}

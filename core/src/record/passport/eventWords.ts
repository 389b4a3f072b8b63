import { formatLengthWithUnit } from '../../basis/units/index.ts';
import { MEANS } from '../../facts/means/index.ts';
import { FASTENER_CLASS_NAMES, PARENTS } from '../../facts/materials/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { choiceRow, quantityRow } from '../../judge/hole/index.ts';
import {
  MEND_OUTCOMES,
  STEP_ENDS,
  type EventKindId,
  type EventPayloads,
  type HoleEventBody,
  type MendEntry,
  type ReadingEntry,
} from '../events/index.ts';

/**
 * A reading's doubt, in the system in which the reading was typed, so that one line never speaks of two. Finer than a length:
 * a micrometer's few thousandths must not round up.
 */
export function doubtWords(halfWidthMm: number, notation: ReadingEntry['notation']): string {
  return notation === 'mm' ? formatLengthWithUnit(halfWidthMm, 'mm', 3) : formatLengthWithUnit(halfWidthMm, 'in', 4);
}

/** How a mend ended, or that it has not. @example outcomeWords('unproved') // 'mended, not proved' */
export const outcomeWords = (outcome: MendEntry['outcome']): string =>
  MEND_OUTCOMES.find((row) => row.id === outcome)?.name ?? 'under way';

/** A choice's value as its field shows it. */
function valueWords({ field, value }: EventPayloads['choice']): string {
  const row = choiceRow(field);
  if (value === null || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (row.kind === 'number') return `${value} ${row.unit}`;
  const named = (rows: readonly { id: string; name: string }[]) => rows.find(({ id }) => id === value)?.name;
  if (row.kind === 'options') return named(row.options) ?? String(value);
  if (row.kind !== 'row') return String(value);
  if (row.of === 'thread') return threadById(String(value)).designation;
  return named(row.of === 'parent' ? PARENTS : FASTENER_CLASS_NAMES) ?? String(value);
}

type Reading = EventPayloads['reading'];
const readingWords = ({ quantity, text, notation, halfWidthMm }: Reading) =>
  `${quantityRow(quantity).name}: ${text}${/^[\d.,\s]+$/.test(text) ? ` ${notation}` : ''} ± ${doubtWords(halfWidthMm, notation)}`;

const THEN_WORDS = { 'goes-on': 'goes on', 'plan-again': 'planned again', broke: 'the tool broke' } as const;

/** When something is due. @example lookAgainWords({ by: '2027-03-28', afterHours: 500 }) // 'by 2027-03-28 or after 500 h' */
export const lookAgainWords = ({ by, afterHours }: { by: string | null; afterHours: number | null }): string =>
  [by === null ? '' : `by ${by}`, afterHours === null ? '' : `after ${afterHours} h`].filter(Boolean).join(' or ');

/** What a person did, kind by kind, in one line. */
const WORDS: { readonly [K in EventKindId]: (payload: EventPayloads[K]) => string } = {
  located: ({ name }) => `New hole: ${name}`,
  filed: ({ name }) => `Filed as ${name}`,
  choice: (payload) => `${choiceRow(payload.field).label}: ${valueWords(payload)}`,
  reading: readingWords,
  'reading-struck': ({ reason }) => `A reading struck out: ${reason}`,
  'reading-moved': ({ reason }) => `A reading moved to another hole: ${reason}`,
  'mend-opened': ({ what }) => `A mend started${what === '' ? '' : `: ${what}`}`,
  'plan-frozen': ({ plan }) => `Planned: ${plan.title}`,
  looked: ({ ticks }) => `Looked at before the cut: ${ticks.length} of the list`,
  released: ({ by, reference }) => `Released by ${by}, ${reference}`,
  attempt: ({ means, outcome }) => `Tried to free it: ${MEANS[means].name} (${outcome})`,
  'step-done': ({ stepId, end, note, turns, reading }) =>
    `At the machine, ${stepId}: ${STEP_ENDS.find(({ id }) => id === end)!.name}${turns === undefined ? '' : `, ${turns} turns`}${reading === undefined ? '' : `, read ${reading.text}${reading.instrument ? `, ${reading.instrument}` : ''}`}${note === '' ? '' : ` (${note})`}`,
  'clock-started': ({ what, dueAt }) => `A clock runs: ${what}, due ${dueAt.slice(0, 16).replace('T', ' ')} UTC`,
  'clock-ended': () => 'A clock was stopped',
  'handed-over': ({ note }) => `Handed over: ${note}`,
  'went-stiff': ({ stepId, turns, then }) =>
    `It went stiff at ${stepId}${turns === null ? '' : ` after ${turns} turns`}: ${THEN_WORDS[then]}`,
  result: ({ results }) => `Proof recorded: ${results.length} ${results.length === 1 ? 'check' : 'checks'}`,
  'look-again': ({ by, afterHours, what }) =>
    by === null && afterHours === null
      ? 'Looked at again: nothing more is due'
      : `To be looked at again ${lookAgainWords({ by, afterHours })}${what === '' ? '' : `: ${what}`}`,
  amended: ({ what, reason }) => `A signed mend amended: ${what} (${reason})`,
  'mend-closed': ({ outcome }) => `Mend ended: ${outcomeWords(outcome)}`,
};

/**
 * An event in one line, as its author told it. @example eventWords({ kind: 'filed', payload: { name: 'Hole 4', faceId: 'f1' } })
 * // 'Filed as Hole 4'
 */
export const eventWords = <K extends EventKindId>({ kind, payload }: HoleEventBody<K>): string =>
  WORDS[kind](payload as EventPayloads[K]);

/** Whether this build has words for it: a newer server may tell of more. */
export const knowsEvent = (kind: unknown): boolean => typeof kind === 'string' && Object.hasOwn(WORDS, kind);

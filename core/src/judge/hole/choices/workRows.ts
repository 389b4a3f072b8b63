import type { ChoiceRow } from './ChoiceRow.ts';

/** What the part is like for whoever must hold it. */
export const WORK_SHAPES = [
  { id: 'block', name: 'a casting or block with a flat side' },
  { id: 'odd', name: 'a casting without a flat side' },
  { id: 'sheet', name: 'sheet or a thin wall' },
  { id: 'round', name: 'a bar or shaft' },
  { id: 'tube', name: 'a tube or hollow' },
  { id: 'splined', name: 'splined, toothed or threaded outside' },
] as const;
export type WorkShape = (typeof WORK_SHAPES)[number]['id'];

/** What else lives with the part, so that nothing of the cutting may stay on it. */
export const WORK_NEARS = [
  { id: 'food', name: 'food' },
  { id: 'brakes', name: 'brakes' },
] as const;

/** What is chosen about the work at the machine: it decides how the part is held, not whether a way holds. */
export const WORK_ROWS = [
  {
    id: 'workShape',
    label: 'The part is like',
    kind: 'options',
    options: WORK_SHAPES,
    usual: null,
    none: 'not said',
    inHole: 'work.shape',
  },
  {
    id: 'workMassKg',
    label: 'The part weighs about',
    kind: 'number',
    min: 0.01,
    max: 1_000_000,
    unit: 'kg',
    usual: null,
    inHole: 'work.massKg',
  },
  {
    id: 'workNear',
    label: 'It lives with',
    kind: 'options',
    options: WORK_NEARS,
    usual: null,
    none: 'neither food nor brakes',
    inHole: 'work.near',
  },
] as const satisfies readonly ChoiceRow[];

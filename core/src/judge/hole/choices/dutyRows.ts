import type { ChoiceRow } from './ChoiceRow.ts';

/** What can hurt someone if this one thread lets go. */
export const HURT_KINDS = [
  { id: 'lifts', name: 'lifts or holds people or loads' },
  { id: 'steers', name: 'steering, brakes, suspension' },
  { id: 'pressure', name: 'pressure or hot fluid: fuel, steam, hydraulics, above 2 bar (not a coolant pump or cover)' },
  { id: 'rotates', name: 'rotating guard or coupling' },
  { id: 'flies', name: 'flies or runs on rails' },
  {
    id: 'structure',
    name: 'structure: holds people, hangs over them, roll-over frame (not a bench, bracket or cover)',
  },
] as const;

/** What is chosen about what follows if this one thread lets go. */
export const DUTY_ROWS = [
  {
    id: 'duty',
    label: 'If this one thread lets go',
    kind: 'options',
    options: [
      { id: 'ordinary', name: 'nothing much' },
      { id: 'leak-or-damage', name: 'stops or drips' },
      { id: 'can-hurt', name: 'someone can be hurt' },
      { id: 'under-code', name: 'it is under a code (gas or steam above 0.5 bar in a vessel is)' },
    ],
    usual: 'ordinary',
    inHole: 'duty',
  },
  {
    id: 'hurtKind',
    label: 'What it holds',
    kind: 'options',
    options: HURT_KINDS,
    usual: null,
    none: 'kind not said',
    asked: 'can-hurt',
    inHole: 'hurtKind',
  },
  {
    id: 'codeName',
    label: 'Which code',
    kind: 'text',
    most: 120,
    usual: '',
    offered: [],
    asked: 'under-code',
    inHole: 'codeName',
  },
  { id: 'doNotUse', label: 'do not use this hole', kind: 'flag', usual: false },
] as const satisfies readonly ChoiceRow[];

import { DRIVES, EARLIER_REPAIRS, FASTENER_CLASS_NAMES, METHOD_IDS, METHOD_TRAITS, PARENTS } from '@deep-mend/core';

export interface Option {
  value: string;
  text: string;
}

const same = (values: readonly string[]): Option[] => values.map((value) => ({ value, text: value }));
export const MATERIALS: Option[] = PARENTS.map((parent) => ({ value: parent.id, text: parent.name }));
export const SCREWS: Option[] = FASTENER_CLASS_NAMES.map((row) => ({ value: row.id, text: row.name }));
export const KINDS: Option[] = [
  { value: 'through', text: 'through' },
  { value: 'blind', text: 'blind' },
];
export const BEYOND = same(['edge', 'water side', 'oil side', 'next hole', 'crank space', 'wiring']);
export const FLOORS = same(['nothing', 'water', 'oil', 'crank space', 'another hole', 'wiring', 'pressure']);
export const AXES: Option[] = [
  { value: 'true', text: 'the true axis' },
  { value: 'own', text: 'the bore’s own axis' },
];
export const CRACKS: Option[] = [
  { value: 'none', text: 'none seen' },
  { value: 'near', text: 'one is near' },
  { value: 'reaches', text: 'one reaches the hole' },
];
export const STUCK: Option[] = [
  { value: 'none', text: 'nothing' },
  ...same(['screw', 'stud', 'plug', 'dowel', 'tap', 'extractor', 'coil']),
];
export const EARLIER: Option[] = EARLIER_REPAIRS.map((row) => ({ value: row.id, text: row.name }));
export const METHODS: Option[] = METHOD_IDS.map((id) => ({ value: id, text: METHOD_TRAITS[id].name }));
export const SEALINGS: Option[] = [{ value: 'none', text: 'nothing' }, ...same(['oil', 'water', 'pressure'])];
export const DRIVE_OPTIONS: Option[] = DRIVES.map((row) => ({ value: row.id, text: row.name }));
export const UNDONE = same(['rarely', 'often']);
export const DEMANDS: Option[] = [
  { value: 'fastener-first', text: 'full strength of the screw' },
  { value: 'preload', text: 'the preload of a torque' },
];
export const FRICTIONS: Option[] = [...same(['dry', 'oiled', 'anti-seize']), { value: 'unknown', text: 'not known' }];
export const LOADS = same(['static', 'pulsating']);
export const DUTIES: Option[] = [
  { value: 'ordinary', text: 'ordinary' },
  { value: 'leak-or-damage', text: 'it leaks or damages' },
  { value: 'can-hurt', text: 'it can hurt someone' },
  { value: 'under-code', text: 'it is under a code' },
];

import { InputError } from '../../../basis/numeric/index.ts';
import type { Thread } from '../Thread.ts';

/** Every class of every standard, inside and outside threads. */
export const INTERNAL_CLASSES = [
  '4H',
  '5H',
  '6H',
  '7H',
  '1B',
  '2B',
  '3B',
  'medium',
  'normal',
  'G',
  '2G',
  'gauge',
] as const;
export const EXTERNAL_CLASSES = [
  '6g',
  '6h',
  '1A',
  '2A',
  '3A',
  'close',
  'medium',
  'free',
  'A',
  'B',
  '2G',
  '7e',
  'gauge',
] as const;
export type InternalClass = (typeof INTERNAL_CLASSES)[number];
export type ExternalClass = (typeof EXTERNAL_CLASSES)[number];

export interface InternalLimits {
  tolerance: InternalClass;
  majorMinMm: number;
  pitchMinMm: number;
  pitchMaxMm: number;
  minorMinMm: number;
  minorMaxMm: number;
  source: string;
}

export interface ExternalLimits {
  tolerance: ExternalClass;
  majorMaxMm: number;
  majorMinMm: number;
  pitchMaxMm: number;
  pitchMinMm: number;
  source: string;
}

/** One standard's limits. The first class of each list is the usual one. */
export interface LimitRule {
  internal: readonly InternalClass[];
  external: readonly ExternalClass[];
  internalLimits: (thread: Thread, tolerance: InternalClass) => InternalLimits;
  externalLimits: (thread: Thread, tolerance: ExternalClass) => ExternalLimits;
}

export function unknownClass(thread: Thread, tolerance: string, rule: LimitRule): InputError {
  return new InputError('unknown-tolerance', `${tolerance} of ${thread.designation}`, [
    ...rule.internal,
    ...rule.external,
  ]);
}

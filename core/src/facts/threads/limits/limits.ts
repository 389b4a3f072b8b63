import { keepBy } from '../../../basis/keep/index.ts';
import type { FormId } from '../forms.ts';
import type { Thread, ThreadFamily } from '../Thread.ts';
import { BA_RULE, WHITWORTH_RULE } from './british.ts';
import { BY_FORM_RULE } from './byForm.ts';
import { ISO_METRIC } from './isoMetric.ts';
import { PIPE_PARALLEL_RULE, PIPE_TAPER_RULE } from './pipe.ts';
import { ACME_RULE, TRAPEZOIDAL_RULE } from './power.ts';
import { unknownClass, type ExternalClass, type ExternalLimits } from './ThreadLimits.ts';
import type { InternalClass, InternalLimits, LimitRule } from './ThreadLimits.ts';
import { UNIFIED_INCH } from './unified.ts';

const BY_FAMILY: Readonly<Record<Exclude<ThreadFamily, 'custom'>, LimitRule>> = {
  metric: ISO_METRIC,
  unified: UNIFIED_INCH,
  whitworth: WHITWORTH_RULE,
  ba: BA_RULE,
  'pipe-parallel': PIPE_PARALLEL_RULE,
  'pipe-taper': PIPE_TAPER_RULE,
  cycle: BY_FORM_RULE,
  conduit: BY_FORM_RULE,
  acme: ACME_RULE,
  trapezoidal: TRAPEZOIDAL_RULE,
};

/** A custom thread takes the formulas of the system whose form it has. */
const CUSTOM_BY_FORM: Readonly<Record<FormId, LimitRule>> = {
  'iso-60': UNIFIED_INCH,
  'whitworth-55': WHITWORTH_RULE,
  'ba-47.5': BA_RULE,
  'cycle-60': BY_FORM_RULE,
  'conduit-80': BY_FORM_RULE,
  'taper-60': PIPE_TAPER_RULE,
  'acme-29': ACME_RULE,
  'trapezoidal-30': TRAPEZOIDAL_RULE,
  square: ACME_RULE,
};

const ruleOf = (thread: Thread): LimitRule =>
  thread.family === 'custom' ? CUSTOM_BY_FORM[thread.form] : BY_FAMILY[thread.family];

/** The classes that a thread's standard has, the usual one first. @example classesOf(threadById('M8x1.25')).internal[0] // '6H' */
export function classesOf(thread: Thread): { internal: readonly InternalClass[]; external: readonly ExternalClass[] } {
  const { internal, external } = ruleOf(thread);
  return { internal, external };
}

const internalOf = keepBy(
  (tolerance: InternalClass) => tolerance,
  (thread: Thread, tolerance) => ruleOf(thread).internalLimits(thread, tolerance),
);
const externalOf = keepBy(
  (tolerance: ExternalClass) => tolerance,
  (thread: Thread, tolerance) => ruleOf(thread).externalLimits(thread, tolerance),
);

/**
 * Limits of the internal thread by its own standard: ISO 965-1 tables on ISO 724 diameters (4H to 7H), ASME B1.1 (1B to 3B)
 * with its rounding, BS 84, BS 93, ISO 228-1, ASME B1.5, ISO 2903; of a taper pipe thread the span along the taper.
 * Default the class chosen for the hole, else the usual one. Throws `unknown-tolerance` for a class of another system.
 * @example internalLimits(threadById('M8x1.25')).minorMaxMm // 6.912
 * @example internalLimits(threadById('G1/4')).minorMaxMm // 11.89
 */
export function internalLimits(thread: Thread, tolerance?: InternalClass): InternalLimits {
  const rule = ruleOf(thread);
  const chosen = tolerance ?? thread.fit ?? rule.internal[0]!;
  if (!rule.internal.includes(chosen)) throw unknownClass(thread, chosen, rule);
  return internalOf(thread, chosen);
}

/**
 * Limits of the fastener's thread by its own standard (see {@link internalLimits}). Default the usual class.
 * @example externalLimits(threadById('M8x1.25')).pitchMinMm // 7.042
 * @example externalLimits(threadById('Tr40x7')).majorMinMm // 39.575
 */
export function externalLimits(thread: Thread, tolerance?: ExternalClass): ExternalLimits {
  const rule = ruleOf(thread);
  const chosen = tolerance ?? rule.external[0]!;
  if (!rule.external.includes(chosen)) throw unknownClass(thread, chosen, rule);
  return externalOf(thread, chosen);
}

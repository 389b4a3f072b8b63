import type { Working } from '../../basis/checks/index.ts';
import type { FastenerClassRow } from '../../facts/materials/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import { NUT_FACTOR, proofLoadN } from './screwStrength.ts';
import { screwAtTemperature } from './temperature.ts';

/** A torque that the product names pulls the screw to this share of its proof load (docs/methods.md, Strength). */
export const NAMED_SHARE_OF_PROOF = 0.75;

export interface TorqueInput {
  thread: Thread;
  fastener: FastenerClassRow;
  /** Strip load at the pessimistic end of the readings, N. */
  stripLeastN: number;
  /** The margin that the thread keeps over the preload. */
  threadMargin: number;
  serviceC: number;
}

export interface MostTorque {
  torqueNm: number;
  /** Which of the two gives way first if more is put on. */
  limitedBy: 'thread' | 'screw';
}

/** Torque at which the thread alone is at its margin, oiled: all that can be said where the screw's class is not known. */
export const threadTorqueNm = ({ thread, stripLeastN, threadMargin }: Omit<TorqueInput, 'fastener' | 'serviceC'>) =>
  (NUT_FACTOR.oiled * thread.majorMm * (stripLeastN / threadMargin)) / 1000;

/**
 * The torque for an oiled thread where no maker's figure is known: three quarters of the screw's proof load at its service
 * temperature, and never more than leaves the thread the margin that *carries the preload* asks of it.
 * @example mostTorque({ thread: threadById('M8x1.25'), fastener: fastenerClass('8.8', 8), stripLeastN: 46868, threadMargin: 1.5, serviceC: 20 }).torqueNm // 19.1
 */
export function mostTorque(input: TorqueInput): MostTorque {
  const { thread, fastener, serviceC } = input;
  const hot = screwAtTemperature(fastener.id, serviceC);
  const byScrewNm =
    (NUT_FACTOR.oiled * thread.majorMm * NAMED_SHARE_OF_PROOF * hot * proofLoadN(thread, fastener)) / 1000;
  const byThreadNm = threadTorqueNm(input);
  return { torqueNm: Math.min(byThreadNm, byScrewNm), limitedBy: byThreadNm < byScrewNm ? 'thread' : 'screw' };
}

/** Numbers that the most torque follows from. */
export type TorqueFacts = {
  className: string;
  majorMm: number;
  stripLeastN: number;
  threadMargin: number;
  proofN: number;
  hotShare: number;
  torqueNm: number;
};

export const torqueFacts = (input: TorqueInput): TorqueFacts => ({
  className: input.fastener.name,
  majorMm: input.thread.majorMm,
  stripLeastN: input.stripLeastN,
  threadMargin: input.threadMargin,
  proofN: proofLoadN(input.thread, input.fastener),
  hotShare: screwAtTemperature(input.fastener.id, input.serviceC),
  torqueNm: mostTorque(input).torqueNm,
});

/** Working of the most torque. */
export function mostTorqueWorking(facts: TorqueFacts): Working {
  const { className, majorMm, stripLeastN, threadMargin, proofN, hotShare, torqueNm } = facts;
  return {
    title: 'Torque where the maker gives none, oiled',
    formula: 'T = K · d · min(strip / m, 0.75 · h · proof)',
    symbols: [
      { symbol: 'K', meaning: 'nut factor, oiled', value: NUT_FACTOR.oiled, unit: '' },
      { symbol: 'd', meaning: 'major diameter', value: majorMm, unit: 'mm' },
      { symbol: 'strip', meaning: 'strip load at the pessimistic end of the readings', value: stripLeastN, unit: 'N' },
      { symbol: 'm', meaning: 'margin of the thread', value: threadMargin, unit: '' },
      { symbol: 'proof', meaning: `proof load, ${className}`, value: proofN, unit: 'N' },
      { symbol: 'h', meaning: 'share that the screw keeps at its temperature', value: hotShare, unit: '' },
    ],
    result: { symbol: 'T', value: torqueNm, unit: 'Nm' },
    source: 'rule of thumb for K and the share of proof; proof load by the fastener’s class',
    estimate: true,
    notes: ['The maker’s figure comes first. A torque meant for dry threads is never used oiled.'],
  };
}

import { PRELOAD_MARGINS } from './margins.ts';
import type { Working } from '../../basis/checks/index.ts';
import type { FastenerClassRow } from '../../facts/materials/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import { NUT_FACTOR, proofLoadN } from './screwStrength.ts';

/** A tightened screw's preload scatters: it may be so many times what the torque should give (docs/methods.md, Strength). */
export const PRELOAD_SCATTER = 1.3;

export interface TorqueInput {
  thread: Thread;
  fastener: FastenerClassRow;
  /** Strip load at the pessimistic end of the readings, N. */
  stripLeastN: number;
  load: keyof typeof PRELOAD_MARGINS;
}

export interface MostTorque {
  torqueNm: number;
  /** Which of the two gives way first if more is put on. */
  limitedBy: 'thread' | 'screw';
}

/**
 * The most torque on an oiled thread: with its scatter the preload stays within the screw's proof load, and the thread
 * keeps the margin that *carries the preload* asks of it. A thread stronger than its screw never raises it: it is the
 * screw that would stretch.
 * @example mostTorque({ thread: threadById('M8x1.25'), fastener: fastenerClass('8.8', 8), stripLeastN: 46868, load: 'static' }).torqueNm // 19.6
 */
export function mostTorque({ thread, fastener, stripLeastN, load }: TorqueInput): MostTorque {
  const byThreadN = stripLeastN / PRELOAD_MARGINS[load].holds;
  const byScrewN = proofLoadN(thread, fastener) / PRELOAD_SCATTER;
  return {
    torqueNm: (NUT_FACTOR.oiled * thread.majorMm * Math.min(byThreadN, byScrewN)) / 1000,
    limitedBy: byThreadN < byScrewN ? 'thread' : 'screw',
  };
}

/** Numbers that the most torque follows from. */
export type TorqueFacts = {
  className: string;
  majorMm: number;
  stripLeastN: number;
  proofN: number;
  load: keyof typeof PRELOAD_MARGINS;
  torqueNm: number;
};

export const torqueFacts = (input: TorqueInput): TorqueFacts => ({
  className: input.fastener.name,
  majorMm: input.thread.majorMm,
  stripLeastN: input.stripLeastN,
  proofN: proofLoadN(input.thread, input.fastener),
  load: input.load,
  torqueNm: mostTorque(input).torqueNm,
});

/** Working of the most torque. */
export function mostTorqueWorking({ className, majorMm, stripLeastN, proofN, load, torqueNm }: TorqueFacts): Working {
  return {
    title: 'Torque that it takes, oiled',
    formula: 'T = K · d · min(strip / m, proof / s)',
    symbols: [
      { symbol: 'K', meaning: 'nut factor, oiled', value: NUT_FACTOR.oiled, unit: '' },
      { symbol: 'd', meaning: 'major diameter', value: majorMm, unit: 'mm' },
      { symbol: 'strip', meaning: 'strip load at the pessimistic end of the readings', value: stripLeastN, unit: 'N' },
      { symbol: 'm', meaning: `margin of the thread, ${load} load`, value: PRELOAD_MARGINS[load].holds, unit: '' },
      { symbol: 'proof', meaning: `proof load, ${className}`, value: proofN, unit: 'N' },
      { symbol: 's', meaning: 'scatter of the preload', value: PRELOAD_SCATTER, unit: '' },
    ],
    result: { symbol: 'T', value: torqueNm, unit: 'Nm' },
    source: 'rule of thumb for K and its scatter; proof load by the fastener’s class',
    estimate: true,
    notes: ['The maker’s figure comes first. A torque meant for dry threads is never used oiled.'],
  };
}

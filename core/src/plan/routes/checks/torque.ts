import { verdictOfUnknown, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';
import type { HoleCase, UnknownEnd } from '../../../judge/hole/index.ts';
import { NUT_FACTOR, preloadN, proofLoadN } from '../../../judge/strength/index.ts';
import { plausibleFastener } from '../fastener.ts';

export type TorqueCheckFacts = {
  torqueNm: number;
  friction: keyof typeof NUT_FACTOR;
  majorMm: number;
  preloadN: number;
  proofN: number;
  /** The class is not known: the weakest that the head allows is held against. */
  className: string | null;
};

/** Up to its proof load a screw holds its torque, so far beyond it with care (docs/methods.md, Strength). */
const CARE_UP_TO = 1.15;

/**
 * Does a torque that somebody gave stay within the screw's proof load? At the lowest credible friction; the scatter of
 * tightening is in the thread's margin and is not counted twice. Of an unknown class the weakest plausible one is held to it.
 */
export function judgeTorque(hole: HoleCase, thread: Thread): CheckOf<'torque', TorqueCheckFacts>[] {
  const { demand, fastenerClassId } = hole.joint;
  if (demand.mode !== 'preload') return [];
  const pullN = preloadN(demand.torqueNm, thread.majorMm, demand.friction);
  const rowAt = (end: UnknownEnd) => plausibleFastener(hole, thread, end, 'screw');
  const judge = (end: UnknownEnd): Verdict => {
    const share = pullN / proofLoadN(thread, rowAt(end)) - 1e-9;
    return share <= 1 ? 'holds' : share <= CARE_UP_TO ? 'with-care' : 'does-not-hold';
  };
  const known = fastenerClassId !== null;
  const worst = judge('unfavourable');
  const open = known ? { verdict: worst, asks: false, shut: false } : verdictOfUnknown(worst, judge('usual'));
  const row = rowAt('unfavourable');
  return [
    {
      kind: 'torque',
      id: 'torque',
      verdict: open.verdict,
      value: pullN,
      valuePessimistic: null,
      limit: proofLoadN(thread, row),
      unit: 'N',
      facts: {
        torqueNm: demand.torqueNm,
        friction: demand.friction,
        majorMm: thread.majorMm,
        preloadN: pullN,
        proofN: proofLoadN(thread, row),
        className: known ? null : row.name,
      },
      ...(open.asks ? { settledBy: 'fastenerClassId' } : {}),
      ...(open.shut ? { shut: true } : {}),
    },
  ];
}

const TAIL: Readonly<Record<Verdict, string>> = {
  holds: '',
  'with-care': ', a little under it: is the torque meant dry or oiled, and which class is the screw?',
  'does-not-hold': ', far under it: refused',
};

export const torque: CheckKind<TorqueCheckFacts> = {
  title: () => 'Torque within the screw',
  words: ({ preloadN: pullN, proofN, className }, verdict, say) => {
    const proof =
      className === null ? 'proof load' : `class not known, the weakest that it may be, ${className}: proof load`;
    const tail = className !== null && verdict !== 'holds' ? ': look at what stands on its head' : TAIL[verdict];
    return `the torque pulls up to ${say.load(pullN)}; ${proof} ${say.load(proofN)}${tail}`;
  },
  working: ({ torqueNm, friction, majorMm, preloadN: pullN }) => ({
    title: 'Preload from torque',
    formula: 'F = T / (K · d), at most the proof load; to 1.15 of it with care',
    symbols: [
      { symbol: 'T', meaning: 'torque', value: torqueNm, unit: 'Nm' },
      { symbol: 'K', meaning: `lowest credible nut factor, ${friction}`, value: NUT_FACTOR[friction], unit: '' },
      { symbol: 'd', meaning: 'major diameter', value: majorMm, unit: 'mm' },
    ],
    result: { symbol: 'F', value: pullN, unit: 'N' },
    source: 'rule of thumb for K; proof load by the fastener’s class',
    estimate: true,
  }),
};

import { verdictUnderDoubt, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type CoilRoomFacts = {
  thicknessMm: number;
  halfWidthMm: number;
  countersinkMm: number;
  nominalMm: number;
  pitchMm: number;
  leastSetDownMm: number;
};

const lengthOf = ({ nominalMm, pitchMm }: CoilRoomFacts) => nominalMm - pitchMm;
const roomOf = (facts: CoilRoomFacts) => facts.thicknessMm - facts.countersinkMm - lengthOf(facts);

/** Does a coil fit a through hole? Thickness − countersink ≥ length − P + set-down; a quarter turn of it is with care. */
export function judgeCoilRoom(
  { depth }: HoleCase,
  { houseSetDownMm, ...own }: Omit<CoilRoomFacts, 'thicknessMm' | 'halfWidthMm'> & { houseSetDownMm: number },
): { check: CheckOf<'coil-room', CoilRoomFacts>; setDownMm: number } {
  const facts: CoilRoomFacts = { thicknessMm: depth.mm, halfWidthMm: depth.halfWidthMm, ...own };
  const judge = (thicknessMm: number): Verdict => {
    const room = roomOf({ ...facts, thicknessMm }) + 1e-9;
    return room >= houseSetDownMm ? 'holds' : room >= own.leastSetDownMm ? 'with-care' : 'does-not-hold';
  };
  const nominal = judge(depth.mm);
  const { verdict, needsReading } = verdictUnderDoubt(nominal, judge(depth.mm - depth.halfWidthMm));
  const roomMm = roomOf(facts);
  return {
    setDownMm: nominal === 'holds' ? houseSetDownMm : own.leastSetDownMm,
    check: {
      kind: 'coil-room',
      id: 'depth',
      verdict,
      value: roomMm,
      valuePessimistic: roomMm - depth.halfWidthMm,
      limit: houseSetDownMm,
      unit: 'mm',
      facts,
      ...(needsReading ? { settledBy: 'depth' } : {}),
    },
  };
}

export const coilRoom: CheckKind<CoilRoomFacts> = {
  title: () => 'Coil fits the thickness',
  words: (facts, verdict, say) => {
    const { thicknessMm, countersinkMm, leastSetDownMm, pitchMm } = facts;
    if (verdict === 'holds') return `${say.length(roomOf(facts))} left above the coil for the set-down`;
    return verdict === 'with-care'
      ? `only ${say.length(roomOf(facts))} left above the coil: set it ${(leastSetDownMm / pitchMm).toString()} of a turn down`
      : `the coil needs ${say.length(lengthOf(facts) + leastSetDownMm + countersinkMm)} of metal, there is ${say.length(thicknessMm)}`;
  },
  working: (facts) => ({
    title: 'Room for the coil',
    formula: 'room = thickness − countersink − (length − P)',
    symbols: [
      { symbol: 'thickness', meaning: 'thickness', value: facts.thicknessMm, unit: 'mm' },
      { symbol: 'countersink', meaning: 'depth of the countersink', value: facts.countersinkMm, unit: 'mm' },
      { symbol: 'length', meaning: 'nominal length of the coil', value: facts.nominalMm, unit: 'mm' },
      { symbol: 'P', meaning: 'pitch', value: facts.pitchMm, unit: 'mm' },
    ],
    result: { symbol: 'room', value: roomOf(facts), unit: 'mm' },
    source: 'insert practice: set ¼ to ½ turn below the surface',
    range: { low: roomOf(facts) - facts.halfWidthMm, high: roomOf(facts) + facts.halfWidthMm },
  }),
};

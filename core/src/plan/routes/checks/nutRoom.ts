import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

/** A nut is 0.8 D high, and two threads stand out of it (ISO 4032, rounded up). */
const NUT_HEIGHT_D = 0.8;
const THREADS_OUT = 2;

export type NutRoomFacts = { roomMm: number; majorMm: number; pitchMm: number; needMm: number };

/** Has the nut room behind? Not measured: not judged here. */
export function judgeNutRoom({ joint: { endRoom }, thread }: HoleCase): CheckOf<'nut-room', NutRoomFacts>[] {
  if (endRoom === null) return [];
  const { majorMm, pitchMm } = thread;
  const needMm = NUT_HEIGHT_D * majorMm + THREADS_OUT * pitchMm;
  return [
    {
      kind: 'nut-room',
      id: 'nut-room',
      verdict: endRoom.mm - endRoom.halfWidthMm >= needMm ? 'holds' : 'does-not-hold',
      value: endRoom.mm,
      valuePessimistic: null,
      limit: needMm,
      unit: 'mm',
      facts: { roomMm: endRoom.mm, majorMm, pitchMm, needMm },
    },
  ];
}

export const nutRoom: CheckKind<NutRoomFacts> = {
  title: () => 'Room for the nut',
  words: ({ roomMm, needMm }, _verdict, say) =>
    `${say.length(roomMm)} behind; nut and screw end need ${say.length(needMm)}`,
  working: ({ majorMm, pitchMm, needMm }) => ({
    title: 'Room that nut and screw end need',
    formula: 'need = 0.8 · D + 2 · P',
    symbols: [
      { symbol: 'D', meaning: 'major diameter', value: majorMm, unit: 'mm' },
      { symbol: 'P', meaning: 'pitch', value: pitchMm, unit: 'mm' },
    ],
    result: { symbol: 'need', value: needMm, unit: 'mm' },
    source: 'ISO 4032 nut height, rounded up, and two threads out',
  }),
};

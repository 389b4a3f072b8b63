import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import type { WayId } from '../../../facts/ways/index.ts';
import { ownUsed, type HoleCase } from '../../../judge/hole/index.ts';

/** From this share of mends that came back on, a way is judgement or luck in this shop's hands (our estimate). */
const OFTEN = 0.25;

export type OwnRecordFacts = { cameBack: number; count: number };

/** What this shop's own mends say of a way in this metal, where somebody said that they count. */
export function judgeOwnRecord({ rules, parent }: HoleCase, method: WayId): CheckOf<'own-record', OwnRecordFacts>[] {
  const own = ownUsed(rules, 'came-back', `${method} ${parent.id}`);
  if (!own) return [];
  return [
    {
      kind: 'own-record',
      id: 'own-record',
      verdict: own.value < OFTEN ? 'holds' : 'with-care',
      value: own.value,
      valuePessimistic: null,
      limit: OFTEN,
      unit: 'share',
      facts: { cameBack: Math.round(own.value * own.count), count: own.count },
    },
  ];
}

export const ownRecord: CheckKind<OwnRecordFacts> = {
  title: () => 'This shop’s own record',
  words: ({ cameBack, count }) => `of ${count} such mends in this metal ${cameBack} came back`,
  working: ({ cameBack, count }) => ({
    title: 'This shop’s own record',
    formula: 'share = came back / mends',
    symbols: [
      {
        symbol: 'came back',
        meaning: 'holes that were mended again after it, whatever the cause',
        value: cameBack,
        unit: '',
      },
      { symbol: 'mends', meaning: 'mends of this way in this metal', value: count, unit: '' },
    ],
    result: { symbol: 'share', value: cameBack / count, unit: '' },
    source: `the shop’s own mends; from ${OFTEN} on it is judgement or luck (our limit)`,
    estimate: true,
  }),
};

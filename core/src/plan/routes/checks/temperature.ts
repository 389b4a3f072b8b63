import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type TemperatureFacts = { part: string; hottestC: number; serviceC: number };

/** Does what is put in stand the temperature in service? */
export function judgeTemperature(
  { joint: { serviceC } }: HoleCase,
  { hottestC, hotPart }: Way,
): CheckOf<'temperature', TemperatureFacts>[] {
  if (serviceC === null || hottestC === null) return [];
  return [
    {
      kind: 'temperature',
      id: 'temperature',
      verdict: serviceC <= hottestC ? 'holds' : 'does-not-hold',
      value: serviceC,
      valuePessimistic: null,
      limit: hottestC,
      unit: 'degC',
      facts: { part: hotPart, hottestC, serviceC },
    },
  ];
}

export const temperature: CheckKind<TemperatureFacts> = {
  title: () => 'Stands the temperature',
  words: ({ part, hottestC, serviceC }, _verdict, say) =>
    `${part}: up to ${say.temperature(hottestC)}, in service ${say.temperature(serviceC)}`,
  working: ({ part, hottestC, serviceC }) => ({
    title: 'Temperature in service',
    formula: 'in service ≤ what it stands',
    symbols: [{ symbol: 'in service', meaning: 'temperature in service', value: serviceC, unit: '°C' }],
    result: { symbol: 'stands', value: hottestC, unit: '°C' },
    source: `usual limit of ${part}; the maker’s sheet goes first`,
    estimate: true,
  }),
};

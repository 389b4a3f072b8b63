import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

/** Beside driven keys a brittle parent wants this share of their circle as wall (our estimate). */
const BRITTLE_WALL_SHARE = 0.3;

export type BrittleFacts = { parentName: string; edgeLeastMm: number; keysMm: number };

/** No driven keys in thin brittle walls: they split it. */
export function judgeBrittle({ parent, edge }: HoleCase, keysMm: number): CheckOf<'brittle', BrittleFacts>[] {
  if (parent.cutting !== 'brittle' || edge === null) return [];
  const edgeLeastMm = edge.mm - edge.halfWidthMm;
  const wallMm = edgeLeastMm - keysMm / 2;
  const needMm = BRITTLE_WALL_SHARE * keysMm;
  return [
    {
      kind: 'brittle',
      id: 'brittle',
      verdict: wallMm >= needMm ? 'holds' : 'does-not-hold',
      value: wallMm,
      valuePessimistic: null,
      limit: needMm,
      unit: 'mm',
      facts: { parentName: parent.name, edgeLeastMm, keysMm },
    },
  ];
}

export const brittle: CheckKind<BrittleFacts> = {
  title: () => 'Stands driven keys',
  words: ({ parentName, edgeLeastMm, keysMm }, _verdict, say) =>
    `${say.length(edgeLeastMm - keysMm / 2)} beside the keys in ${parentName.toLowerCase()}; it needs ${say.length(BRITTLE_WALL_SHARE * keysMm)}`,
  working: ({ edgeLeastMm, keysMm }) => ({
    title: 'Wall beside driven keys',
    formula: 'wall = edge − keys / 2',
    symbols: [
      { symbol: 'edge', meaning: 'axis to the edge, at the pessimistic end', value: edgeLeastMm, unit: 'mm' },
      { symbol: 'keys', meaning: 'circle over the keys', value: keysMm, unit: 'mm' },
    ],
    result: { symbol: 'wall', value: edgeLeastMm - keysMm / 2, unit: 'mm' },
    source: 'geometry; 0.3 of the keys’ circle as wall is our estimate',
    estimate: true,
  }),
};

import { verdictOfUnknown, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import { UNKNOWN_EDGE_D, type HoleCase } from '../../../judge/hole/index.ts';
import { DILATION_LOWEST_RATIO } from '../../../judge/strength/index.ts';

export type WallUnknownFacts = { edgeName: string; cutMm: number; neededMm: number; takenMm: number; keepsIn: boolean };

/**
 * Wall beside a cut where nobody measured the edge: taken at its unfavourable end. Holds there: a look at the metal settles
 * it, as a tick on the card. Where something must be kept in or out the wall to it is asked for, however the sum comes out.
 */
export function judgeWallUnknown(hole: HoleCase, cutMm: number): CheckOf<'wall-unknown', WallUnknownFacts> {
  const { edgeName, duty, joint, kind, thread } = hole;
  const takenMm = UNKNOWN_EDGE_D.unfavourable * thread.majorMm;
  const neededMm = (DILATION_LOWEST_RATIO / 2) * cutMm;
  const judge = (edgeMm: number): Verdict => (edgeMm + 1e-9 >= neededMm ? 'holds' : 'does-not-hold');
  const open = verdictOfUnknown(judge(takenMm), judge(UNKNOWN_EDGE_D.usual * thread.majorMm));
  const keepsIn =
    kind === 'blind' && hole.behind !== 'nothing' && (duty === 'leak-or-damage' || joint.sealing !== 'none');
  const asks = open.asks || (keepsIn && open.verdict === 'holds');
  return {
    kind: 'wall-unknown',
    id: 'wall',
    verdict: asks && open.verdict === 'holds' ? 'with-care' : open.verdict,
    value: takenMm - cutMm / 2,
    valuePessimistic: takenMm - cutMm / 2,
    limit: neededMm - cutMm / 2,
    unit: 'mm',
    facts: { edgeName, cutMm, neededMm, takenMm, keepsIn },
    ...(asks ? { settledBy: 'edge', shut: true } : {}),
  };
}

export const wallUnknown: CheckKind<WallUnknownFacts> = {
  title: ({ edgeName }) => `Wall to the ${edgeName}`,
  words: ({ takenMm, neededMm, keepsIn }, verdict, say) =>
    verdict === 'holds'
      ? `not measured; taken as ${say.length(takenMm)} from the axis, and that is enough: look that it is there`
      : keepsIn && neededMm <= takenMm
        ? 'it must keep something in or out, and the wall beside it is not measured'
        : `the nearest edge is not measured; this cut needs at least ${say.length(neededMm)} from the axis`,
  working: ({ cutMm, neededMm, takenMm }) => ({
    title: 'Wall that the cut needs',
    formula: 'needed from the axis = 0.7 · cut; not measured: taken as 0.9 · D',
    symbols: [
      { symbol: 'cut', meaning: 'major diameter of the thread cut', value: cutMm, unit: 'mm' },
      { symbol: 'taken', meaning: 'axis to an edge that nobody measured', value: takenMm, unit: 'mm' },
    ],
    result: { symbol: 'needed', value: neededMm, unit: 'mm' },
    source: 'VDI 2230 with Alexander’s dilation factor: valid from s/D = 1.4; 0.9 D is our estimate',
    estimate: true,
  }),
};

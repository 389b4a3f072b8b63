import type { Verdict } from '../../../basis/checks/index.ts';
import { spokenLoad } from '../../../basis/units/index.ts';
import { preloadN } from '../../../judge/strength/index.ts';
import { plainCheck } from '../checks/sharedChecks.ts';
import { fastenerFor } from '../checks/strengthCheck.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { withoutThread } from './wholeHole.ts';

/** Margin on a static preload (methods.md). */
const BOND_MARGIN = 1.5;

/** Shear strength of a gap-filling adhesive on clean metal, MPa, and the share of it that is trusted. Our estimate. */
const ADHESIVE_SHEAR_MPA = 12;
const ADHESIVE_TRUST = 0.4;

/** A stud bonded into the worn bore: only as what it is, a light static holder. */
export const bondedStud: RouteMethod = (context) => {
  const { hole } = context;
  const { fastener } = fastenerFor(hole, hole.thread);
  const areaMm2 = Math.PI * hole.thread.majorMm * hole.depth.mm;
  const loadN = ADHESIVE_TRUST * ADHESIVE_SHEAR_MPA * areaMm2;
  const { demand } = hole.joint;
  const needN =
    demand.mode === 'preload' ? BOND_MARGIN * preloadN(demand.torqueNm, hole.thread.majorMm, demand.friction) : null;
  const pulsates = demand.mode === 'preload' && demand.load === 'pulsating';
  const verdict: Verdict = pulsates || needN === null || loadN < needN ? 'does-not-hold' : 'with-care';
  return [
    withoutThread(context, {
      id: 'bonded-stud',
      method: 'bonded-stud',
      title: 'Bonded stud',
      fastenerName: fastener.name,
      checks: [
        {
          ...plainCheck(
            'bond',
            'Bond carries it',
            verdict,
            pulsates
              ? 'a pulsating load pulls a bond straight out'
              : needN === null
                ? `the bond gives way at about ${spokenLoad(loadN)}, long before the screw breaks; name the torque wanted to judge it`
                : `about ${spokenLoad(loadN)} trusted, ${spokenLoad(needN)} wanted with margin`,
          ),
          value: loadN,
          limit: needN,
          unit: 'N',
          working: () => ({
            title: 'Load on the bond',
            formula: 'F = 0.4 · τ · π · d · L',
            symbols: [
              { symbol: 'τ', meaning: 'shear strength of the adhesive', value: ADHESIVE_SHEAR_MPA, unit: 'MPa' },
              { symbol: 'd', meaning: 'stud', value: hole.thread.majorMm, unit: 'mm' },
              { symbol: 'L', meaning: 'bonded length', value: hole.depth.mm, unit: 'mm' },
            ],
            result: { symbol: 'F', value: loadN, unit: 'N' },
            source: 'our estimate; the adhesive’s sheet goes first',
            estimate: true,
          }),
        },
      ],
      notes: ['a bond is no thread: a light static load, below 120 °C, cured as its sheet says, never at an exhaust'],
      ownSteps: [
        {
          id: 'bond',
          title: 'Bond the stud',
          what: 'Roughen and degrease both, fill the gap, hold the stud square, leave it to cure. A nut above, never turned through the bond.',
          caution: 'Adhesive: gloves, air. It lets go with heat.',
        },
      ],
    }),
  ];
};

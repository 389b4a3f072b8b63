import { isBolted } from '../../../judge/hole/index.ts';
import { preloadN, PRELOAD_MARGINS } from '../../../judge/strength/index.ts';
import { judgeBond } from '../checks/bond.ts';
import { fastenerNote } from '../fastenerNote.ts';
import type { Method } from '../Method.ts';
import { withoutThread } from '../withoutThread.ts';

/** Shear strength of a gap-filling adhesive on clean metal, MPa, and the share of it that is trusted. Our estimate. */
const ADHESIVE_SHEAR_MPA = 12;
const ADHESIVE_TRUST = 0.4;

/** A stud bonded into the worn bore: only as what it is, a light static holder. */
export const bondedStud: Method<Record<string, never>> = {
  propose: (context) => {
    const { hole } = context;
    if (!isBolted(hole)) return [];
    const { demand } = hole.joint;
    const areaMm2 = Math.PI * hole.thread.majorMm * hole.depth.mm;
    const bond = judgeBond({
      loadN: ADHESIVE_TRUST * ADHESIVE_SHEAR_MPA * areaMm2,
      needN:
        demand.mode === 'preload'
          ? PRELOAD_MARGINS.static.holds * preloadN(demand.torqueNm, hole.thread.majorMm, demand.friction)
          : null,
      pulsates: demand.mode === 'preload' && demand.load === 'pulsating',
      shearMpa: ADHESIVE_SHEAR_MPA,
      studMm: hole.thread.majorMm,
      lengthMm: hole.depth.mm,
    });
    return [withoutThread(context, { id: 'bonded-stud', title: 'Bonded stud', checks: [bond], own: {} })];
  },
  whyNothing: () => 'what is screwed in is no stud',
  notes: (route, say) => [
    `a bond is no thread: a light static load, below ${say.temperature(120)}, cured as its sheet says, never at an exhaust`,
    ...fastenerNote(route),
  ],
  steps: () => [
    {
      id: 'bond',
      title: 'Bond the stud',
      what: 'Roughen and degrease both, fill the gap, hold the stud square, leave it to cure. A nut above, never turned through the bond.',
      caution: 'Adhesive: gloves, air. It lets go with heat.',
      minutes: 15,
      cures: true,
    },
  ],
};

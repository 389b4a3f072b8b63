import type { Check, Verdict } from '../../../basis/checks/index.ts';
import { spokenLength, spokenLoad } from '../../../basis/units/index.ts';
import { clearanceDrills, expectedBoreMm } from '../../../facts/drills/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { NUT_FACTOR, preloadN } from '../../../judge/strength/index.ts';
import { plainCheck } from '../checks/sharedChecks.ts';
import { fastenerFor, strengthChecks } from '../checks/strengthCheck.ts';
import { wallCheck } from '../checks/wallCheck.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { withoutThread } from './wholeHole.ts';

/** Less than this share of the screw's break load is not worth a derated duty (our estimate). */
const LEAST_DERATED_SHARE = 0.3;
const DERATED_MARGIN = 1.5;

/** Leave it, with what it still carries: only where that is enough and nothing worse than a loose screw follows. */
export const leaveIt: RouteMethod = (context) => {
  const { hole, assessment } = context;
  const reach = hole.joint.screwReach?.mm ?? assessment.threadEnd.mm;
  const toMm = Math.min(reach, assessment.threadEnd.mm);
  const engagementMm = hole.strippedThroughout ? 0 : Math.max(0, toMm - hole.damageTo.mm);
  const strength = strengthChecks({
    hole,
    thread: hole.thread,
    engagement: { mm: engagementMm, halfWidthMm: engagementMm > 0 ? assessment.sound.halfWidthMm : 0 },
    cutMm: assessment.outermostCutMm,
  });
  const loadN = strength.strip.stripLoadN ?? 0;
  const torqueNm = (NUT_FACTOR.oiled * hole.thread.majorMm * (loadN / DERATED_MARGIN)) / 1000;
  const wanted = hole.joint.demand;
  const enough =
    wanted.mode === 'preload'
      ? loadN >= DERATED_MARGIN * preloadN(wanted.torqueNm, hole.thread.majorMm, wanted.friction)
      : loadN >= LEAST_DERATED_SHARE * strength.breakLoadN;
  const derated: Check = {
    ...plainCheck(
      'derated',
      'Derated duty',
      engagementMm > 0 && enough ? 'with-care' : 'does-not-hold',
      engagementMm > 0
        ? `it still carries ${spokenLoad(loadN)}, the screw ${spokenLoad(strength.breakLoadN)}: no more than ${torqueNm.toFixed(0)} Nm, oiled`
        : 'no sound thread is left to carry anything',
      engagementMm > 0 && enough
        ? { id: 'derate', step: `Mark the hole: no more than ${torqueNm.toFixed(0)} Nm, oiled, until it is mended.` }
        : undefined,
    ),
    value: loadN,
    limit: LEAST_DERATED_SHARE * strength.breakLoadN,
    unit: 'N',
  };
  return [
    withoutThread(context, {
      id: 'leave-it',
      method: 'leave-it',
      title: 'Leave it, derated',
      engagementMm,
      stripLoadN: strength.strip.stripLoadN,
      checks: [derated],
      notes: ['nothing is cut; the damage stays and goes on'],
    }),
  ];
};

/** A nut is 0.8 D high, and two threads stand out of it (ISO 4032, rounded up). */
const NUT_HEIGHT_D = 0.8;

function nutRoomCheck({ joint, thread }: HoleCase): Check[] {
  if (joint.endRoom === null) return [];
  const needMm = NUT_HEIGHT_D * thread.majorMm + 2 * thread.pitchMm;
  const holds = joint.endRoom.mm - joint.endRoom.halfWidthMm >= needMm;
  return [
    {
      ...plainCheck(
        'nut-room',
        'Room for the nut',
        holds ? 'holds' : 'does-not-hold',
        `${spokenLength(joint.endRoom.mm)} behind; nut and screw end need ${spokenLength(needMm)}`,
      ),
      value: joint.endRoom.mm,
      limit: needMm,
      unit: 'mm',
    },
  ];
}

/** Bore it clear and bolt through with a nut, or into a tapped plate behind. */
export const throughBolt: RouteMethod = (context) => {
  const { hole, assessment } = context;
  const open = hole.kind === 'through';
  const drill = clearanceDrills(hole.thread, hole.rack)[0]!;
  const wantedMm = Math.max(drill.wantedMm, assessment.cleanUpOwnMm);
  const checks: Check[] = [
    open && hole.joint.backReached
      ? plainCheck('back', 'Back can be reached', 'holds', 'a nut or a tapped plate fits behind')
      : plainCheck(
          'back',
          'Back can be reached',
          'does-not-hold',
          open ? 'the back is not said to be reached' : 'the hole is blind: there is no back to reach',
        ),
    ...nutRoomCheck(hole),
    ...wallCheck(hole, wantedMm, true),
  ];
  return [
    withoutThread(context, {
      id: 'through-bolt',
      method: 'through-bolt',
      title: 'Through bolt and nut',
      checks,
      cut: {
        drill: null,
        boreMm: drill.drill ? expectedBoreMm(drill.drill.diameterMm, hole.rack.drilling) : wantedMm,
        majorMm: wantedMm,
        thread: null,
        outermostMm: Math.max(wantedMm, assessment.outermostCutMm),
        tapName: '',
        tapLeads: [],
      },
      notes: [
        `bore clear to ${spokenLength(wantedMm)}; nut of the screw’s class, washer on soft metal; or a tapped plate behind where a nut has no room`,
      ],
      ownSteps: [
        {
          id: 'bolt-through',
          title: 'Bolt through',
          what: `Bore clear to ${spokenLength(wantedMm)}. Bolt, washers, nut of the same class; hold the head while the nut turns.`,
          caution: null,
        },
      ],
    }),
  ];
};

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
    demand.mode === 'preload' ? DERATED_MARGIN * preloadN(demand.torqueNm, hole.thread.majorMm, demand.friction) : null;
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
          working: {
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
          },
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

/** A new hole this many diameters from the old one leaves metal between them (rule of thumb). */
const MOVE_BY_D = 2.5;

/** Make the hole again beside the old one, where both parts allow. */
export const moveHole: RouteMethod = (context) => {
  const { hole } = context;
  const byMm = MOVE_BY_D * hole.thread.majorMm;
  return [
    withoutThread(context, {
      id: 'move-hole',
      method: 'move-hole',
      title: 'Move the hole',
      checks: [
        plainCheck(
          'place',
          'Room for it',
          'with-care',
          `at least ${spokenLength(byMm)} from the old hole and as far from every edge as that one, the mating part drilled to match: both must allow it`,
          { id: 'refer', step: 'Ask whoever answers for both parts before a new hole is drilled.' },
        ),
      ],
      notes: ['the old hole is filled so that nobody uses it'],
    }),
  ];
};

const WELDABILITY: Readonly<Record<string, { verdict: Verdict; because: string }>> = {
  'mild-steel': { verdict: 'with-care', because: 'welds well; it warps and hardens at the rim' },
  'cast-steel': { verdict: 'with-care', because: 'welds with preheat' },
  'medium-carbon-steel': {
    verdict: 'with-care',
    because: 'welds with preheat and slow cooling; it hardens beside the bead',
  },
  'alloy-steel': { verdict: 'with-care', because: 'welds only by procedure: preheat, and its temper is lost there' },
  'austenitic-stainless': { verdict: 'with-care', because: 'welds well; it warps' },
  'grey-iron': { verdict: 'with-care', because: 'cracks beside the bead unless it is heated whole and cooled slowly' },
  'ductile-iron': { verdict: 'with-care', because: 'as grey iron: heated whole and cooled slowly' },
  'aluminium-sand-cast': {
    verdict: 'with-care',
    because: 'welds once it is clean of oil; pores show in the new thread',
  },
  'aluminium-cast-heat-treated': {
    verdict: 'with-care',
    because: 'welds, but its heat treatment is lost around the bead',
  },
  'aluminium-6xxx': { verdict: 'with-care', because: 'welds, but loses up to half its strength around the bead' },
  bronze: { verdict: 'with-care', because: 'brazes or welds with care' },
  'aluminium-die-cast': { verdict: 'does-not-hold', because: 'die castings hold gas and blow when welded' },
  'aluminium-7xxx': { verdict: 'does-not-hold', because: 'cracks when welded' },
  'magnesium-cast': { verdict: 'does-not-hold', because: 'burns: only by a specialist, not here' },
  'zinc-die-cast': { verdict: 'does-not-hold', because: 'melts and fumes: not weldable' },
  brass: { verdict: 'does-not-hold', because: 'zinc fumes: braze only, which is no thread' },
  'engineering-plastic': { verdict: 'does-not-hold', because: 'not for a thread' },
};

/** Weld the hole up and make it again: referred to a qualified welder. */
export const weld: RouteMethod = (context) => {
  const { verdict, because } = WELDABILITY[context.hole.parent.id]!;
  return [
    withoutThread(context, {
      id: 'weld',
      method: 'weld',
      title: 'Weld up and re-drill',
      checks: [
        plainCheck(
          'weldability',
          'Can be welded',
          verdict,
          because,
          verdict === 'with-care'
            ? { id: 'refer', step: 'Have a qualified welder do it to a procedure; then drill and tap as new.' }
            : undefined,
        ),
      ],
      notes: ['referred: the welder’s procedure and local codes go first; everything around it gets hot'],
    }),
  ];
};

/** Another shop with a boring machine, spark erosion or a welder. */
export const sendOut: RouteMethod = (context) => [
  withoutThread(context, {
    id: 'send-out',
    method: 'send-out',
    title: 'Send it out',
    checks: [
      plainCheck(
        'elsewhere',
        'Done elsewhere',
        'with-care',
        'another shop judges and answers for it; this record goes with the part',
        {
          id: 'refer',
          step: 'Send the readings and this record with the part.',
        },
      ),
    ],
    notes: ['costs days, and no metal here'],
  }),
];

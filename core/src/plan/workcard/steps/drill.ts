import type { HoleCase } from '../../../judge/hole/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import { expectedBoreMm } from '../../../facts/drills/index.ts';
import { holdsShank } from '../../../facts/machines/index.ts';
import {
  cuttingSpeedMPerMin,
  drillGrade,
  drillPointMm,
  drillSpeed,
  flagSetting,
  guideThicknessMm,
  isHeatShy,
  openingOf,
  pecks,
  SPEED_SHARE,
  speedOnMachine,
  suitsPlace,
  type DrillGrade,
  type FlagSetting,
  type Opening,
  type Pecks,
  type SetSpeed,
} from '../../cutting/index.ts';
import { handTools, sayTools, type HandTool } from '../handTools.ts';
import type { CutJob } from '../jobs.ts';
import { sayPractice, settledOr, tookPractice, type TakenPractice } from '../practice.ts';
import type { Setting } from '../setting.ts';
import type { SaidNumber, SaidTool, StepKind, StepOf } from '../WorkStep.ts';
import { pilotOf } from './pilot.ts';
import { fluidFacts, fluidPractice, fluidWords, stopWords, type FluidFacts } from './words.ts';

export type DrillStepFacts = {
  drillId: string | null;
  diameterMm: number;
  /** What it leaves: by the shop’s own oversize, or by the printed estimate. */
  bores: { mm: number; own: boolean };
  clear: boolean;
  blind: boolean;
  shoulderMm: number;
  tipMm: number;
  /** What is set on the stop beyond the reading at touch; null: through into free air, nothing stops it. */
  addToTouchMm: number | null;
  speed: SetSpeed;
  cuttingMPerMin: number;
  /** Another machine of the shop that turns slowly enough; null: none, or none is needed. */
  slowerMachine: { name: string; wantsPartOff: boolean } | null;
  grade: DrillGrade;
  opening: Opening;
  pecks: Pecks;
  /** Only where a guide stands on the face. */
  guideMm: number | null;
  flag: FlagSetting | null;
  floorLeftMm: number | null;
  floorName: string;
  /** Room that the drill wants beyond a through hole, and what there is. */
  roomBelowMm: number | null;
  endRoomMm: number | null;
  hardens: boolean;
  stringy: boolean;
  magnesium: boolean;
  fluid: FluidFacts;
  tools: HandTool[];
  practice: TakenPractice[];
};

/** Beyond a through hole into something that must not be met the point comes just out, and no farther, mm (our estimate). */
const JUST_OUT_MM = 1;

/** A drill that is not in the rack is tried first, in scrap of the kind. */
function trialPractice({ rules }: HoleCase, drillId: string | null): TakenPractice {
  const byCase = drillId === null ? 'trial' : 'at-once';
  const taken = settledOr(rules, 'trial', byCase);
  return tookPractice(rules, 'trial', { taken, byCase, other: byCase === 'trial' ? 'at-once' : 'trial' });
}

/** How the hole that is there is opened to the job's drill. */
export const openingOfJob = (
  { parent }: HoleCase,
  { found, drillMm, through }: CutJob & { drillMm: number },
): Opening => openingOf({ group: parent.group, found, drillMm, through });

function speedFor(hole: HoleCase, { machine, inPlace }: Setting, drillMm: number, opening: Opening) {
  const share = opening.by === 'ream' || opening.by === 'bush' ? SPEED_SHARE.ream : SPEED_SHARE.drill;
  const wantedRpm = share * drillSpeed(hole.parent.id, drillMm).speedRpm;
  const careful = isHeatShy(hole.parent);
  const speed = speedOnMachine(wantedRpm, machine.speeds, careful);
  const slower =
    speed.state === 'too-fast'
      ? (hole.rules.machines ?? []).find(
          (other) =>
            holdsShank(other, drillMm) && speedOnMachine(wantedRpm, other.speeds, careful).state !== 'too-fast',
        )
      : undefined;
  return {
    speed,
    slowerMachine: slower ? { name: slower.name, wantsPartOff: !suitsPlace(slower, inPlace) } : null,
  };
}

/** Into free air nothing stops it; into anything else the point comes just out. */
function stopOf(hole: HoleCase, { through, tipMm, shoulderMm, drillMm }: CutJob): number | null {
  if (!through) return tipMm;
  return hole.behind === 'nothing' ? null : shoulderMm + drillPointMm(drillMm!) + JUST_OUT_MM;
}

export function drillSteps(hole: HoleCase, setting: Setting, job: CutJob): StepOf<'drill', DrillStepFacts>[] {
  const { prefix, drillId, drillMm, through, shoulderMm, tipMm, tap, found } = job;
  if (drillMm === null) return [];
  const { parent, floor, joint, rules } = hole;
  const opening = openingOfJob(hole, { ...job, drillMm });
  const { speed, slowerMachine } = speedFor(hole, setting, drillMm, opening);
  const stringy = parent.cutting === 'tough' || parent.group === 'aluminium' || parent.group === 'copper';
  const guideMm = setting.inPlace ? guideThicknessMm(drillMm) : null;
  const endMm = through ? shoulderMm + drillPointMm(drillMm) : tipMm;
  const addToTouchMm = stopOf(hole, job);
  const wallMm = through ? null : (floor?.mm ?? null);
  return [
    {
      kind: 'drill',
      id: `${prefix}drill`,
      noReturn: true,
      minutes: 6,
      facts: {
        drillId,
        diameterMm: drillMm,
        bores: {
          mm: expectedBoreMm(drillMm, hole.rack.drilling),
          own: (hole.rack.drilling?.measuredOversizeMm ?? null) !== null,
        },
        clear: tap === null,
        blind: !through,
        shoulderMm,
        tipMm,
        addToTouchMm,
        speed,
        cuttingMPerMin: cuttingSpeedMPerMin(drillMm, speed.speedRpm),
        slowerMachine,
        grade: drillGrade(parent),
        opening,
        pecks: pecks({ depthMm: endMm, drillMm, stringy }),
        guideMm,
        flag:
          guideMm === null || addToTouchMm === null
            ? null
            : flagSetting({ guideMm, gapMm: 0, toTipMm: addToTouchMm, wallMm }),
        floorLeftMm: wallMm === null ? null : wallMm - tipMm,
        floorName: hole.behind === 'nothing' ? 'the far side' : hole.floorName,
        roomBelowMm: through ? drillPointMm(drillMm) + JUST_OUT_MM : null,
        endRoomMm: joint.endRoom?.mm ?? null,
        hardens: parent.group === 'stainless',
        stringy,
        magnesium: parent.group === 'magnesium',
        fluid: fluidFacts(hole, 'drill'),
        tools: handTools(
          rules,
          ...(addToTouchMm !== null ? (['stop-collar'] as const) : []),
          ...(guideMm !== null ? (['drill-guide'] as const) : []),
          ...(opening.by === 'ream' ? (['reamer'] as const) : []),
        ),
        practice: [
          ...fluidPractice(hole),
          ...(found === null && !pilotOf(hole, job).taken
            ? [tookPractice(rules, 'pilot', { taken: 'none', byCase: pilotOf(hole, job).byCase, other: 'pilot' })]
            : []),
          trialPractice(hole, drillId),
        ],
      },
    },
  ];
}

const OPEN: Readonly<Record<Opening['by'], (ring: string) => string>> = {
  full: () => 'From the spot on, into full metal.',
  drill: (ring) => `Open the hole that is there: ${ring} comes off each side.`,
  ream: (ring) =>
    `Hardly anything is left to cut, ${ring} each side: a reamer, or this drill turned slowly by hand; under power its corners chatter.`,
  bush: () =>
    'The hole is oval: in a bush on the true axis or bored on a mill, in steps and slowly; a drill by itself follows the worn side.',
};
const GRABS = 'This metal draws the drill in: stone both lips flat, alike, or hold the quill back; no free feed.';
const BREAKS = 'Lighten before the far side: there it grabs.';
const HARDENS = 'Steady feed, never let it rub: one turn without cutting hardens the hole.';

const ringWords = ({ ringMm }: Opening, say: Say): string => {
  if (ringMm === null) return '';
  const { least, most } = ringMm;
  return most - least < 0.05 ? say.length(most) : `${say.length(least)} to ${say.length(most)}`;
};

/** What a drill is made of, as it is asked for. */
const GRADE: Readonly<Record<DrillGrade, string>> = {
  hss: 'high-speed steel',
  'hss-bright': 'high-speed steel, bright, sharp',
  cobalt: 'cobalt, sharp',
};

function speedNumber({ speed, cuttingMPerMin, slowerMachine }: DrillStepFacts, say: Say): SaidNumber {
  const { speedRpm, wantedRpm, state } = speed;
  const wanted = Math.round(wantedRpm);
  const why: Readonly<Record<SetSpeed['state'], string>> = {
    near: `${wanted} wanted`,
    lower: `${wanted} wanted: the next above would burn it`,
    'slower-than-could': `${wanted} would do: this is the machine’s nearest`,
    'too-fast': `too fast still, ${wanted} wanted: ${
      slowerMachine === null
        ? 'short bites with fluid and pauses, a cobalt drill, or a hand brace; drills in steps bring it no slower'
        : `take ${slowerMachine.name}${slowerMachine.wantsPartOff ? ', with the part off' : ''}`
    }`,
  };
  return { label: 'Speed', value: `${speedRpm} rev/min`, note: `${say.cuttingSpeed(cuttingMPerMin)}; ${why[state]}` };
}

function settingNumbers(facts: DrillStepFacts, say: Say): SaidNumber[] {
  const { addToTouchMm, flag, guideMm, floorLeftMm, floorName, roomBelowMm, endRoomMm, blind, pecks: bites } = facts;
  const { mm: boresMm, own } = facts.bores;
  const rows: SaidNumber[] = [
    {
      label: 'Bores about',
      value: say.length(boresMm),
      note: own ? 'by the shop’s own oversize' : 'by the printed estimate; the gauge decides',
    },
  ];
  if (addToTouchMm !== null)
    rows.push({
      label: 'Stop',
      value: stopWords(addToTouchMm, say),
      note: `${blind ? 'to the tip' : 'the point just out, no farther'}; on a scale that grows upward, touch − the same. Touch with the spindle still`,
    });
  if (flag !== null && guideMm !== null)
    rows.push({
      label: 'Flag or collar, from the tip',
      value: say.atMost(flag.flagMm),
      note: `guide ${say.length(guideMm)} + depth${
        flag.breaksAtMm === null
          ? ''
          : `; at ${say.length(flag.breaksAtMm)} it is through the wall${flag.alarm ? ': do not set this' : ''}`
      }. A collar, not tape`,
    });
  if (floorLeftMm !== null)
    rows.push({ label: 'Left under the tip', value: say.atMost(Math.max(0, floorLeftMm)), note: `to ${floorName}` });
  if (roomBelowMm !== null && endRoomMm !== null)
    rows.push({
      label: 'Room beyond it',
      value: say.length(endRoomMm),
      note:
        endRoomMm < roomBelowMm
          ? `the drill wants ${say.atLeast(roomBelowMm)}: grind it short, or stop earlier`
          : 'enough',
    });
  if (bites.count > 1)
    rows.push({
      label: 'Bites',
      value: `${say.atMost(bites.firstMm)}, then ${say.atMost(bites.stepMm)}`,
      note: `${bites.count} in all, cleared after each`,
    });
  return rows;
}

const drillTool = ({ drillId, diameterMm, grade }: DrillStepFacts, say: Say): SaidTool => ({
  name: `drill ${drillId ?? say.length(diameterMm)}, ${GRADE[grade]}`,
  state: drillId === null ? 'missing' : 'owned',
  instead: drillId === null ? 'get it; no other size unless it is weighed again' : null,
});

export const drill: StepKind<DrillStepFacts> = {
  title: ({ drillId, diameterMm, clear, opening }, say) =>
    `${opening.by === 'ream' ? 'Open out to' : clear ? 'Bore clear to' : 'Drill'} ${drillId ?? say.length(diameterMm)}`,
  what: (facts, say) => {
    const { opening, blind, shoulderMm, tipMm, hardens } = facts;
    const parts = [OPEN[opening.by](ringWords(opening, say))];
    if (opening.grabs) parts.push(GRABS);
    parts.push(
      blind
        ? `Stop when the shoulder is at ${say.atMost(shoulderMm)}, the tip at ${say.atMost(tipMm)}.`
        : `Right through. ${BREAKS}`,
    );
    if (hardens) parts.push(HARDENS);
    return parts.join(' ');
  },
  number: ({ blind, tipMm, diameterMm }) =>
    blind ? { label: 'stop at the tip', valueMm: tipMm, safe: 'down' } : { label: 'drill', valueMm: diameterMm },
  caution: ({ stringy, magnesium }) =>
    `Chips are hot and sharp: brush or hook, never fingers, never air.${stringy ? ' Long ones wind round the drill: stop before they are pulled off.' : ''}${
      magnesium ? ' Magnesium chips burn: keep them few, no water.' : ''
    }`,
  more: (facts, say) => ({
    numbers: [speedNumber(facts, say), ...settingNumbers(facts, say)],
    tools: [drillTool(facts, say), ...sayTools(facts.tools)],
    fluid: fluidWords(facts.fluid),
    feel: facts.blind
      ? 'Even chips and an even sound to the end. Check the stop again after it: collars slip.'
      : 'Even chips; less push as the point comes out.',
    stop: 'The chips change, it squeals, jumps or drops: stop, look, and measure before going on.',
    practice: sayPractice(facts.practice),
    write: facts.addToTouchMm === null ? ['drilled by'] : ['touch', 'stop'],
  }),
};

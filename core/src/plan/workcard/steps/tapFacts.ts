import { rackDrills } from '../../../facts/drills/index.ts';
import { drillSpeed } from '../../cutting/index.ts';
import type { PracticeOption } from '../../../facts/practice/index.ts';
import { hurts, isLight, type HoleCase, type HouseRules } from '../../../judge/hole/index.ts';
import {
  gapOfLeanMm,
  HEAD_D,
  headGapMm,
  isHeatShy,
  isPowerThread,
  loadScale,
  powerTapping,
  pushPerHandN,
  rhythmOf,
  SPEED_SHARE,
  speedOnMachine,
  squareAid,
  TANDEM_D,
  TAP_LEAN_LIMIT_DEG,
  tapChoice,
  tapTurns,
  tapWrench,
  turnsInMachine,
  type LoadScale,
  type PowerTapping,
  type Rhythm,
  type SquareAid,
  type TapChoice,
  type TapTurns,
  type TapWrench,
} from '../../cutting/index.ts';
import { handTools, stateOn, type HandTool } from '../handTools.ts';
import type { CutJob, TapJob } from '../jobs.ts';
import { settledOr, tookPractice, type TakenPractice } from '../practice.ts';
import type { Setting } from '../setting.ts';
import type { SaidTool, StepOf } from '../WorkStep.ts';
import { fluidFacts, type FluidFacts } from './words.ts';

type Lead = TapJob['leads'][number];

export type TapFacts = {
  tapName: string;
  leadThreads: Lead;
  names: HouseRules['tapNames'];
  /** Which of so many taps it is. */
  order: number;
  of: number;
  hand: 'right' | 'left';
  followsHelix: boolean;
  /** Pushed until it bites; else it feeds itself. */
  presses: boolean;
  blind: boolean;
  choice: TapChoice;
  turns: TapTurns;
  /** A thread of more starts than one: so many turns move it by a lead, not a pitch. */
  starts: number;
  leadMm: number;
  /** So many turns behind the tip the thread is full. */
  leadTurns: number;
  endRoomMm: number | null;
  aid: SquareAid;
  /** What a square shows where the tap leans as much as it may, over its blade; and what a head then stands off. */
  square: { bladeMm: number; gapMm: number; limitDeg: number; headMm: number; headGapMm: number } | null;
  inMachine: number | null;
  wrench: TapWrench;
  handle: 'bar' | 't' | 'ratchet' | 'pin' | 'guided';
  pushN: number;
  snapPushN: number;
  rhythm: Rhythm;
  scale: LoadScale;
  power: PowerTapping;
  powerRpm: number | null;
  fluid: FluidFacts;
  state: SaidTool['state'];
  /** The first taps that would do where this one is missing; empty: it must be got. */
  tools: HandTool[];
  practice: TakenPractice[];
  engine: boolean;
};

/** A guide block wants so much room beside the axis, in diameters of the tap (our estimate). */
const BLOCK_D = 1.5;

/** The crests that a tap meets in a hole that is not drilled: what was read, else those of the thread. */
function crestOf({ found }: CutJob, { majorMm, minorInternalMm }: TapJob['thread']): number {
  return found !== null && 'boreMm' in found
    ? Math.min(majorMm, Math.max(minorInternalMm, found.acrossMm))
    : minorInternalMm;
}

/** Blade of a small square beside a tap, mm. */
const BLADE_MM = 50;

/** The bore of the next drill of the rack that still is inside the limits; null: there is none. */
function nextLargerBore(hole: HoleCase, { drillMm, limits }: CutJob): number | null {
  if (drillMm === null || limits === null) return null;
  const next = rackDrills(hole.rack).find(
    ({ diameterMm }) => diameterMm > drillMm + 0.02 && diameterMm <= limits.highMm + 1e-9,
  );
  return next?.diameterMm ?? null;
}

/** The handle that the case asks for, where the shop has not settled it. */
function handleOf({ rules, parent }: HoleCase, { handle }: TapWrench, guided: boolean): TapFacts['handle'] {
  const byCase = handle === 'bar' ? 'bar' : 't';
  const settled = settledOr(rules, 'handle', byCase);
  if (handle === 'pin') return 'pin';
  // A ratchet hides the feel that tough and deep holes need.
  if (settled === 'ratchet') return isLight(parent) || parent.group === 'copper' ? 'ratchet' : byCase;
  return settled === 'guided' ? (guided ? 'guided' : byCase) : settled;
}

/** Which handle is a question only where a hand can take one or the other. */
function handlePractice({ rules }: HoleCase, { handle, wrench }: Pick<TapFacts, 'handle' | 'wrench'>): TakenPractice[] {
  if (handle === 'pin') return [];
  const byCase = wrench.handle === 'bar' ? 'bar' : 't';
  const other = handle === byCase ? (byCase === 'bar' ? 't' : 'bar') : byCase;
  return [{ id: 'handle', taken: handle, other, settled: rules.practice?.handle === handle }];
}

/** What a first tap of so many threads of lead is called among the schools. */
const firstTap = (lead: Lead): 'taper' | 'second' | 'bottoming' =>
  lead === 8 ? 'taper' : lead === 4 ? 'second' : 'bottoming';

/** Questions of practice at the first tap, each as the card does it. */
function practicesOf(
  hole: HoleCase,
  facts: Pick<TapFacts, 'rhythm' | 'followsHelix' | 'presses' | 'handle' | 'wrench' | 'leadThreads' | 'power'>,
  byCase: { firstLead: Lead; small: boolean; spindle: boolean; guided: boolean },
): TakenPractice[] {
  const { rules } = hole;
  const { rhythm, followsHelix, presses, leadThreads, power } = facts;
  const first = firstTap(byCase.firstLead);
  const start = byCase.spindle ? 'machine-start' : 'hand';
  return [
    ...handlePractice(hole, facts),
    tookPractice(rules, 'pressing', {
      taken: presses ? 'press' : 'feed',
      byCase: followsHelix ? 'feed' : 'press',
      other: followsHelix ? 'press' : 'feed',
    }),
    tookPractice(rules, 'first-tap', {
      taken: firstTap(leadThreads),
      byCase: first,
      other: first === 'second' ? 'taper' : 'second',
    }),
    tookPractice(rules, 'rhythm', {
      taken: rhythm.school,
      byCase: rhythm.school,
      other: rhythm.school === 'short' ? 'binds' : 'short',
    }),
    ...(byCase.small
      ? [
          tookPractice(rules, 'small-taps', {
            taken: byCase.guided ? 'machine-start' : 'hand',
            byCase: start,
            other: start === 'hand' ? 'machine-start' : 'hand',
          }),
        ]
      : []),
    tookPractice(rules, 'power', {
      taken: power.allowed ? 'through' : rules.practice?.power === 'never' ? 'never' : 'guide',
      byCase: 'guide',
      other: 'through',
    }),
  ];
}

/** Up to this a tap is small: it snaps before a hand feels it (rule of thumb). */
const SMALL_MM = 5;

/** The spindle that may guide a tap; null: none, or the shop starts small ones by hand. */
function spindleFor(
  { rules }: HoleCase,
  { machine, inPlace }: Setting,
  majorMm: number,
): 'mill' | 'bench-drill' | null {
  if (inPlace || (majorMm <= SMALL_MM && settledOr(rules, 'small-taps', 'machine-start') === 'hand')) return null;
  return machine.kind === 'mill' || machine.kind === 'bench-drill' ? machine.kind : null;
}

function tapFacts(
  hole: HoleCase,
  setting: Setting,
  job: CutJob & { tap: TapJob },
  index: number,
  leads: Lead[],
): TapFacts {
  const { tap, through, shoulderMm } = job;
  const { thread, followsHelix } = tap;
  const { parent, rules, joint } = hole;
  const { machine, inPlace } = setting;
  const leadThreads = leads[index]!;
  const open = through && hole.behind === 'nothing';
  const choice = tapChoice({ thread, parent, through, open, followsHelix });
  const power = isPowerThread(thread);
  const tandem = choice.style === 'tandem';
  const turns = tapTurns({
    fullThreadMm: tap.fullThreadMm,
    pitchMm: thread.pitchMm,
    leadThreads,
    through,
    shoulderMm,
    starts: thread.starts,
    ...(tandem ? { tandemMm: TANDEM_D * thread.majorMm } : {}),
  });
  const bore = job.drillMm ?? crestOf(job, thread);
  const scale = loadScale(thread, bore, parent, {
    depthMm: tap.fullThreadMm,
    largerBoreMm: nextLargerBore(hole, job),
    counterMm: job.counterDrillMm,
    twoTaps: leads.length > 1,
  });
  const spindle = spindleFor(hole, setting, thread.majorMm);
  const aid = squareAid({
    follows: followsHelix,
    spindle,
    majorMm: thread.majorMm,
    flatAround: hole.work.sideRoomMm === null || hole.work.sideRoomMm >= BLOCK_D * thread.majorMm,
  });
  const wrench = tapWrench(thread.majorMm);
  const guided = aid === 'mill-guide' || aid === 'spindle-guide';
  const handle = handleOf(hole, wrench, guided);
  const rhythm = rhythmOf({
    parent,
    through,
    depthD: tap.fullThreadMm / thread.majorMm,
    majorMm: thread.majorMm,
    style: choice.style,
    school: rules.practice?.rhythm ?? null,
  });
  const wantedRpm = SPEED_SHARE.tap * drillSpeed(parent.id, thread.majorMm).speedRpm;
  const tapping = speedOnMachine(wantedRpm, machine.speeds, isHeatShy(parent));
  const allowed = powerTapping({
    houseRule: rules.practice?.power ?? null,
    machine: inPlace ? null : machine,
    through,
    followsHelix,
    power,
    majorMm: thread.majorMm,
    loadRatio: scale.lines[0]!.ratio,
    slowEnough: tapping.state !== 'too-fast',
    hurts: hurts(hole),
  });
  const headMm = HEAD_D * hole.thread.majorMm;
  const facts: TapFacts = {
    tapName: tap.tapName,
    leadThreads,
    names: rules.tapNames,
    order: index + 1,
    of: leads.length,
    hand: thread.hand,
    followsHelix,
    // Pressure on an old helix starts a second one, whatever a shop does elsewhere.
    presses: !followsHelix && settledOr(rules, 'pressing', 'press') === 'press',
    blind: !through,
    choice,
    turns,
    starts: thread.starts,
    leadMm: thread.pitchMm * thread.starts,
    leadTurns: leadThreads / thread.starts,
    endRoomMm: joint.endRoom?.mm ?? null,
    aid,
    square:
      index > 0
        ? null
        : {
            bladeMm: BLADE_MM,
            gapMm: gapOfLeanMm(TAP_LEAN_LIMIT_DEG, BLADE_MM),
            limitDeg: TAP_LEAN_LIMIT_DEG,
            headMm,
            headGapMm: headGapMm(headMm, TAP_LEAN_LIMIT_DEG),
          },
    inMachine: guided && index === 0 ? turnsInMachine(leadThreads) : null,
    wrench,
    handle,
    pushN: pushPerHandN(scale.torqueNm, wrench),
    snapPushN: pushPerHandN(scale.snapsAtNm, wrench),
    rhythm,
    scale,
    power: allowed,
    powerRpm: allowed.allowed ? tapping.speedRpm : null,
    fluid: fluidFacts(hole, 'tap'),
    state: stateOn(tap.owned.list === 'coils' ? rules.kit?.coils : rules.kit?.taps, tap.owned.id),
    tools: handTools(
      rules,
      handle === 'pin' ? 'pin-wrench' : handle === 'bar' ? 'bar-wrench' : 't-wrench',
      ...(aid === 'guide-block'
        ? (['tap-guide'] as const)
        : guided
          ? (['spring-centre'] as const)
          : (['square'] as const)),
    ),
    practice: [],
    engine: hole.joint.screwedIn === 'spark-plug',
  };
  if (index > 0) return facts;
  const practice = practicesOf(hole, facts, {
    firstLead: leadsOf(parent, tap, undefined)[0]!,
    small: thread.majorMm <= SMALL_MM,
    spindle: spindleFor({ ...hole, rules: { ...rules, practice: {} } }, setting, thread.majorMm) !== null,
    guided,
  });
  return { ...facts, practice };
}

/** The leads that are run: as the way plans them, or by the shop's first tap where that leaves the last one the same. */
function leadsOf(
  { cutting }: HoleCase['parent'],
  { leads, followsHelix }: TapJob,
  settled: PracticeOption<'first-tap'> | undefined,
): Lead[] {
  // A bottoming tap never starts a new thread, whatever the rule; an old helix is found by the tap that the way plans.
  const taper = settled === 'taper' || (settled === undefined && cutting === 'tough' && leads[0] === 4);
  if (!taper || followsHelix) return leads;
  return leads.at(-1) === 4 ? [8, 4] : [8, ...leads];
}

export function tapSteps(hole: HoleCase, setting: Setting, job: CutJob): StepOf<'tap', TapFacts>[] {
  const { tap } = job;
  if (tap === null || tap.leads.length === 0) return [];
  // A power thread goes right through once, with one long tap.
  const leads: Lead[] =
    isPowerThread(tap.thread) && job.through ? [8] : leadsOf(hole.parent, tap, hole.rules.practice?.['first-tap']);
  return leads.map((_, index) => ({
    kind: 'tap',
    id: `${job.prefix}tap-${index + 1}`,
    facts: tapFacts(hole, setting, { ...job, tap }, index, leads),
    minutes: Math.max(3, Math.ceil(job.tap!.fullThreadMm / tap.thread.pitchMm / 4)),
    ...(index === 0 && !tap.followsHelix ? { noReturn: true as const } : {}),
  }));
}

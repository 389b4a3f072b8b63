import { rackDrills } from '../../../facts/drills/index.ts';
import { drillSpeed } from '../../cutting/index.ts';
import type { HoleCase, HouseRules } from '../../../judge/hole/index.ts';
import { hurts, isLight } from '../../../judge/hole/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import {
  gapOfLeanMm,
  HEAD_D,
  headGapMm,
  isHeatShy,
  isPowerThread,
  loadBand,
  loadScale,
  powerTapping,
  pushPerHandN,
  rhythmOf,
  SPEED_SHARE,
  speedOnMachine,
  SQUARE_AIDS,
  squareAid,
  TANDEM_D,
  TAP_LEAN_LIMIT_DEG,
  tapChoice,
  tapName,
  tapNumber,
  tapTurns,
  tapWrench,
  turnsInMachine,
  type LoadCase,
  type LoadScale,
  type PowerReason,
  type PowerTapping,
  type Rhythm,
  type RhythmReason,
  type SquareAid,
  type StyleReason,
  type TapChoice,
  type TapStyle,
  type TapTurns,
  type TapWrench,
} from '../../cutting/index.ts';
import { handTools, sayTools, stateOn, type HandTool } from '../handTools.ts';
import type { CutJob, TapJob } from '../jobs.ts';
import { sayPractice, settledOr, takePractice, type TakenPractice } from '../practice.ts';
import type { Setting } from '../setting.ts';
import type { SaidNumber, SaidTool, StepKind, StepOf } from '../WorkStep.ts';
import { capital, fluidFacts, fluidWords, quarters, type FluidFacts } from './words.ts';

type Lead = TapJob['leads'][number];

export type TapFacts = {
  designation: string;
  tapName: string;
  leadThreads: Lead;
  names: HouseRules['tapNames'];
  /** Which of so many taps it is. */
  order: number;
  of: number;
  hand: 'right' | 'left';
  followsHelix: boolean;
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
function crestOf({ found }: CutJob, { majorMm, pitchMm }: TapJob['thread']): number {
  const basic = majorMm - 1.0825 * pitchMm;
  return found !== null && 'boreMm' in found ? Math.min(majorMm, Math.max(basic, found.acrossMm)) : basic;
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

/** Questions of practice at the first tap. */
function practicesOf(
  hole: HoleCase,
  facts: Pick<TapFacts, 'rhythm' | 'followsHelix' | 'handle' | 'wrench'>,
  firstLead: Lead,
  small: boolean,
): TakenPractice[] {
  const { rules } = hole;
  const firstByCase = firstLead === 8 ? 'taper' : firstLead === 4 ? 'second' : 'bottoming';
  return [
    ...handlePractice(hole, facts),
    takePractice(rules, 'pressing', facts.followsHelix ? 'feed' : 'press', facts.followsHelix ? 'press' : 'feed'),
    takePractice(rules, 'first-tap', firstByCase, firstByCase === 'second' ? 'taper' : 'second'),
    {
      id: 'rhythm',
      taken: facts.rhythm.school,
      other: facts.rhythm.school === 'short' ? 'binds' : 'short',
      settled: rules.practice?.rhythm === facts.rhythm.school,
    },
    ...(small ? [takePractice(rules, 'small-taps', 'machine-start', 'hand')] : []),
    takePractice(rules, 'power', 'guide', 'through'),
  ];
}

/** Up to this a tap is small: it snaps before a hand feels it (rule of thumb). */
const SMALL_MM = 5;

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
  const turns = tapTurns({
    fullThreadMm: tap.fullThreadMm,
    pitchMm: thread.pitchMm,
    leadThreads,
    through,
    shoulderMm,
    starts: thread.starts,
    ...(power ? { tandemMm: TANDEM_D * thread.majorMm } : {}),
  });
  const bore = job.drillMm ?? crestOf(job, thread);
  const scale = loadScale(thread, bore, parent, {
    depthMm: tap.fullThreadMm,
    largerBoreMm: nextLargerBore(hole, job),
    counterMm: job.counterDrillMm,
    twoTaps: leads.length > 1,
  });
  const spindle = inPlace
    ? null
    : machine.kind === 'mill'
      ? 'mill'
      : machine.kind === 'bench-drill'
        ? 'bench-drill'
        : null;
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
    designation: tap.designation,
    tapName: tap.tapName,
    leadThreads,
    names: rules.tapNames,
    order: index + 1,
    of: leads.length,
    hand: thread.hand,
    followsHelix,
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
  return index > 0 ? facts : { ...facts, practice: practicesOf(hole, facts, leads[0]!, thread.majorMm <= SMALL_MM) };
}

/** The leads that are run: as the way plans them, or by the shop's first tap where that leaves the last one the same. */
function leadsOf({ rules, parent }: HoleCase, { tap }: CutJob & { tap: TapJob }): Lead[] {
  const { leads } = tap;
  const last = leads.at(-1)!;
  const settled = rules.practice?.['first-tap'];
  // A bottoming tap never starts a new thread, whatever the rule.
  if (settled === 'taper' && !tap.followsHelix) return last === 4 ? [8, 4] : [8, ...leads];
  if (settled === undefined && parent.cutting === 'tough' && leads[0] === 4 && !tap.followsHelix)
    return last === 4 ? [8, 4] : [8, ...leads];
  return leads;
}

export function tapSteps(hole: HoleCase, setting: Setting, job: CutJob): StepOf<'tap', TapFacts>[] {
  const { tap } = job;
  if (tap === null || tap.leads.length === 0) return [];
  // Power threads go through once, with one long tap.
  const leads: Lead[] = isPowerThread(tap.thread) ? [8] : leadsOf(hole, { ...job, tap });
  return leads.map((_, index) => ({
    kind: 'tap',
    id: `${job.prefix}tap-${index + 1}`,
    facts: tapFacts(hole, setting, { ...job, tap }, index, leads),
    minutes: Math.max(3, Math.ceil(job.tap!.fullThreadMm / tap.thread.pitchMm / 4)),
    ...(index === 0 && !tap.followsHelix ? { noReturn: true as const } : {}),
  }));
}

const STYLE: Readonly<Record<TapStyle, string>> = {
  hand: 'a straight hand tap',
  'spiral-point': 'a spiral-point tap',
  'spiral-flute': 'a spiral-flute tap',
  forming: 'a forming tap',
  tandem: 'a tandem tap',
};
const STYLE_WHY: Readonly<Record<StyleReason, string>> = {
  'old-helix': 'only straight flutes find the old helix again',
  'power-thread': 'roughs and finishes in one pass',
  'closed-behind': 'it drives its chips ahead, into what is behind',
  blind: 'it drives its chips ahead, onto the bottom',
  brittle: 'crumbs want straight flutes',
  stringy: 'lifts long chips out',
  through: 'drives its chips ahead and out, and is not turned back',
  'by-hand': 'by hand and by feel',
  'other-bore': 'it wants a larger bore than this plan drills',
};

const RHYTHM: Readonly<Record<RhythmReason, string>> = {
  style: 'this tap is never turned back',
  tough: 'tough metal',
  small: 'a small tap',
  blind: 'a blind hole',
  deep: 'a deep thread',
  stringy: 'long chips',
  brittle: 'short crumbs',
  short: 'a short hole',
  ordinary: 'ordinary metal',
};

const TURN_WORDS: Readonly<Record<string, string>> = {
  '0.25': 'a quarter',
  '0.5': 'half a turn',
  '1': 'one turn',
  '2': 'two turns',
};

function rhythmWords({ rhythm, blind }: TapFacts): string {
  const { on, back, clearEvery, because, school } = rhythm;
  const words =
    back === 0
      ? 'On and on, never back'
      : school === 'binds'
        ? 'On while it turns freely, back half a turn when it binds'
        : `${capital(TURN_WORDS[on] ?? `${on} turns`)} on, ${TURN_WORDS[back] ?? back} back`;
  return `${words} (${RHYTHM[because]})${clearEvery === null ? '' : `; out and cleared every ${clearEvery} turns`}. The torque rules, not the count.${
    blind ? ' Feel for the bottom on the last two turns.' : ''
  }`;
}

const POWER: Readonly<Record<PowerReason, string>> = {
  'house-rule': 'here the machine is a guide, motor off',
  'no-machine': 'the part is not on a machine',
  'no-reverse': 'the machine has neither reverse nor clutch',
  'blind-no-clutch': 'a blind hole without a clutch',
  'old-helix': 'an old helix is found by hand',
  'power-thread': 'a power thread by hand or lathe only',
  small: 'so small a tap gives no warning',
  load: 'the tap is too near its strength',
  'too-fast': 'the slowest speed is too fast',
  duty: 'someone can be hurt: by hand, by feel',
  ok: '',
};

const LOAD: Readonly<Record<LoadCase, string>> = {
  'as-planned': 'sharp, with fluid',
  worn: 'worn tap',
  dry: 'no fluid, or the wrong one',
  'worn-dry': 'worn and dry',
  'larger-drill': 'next drill inside the class',
  'two-taps': 'a first tap before it',
  'counter-drill': 'mouth bored clear',
};

const HANDLE: Readonly<Record<TapFacts['handle'], string>> = {
  pin: 'finger holder, one hand, light, guided',
  t: 'T-handle, one hand, guided',
  bar: 'bar, both hands alike',
  ratchet: 'ratchet',
  guided: 'under the spindle',
};

/** How many times shown at most: a cut that loads the tap next to nothing. */
const MOST_TIMES = 99;
const times = (ratio: number): number => Math.min(MOST_TIMES, Math.round(ratio * 10) / 10);

function tapNumbers(facts: TapFacts, say: Say): SaidNumber[] {
  const { turns, blind, wrench, handle, snapPushN, pushN, square, inMachine, aid, endRoomMm, starts, choice } = facts;
  const rows: SaidNumber[] = [];
  rows.push({
    label: 'Turns',
    value: blind
      ? `${quarters(turns.inWork)} in all`
      : `${quarters(turns.inWork)} in the work, ${quarters(turns.runOut)} to run out`,
    ...(blind
      ? { note: 'then it is on the bottom: never past it' }
      : {
          note: `${quarters(turns.total)} in all${starts > 1 ? `; ${starts} starts: each turn moves it by a lead` : ''}`,
        }),
  });
  if (!blind)
    rows.push({
      label: 'Room below',
      value: `${say.atLeast(turns.roomBelowMm)} and more`,
      ...(endRoomMm === null
        ? {}
        : {
            note:
              endRoomMm < turns.roomBelowMm
                ? `there is only ${say.length(endRoomMm)}: run a shorter lead, or back it out`
                : 'there is',
          }),
    });
  rows.push({
    label: 'Wrench',
    value: HANDLE[handle],
    note: `arm ${say.length(wrench.armMm)}: about ${Math.max(1, Math.round(pushN))} N ${wrench.hands === 2 ? 'on each side' : 'at its ends'}; about ${Math.round(snapPushN)} N snaps it`,
  });
  rows.push({ label: 'Square by', value: SQUARE_AIDS[aid].name, note: `about ${SQUARE_AIDS[aid].tiltDeg}° to expect` });
  if (inMachine !== null)
    rows.push({
      label: 'Machine to wrench',
      value: `after ${inMachine} turns`,
      note: 'motor off and plug out, chuck turned by hand',
    });
  if (square !== null)
    rows.push({
      label: 'Third turn',
      value: `gap at most ${say.atMost(square.gapMm)} over ${say.length(square.bladeMm)}`,
      note: `from two sides at right angles: ${square.limitDeg}°, a head of ${say.length(square.headMm)} stands ${say.length(square.headGapMm)} off`,
    });
  if (choice.style === 'tandem')
    rows.push({ label: 'Back', value: 'never', note: 'it goes right through and is taken off below' });
  return rows;
}

function styleNumber({ choice, blind }: TapFacts): SaidNumber {
  const { style, because, also, not } = choice;
  const rows = [STYLE_WHY[because]];
  for (const row of also) rows.push(`${STYLE[row.style]} will do too: ${STYLE_WHY[row.because]}`);
  const left = not.filter((row) => row.style !== 'forming' || !blind);
  // What is left for the reason that the style was taken for needs no second telling.
  const same = left.filter((row) => row.because === because).map((row) => STYLE[row.style].slice(2));
  if (same.length > 0) rows.push(`no ${same.join(', no ')}`);
  for (const row of left)
    if (row.because !== because) rows.push(`no ${STYLE[row.style].slice(2)}: ${STYLE_WHY[row.because]}`);
  return { label: 'Style', value: STYLE[style], note: rows.join('; ') };
}

const powerNumber = ({ power, powerRpm }: TapFacts): SaidNumber =>
  powerRpm === null
    ? { label: 'By power', value: 'no', note: power.because.map((reason) => POWER[reason]).join('; ') }
    : { label: 'By power', value: `${powerRpm} rev/min`, note: 'a third of drilling; reverse ready' };

export const tap: StepKind<TapFacts> = {
  title: ({ tapName: name, leadThreads, names, choice }) =>
    choice.style === 'tandem'
      ? `${name}, tandem`
      : `${name}, ${tapName(leadThreads, names)} (no. ${tapNumber(leadThreads)})`,
  what: (facts) => {
    const { hand, followsHelix, order, of } = facts;
    const turn = hand === 'left' ? 'anticlockwise' : 'clockwise';
    const start = followsHelix
      ? `By hand, ${turn}. Find the old helix first, turning back until it drops in; never start a new one.`
      : order > 1
        ? `Turn ${turn}. By fingers into the thread of the tap before, then on.`
        : `Turn ${turn}. Press evenly until it bites, then let it feed. After the third turn look from two sides: true, go on; leaning, out and begin again.`;
    return [start, rhythmWords(facts), of > order ? 'The next tap goes deeper.' : ''].filter(Boolean).join(' ');
  },
  number: ({ turns }) => ({ label: 'turns from the first bite', text: quarters(turns.total).toString() }),
  caution: ({ followsHelix }) =>
    `Eyes guarded: taps are glass-hard and snap.${followsHelix ? ' A carbon steel tap may clean; it does not cut a new thread.' : ' No carbon steel tap for a new thread.'}`,
  more: (facts, say) => ({
    // What is the same as with the tap before is said once.
    numbers: [...tapNumbers(facts, say), ...(facts.order > 1 ? [] : [styleNumber(facts), powerNumber(facts)])],
    tools: [
      {
        name: `${facts.tapName}`,
        state: facts.state,
        instead: facts.state === 'missing' ? 'get or lend it: no other pitch' : null,
      },
      ...sayTools(facts.tools),
    ],
    fluid: facts.order > 1 ? 'As with the tap before; wipe its chips off first.' : fluidWords(facts.fluid),
    feel: facts.followsHelix
      ? 'Light all the way: it cleans, it does not cut. Where it grows heavy the helix is lost.'
      : 'An even push that does not grow; chips in every flute.',
    stop: 'It springs back instead of cutting, or wants more push than a turn before: stop. Bottom reached, leaning, hole too small, chips packed, tap blunt: look which.',
    ...(facts.order > 1
      ? {}
      : {
          scale: facts.scale.lines.map(({ id, ratio }) => ({
            label: LOAD[id],
            times: times(ratio),
            band: loadBand(ratio),
          })),
        }),
    ...(facts.practice.length > 0 ? { practice: sayPractice(facts.practice) } : {}),
    write: ['stiff at turn', 'square, two sides'],
  }),
};

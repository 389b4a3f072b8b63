import type { Say } from '../../../basis/units/index.ts';
import {
  LAST_TURNS,
  loadBand,
  SQUARE_AIDS,
  SQUARE_AT_TURNS,
  tapName,
  tapNumber,
  type LoadCase,
  type PowerReason,
  type RhythmReason,
  type StyleReason,
  type TapStyle,
} from '../../cutting/index.ts';
import { sayTools } from '../handTools.ts';
import { sayPractice } from '../practice.ts';
import type { SaidNumber, StepKind } from '../WorkStep.ts';
import type { TapFacts } from './tapFacts.ts';
import { capital, fluidWords, quarters } from './words.ts';

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
    blind ? ` Feel for the bottom on the last ${LAST_TURNS} turns.` : ''
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
      label: `At turn ${SQUARE_AT_TURNS}`,
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
    const { hand, followsHelix, presses, order, of } = facts;
    const turn = hand === 'left' ? 'anticlockwise' : 'clockwise';
    const start = followsHelix
      ? `By hand, ${turn}. Find the old helix first, turning back until it drops in; never start a new one.`
      : order > 1
        ? `Turn ${turn}. By fingers into the thread of the tap before, then on.`
        : `Turn ${turn}. ${presses ? 'Press evenly until it bites, then let it feed.' : 'No pressure: it feeds itself.'} After turn ${SQUARE_AT_TURNS} look from two sides: true, go on; leaning, out and begin again.`;
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

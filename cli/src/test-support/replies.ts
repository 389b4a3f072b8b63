import { PLANNER_TOPICS, type PlannerTopic } from '@deep-mend/contract/planner';
import {
  afterStep,
  afterStepWords,
  boreWords,
  blankStuck,
  coreWindow,
  looseShellMm,
  DEFAULT_HOUSE_RULES,
  FULL_RACK,
  judgeBore,
  parentById,
  proposeFreeing,
  quickAnswer,
  SAY,
  sayMeans,
  sayStep,
  threadById,
  weighCase,
  writeWorkCard,
  type QuickAnswer,
  type StuckCase,
  type UnitSystem,
} from '@deep-mend/core';
import { GOLDEN_CASES } from '../../../core/src/test-support/goldenCases.ts';
import { answerLine } from '../answer.ts';
import { writtenChoice, writtenProposal } from '../written.ts';

/** Every golden case: its whole proposal as the planner replies it, and the work card of each way that stands. */
function proposals(units: UnitSystem): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(GOLDEN_CASES).map(([label, hole]) => {
      const say = SAY[units];
      const proposal = weighCase(hole);
      const standing = proposal.routes.filter((route) => route.verdict !== 'does-not-hold');
      const cards = Object.fromEntries(
        standing.map((route) => [route.id, writeWorkCard(hole, route).map((step) => sayStep(step, say))]),
      );
      return [label, { ...writtenProposal(proposal, say), cards }];
    }),
  );
}

const THREADS = ['M8x1.25', '3/8-16', 'M10x1.5 LH'];
const PARENTS = ['aluminium-sand-cast', 'grey-iron', 'magnesium-cast', 'engineering-plastic', 'mild-steel'];
const WHATS: readonly StuckCase['what'][] = ['screw', 'stud', 'plug', 'dowel', 'tap', 'extractor', 'coil'];
/** What changes the words of a means: each is laid over a thing of which nothing more is known. */
const STUCK_CHANGES: Record<string, Partial<StuckCase>> = {
  unknown: {},
  proud: { proudMm: 14, drive: 'good', lengthMm: 22 },
  'a little proud': { proudMm: 2.5, drive: 'damaged', driveKind: 'socket-head', why: 'rust' },
  flush: { proudMm: 0, breakFace: 'sloped', nearLimitC: 100, headroomMm: 120 },
  sunk: { proudMm: -6, breakFace: 'dimple', why: 'locker', nearLimitC: 40, headroomMm: 60 },
  stainless: { proudMm: 0, stainless: true, sideRoomMm: 5, drive: 'damaged', driveKind: 'hex-head' },
  hard: { hard: true, proudMm: 3, breakFace: 'off-centre', access: 'in-place' },
  through: { through: true, offsetMm: 0.6, lengthMm: 20, why: 'galled' },
  bottomed: { why: 'bottomed', owned: { taps: null, coils: null, coilLengths: null, extractorDrillsMm: [3.2, 5] } },
  tried: {
    proudMm: 12,
    tried: [
      { means: 'turn-out', outcome: 'nothing' },
      { means: 'heat-soak', outcome: 'moved' },
      { means: 'extractor', outcome: 'worse' },
      { means: 'left-hand-drill', outcome: 'nothing' },
      { means: 'left-hand-drill', outcome: 'nothing' },
    ],
  },
};

/** Means of freeing over a matrix of what sticks, in what, and how. */
function means(units: UnitSystem): Record<string, unknown> {
  const rows = WHATS.flatMap((what, index) =>
    PARENTS.flatMap((parent) =>
      Object.entries(STUCK_CHANGES).map(([label, change]): [string, unknown] => {
        const blank = blankStuck(what, threadById(THREADS[index % THREADS.length]!), parentById(parent));
        return [
          `${what} in ${parent}, ${label}`,
          proposeFreeing({ ...blank, ...change }).map((row) => sayMeans(row, SAY[units])),
        ];
      }),
    ),
  );
  return Object.fromEntries(rows);
}

const AFTER_STEPS = [
  { drilledMm: 3, offMm: 0.1 },
  { drilledMm: 3, offMm: 0.9 },
  { drilledMm: 6.2, offMm: 0.3 },
  { drilledMm: 8, offMm: 0.02 },
  { drilledMm: 8.4, offMm: 0.8 },
];

function afterSteps(units: UnitSystem): unknown {
  const stuck = blankStuck('stud', threadById('M10x1.5'), parentById('grey-iron'));
  const window = coreWindow(stuck.thread, 'nominal');
  return AFTER_STEPS.map(({ drilledMm, offMm }) => {
    const after = afterStep(stuck, { window, keepShellMm: looseShellMm(10) }, drilledMm, {
      mm: offMm,
      halfWidthMm: 0.05,
    });
    return { ...after, words: afterStepWords(after, SAY[units]) };
  });
}

const QUESTIONS = [
  'M8',
  '3/8-16',
  'M12x1.5 LH',
  '1/4 BSW',
  '27/64',
  '#7',
  'Q',
  'M6 in 316',
  '8.5 in stainless',
  'coil M8',
  'M8 vs 5/16-18',
  '3/8-16 on 11/32',
  'depth 17 M8',
  'torque M8 8.8',
  'centres 58 over 8 and 8',
  'speed 8.5 in 316',
  'preload 5/16-18 25 Nm',
  'torque M8 10.9 90 Nm',
  'M12 in 316 20 deep',
  'Tr40x7',
  'Tr40x14 P7',
  '1/2 NPT',
  'G1/2',
  'M8 on 8',
  'M8 on 7.1',
  '1/4-20 with #7',
  '8.3 vs 21/64',
  'depth 1/2 3/8-16',
];

/** What a card prints of its drills is written at the screen; the rest of a card is words already. */
function written(answer: QuickAnswer, units: UnitSystem): unknown {
  if (answer.kind === 'compare-threads') return { ...answer, pair: answer.pair.map((half) => written(half, units)) };
  return answer.kind === 'thread' ? { ...answer, tapDrill: writtenChoice(answer.tapDrill, SAY[units]) } : answer;
}

function answers(units: UnitSystem): Record<string, unknown> {
  const shop = { units, rack: FULL_RACK, rules: DEFAULT_HOUSE_RULES };
  return Object.fromEntries(QUESTIONS.map((text) => [text, written(quickAnswer(text, shop), units)]));
}

/** The planner's reply to the example of each topic: it speaks millimetres. */
function topics(): Record<string, unknown> {
  const names = Object.keys(PLANNER_TOPICS) as PlannerTopic[];
  return Object.fromEntries(
    names.map((name) => [name, answerLine(name, JSON.stringify(PLANNER_TOPICS[name].example), 1).reply]),
  );
}

function bores(units: UnitSystem): unknown {
  const thread = threadById('M10x1.5');
  return [8, 8.3, 8.5, 8.8, 9.1, 9.5, 10].map((mm) => {
    const judged = judgeBore(thread, mm);
    return { ...judged, because: boreWords(judged, SAY[units]) };
  });
}

/** Everything that the core says of the golden cases, in one system of units: what later builds are held against. */
export function recordedReplies(units: UnitSystem): Record<string, unknown> {
  return {
    proposals: proposals(units),
    means: means(units),
    afterSteps: afterSteps(units),
    answers: answers(units),
    bores: bores(units),
    ...(units === 'mm' ? { topics: topics() } : {}),
  };
}

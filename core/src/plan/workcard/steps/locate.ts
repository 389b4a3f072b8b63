import type { HoleCase } from '../../../judge/hole/index.ts';
import { gapOfLeanMm, leanOfGapDeg, TAP_LEAN_LIMIT_DEG, type Opening } from '../../cutting/index.ts';
import { handTools, sayTools, type HandTool } from '../handTools.ts';
import { INNER, type CutJob } from '../jobs.ts';
import { sayPractice, settledOr, tookPractice, type TakenPractice } from '../practice.ts';
import type { Setting } from '../setting.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

/** Over which a pin's lean is read. */
const PIN_MM = 50;

export type LocateFacts = {
  by: 'follow' | 'bush' | 'spot' | 'punch';
  filled: boolean;
  leanDeg: number | null;
  /** It would lead a drill aside. */
  oval: boolean;
  squareUp: boolean;
  limitDeg: number;
  standing: boolean;
  tools: HandTool[];
  practice: TakenPractice[];
};

/** Where the axis is found: in the hole that is there, in a bush, or on full metal. */
export function locateSteps(
  { leanPer50, rules }: HoleCase,
  { inPlace }: Setting,
  { prefix, found }: CutJob,
  opening: Opening,
): StepOf<'locate', LocateFacts>[] {
  const full = found === null;
  const leanDeg = full || leanPer50 === null ? null : leanOfGapDeg(leanPer50.mm, PIN_MM);
  const leans = leanDeg !== null && leanDeg > TAP_LEAN_LIMIT_DEG;
  const axis = leans ? 'face' : 'hole';
  const follows = settledOr(rules, 'follow', axis);
  const oval = opening.by === 'bush';
  // What leads a drill aside, or is to be set square, wants a bush.
  const byCase = full ? 'spot' : oval || follows === 'face' ? 'bush' : 'follow';
  // In full metal there is no hole to follow; an old hole is neither spotted nor punched.
  const open: readonly string[] = full ? ['spot', 'punch'] : byCase === 'bush' ? ['bush'] : ['follow', 'bush'];
  const wanted = settledOr(rules, 'start', byCase);
  const by = open.includes(wanted) ? wanted : byCase;
  const practice = full
    ? [tookPractice(rules, 'start', { taken: by, byCase, other: 'punch' })]
    : [tookPractice(rules, 'follow', { taken: follows, byCase: axis, other: leans ? 'hole' : 'face' })];
  return [
    {
      kind: 'locate',
      id: `${prefix}locate`,
      minutes: full ? 10 : 4,
      facts: {
        by,
        filled: prefix === INNER,
        leanDeg,
        oval,
        squareUp: !full && follows === 'face',
        limitDeg: TAP_LEAN_LIMIT_DEG,
        standing: !inPlace,
        tools: handTools(
          rules,
          'square',
          ...(by === 'spot' ? (['spot-drill'] as const) : by === 'punch' ? (['punch'] as const) : []),
          ...(by === 'bush' || inPlace ? (['drill-guide'] as const) : []),
        ),
        practice,
      },
    },
  ];
}

const START: Readonly<Record<LocateFacts['by'], string>> = {
  follow:
    'Put a pin, or the shank of the largest drill that goes in, into the hole: it shows the axis. Set spindle or guide over it until the pin goes in and out freely.',
  bush: 'Clamp a guide bush on the true axis, set from the neighbours or the part that it holds.',
  spot: 'Mark the place from the neighbours or the part that it holds, two ways; spot it with a stiff spot drill, and measure to the neighbours before going on.',
  punch: 'Mark the place two ways, punch lightly, look with a glass, then punch home.',
};

export const locate: StepKind<LocateFacts> = {
  title: ({ filled, by }) =>
    filled
      ? 'Find the true axis again'
      : by === 'follow'
        ? 'Find the axis'
        : by === 'bush'
          ? 'Set the axis'
          : 'Mark the place',
  what: ({ by, leanDeg, oval, squareUp, limitDeg, standing }, say) => {
    const parts = [`${by === 'bush' && oval ? 'A drill would follow the worn side. ' : ''}${START[by]}`];
    if (by === 'follow') {
      if (leanDeg === null)
        parts.push(
          `Look at the pin from two sides at right angles: a gap of ${say.length(gapOfLeanMm(limitDeg, PIN_MM))} over ${say.length(PIN_MM)} is a lean of ${limitDeg}°. Drill and tap follow the hole, so its lean comes first.`,
        );
      else
        parts.push(
          leanDeg <= limitDeg
            ? `It leans ${leanDeg.toFixed(1)}°, within ${limitDeg}°: follow it.`
            : `It leans ${leanDeg.toFixed(1)}°, more than ${limitDeg}°.`,
        );
    }
    if (squareUp) parts.push('Square to the face: in a bush or bored; a twist drill down the old hole keeps its lean.');
    if (standing && by === 'follow') parts.push('Then clamp, and try the pin once more.');
    return parts.join(' ');
  },
  number: noNumber,
  caution: () => null,
  more: ({ by, tools, practice }) => ({
    tools: sayTools(tools),
    practice: sayPractice(practice),
    ...(by === 'follow'
      ? { stop: 'The pin does not go in freely once it is clamped: set it again before anything turns.' }
      : {}),
  }),
};

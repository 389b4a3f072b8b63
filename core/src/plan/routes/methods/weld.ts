import { carriedBy, judgeStrength } from '../checks/strength.ts';
import { judgeWeldability } from '../checks/weldability.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { alwaysOffered, type Method } from '../Method.ts';
import { withoutThread } from '../withoutThread.ts';

/** Share of its strength that a parent keeps beside a weld: heat treatment is lost (our estimate; sand-cast over heat-treated). */
const BESIDE_WELD: Readonly<Record<string, number>> = {
  'aluminium-cast-heat-treated': 180 / 260,
  'aluminium-6xxx': 0.6,
};

type Own = { softened: boolean };

/** Weld the hole up and make it again: referred to a qualified welder, and judged as the metal that is left. */
export const weld: Method<Own> = {
  propose: (context) => {
    const { hole, made } = context;
    const parentShare = BESIDE_WELD[hole.parent.id] ?? 1;
    const strength = judgeStrength({
      context,
      thread: hole.thread,
      engagement: { mm: made.engagementMm, halfWidthMm: 0 },
      cutMm: hole.thread.majorMm,
      parentShare,
    });
    return [
      withoutThread(context, {
        id: 'weld',
        title: 'Weld up and re-drill',
        engagementMm: made.engagementMm,
        ...carriedBy(strength),
        checks: [judgeWeldability(hole.parent), ...strength.checks],
        workings: strength.workings,
        own: { softened: parentShare < 1 },
      }),
    ];
  },
  whyNothing: alwaysOffered,
  notes: (route) => [
    'referred: the welder’s procedure and local codes go first; everything around it gets hot; never on a closed vessel',
    ...(route.own.softened ? ['the metal beside a weld counts as not heat treated'] : []),
    ...fastenerNote(route),
  ],
  steps: () => [
    {
      id: 'ready-to-weld',
      title: 'Ready it for the welder',
      what: 'Open it to clean bright metal, no corner sharp, degrease twice; seals, bearings and paint away from the heat. The welder’s own procedure says filler and preheat.',
      caution: 'Never on a closed vessel: open, empty, vented. No chlorinated cleaner before heat.',
      minutes: 30,
    },
    {
      id: 'weld-up',
      title: 'Weld, cool, dress',
      what: 'A qualified welder, in short runs; cooled slowly under cover; dressed flush, looked at for cracks with dye.',
      caution: 'Hot work: fire watch, fumes, eyes, gas struts and airbags away.',
      minutes: 60,
    },
  ],
};

import type { Additions } from './Overlay.ts';

// A toy of each thing that architecture.md's table lets one add, in exactly the files and lines that it names.

const wayFact = `import { USUAL_WAY, type Way } from './Way.ts';

export const toyWay: Way = {
  ...USUAL_WAY,
  name: 'Toy way',
  past: 'mended with a toy',
  fastenerChange: 'kept',
  reversible: 'yes',
  minutes: 1,
  parts: 0,
};
`;
const wayMethod = `import { judgeToyCheck } from '../checks/toyCheck.ts';
import type { Method } from '../Method.ts';
import { withoutThread } from '../withoutThread.ts';

type Own = { lengthMm: number };

export const toyWay: Method<Own> = {
  propose: (context) => [
    withoutThread(context, {
      id: 'toy-way',
      title: 'Toy',
      checks: [judgeToyCheck(7)],
      own: { lengthMm: 25.4 },
    }),
  ],
  whyNothing: () => 'toys are everywhere',
  notes: (route, say) => [\`a toy of \${say.length(route.own.lengthMm)}\`],
  steps: ({ lengthMm }, say) => [
    { id: 'play', title: 'Play', what: \`Play for \${say.length(lengthMm)}.\`, caution: null, minutes: 1 },
  ],
};
`;
const check = `import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';

export type ToyCheckFacts = { toyMm: number };

export const judgeToyCheck = (toyMm: number): CheckOf<'toy-check', ToyCheckFacts> => ({
  kind: 'toy-check',
  id: 'toy-check',
  verdict: 'with-care',
  value: toyMm,
  valuePessimistic: toyMm,
  limit: 8,
  unit: 'mm',
  facts: { toyMm },
  remedy: 'toy-step',
});

export const toyCheck: CheckKind<ToyCheckFacts> = {
  title: () => 'Toy',
  words: ({ toyMm }, _verdict, say) => \`a toy of \${say.length(toyMm)}\`,
  working: ({ toyMm }) => ({
    title: 'Toy',
    formula: 'toy',
    symbols: [],
    result: { symbol: 'toy', value: toyMm, unit: 'mm' },
    source: 'a toy',
  }),
  step: () => 'Play.',
};
`;
const meansFact = `import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

export const toyMeans: MeansFact = { ...USUAL_MEANS, name: 'toy means', minutes: [1, 2] };
`;
const meansMethod = `import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';

export const toyMeans: MeansMethod<{ toyMm: number }> = {
  judge: () => ({ verdict: 'with-care', facts: { toyMm: 3 } }),
  title: () => 'Toy means',
  because: ({ toyMm }, _verdict, say) => \`a toy of \${say.length(toyMm)}\`,
  steps: () => steps('Play.'),
  stop: () => 'It is bedtime.',
  spoils: spoilsNothing,
};
`;
const eventKind = `import type { EventKind } from './EventKind.ts';

export type ToyEventPayload = { toy: string };

export const toyEvent: EventKind<ToyEventPayload> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, { toy }) => {
    file.name = toy;
  },
};
`;

const station = `
import type { MendView, Station } from '../Station.ts';

const Panel = ({ view }: { view: MendView }) => <p>{view.file.name}</p>;

export const toy: Station = {
  name: 'Toy',
  bar: ({ hasPlan }) => (hasPlan ? null : 'Bedtime'),
  Panel,
  way: 'none',
  ladder: false,
  frees: false,
};
`;

/** What each kind of addition writes: new files, and lines put after a line that is there. */
export const ADDITIONS: Record<string, Additions> = {
  'a way of mending': {
    files: { 'core/src/facts/ways/toyWay.ts': wayFact, 'core/src/plan/routes/methods/toyWay.ts': wayMethod },
    lines: {
      'core/src/facts/ways/registry.ts': [
        ["import type { Way } from './Way.ts';", "import { toyWay } from './toyWay.ts';"],
        ["  'send-out': sendOut,", "  'toy-way': toyWay,"],
      ],
      'core/src/plan/routes/methods/registry.ts': [
        ["import { weld } from './weld.ts';", "import { toyWay } from './toyWay.ts';"],
        ["  'send-out': sendOut,", "  'toy-way': toyWay,"],
      ],
    },
  },
  'a means of freeing': {
    files: { 'core/src/facts/means/toyMeans.ts': meansFact, 'core/src/plan/freeing/means/toyMeans.ts': meansMethod },
    lines: {
      'core/src/facts/means/registry.ts': [
        ["import { turnOut } from './turnOut.ts';", "import { toyMeans } from './toyMeans.ts';"],
        ["  'send-out': sendOut,", "  'toy-means': toyMeans,"],
      ],
      'core/src/plan/freeing/means/registry.ts': [
        ["import { turnOut } from './turnOut.ts';", "import { toyMeans } from './toyMeans.ts';"],
        ["  'send-out': sendOut,", "  'toy-means': toyMeans,"],
      ],
    },
  },
  'a check': {
    files: { 'core/src/plan/routes/checks/toyCheck.ts': check },
    lines: {
      'core/src/plan/routes/checks/registry.ts': [
        ["import { wear } from './wear.ts';", "import { toyCheck } from './toyCheck.ts';"],
        ['  wear,', "  'toy-check': toyCheck,"],
      ],
    },
  },
  'a choice': {
    files: {},
    lines: {
      'core/src/judge/hole/choices/holeRows.ts': [
        [
          'export const HOLE_ROWS = [',
          "  { id: 'toyChoice', label: 'Toy', kind: 'number', min: 1, max: 9, unit: 'mm', usual: null, inHole: 'toyChoice' },",
        ],
      ],
    },
  },
  'a quantity': {
    files: {},
    lines: {
      'core/src/judge/hole/quantities.ts': [
        [
          'export const QUANTITIES = [',
          "  { id: 'toy', name: 'Toy', minMm: 1, maxMm: 9, usual: 'rule', usualD: [0, 9], inHole: 'toyReading' },",
        ],
      ],
    },
  },
  'an event kind': {
    files: { 'core/src/record/events/toyEvent.ts': eventKind },
    lines: {
      'core/src/record/events/registry.ts': [
        ["import { result } from './result.ts';", "import { toyEvent } from './toyEvent.ts';"],
        ['  result,', "  'toy-event': toyEvent,"],
      ],
      'contract/src/events.ts': [['  choice: ChoicePayload,', "  'toy-event': z.strictObject({ toy: Name }),"]],
      'server/src/usecases/holes/admit.ts': [["  'mend-closed': mendClosed,", "  'toy-event': byItsOwnDoor,"]],
      'core/src/record/passport/eventWords.ts': [
        ['  reading: readingWords,', "  'toy-event': ({ toy }) => `Toy: ${toy}`,"],
      ],
    },
  },
  'a station': {
    files: { 'web/src/features/mend/stations/toy/toy.tsx': station },
    lines: {
      'web/src/features/mend/stations/registry.ts': [
        ["import { prove } from './prove/prove.tsx';", "import { toy } from './toy/toy.tsx';"],
        ['const REGISTRY = {', '  toy,'],
      ],
    },
  },
};

/** One member each that an addition cannot do without, and the file in which the compiler must then complain. */
export const REMOVALS: readonly { what: string; file: string; text: string; complains: string }[] = [
  {
    what: 'a station without its panel',
    file: 'web/src/features/mend/stations/toy/toy.tsx',
    text: '  Panel,\n',
    complains: 'web/src/features/mend/stations/toy/toy.tsx',
  },
  {
    what: 'a station that does not say when it is shut',
    file: 'web/src/features/mend/stations/toy/toy.tsx',
    text: "  bar: ({ hasPlan }) => (hasPlan ? null : 'Bedtime'),\n",
    complains: 'web/src/features/mend/stations/toy/toy.tsx',
  },
  {
    what: 'a way without its words of the past',
    file: 'core/src/facts/ways/toyWay.ts',
    text: "  past: 'mended with a toy',\n",
    complains: 'core/src/facts/ways/toyWay.ts',
  },
  {
    what: 'a way without its method',
    file: 'core/src/plan/routes/methods/registry.ts',
    text: "  'toy-way': toyWay,\n",
    complains: 'core/src/plan/routes/methods/registry.ts',
  },
  {
    what: 'a method for a way that is none',
    file: 'core/src/facts/ways/registry.ts',
    text: "  'toy-way': toyWay,\n",
    complains: 'core/src/facts/ways/registry.ts',
  },
  {
    what: 'a method without a reason for nothing',
    file: 'core/src/plan/routes/methods/toyWay.ts',
    text: "  whyNothing: () => 'toys are everywhere',\n",
    complains: 'core/src/plan/routes/methods/toyWay.ts',
  },
  {
    what: 'a method whose check has no kind',
    file: 'core/src/plan/routes/checks/registry.ts',
    text: "  'toy-check': toyCheck,\n",
    complains: 'core/src/plan/routes/methods/toyWay.ts',
  },
  {
    what: 'a check without its words',
    file: 'core/src/plan/routes/checks/toyCheck.ts',
    text: '  words: ({ toyMm }, _verdict, say) => `a toy of ${say.length(toyMm)}`,\n',
    complains: 'core/src/plan/routes/checks/toyCheck.ts',
  },
  {
    what: 'a check without its working',
    file: 'core/src/plan/routes/checks/toyCheck.ts',
    text: "  working: ({ toyMm }) => ({\n    title: 'Toy',\n    formula: 'toy',\n    symbols: [],\n    result: { symbol: 'toy', value: toyMm, unit: 'mm' },\n    source: 'a toy',\n  }),\n",
    complains: 'core/src/plan/routes/checks/toyCheck.ts',
  },
  {
    what: 'a means without its method',
    file: 'core/src/plan/freeing/means/registry.ts',
    text: "  'toy-means': toyMeans,\n",
    complains: 'core/src/plan/freeing/means/registry.ts',
  },
  {
    what: 'a means that never says when to stop',
    file: 'core/src/plan/freeing/means/toyMeans.ts',
    text: "  stop: () => 'It is bedtime.',\n",
    complains: 'core/src/plan/freeing/means/toyMeans.ts',
  },
  {
    what: 'a choice that is taken as nothing in particular',
    file: 'core/src/judge/hole/choices/holeRows.ts',
    text: " usual: null, inHole: 'toyChoice'",
    complains: 'core/src/judge/hole/choices/holeRows.ts',
  },
  {
    what: 'a quantity without its usual range',
    file: 'core/src/judge/hole/quantities.ts',
    text: " usualD: [0, 9], inHole: 'toyReading'",
    complains: 'core/src/judge/hole/quantities.ts',
  },
  {
    what: 'an event kind that the fold drops',
    file: 'core/src/record/events/toyEvent.ts',
    text: '  apply: (file, { toy }) => {\n    file.name = toy;\n  },\n',
    complains: 'core/src/record/events/toyEvent.ts',
  },
  {
    what: 'an event kind without a shape at the border',
    file: 'contract/src/events.ts',
    text: "  'toy-event': z.strictObject({ toy: Name }),\n",
    complains: 'contract/src/conformance.ts',
  },
  {
    what: 'an event kind of another shape at the border',
    file: 'contract/src/events.ts',
    text: 'toy: Name',
    complains: 'contract/src/conformance.ts',
  },
  {
    what: 'an event kind that nothing admits',
    file: 'server/src/usecases/holes/admit.ts',
    text: "  'toy-event': byItsOwnDoor,\n",
    complains: 'server/src/usecases/holes/admit.ts',
  },
  {
    what: 'an event kind that no list can name',
    file: 'core/src/record/passport/eventWords.ts',
    text: "  'toy-event': ({ toy }) => `Toy: ${toy}`,\n",
    complains: 'core/src/record/passport/eventWords.ts',
  },
];

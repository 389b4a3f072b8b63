import { cuttingForceMpa } from '../../../judge/strength/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { holding, type Holding } from '../../cutting/index.ts';
import type { ToolId } from '../../../facts/tools/index.ts';
import { handTools, sayTools, type HandTool } from '../handTools.ts';
import type { CutJob } from '../jobs.ts';
import type { Setting } from '../setting.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type HoldFacts = Holding & { said: boolean; tools: HandTool[]; hand: boolean };

const NEEDS: Readonly<Record<Holding['by'], ToolId[]>> = {
  stays: [],
  vice: ['vice'],
  clamps: ['clamps'],
  'v-block': ['v-block', 'clamps'],
  'soft-jaws': ['vice'],
  plugged: ['v-block', 'clamps'],
  'backed-sheet': ['clamps'],
};

export function holdSteps(hole: HoleCase, setting: Setting, { drillMm, through }: CutJob): StepOf<'hold', HoldFacts>[] {
  if (drillMm === null) return [];
  const { work, parent, rules } = hole;
  const held = holding({
    inPlace: setting.inPlace,
    shape: work.shape,
    massKg: work.massKg,
    drillMm,
    forceMpa: cuttingForceMpa(parent.id),
    through,
  });
  return [
    {
      kind: 'hold',
      id: 'hold',
      minutes: setting.inPlace ? 3 : 6,
      facts: {
        ...held,
        said: work.shape !== null,
        tools: handTools(rules, ...NEEDS[held.by]),
        hand: setting.machine.kind === 'hand-drill',
      },
    },
  ];
}

const BY: Readonly<Record<Holding['by'], string>> = {
  stays:
    'The part stays where it is: see that it cannot swing, roll or come down. Side handle on the drill, elbow against the body, feet apart.',
  vice: 'In a machine vice on parallels, the face level, the vice stopped against the column so that it cannot swing.',
  clamps: 'Two clamps near the hole, packed to their own height, and a stop against the way the drill turns it.',
  'v-block': 'In a V-block, clamped over it, the hole on the highest line: touch both sides with the square.',
  'soft-jaws':
    'In soft jaws, a split bush or lead sheet: never hard jaws on splines, teeth or a thread. A stop against turning as well.',
  plugged: 'A tight plug inside under the hole, so that it is not crushed; then in a V-block, clamped beside the plug.',
  'backed-sheet': 'Flat on wood or scrap, clamped all round: sheet climbs the drill and cuts like a knife.',
};

export const hold: StepKind<HoldFacts> = {
  title: () => 'Hold the part',
  what: ({ by, said, backing, torqueNm, grabsNm }, say) =>
    `${BY[by]}${said || by === 'stays' ? '' : ' (Its shape was not said: this holds any.)'}${
      backing ? ' Hardwood or scrap tight under the far side, so that it does not burst.' : ''
    } The drill turns it with about ${say.torque(torqueNm)}, with ${say.torque(grabsNm)} when it grabs.`,
  number: noNumber,
  caution: ({ freehand, hand, by }) =>
    freehand
      ? 'Not hand-held loose: a part by hand under a drill breaks wrists.'
      : hand || by === 'stays'
        ? 'Not freehand at this size: a guide, a second pair of hands, or the machine.'
        : 'Never held by hand: at this size it is torn out of it.',
  more: ({ tools }) => (tools.length > 0 ? { tools: sayTools(tools) } : {}),
};

import type { Say } from '../../basis/units/index.ts';
import { fluidName } from '../../facts/fluids/index.ts';
import { MEANS } from '../../facts/means/index.ts';
import {
  beforeFreeing,
  beforeWords,
  cautionsOf,
  sayMeans,
  shellLeftWords,
  type CorePlan,
  type Means,
  type StuckCase,
} from '../freeing/index.ts';
import type { SaidNumber, SaidStep } from './WorkStep.ts';
import { capital } from './steps/words.ts';

const plain = (id: string, title: string, what: string, more: Partial<SaidStep> = {}): SaidStep => ({
  id,
  title,
  what,
  number: null,
  caution: null,
  ...more,
});

/** What goes on a drill in a screw: it is steel, whatever it is stuck in; water never on magnesium. */
export function coreFluidWords({ parent, stainless }: Pick<StuckCase, 'parent' | 'stainless'>): string {
  const { group } = parent;
  if (group === 'magnesium') return `A drop of ${fluidName('light-oil')}, never water: the parent burns.`;
  if (group === 'copper')
    return `${capital(fluidName('ep-oil'))} on the screw alone, wiped off the parent: active sulphur stains it.`;
  return `${capital(fluidName(stainless ? 'paste' : 'ep-oil'))}, a drop at each bite.`;
}

/** The drills of a core drilling, one step each, with where each stops and what it leaves. */
function coreSteps({ steps, depth, leaves }: CorePlan, stuck: StuckCase, say: Say): SaidStep[] {
  return steps.map(({ drill, speedRpm, thinShellMm, thickShellMm }, index) => {
    const last = index === steps.length - 1;
    const numbers: SaidNumber[] = [
      { label: 'Speed', value: `${speedRpm} rev/min`, note: 'slow: a freed screw hardens' },
    ];
    if (depth)
      numbers.push(
        {
          label: 'Stop',
          value: `touch + ${say.atMost(depth.addToTouchMm)}`,
          note: 'touch the break with the spindle still',
        },
        {
          label: 'Flag, from the tip',
          value: say.atMost(depth.flagMm),
          note: `guide ${say.length(depth.guideMm)} on the face + depth`,
        },
      );
    numbers.push({
      label: 'Shell left',
      value: `${say.length(Math.max(0, thinShellMm))} to ${say.length(thickShellMm)}`,
      note: 'thin and thick side',
    });
    return plain(
      `core-${index + 1}`,
      `Drill ${drill.id} down its middle`,
      `Stub drill, short out of its chuck, guided. Measure its offset before the next.${last ? ` ${shellLeftWords(leaves)}` : ''}`,
      {
        minutes: 5,
        noReturn: true,
        numbers,
        fluid: coreFluidWords(stuck),
        feel: 'Curls of its own metal. Another colour or crumbs: the drill has left it.',
        stop: depth?.lengthKnown
          ? 'The stop, or chips of the parent: whichever comes first.'
          : 'The stop; from there a millimetre or two at a time, while the chips are still its own.',
        caution: 'Chips are hot: brush, never fingers, never air.',
        write: ['offset', 'depth'],
      },
    );
  });
}

/**
 * The card of one means of freeing: what comes before anything, what heat asks to be looked at, its steps, the drills down the core where
 * it has them, and when to stop.
 * @param plan - of a core drilling that was simulated; null: none
 */
export function freeingCard(stuck: StuckCase, means: Means, plan: CorePlan | null, say: Say): SaidStep[] {
  const said = sayMeans(means, say);
  const before = beforeFreeing(stuck).map((id) =>
    plain(`before-${id}`, 'Before anything', beforeWords(id), { minutes: 5 }),
  );
  const ticks =
    said.ticks.length === 0
      ? []
      : [
          plain(
            'heat-ticks',
            'Before the heat, look and tick',
            `${said.ticks.map(({ words }) => capital(words)).join('. ')}.`,
            {
              minutes: 5,
              write: said.ticks.map(({ id }) => id),
            },
          ),
        ];
  const own = said.steps.map(({ what, minutes, hot }, index) =>
    plain(`${means.id}-${index + 1}`, `${said.title}, ${index + 1} of ${said.steps.length}`, what, {
      ...(minutes === null ? {} : { minutes }),
      ...(hot ? { caution: 'Hot: gloves for heat, eyes guarded, an extinguisher at hand.' } : {}),
      ...(index === said.steps.length - 1 && said.stop !== '' ? { stop: said.stop } : {}),
    }),
  );
  const drills = plan && MEANS[means.id].drillsToCore ? coreSteps(plan, stuck, say) : [];
  return [
    ...before,
    plain('strip', 'Strip down and mask', cautionsOf(stuck).join(' '), { minutes: 10 }),
    ...ticks,
    ...drills,
    ...own,
    plain(
      'after',
      'Afterwards',
      `Say what came of it: out, moved, nothing, worse.${said.spoils === '' ? '' : ` ${capital(said.spoils)}.`} Then look at the thread that is left before anything is mended.`,
      { write: ['what came of it'] },
    ),
  ];
}

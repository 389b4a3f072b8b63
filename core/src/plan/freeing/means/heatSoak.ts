import type { Say } from '../../../basis/units/index.ts';
import { MEANS } from '../../../facts/means/index.ts';
import { heatPlan, ROOM_C, type HeatPlan } from '../heatPlan.ts';
import { type MeansMethod } from '../Means.ts';
import { stuckFacts, turnWord, type StuckFacts } from '../stuckFacts.ts';

/** Less rise than this buys nothing (our estimate). */
const LEAST_RISE_C = 30;
/** Thread locker lets go about here; its maker’s sheet wins (our estimate). */
const LOCKER_C = 200;
/** Waits of one round, minutes (our estimate): oil to creep, the parent to warm through, and to cool until oil is drawn in. */
const ROUND_MINUTES = { soak: 20, heat: 5, cool: 15 } as const;

type Own = StuckFacts & HeatPlanFacts & { state: 'by-shape' | 'cold' | 'tightens' | 'locked' | 'grows' };
type HeatPlanFacts = { [Key in keyof HeatPlan]: HeatPlan[Key] };

function target({ limitC, briefC, noFlame, growthMm }: Own, say: Say): string {
  const how = noFlame ? 'hot air only, no flame' : 'hot air, or a small flame kept moving';
  const limit = say.temperature(limitC);
  return growthMm < 0
    ? `Heat the parent alone, quickly, to at most ${limit} (${how}); keep the heat off what is stuck`
    : `Heat the parent round it to at most ${limit}${briefC === null ? '' : `, for a moment ${say.temperature(briefC)}`} (${how}; temperature crayon or thermometer)`;
}

export const heatSoak: MeansMethod<Own> = {
  judge: (stuck) => {
    const plan = heatPlan(stuck);
    const byShape = stuck.what === 'coil' || stuck.what === 'tap' || stuck.what === 'extractor';
    const cold = plan.limitC <= ROOM_C + LEAST_RISE_C;
    const tightens = plan.growthMm < 0;
    const locked = stuck.why === 'locker' && (plan.briefC ?? plan.limitC) < LOCKER_C;
    const facts = { ...stuckFacts(stuck), ...plan };
    if (byShape || cold) return { verdict: 'does-not-hold', facts: { ...facts, state: byShape ? 'by-shape' : 'cold' } };
    if (tightens || locked)
      return { verdict: 'with-care', facts: { ...facts, state: tightens ? 'tightens' : 'locked' } };
    return { verdict: 'holds', facts: { ...facts, state: 'grows' } };
  },
  title: () => 'Soak and heat in turns',
  because: ({ state, limitC, briefC, growthMm, setBy }, _verdict, say) => {
    switch (state) {
      case 'by-shape':
        return 'it is held by its shape, not by rust: heat does not let it go';
      case 'cold':
        return `only ${say.temperature(limitC)} is allowed here: that grows nothing`;
      case 'tightens':
        return `the fastener grows more than the hole, by ${say.fine(-growthMm)} at ${say.temperature(limitC)}: heat the parent alone, quickly`;
      case 'locked':
        return `thread locker lets go near ${say.temperature(LOCKER_C)}, here only ${say.temperature(briefC ?? limitC)} is allowed`;
      case 'grows':
        return `at ${say.temperature(limitC)} the hole outgrows it by ${say.fine(growthMm)}${setBy === 'near' ? '; what is near sets that limit, and metal carries the heat to it: measure there' : ''}`;
    }
  },
  steps: (facts, say) => [
    {
      what: 'Penetrating oil on it; leave it to creep. Wipe off all that is loose before any heat: it burns.',
      minutes: ROUND_MINUTES.soak,
    },
    { what: `${target(facts, say)}.`, minutes: ROUND_MINUTES.heat },
    {
      what: facts.threaded
        ? `While it is hot: ${turnWord(facts)} in short turns, to and fro.`
        : 'While it is hot: try to move it along its axis.',
      minutes: null,
    },
    { what: 'Let it cool; oil again as it cools, it is drawn in.', minutes: ROUND_MINUTES.cool },
  ],
  stop: () => `${MEANS['heat-soak'].rounds} rounds without a movement: go on to the next means.`,
  spoils: ({ briefC }) => (briefC === null ? '' : 'over the limit a heat-treated casting goes soft'),
};

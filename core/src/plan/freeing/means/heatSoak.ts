import { LOCKER } from '../../../facts/fluids/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import { MEANS } from '../../../facts/means/index.ts';
import { heatPlan, ROOM_C, type HeatPlan } from '../heatPlan.ts';
import { type MeansMethod } from '../Means.ts';
import { CLOSED_WORDS, stuckFacts, turnWord, type StuckFacts } from '../stuckFacts.ts';

/** Less rise than this buys nothing (our estimate). */
const LEAST_RISE_C = 30;
/** Less difference than this, mm, is none: both grow alike. */
const ALIKE_MM = 0.001;
/** Waits of one round, minutes (our estimate): oil to creep, the parent to warm through, and to cool until oil is drawn in. */
const ROUND_MINUTES = { soak: 20, heat: 5, cool: 15 } as const;

type Own = StuckFacts &
  HeatPlanFacts & { state: 'by-shape' | 'closed' | 'cold' | 'tightens' | 'alike' | 'locked' | 'grows' };
type HeatPlanFacts = { [Key in keyof HeatPlan]: HeatPlan[Key] };

function target({ limitC, briefC, noFlame, growthMm }: Own, say: Say): string {
  const how = noFlame ? 'hot air only, no flame' : 'hot air, or a small flame kept moving';
  const limit = say.temperature(limitC);
  return growthMm < ALIKE_MM
    ? `Heat the parent alone, quickly, to at most ${limit} (${how}); keep the heat off what is stuck`
    : `Heat the parent round it to at most ${limit}${briefC === null ? '' : `, for a moment ${say.temperature(briefC)}`} (${how}; temperature crayon or thermometer)`;
}

export const heatSoak: MeansMethod<Own> = {
  judge: (stuck) => {
    const plan = heatPlan(stuck);
    const byShape = stuck.what === 'coil' || stuck.what === 'tap' || stuck.what === 'extractor';
    const cold = plan.limitC <= ROOM_C + LEAST_RISE_C;
    const tightens = plan.growthMm <= -ALIKE_MM;
    const alike = Math.abs(plan.growthMm) < ALIKE_MM;
    const locked = stuck.why === 'locker' && (plan.briefC ?? plan.limitC) < LOCKER.letsGoC;
    const facts = { ...stuckFacts(stuck), ...plan };
    const out = byShape ? 'by-shape' : facts.closed ? 'closed' : cold ? 'cold' : null;
    if (out !== null) return { verdict: 'does-not-hold', facts: { ...facts, state: out } };
    const doubtful = tightens ? 'tightens' : locked ? 'locked' : alike ? 'alike' : null;
    if (doubtful !== null) return { verdict: 'with-care', facts: { ...facts, state: doubtful } };
    return { verdict: 'holds', facts: { ...facts, state: 'grows' } };
  },
  title: () => 'Soak and heat in turns',
  because: ({ state, limitC, briefC, growthMm, setBy }, _verdict, say) => {
    switch (state) {
      case 'by-shape':
        return 'it is held by its shape, not by rust: heat does not let it go';
      case 'closed':
        return CLOSED_WORDS;
      case 'alike':
        return `hole and fastener grow alike: heat the parent alone, quickly, to at most ${say.temperature(limitC)}; the oil and the movement do the rest`;
      case 'cold':
        return `only ${say.temperature(limitC)} is allowed here: that grows nothing`;
      case 'tightens':
        return `the fastener grows more than the hole, by ${say.fine(-growthMm)} at ${say.temperature(limitC)}: heat the parent alone, quickly`;
      case 'locked':
        return `thread locker lets go near ${say.temperature(LOCKER.letsGoC)}, here only ${say.temperature(briefC ?? limitC)} is allowed`;
      case 'grows':
        return `at ${say.temperature(limitC)} the hole outgrows it by ${say.fine(growthMm)}${setBy === 'near' ? '; what is near sets that limit, and metal carries the heat to it: measure there' : ''}`;
    }
  },
  steps: (facts, say) => [
    {
      what: 'Penetrating oil on it; leave it to creep. Wipe off all that is loose before any heat: it burns.',
      minutes: ROUND_MINUTES.soak,
    },
    { what: `${target(facts, say)}.`, minutes: ROUND_MINUTES.heat, hot: true },
    {
      what: facts.threaded
        ? `While it is hot: ${turnWord(facts)} in short turns, to and fro.`
        : 'While it is hot: try to move it along its axis.',
      minutes: null,
    },
    {
      what: 'Let it cool until oil no longer smokes on it; then oil again, it is drawn in as it cools.',
      minutes: ROUND_MINUTES.cool,
    },
  ],
  stop: () => `${MEANS['heat-soak'].rounds} rounds without a movement: go on to the next means.`,
  spoils: ({ briefC }) => (briefC === null ? '' : 'over the limit a heat-treated casting goes soft'),
};

import { chipsOf } from '../chips.ts';
import { looseShellMm } from '../coreWindow.ts';
import { steps, type MeansMethod } from '../Means.ts';
import {
  drillGetsIn,
  roomTail,
  roomWords,
  startOfDrill,
  STRONG_DRILL,
  stuckFacts,
  type StuckFacts,
} from '../stuckFacts.ts';

type Own = StuckFacts & { soundChips: string; stopChips: string };

export const corePeel: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = stuckFacts(stuck);
    const chips = chipsOf(stuck);
    return {
      verdict: facts.threaded && !facts.hard && drillGetsIn(facts) ? 'with-care' : 'does-not-hold',
      facts: { ...facts, soundChips: chips.sound, stopChips: chips.stop },
    };
  },
  title: () => 'Drill to the core and peel',
  because: (facts, _verdict, say) => {
    if (!facts.threaded) return 'there is no thread to peel';
    if (facts.hard) return 'too hard to drill: it would lead the drill into the parent';
    return drillGetsIn(facts)
      ? `the parent’s thread is spared as far as the drill stays on centre: see the chances${roomTail(facts, say)}`
      : roomWords(facts, say);
  },
  steps: (facts, say) =>
    steps(
      startOfDrill(facts),
      ...(facts.strong ? [STRONG_DRILL] : []),
      `Step drills to the last that is safe, each to its stop; ${facts.soundChips} while it is still in the fastener.`,
      'After the first step measure the offset and type it: the plan is made again from it.',
      `A shell up to ${say.length(looseShellMm(facts.majorMm))} is picked out from its end with a scriber or a small chisel, turned inwards; a thicker one is relieved by the drilling: a slot across it and a broad driver, or an extractor.`,
    ),
  stop: ({ stopChips }) => `${stopChips}: the drill is in the parent.`,
  spoils: () => 'past the parent’s crest its thread is lost',
};

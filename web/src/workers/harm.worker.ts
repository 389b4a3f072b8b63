import {
  harmOfDrill,
  recommendedDrill,
  sampleHarm,
  seededRandom,
  type HarmInput,
  type HarmOfDrill,
} from '@deep-mend/core';
import type { HarmAnswer, HarmQuestion } from './harmMessages.ts';

/** The same seed for the same case: an answer that changes without a reason is not believed. */
const SEED = 1;
/** Trials of the sample that the end view shows. */
const SHOWN = 400;
/** Trials for a set-up that is only asked “what if”: a fifth of the time each, good to half a per cent. */
const LEVER_TRIALS = 20_000;

const tell = (answer: HarmAnswer) => self.postMessage(answer);
const seeded = (input: Omit<HarmInput, 'random'>): HarmInput => ({ ...input, random: seededRandom(SEED) });

// Drill by drill, with word of how far it is; the page cancels by ending the worker.
self.onmessage = ({ data }: MessageEvent<HarmQuestion>) => {
  const input = seeded(data.input);
  const sample = sampleHarm(input);
  tell({
    kind: 'cloud',
    pointsMm: Array.from({ length: SHOWN }, (_, n) => [sample.xMm[n]!, sample.yMm[n]!]),
  });
  const drills: HarmOfDrill[] = [];
  for (const mm of input.drillsMm) {
    drills.push(harmOfDrill(mm, input, sample));
    if (drills.length % 10 === 0) tell({ kind: 'progress', share: drills.length / input.drillsMm.length });
  }
  tell({ kind: 'done', drills });
  for (const lever of data.levers) {
    const other = seeded({ ...lever.input, trials: LEVER_TRIALS });
    const otherSample = sampleHarm(other);
    const best = recommendedDrill(
      other.drillsMm.map((mm) => harmOfDrill(mm, other, otherSample)),
      other,
    );
    tell({ kind: 'lever', id: lever.id, recommendedMm: best?.drillMm ?? null });
  }
};

import { harmOfDrill, sampleHarm, seededRandom, type HarmInput, type HarmOfDrill } from '@deep-mend/core';

/** The same seed for the same case: an answer that changes without a reason is not believed. */
const SEED = 1;
/** Trials of the sample that the end view shows. */
const SHOWN = 400;

// Drill by drill, with word of how far it is; the page cancels by ending the worker.
self.onmessage = ({ data }: MessageEvent<Omit<HarmInput, 'random'>>) => {
  const input = { ...data, random: seededRandom(SEED) };
  const sample = sampleHarm(input);
  self.postMessage({
    kind: 'cloud',
    pointsMm: Array.from({ length: SHOWN }, (_, n) => [sample.xMm[n], sample.yMm[n]]),
  });
  const drills: HarmOfDrill[] = [];
  for (const mm of input.drillsMm) {
    drills.push(harmOfDrill(mm, input, sample));
    if (drills.length % 10 === 0) self.postMessage({ kind: 'progress', share: drills.length / input.drillsMm.length });
  }
  self.postMessage({ kind: 'done', drills });
};

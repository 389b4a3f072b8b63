import type { SpindleSpeeds } from './Machine.ts';

const STEPLESS = /^(\d+)\s*(?:to|-|–|\.\.)\s*(\d+)$/;
/** As many as a belt, a gearbox or a chart beside the machine has. */
const MOST_STEPS = 24;
const RANGE_RPM = { least: 1, most: 60_000 } as const;

export type SpeedsRead = { ok: true; speeds: SpindleSpeeds } | { ok: false; problem: string };

const inRange = (rpm: number): boolean => rpm >= RANGE_RPM.least && rpm <= RANGE_RPM.most;
const refused = (text: string): SpeedsRead => ({
  ok: false,
  problem: `“${text.trim()}” was read; expected the speeds that it has, for example 300, 540, 950, or 60 to 2800 for a stepless one.`,
});

/**
 * Speeds as a person writes them off the machine: steps in any order, or two ends of a stepless one.
 * @example readSpeeds('540, 300 950') // { ok: true, speeds: { steps: [300, 540, 950] } }
 * @example readSpeeds('60 to 2800') // { ok: true, speeds: { fromRpm: 60, toRpm: 2800 } }
 */
export function readSpeeds(text: string): SpeedsRead {
  const tidy = text.replace(/rev\/min|rpm/gi, '').trim();
  const range = STEPLESS.exec(tidy);
  if (range) {
    const [fromRpm, toRpm] = [Number(range[1]), Number(range[2])];
    return inRange(fromRpm) && inRange(toRpm) && fromRpm < toRpm
      ? { ok: true, speeds: { fromRpm, toRpm } }
      : refused(text);
  }
  const words = tidy.split(/[\s,;]+/).filter(Boolean);
  const steps = [...new Set(words.map(Number))].sort((a, b) => a - b);
  return steps.length > 0 &&
    steps.length <= MOST_STEPS &&
    words.every((word) => /^\d+$/.test(word)) &&
    steps.every(inRange)
    ? { ok: true, speeds: { steps } }
    : refused(text);
}

/** The same written out. @example speedsWords({ steps: [300, 540] }) // '300, 540' */
export const speedsWords = (speeds: SpindleSpeeds): string =>
  'steps' in speeds ? speeds.steps.join(', ') : `${speeds.fromRpm} to ${speeds.toRpm}`;

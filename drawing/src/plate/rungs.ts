import { coilLengthWords, compareVerdicts, WAYS, type Route, type Verdict } from '@deep-mend/core';

/** One rung of the ladder: one distinct cut; insert lengths are variants of it. */
export interface Rung {
  key: string;
  title: string;
  /** Best-ranked variant, or the chosen one. */
  route: Route;
  variants: Route[];
  verdict: Verdict;
  isFirst: boolean;
}

const MOST_RUNGS = 7;

/** Cleaning up and longer screws use what is there; the others take metal. */
export const cutsMetal = ({ method }: Route): boolean => WAYS[method].drills && WAYS[method].atThisHole;

/** One distinct cut: the method and the thread that it cuts in the parent. */
export const rungKey = (route: Route): string => `${route.method}:${(route.cut.thread ?? route.thread).id}`;

/** How long a route's coil is, in words. */
const coilWords = ({ insertLengthD, thread }: Route): string =>
  coilLengthWords({ lengthD: insertLengthD ?? 0, nominalMm: (insertLengthD ?? 0) * thread.majorMm });

/** Routes grouped by cut, least metal first. Those that hold come before those that do not when room is short. */
export function rungsOf(routes: readonly Route[], selectedId: string | null): Rung[] {
  const groups = new Map<string, Route[]>();
  for (const route of routes) {
    const key = rungKey(route);
    const group = groups.get(key);
    if (group) group.push(route);
    else groups.set(key, [route]);
  }
  const rungs = [...groups].map(([key, variants]): Rung => {
    const route = variants.find((candidate) => candidate.id === selectedId) ?? variants[0]!;
    return {
      key,
      title: route.insertLengthD === null ? route.title : `${WAYS[route.method].name} ${coilWords(route)}`,
      route,
      variants,
      verdict: route.verdict,
      isFirst: variants.includes(routes[0]!),
    };
  });
  return rungs
    .filter(
      (rung) =>
        (rung.variants[0]!.verdict !== 'does-not-hold' || cutsMetal(rung.route)) &&
        (WAYS[rung.route.method].onLadder || rung.isFirst || rung.route.id === selectedId),
    )
    .sort((a, b) => compareVerdicts(a.variants[0]!.verdict, b.variants[0]!.verdict))
    .slice(0, MOST_RUNGS)
    .sort((a, b) => a.route.cut.outermostMm - b.route.cut.outermostMm || a.route.cut.boreMm - b.route.cut.boreMm);
}

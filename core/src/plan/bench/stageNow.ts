import type { FrozenPlan } from '../freeze/index.ts';
import type { CutStage } from '../profile/index.ts';
import { isInner } from '../workcard/index.ts';

/** What is fitted at a step: a coil wound in, or what a way sets by a step of its own. */
const FITS: readonly string[] = ['insert', 'own'];

/**
 * How far the cutting of a hole has come, by the steps that were done: its last drill, its last tap, what is fitted. A plug is solid
 * until what comes after it is bored in it.
 * @param done - ids of steps that were done, as the card says or otherwise
 * @example stageNow({ steps: [{ id: 'drill', kind: 'drill' }, { id: 'tap-1', kind: 'tap' }] }, new Set(['drill'])) // 'bored'
 */
export function stageNow(
  { steps }: { steps: readonly Pick<FrozenPlan['steps'][number], 'id' | 'kind'>[] },
  done: ReadonlySet<string>,
): CutStage {
  const came = (kinds: readonly string[]): boolean => {
    const last = steps.findLast(({ id, kind }) => kinds.includes(kind) && !isInner(id));
    return last !== undefined && done.has(last.id);
  };
  const innerDrill = steps.find(({ id, kind }) => kind === 'drill' && isInner(id));
  if (came(FITS)) return innerDrill && !done.has(innerDrill.id) ? 'filled' : 'fitted';
  return came(['tap']) ? 'tapped' : came(['drill']) ? 'bored' : 'found';
}

import type { HoleCase } from '../../../judge/hole/index.ts';
import { WAYS } from '../../../facts/ways/index.ts';
import type { Route } from '../../routes/index.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type OldCoilFacts = Record<string, never>;

/** A coil that is still in comes out before any drill: a drill catches its wire. */
export const oldCoilSteps = (hole: HoleCase, { method }: Route): StepOf<'old-coil', OldCoilFacts>[] =>
  hole.earlierRepair === 'wire-coil' && (hole.coilState ?? 'in') === 'in' && WAYS[method].drills
    ? [{ kind: 'old-coil', id: 'old-coil', minutes: 15, facts: {} }]
    : [];

export const oldCoil: StepKind<OldCoilFacts> = {
  title: () => 'Take the old coil out',
  what: () =>
    'Press a sharp-edged extractor into its top turn, or lift the first turn with a pick, and wind it out. Count its turns: none may stay. Try the insert tap by hand: if it runs through without cutting, a new coil is enough.',
  number: noNumber,
  caution: () => 'Wire springs out: eye protection. Never drill through it.',
};

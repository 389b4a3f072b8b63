import type { HoleCase } from '../../../judge/hole/index.ts';
import { dryWords, fluidFor, fluidName, type FluidId } from '../../../facts/fluids/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import { settledOr, tookPractice, type TakenPractice } from '../practice.ts';
import { stateOn } from '../handTools.ts';
import type { SaidTool } from '../WorkStep.ts';

/** Turns are counted in quarters. */
const QUARTERS = 4;
/** @example quarters(15.8) // 15.75 */
export const quarters = (turns: number): number => Math.floor(turns * QUARTERS + 1e-6) / QUARTERS;

/** @example capital('a step') // 'A step' */
export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** What goes on the cut: the first choice, what will do, what never. */
export type FluidFacts = {
  first: FluidId | null;
  state: SaidTool['state'];
  /** Taken because the shop settles for what is at hand. */
  atHand: boolean;
  dry: ReturnType<typeof fluidFor>['dry'];
  willDo: readonly FluidId[];
  never: readonly FluidId[];
  neverBecause: string;
  blind: boolean;
  magnesium: boolean;
  near: HoleCase['work']['near'];
};

/**
 * The fluid of one operation. Food asks for its own; a shop that takes the oil at hand does so in soft metal, never where it must not be.
 */
export function fluidFacts({ parent, rules, kind, work }: HoleCase, operation: 'drill' | 'tap'): FluidFacts {
  const row = fluidFor(parent);
  const wanted = operation === 'tap' && row.tapping !== null ? row.tapping : row.first;
  const byHand =
    settledOr(rules, 'lubricant', 'by-material') === 'at-hand' && wanted !== null && row.willDo.includes('motor-oil');
  const first = work.near === 'food' && wanted !== null ? 'food-oil' : byHand ? 'motor-oil' : wanted;
  return {
    first,
    state: first === null ? 'unlisted' : stateOn(rules.kit?.fluids, first),
    atHand: byHand && work.near !== 'food',
    dry: first === null ? row.dry : null,
    willDo: work.near === 'food' ? [] : row.willDo.filter((id) => id !== first),
    never: row.never,
    neverBecause: row.neverBecause,
    blind: kind === 'blind',
    magnesium: parent.group === 'magnesium',
    near: work.near,
  };
}

/** The school of the cutting fluid, where it is a question: dry metal and food ask for their own. */
export const fluidPractice = ({ rules, parent, work }: HoleCase): TakenPractice[] =>
  work.near === null && fluidFor(parent).willDo.includes('motor-oil')
    ? [
        tookPractice(rules, 'lubricant', {
          taken: settledOr(rules, 'lubricant', 'by-material'),
          byCase: 'by-material',
          other: 'at-hand',
        }),
      ]
    : [];

const list = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} or ${words.at(-1)}`;

/** The fluid in words: what, how much, what else, what never. */
export function fluidWords(facts: FluidFacts): string {
  const { first, state, dry, willDo, never, neverBecause, blind, magnesium, near } = facts;
  const parts: string[] = [];
  if (first === null) parts.push(`Dry: ${dryWords(dry ?? 'powder')}.`);
  else parts.push(`${capital(fluidName(first))}${state === 'missing' ? ' (not in the crib)' : ''}.`);
  if (willDo.length > 0)
    parts.push(`${first === null ? 'If it squeals, a little ' : 'Will do: '}${list(willDo.map(fluidName))}.`);
  if (never.length > 0) parts.push(`Never ${list(never.map(fluidName))}: ${neverBecause}.`);
  if (magnesium) parts.push('Chips few and away; dry sand or a class D extinguisher at hand.');
  else if (first !== null)
    parts.push(
      blind
        ? 'Little: on the tool, not into the hole. Oil under a tap or a screw has nowhere to go and splits the boss.'
        : 'On the tool before each bite, so that it runs with the chips.',
    );
  if (near === 'brakes') parts.push('None of it may reach a brake: mask first, brake cleaner afterwards.');
  return parts.join(' ');
}

/** A setting of the hand, in the scale's direction. */
export const stopWords = (addMm: number, say: Say): string => `touch + ${say.atMost(addMm)}`;

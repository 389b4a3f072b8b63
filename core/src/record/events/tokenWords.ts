import { SAY, type UnitSystem } from '../../basis/units/index.ts';

// Engines before 0.5.0 recorded the lengths, loads and torques of a step as tokens in its sentence: ⟦mm:8.25⟧, ⟦N:29300⟧,
// ⟦Nm:19.6⟧. Nothing writes them any more; this is the one place that reads them.
const TOKEN = /⟦(mm|fine|N|Nm):(-?[\d.e+-]+)⟧/g;
const SAID_BY = { mm: 'length', fine: 'fine', N: 'load', Nm: 'torque' } as const;

/**
 * A recorded sentence in the reader's units.
 * @example readTokens('leaves ⟦mm:8.25⟧', 'mm') // 'leaves 8.25 mm'
 */
export const readTokens = (sentence: string, units: UnitSystem): string =>
  sentence.replace(TOKEN, (_, kind: keyof typeof SAID_BY, value: string) => SAY[units][SAID_BY[kind]](Number(value)));

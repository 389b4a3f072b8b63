import { formatLengthWithUnit, type UnitSystem } from './formatLength.ts';

// Sentences are written where the judgement is made, but display units belong to the edge. A length or load in a
// sentence is therefore a token that the edge replaces: ⟦mm:8.25⟧, ⟦N:29300⟧, ⟦Nm:19.6⟧.
const TOKEN = /⟦(mm|fine|N|Nm):(-?[\d.e+-]+)⟧/g;
const N_PER_LBF = 4.4482216152605;

/** A length inside a sentence. @example spokenLength(8.25) // '⟦mm:8.25⟧' */
export function spokenLength(mm: number): string {
  // Hundreds of these are made with every keystroke, most of them again, and writing a number out is slow.
  const known = SPOKEN.get(mm);
  if (known !== undefined) return known;
  const words = `⟦mm:${Math.round(mm * 1e4) / 1e4}⟧`;
  if (SPOKEN.size >= MOST_SPOKEN) SPOKEN.clear();
  SPOKEN.set(mm, words);
  return words;
}
const SPOKEN = new Map<number, string>();
const MOST_SPOKEN = 5000;

/** A few thousandths of a millimetre inside a sentence, where hundredths would read as nothing. */
export function spokenFine(mm: number): string {
  return `⟦fine:${Math.round(mm * 1e5) / 1e5}⟧`;
}

const UM_PER_MM = 1000;
const MM_PER_THOU = 0.0254;
/** @example formatFine(0.0114, 'mm') // '11 µm' */
export function formatFine(mm: number, system: UnitSystem): string {
  return system === 'mm' ? `${Math.round(mm * UM_PER_MM)} µm` : `${(mm / MM_PER_THOU).toFixed(1)} thou`;
}

/** A load inside a sentence. */
export function spokenLoad(newton: number): string {
  return `⟦N:${Math.round(newton)}⟧`;
}

/** A torque inside a sentence. @example spokenTorque(19.56) // '⟦Nm:19.56⟧' */
export function spokenTorque(newtonMetre: number): string {
  return `⟦Nm:${Math.round(newtonMetre * 1000) / 1000}⟧`;
}

/** A load with its unit: kN, or lbf in the inch system. @example formatLoad(29280, 'mm') // '29.3 kN' */
export function formatLoad(newton: number, system: UnitSystem): string {
  return system === 'mm' ? `${(newton / 1000).toFixed(1)} kN` : `${Math.round(newton / N_PER_LBF / 10) * 10} lbf`;
}

const NM_PER_LBF_FT = 1.3558179483;

/** A torque with its unit: Nm, or lbf·ft in the inch system. @example formatTorque(25, 'mm') // '25 Nm' */
export function formatTorque(newtonMetre: number, system: UnitSystem): string {
  return system === 'mm'
    ? `${newtonMetre.toFixed(newtonMetre < 10 ? 1 : 0)} Nm`
    : `${(newtonMetre / NM_PER_LBF_FT).toFixed(1)} lbf·ft`;
}

type SpokenKind = 'mm' | 'fine' | 'N' | 'Nm';
const SPOKEN_AS: Readonly<Record<SpokenKind, (value: number, system: UnitSystem) => string>> = {
  mm: (mm, system) => formatLengthWithUnit(mm, system, system === 'mm' ? 2 : 3),
  fine: formatFine,
  N: formatLoad,
  Nm: formatTorque,
};

/**
 * Puts a sentence's lengths, loads and torques into the reader's units.
 * @example speak('leaves ⟦mm:8.25⟧', 'mm') // 'leaves 8.25 mm'
 */
export function speak(sentence: string, system: UnitSystem): string {
  return sentence.replace(TOKEN, (_, kind: SpokenKind, value: string) => SPOKEN_AS[kind](Number(value), system));
}

import { formatLengthWithUnit, type UnitSystem } from './formatLength.ts';
import { PRECISION } from './precision.ts';
import { inchToMm, mmToInch } from './inch.ts';

const UM_PER_MM = 1000;
const MM_PER_THOU = inchToMm(0.001);
/** Exact by definition: the pound-force; with the foot, the torque. */
const N_PER_LBF = 4.4482216152605;
const NM_PER_LBF_FT = 1.3558179483;

/** @example formatFine(0.0114, 'mm') // '11 µm' */
export function formatFine(mm: number, system: UnitSystem): string {
  return system === 'mm' ? `${Math.round(mm * UM_PER_MM)} µm` : `${(mm / MM_PER_THOU).toFixed(1)} thou`;
}

/** A load with its unit: kN, or lbf in the inch system. @example formatLoad(29280, 'mm') // '29.3 kN' */
export function formatLoad(newton: number, system: UnitSystem): string {
  return system === 'mm' ? `${(newton / 1000).toFixed(1)} kN` : `${Math.round(newton / N_PER_LBF / 10) * 10} lbf`;
}

/** An area to three digits, in the square of the unit of length. @example formatArea(36.6, 'in') // '0.0567 in²' */
export const formatArea = (mm2: number, system: UnitSystem): string =>
  system === 'mm' ? `${mm2.toPrecision(3)} mm²` : `${mmToInch(mmToInch(mm2)).toPrecision(3)} in²`;

/** A torque with its unit: Nm, or lbf·ft in the inch system. @example formatTorque(25, 'mm') // '25 Nm' */
export function formatTorque(newtonMetre: number, system: UnitSystem): string {
  return system === 'mm'
    ? `${newtonMetre.toFixed(newtonMetre < 10 ? 1 : 0)} Nm`
    : `${(newtonMetre / NM_PER_LBF_FT).toFixed(1)} lbf·ft`;
}

/**
 * A torque as it is typed, in Nm: a bare number is in the system's own unit; null: no torque.
 * @example parseTorqueNm('18 lbf·ft', 'mm') // 24.4
 */
export function parseTorqueNm(text: string, system: UnitSystem): number | null {
  const found = /^(\d{1,6}(?:[.,]\d{1,3})?)\s*(nm|lbf·ft|lbf\.ft|lbf ft|ft lb|ft·lbf)?$/i.exec(text.trim());
  if (!found) return null;
  const value = Number(found[1]!.replace(',', '.'));
  const isMetric = found[2] === undefined ? system === 'mm' : found[2].toLowerCase() === 'nm';
  return isMetric ? value : value * NM_PER_LBF_FT;
}

/**
 * A load as it is typed, in N: a bare number is in the unit that is shown, kN or lbf; null: no load.
 * @example parseLoadN('12,5', 'mm') // 12500
 */
export function parseLoadN(text: string, system: UnitSystem): number | null {
  const found = /^(\d{1,7}(?:[.,]\d{1,3})?)\s*(kn|n|lbf|lb)?$/i.exec(text.trim());
  if (!found) return null;
  const value = Number(found[1]!.replace(',', '.'));
  const unit = found[2]?.toLowerCase() ?? (system === 'mm' ? 'kn' : 'lbf');
  return unit === 'kn' ? value * 1000 : unit === 'n' ? value : value * N_PER_LBF;
}

/** A temperature with its unit: °C, or °F in the inch system. @example formatTemperature(150, 'in') // '302 °F' */
export function formatTemperature(celsius: number, system: UnitSystem): string {
  return system === 'mm' ? `${Math.round(celsius * 10) / 10} °C` : `${Math.round(celsius * 1.8 + 32)} °F`;
}

const MM_PER_FOOT = inchToMm(12);

/** A cutting speed with its unit: m/min, or ft/min in the inch system. @example formatCuttingSpeed(19.95, 'in') // '65 ft/min' */
export const formatCuttingSpeed = (mPerMin: number, system: UnitSystem): string =>
  system === 'mm' ? `${Math.round(mPerMin)} m/min` : `${Math.round((mPerMin * UM_PER_MM) / MM_PER_FOOT)} ft/min`;

/** How the reader of a sentence says its numbers. Passed to whatever writes words, never to what computes. */
export interface Say {
  units: UnitSystem;
  /** To a hundredth of a millimetre or a thousandth of an inch. */
  length: (mm: number) => string;
  /** What a hand can set, 0.1 mm or 0.005 in: never more than it is, never less. */
  atMost: (mm: number) => string;
  atLeast: (mm: number) => string;
  /** A limit that is held against a gauge, as its table prints it. */
  fineLength: (mm: number) => string;
  /** A few thousandths of a millimetre, where hundredths would read as nothing. */
  fine: (mm: number) => string;
  load: (newton: number) => string;
  torque: (newtonMetre: number) => string;
  temperature: (celsius: number) => string;
  /** How fast a cutting edge goes. */
  cuttingSpeed: (mPerMin: number) => string;
}

// A sentence's number was always rounded like this before it was written; a recorded card is held against it.
const tidy = (value: number, per: number) => Math.round(value * per) / per;

/** What a hand can set on a scale, in each system. */
const SET_STEP: Readonly<Record<UnitSystem, number>> = { mm: 0.1, in: inchToMm(0.005) };

/**
 * A length that a hand sets, rounded to the safe side.
 * @example settableMm(23.24, 'mm', Math.floor) // 23.2
 */
export const settableMm = (mm: number, units: UnitSystem, round: (steps: number) => number): number => {
  const steps = mm / SET_STEP[units];
  // A whole number of steps stays one, whatever the last bit says.
  const whole = Math.abs(steps - Math.round(steps)) < 1e-6 ? Math.round(steps) : round(steps);
  return whole * SET_STEP[units];
};
const settable = (mm: number, units: UnitSystem, round: (steps: number) => number) =>
  formatLengthWithUnit(settableMm(mm, units, round), units, PRECISION.depth[units]);

const inUnits = (units: UnitSystem): Say => ({
  units,
  length: (mm) => formatLengthWithUnit(tidy(mm, 1e4), units, PRECISION.caliper[units]),
  fineLength: (mm) => formatLengthWithUnit(mm, units, PRECISION.limit[units]),
  atMost: (mm) => settable(mm, units, Math.floor),
  atLeast: (mm) => settable(mm, units, Math.ceil),
  fine: (mm) => formatFine(tidy(mm, 1e5), units),
  load: (newton) => formatLoad(Math.round(newton), units),
  torque: (newtonMetre) => formatTorque(tidy(newtonMetre, 1e3), units),
  temperature: (celsius) => formatTemperature(celsius, units),
  cuttingSpeed: (mPerMin) => formatCuttingSpeed(mPerMin, units),
});

/** The two systems that a shop may think in. @example SAY.in.length(8.25) // '0.325 in' */
export const SAY: Readonly<Record<UnitSystem, Say>> = { mm: inUnits('mm'), in: inUnits('in') };

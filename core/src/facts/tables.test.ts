import { expectedBoreMm } from './drills/index.ts';
import { COIL_LENGTHS_D, coilEffectiveLengthMm, coilHole, coilIsMadeFor } from './inserts/index.ts';
import { FASTENER_CLASS_NAMES, fastenerClass, parentById, PARENTS } from './materials/index.ts';
import { FASTENER_CLASSES } from './materials/tables/fastenerClasses.ts';
import { THREADS, unifiedIncrementsInch } from './threads/index.ts';
import { BY_DIAMETER_UM, BY_PITCH_UM } from './threads/tables/isoTolerances.ts';
import { LETTER_DRILL_TENTHOUSANDTHS, NUMBER_DRILL_TENTHOUSANDTHS } from '../basis/units/index.ts';

test('parents: unique, low end not above the high end, shear within reason', () => {
  expect(new Set(PARENTS.map((parent) => parent.id)).size).toBe(PARENTS.length);
  expect(PARENTS.length).toBeGreaterThanOrEqual(12);
  for (const parent of PARENTS) {
    expect(parent.tensileLowMpa).toBeLessThanOrEqual(parent.tensileHighMpa);
    expect(parent.shearRatio).toBeGreaterThan(0.5);
    expect(parent.shearRatio).toBeLessThanOrEqual(1);
  }
  expect(() => parentById('cheese')).toThrow('unknown-material');
});

test('fastener classes: proof below tensile, and the split at 16 mm and 3/4 in', () => {
  for (const row of FASTENER_CLASSES) expect(row.proofMpa).toBeLessThan(row.tensileMpa);
  expect([fastenerClass('8.8', 16).tensileMpa, fastenerClass('8.8', 16.1).tensileMpa]).toEqual([800, 830]);
  expect(fastenerClass('grade-2', 19.05).tensileMpa).toBeCloseTo(74 * 6.894757, 6);
  expect(fastenerClass('grade-2', 19.1).tensileMpa).toBeCloseTo(60 * 6.894757, 6);
  expect(new Set(FASTENER_CLASS_NAMES.map((row) => row.id)).size).toBe(FASTENER_CLASS_NAMES.length);
  expect(() => fastenerClass('99.9', 8)).toThrow('unknown-fastener-class');
});

test('number drills fall, letter drills rise, and the two meet at A and 1', () => {
  const numbers = Object.values(NUMBER_DRILL_TENTHOUSANDTHS);
  expect(numbers).toHaveLength(80);
  expect([...numbers].sort((a, b) => b - a)).toEqual(numbers);
  const letters = Object.values(LETTER_DRILL_TENTHOUSANDTHS);
  expect(letters).toHaveLength(26);
  expect([...letters].sort((a, b) => a - b)).toEqual(letters);
  expect(letters[0]).toBeGreaterThan(numbers[0]!);
});

// ISO 965-1: the tables are held because R40 rounding (steps of 6 %) makes the formulas miss; they must still be near.
test('ISO tolerance rows are near their formulas, and coarser grades are wider', () => {
  for (const row of BY_PITCH_UM) {
    const p = row.pitchMm;
    const td1 = p < 1 ? 433 * p - 190 * p ** 1.22 : 230 * p ** 0.7;
    expect(Math.abs(row.td1[6]! - td1) / td1).toBeLessThan(0.055);
    const td = 180 * Math.cbrt(p * p) - 3.15 / Math.sqrt(p);
    expect(Math.abs(row.tdGrade6 - td) / td).toBeLessThan(0.055);
    expect([row.td1[4]!, row.td1[5]!, row.td1[6]!, row.td1[7] ?? 999]).toEqual(
      [row.td1[4]!, row.td1[5]!, row.td1[6]!, row.td1[7] ?? 999].sort((a, b) => a - b),
    );
    expect(Math.abs(row.esG - (15 + 11 * p))).toBeLessThan(1.5);
  }
  for (const row of BY_DIAMETER_UM) {
    const diameter = Math.sqrt(row.overMm * row.toMm);
    const td2 = 90 * row.pitchMm ** 0.4 * diameter ** 0.1;
    expect(Math.abs(row.td2ExternalGrade6 - td2) / td2).toBeLessThan(0.055);
    expect(Math.abs(row.td2Internal[6]! / row.td2ExternalGrade6 - 1.32) / 1.32).toBeLessThan(0.055);
    expect(row.td2Internal[5]!).toBeLessThan(row.td2Internal[6]!);
  }
});

// ASME B1.1, class 2A pitch tolerance to six decimals.
test.each([
  [0.25, 20, 0.003731],
  [0.375, 16, 0.004363],
  [0.5, 13, 0.004964],
])('2A tolerance of %d-%d is %d in', (major, tpi, tolerance) => {
  expect(unifiedIncrementsInch(major, tpi).pitchExternal['2A']).toBeCloseTo(tolerance, 6);
});

// Wire coil insert holes, minor and major as printed in insert data sheets by the standard's geometry.
test.each([
  ['M5x0.8', 5.173, 6.039],
  ['M6x1', 6.217, 7.299],
  ['M8x1.25', 8.271, 9.624],
  ['M10x1.5', 10.325, 11.949],
  ['M12x1.75', 12.379, 14.273],
])('coil hole of %s', (id, minor, major) => {
  const coil = coilHole(THREADS.find((thread) => thread.id === id)!);
  expect([coil.minorMinMm, coil.majorMm]).toEqual([minor, major]);
});

test('every thread has a coil hole outside itself, and every coil length carries less than its nominal', () => {
  for (const thread of THREADS) {
    if (!coilIsMadeFor(thread)) {
      expect(() => coilHole(thread)).toThrow('no-coil');
      continue;
    }
    const coil = coilHole(thread);
    expect(coil.minorMinMm).toBeGreaterThan(thread.majorMm);
    expect(coil.pitchMaxMm).toBeLessThan(coil.majorMm);
    for (const lengthD of COIL_LENGTHS_D) {
      const nominal = lengthD * thread.majorMm;
      expect(coilEffectiveLengthMm(nominal, thread.pitchMm)).toBeLessThan(nominal);
    }
  }
});

test('a drill cuts over its size, by more when it is larger; nonsense is refused', () => {
  expect(expectedBoreMm(10) - 10).toBeCloseTo(0.101, 3);
  expect(expectedBoreMm(4.1)).toBeCloseTo(4.171, 3);
  expect(() => expectedBoreMm(NaN)).toThrow('out-of-range');
  expect(() => expectedBoreMm(-3)).toThrow('out-of-range');
});

import type { Working } from '../../basis/checks/index.ts';
import { GOLDEN_CASES } from '../../test-support/goldenCases.ts';
import { workingsOf } from './index.ts';
import { weighCase } from '../../pipeline.ts';

// A mechanic with a calculator: what each formula gives, worked from the numbers beside it and nothing else.
type Values = Record<string, number>;
const rad = (deg: number) => (deg * Math.PI) / 180;
const BY_CALCULATOR: Record<string, ((s: Values) => number) | null> = {
  'room = thickness − countersink − (length − P)': (s) => s.thickness! - s.countersink! - (s.length! - s.P!),
  'F = min(τp · Ap · C1 · C3 · q, τf · Af · C1 · C2 · q)': (s) =>
    Math.min(s.τp! * s.Ap! * s.C1! * s.C3! * s.q!, s.τf! * s.Af! * s.C1! * s.C2! * s.q!),
  'wall = edge − cut / 2; s/D = 2 · edge / cut': (s) => (2 * s.edge!) / s.cut!,
  'minor = D + 0.216506 · P; major = D + 1.299038 · P': (s) => s.D! + 1.299038 * s.P!,
  'Ap = π · d_min · (Le / P) · [P/2 + (d_min − D2_max) · tan α]': (s) =>
    Math.PI * s.d_min! * (s.Le! / s.P!) * (s.P! / 2 + (s.d_min! - s.D2_max!) * Math.tan(rad(s.α!))),
  'F = As · Rm': (s) => s.As! * s.Rm!,
  'reserve = (edge − 0.7 · cut) / (edge − 0.7 · D), never under 0': (s) =>
    Math.max(0, (s.edge! - 0.7 * s.cut!) / (s.edge! - 0.7 * s.D!)),
  'T = k · A · r · f; tap = π/16 · (0.45 · D)³ · 1600 MPa': (s) =>
    ((Math.PI / 16) * (0.45 * s.D!) ** 3 * 1600) / (s.k! * s.A! * s.r! * s.f!),
  'share = (D − drill) / (k · P)': (s) => (s.D! - s.drill!) / (s.k! * s.P!),
  'edge ≤ 0.7 · D: reserve = 0': (s) => (s.edge! <= 0.7 * s.D! ? 0 : NaN),
  'sound = thread end − damage end, never under 0': (s) => Math.max(0, s['thread end']! - s['damage end']!),
  'F = 0.4 · τ · π · d · L': (s) => 0.4 * s.τ! * Math.PI * s.d! * s.L!,
  'full thread = cylinder − (lead + 1) · P, and one P less where chips need room': (s) => s.cylinder! - 2 * s.P!,
  'F = min(τp · Ap · C1 · C3 · q, τf · Af · C1 · C2 · q, Fi)': (s) =>
    Math.min(s.τp! * s.Ap! * s.C1! * s.C3! * s.q!, s.τf! * s.Af! * s.C1! * s.C2! * s.q!, s.Fi!),
  'F = T / (K · d), at most the proof load; to 1.15 of it with care': (s) => (1000 * s.T!) / (s.K! * s.d!),
  'T = K · d · min(strip / m, 0.75 · h · proof)': (s) =>
    (s.K! * s.d! * Math.min(s.strip! / s.m!, 0.75 * s.h! * s.proof!)) / 1000,
  'ratio = strip / strip new; engaged new = min(reach − tip, thread)': (s) => s.strip! / s['strip new']!,
  'outside the strength model: ratio = 0': () => 0,
  'ring = (washer − cut) / 2': (s) => (s.washer! - s.cut!) / 2,
  'short = reach of the hole − end of the coil; 0 to one pitch': (s) => s.reach! - s.end!,
  'needed from the axis = 0.7 · cut; not measured: taken as 0.9 · D': (s) => 0.7 * s.cut!,
  'floor left = face to what lies beyond − tip of the drill': (s) => s.beyond! - s.tip!,
  'left = (old − drill) / 2, never under 0': (s) => Math.max(0, (s.old! - s.drill!) / 2),
  'turns = Le / P': (s) => s.Le! / s.P!,
  'short = wanted − reach': (s) => s.wanted! - s.reach!,
  'left = edge − cut / 2; wanted: the larger of 3 mm and 0.25 · D, never under 2 mm': (s) => s.edge! - s.cut! / 2,
  'gain = end of thread − reach': (s) => s['end of thread']! - s.reach!,
  'least = share · break': (s) => s.share! * s.break!,
  'wall = edge − keys / 2': (s) => s.edge! - s.keys! / 2,
  'need = 0.8 · D + 2 · P': (s) => 0.8 * s.D! + 2 * s.P!,
  // A comparison, not a sum.
  'hole ≥ close clearance': null,
  'the close clearance of the screw': null,
  'in service ≤ what it stands': null,
  'the drill that leaves the share of thread aimed at': null,
  'the drill must be at least the widest bore, with the reading’s doubt': null,
};

const workings = Object.entries(GOLDEN_CASES).flatMap(([label, hole]) =>
  weighCase(hole).routes.flatMap((route) =>
    workingsOf(route).map((working) => ({ where: `${label}, ${route.id}`, working })),
  ),
);

const valuesOf = (working: Working): Values =>
  Object.fromEntries(working.symbols.map(({ symbol, value }) => [symbol, value]));

test.each(Object.keys(BY_CALCULATOR))('worked again from what is shown beside it: %s', (formula) => {
  const shown = workings.filter(({ working }) => working.formula === formula);
  expect(shown.length).toBeGreaterThan(0);
  const byCalculator = BY_CALCULATOR[formula];
  for (const { where, working } of shown) {
    const { value } = working.result;
    if (!Number.isFinite(value)) throw new Error(`${where}: ${working.title} is no number`);
    if (!byCalculator) continue;
    const again = byCalculator(valuesOf(working));
    // Published tables round to a thousandth of a millimetre.
    const off = Math.abs(again - value) / Math.max(1, Math.abs(value));
    if (!(off < 1e-3)) throw new Error(`${where}: ${working.title} shows ${value}, its numbers give ${again}`);
  }
});

test('no formula is shown that is not worked again here; each names its source and the unit of every number', () => {
  const formulas = new Set(workings.map(({ working }) => working.formula));
  expect([...formulas].filter((formula) => !(formula in BY_CALCULATOR))).toEqual([]);
  for (const { working } of workings) {
    expect(working.source.length).toBeGreaterThan(3);
    for (const { value } of working.symbols) expect(Number.isFinite(value)).toBe(true);
    if (working.range) expect(working.range.low).toBeLessThanOrEqual(working.range.high);
  }
});

import { freezePlan } from '../../plan/freeze/index.ts';
import { weighCase } from '../../pipeline.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import { blankFile, type HoleFile, type MendEntry } from '../events/index.ts';
import { ownFigures, type OwnFigure } from './index.ts';

const plan = freezePlan(
  weighCase(holeCase({ damageTo: { mm: 20, halfWidthMm: 0 }, strippedThroughout: true })),
  'wire-coil:M8x1.25:2D',
);
const drillMm = (plan.steps.find(({ kind }) => kind === 'drill')!.facts as { diameterMm: number }).diameterMm;

const mend = (changes: Partial<MendEntry> = {}): MendEntry =>
  ({ id: 'm', planId: 'p', plan, outcome: 'mended', steps: [], results: null, ...changes }) as MendEntry;
const fileOf = (mends: MendEntry[], changes: Partial<HoleFile> = {}): HoleFile => ({
  ...blankFile(),
  choices: { parentId: 'aluminium-6xxx' },
  mends,
  ...changes,
});
const found = (mm: number, simulated?: true) => mend({ results: [{ id: 'bore', mm, simulated }] });
const only = (figures: OwnFigure[], kind: OwnFigure['kind']) => figures.filter((figure) => figure.kind === kind);

test('bores gauged give each machine its oversize, with count and spread, beside the printed estimate', () => {
  const over = [0.05, 0.07, 0.09];
  const [figure] = only(ownFigures(over.map((mm) => fileOf([found(drillMm + mm)]))), 'oversize');
  expect(figure).toMatchObject({ count: 3, mean: expect.closeTo(0.07, 9), spread: expect.closeTo(0.02, 9) });
  // (2 + 5·D) thou at 8.3 mm.
  expect(figure!.printed).toBeCloseTo(0.0254 * (2 + (5 * drillMm) / 25.4), 4);
  expect(only(ownFigures([fileOf([found(drillMm + 0.05)])]), 'oversize')[0]!.spread).toBeNull();
  // What a stand-in sent is made up.
  expect(only(ownFigures([fileOf([found(8.4, true)])]), 'oversize')).toEqual([]);
});

test('steps give a way its minutes, only where every one of them was told with its time', () => {
  const wanted = plan.steps.filter(({ afterProof }) => !afterProof);
  const told = wanted.map(({ id }) => ({ stepId: id, planId: 'p', seconds: 120 }) as MendEntry['steps'][number]);
  const [figure] = only(ownFigures([fileOf([mend({ steps: told })])]), 'minutes');
  expect(figure).toMatchObject({ id: 'wire-coil', mean: 2 * wanted.length, printed: 35 });
  expect(only(ownFigures([fileOf([mend({ steps: told.slice(1) })])]), 'minutes')).toEqual([]);
});

test('a way has its record in a metal: held, or the hole came back', () => {
  const held = fileOf([mend()]);
  const back = fileOf([mend(), mend({ outcome: 'open', plan: null })]);
  const [figure] = only(ownFigures([held, held, held, back]), 'came-back');
  expect([figure!.count, figure!.mean, figure!.name]).toEqual([
    4,
    0.25,
    expect.stringMatching(/^Wire coil, aluminium/),
  ]);
  // What another shop did, or nobody finished, is no record of ours.
  expect(only(ownFigures([fileOf([mend({ outcome: 'given-up' })])]), 'came-back')).toEqual([]);
});

test('the same read twice by two people gives the instrument its real doubt; by one, or struck out, it does not', () => {
  const reading = (mm: number, actor: string, state = 'superseded') =>
    ({ quantity: 'depth', instrument: 'caliper', mm, actor, state }) as HoleFile['readings'][number];
  const doubt = (...readings: HoleFile['readings']) => only(ownFigures([fileOf([], { readings })]), 'doubt');
  const [figure] = doubt(reading(20, 'A'), reading(20.1, 'B', 'live'));
  expect(figure).toMatchObject({ id: 'caliper', count: 1, printed: 0.05, spread: null });
  expect(figure!.mean).toBeCloseTo((1.96 * 0.1) / Math.SQRT2, 9);
  expect(doubt(reading(20, 'A'), reading(20.1, 'A', 'live'))).toEqual([]);
  expect(doubt(reading(20, 'A'), reading(20.1, 'B', 'struck'))).toEqual([]);
});

import type { ParentMaterial } from '../../facts/materials/index.ts';
import { tappingLoad, type TappingLoad } from '../../judge/strength/index.ts';

/** Wear and a dry or wrong fluid each add this to the factor of a sharp tap with the right fluid, 1.5; together 2.5 (docs/methods.md, The work card). */
const SHARP = 1.5;
const WORN_ADDS = 0.5;
const DRY_ADDS = 0.5;
/** Beyond this depth in diameters chips and friction add a tenth a diameter (our estimate). */
const DEEP_FROM_D = 1.5;
const DEEP_ADDS_PER_D = 0.1;
/** Two taps share the groove: the second cuts about this share of it (our estimate). */
const TWO_TAPS_SHARE = 0.6;

/** One line of the scale: what is done, and how many times stronger the tap then is than its cut. */
export type LoadLine = { id: LoadCase; ratio: number };
export type LoadCase = 'as-planned' | 'worn' | 'dry' | 'worn-dry' | 'larger-drill' | 'two-taps' | 'counter-drill';

/** Where a tap stands on the scale: over 5 easy, over 3 with feel, over 2 with care, else it snaps. */
export type LoadBand = 'easy' | 'feel' | 'care' | 'snaps';
export const LOAD_BANDS: readonly { from: number; band: LoadBand }[] = [
  { from: 5, band: 'easy' },
  { from: 3, band: 'feel' },
  { from: 2, band: 'care' },
  { from: 0, band: 'snaps' },
];
/** @example loadBand(4) // 'feel' */
export const loadBand = (ratio: number): LoadBand => LOAD_BANDS.find(({ from }) => ratio >= from)!.band;

export type LoadScale = { torqueNm: number; snapsAtNm: number; lines: LoadLine[] };

type Cut = Parameters<typeof tappingLoad>[0];

/**
 * The load of a tap as a scale: as planned, with a worn tap, with the wrong fluid or none, and what each remedy buys. An estimate.
 * @param larger - bore of the next drill inside the class; null where there is none
 * @param counterMm - depth that may be bored clear, off the depth that is tapped
 */
export function loadScale(
  cut: Cut,
  boreMm: number,
  parent: ParentMaterial,
  job: { depthMm: number; largerBoreMm: number | null; counterMm: number | null; twoTaps: boolean },
): LoadScale {
  const { depthMm, largerBoreMm, counterMm, twoTaps } = job;
  const load = tappingLoad(cut, boreMm, parent);
  const deep = (mm: number) => 1 + DEEP_ADDS_PER_D * Math.max(0, mm / cut.majorMm - DEEP_FROM_D);
  const ratio = (one: TappingLoad, factor = SHARP, mm = depthMm) =>
    (one.ratio * SHARP) / factor / deep(mm) / (twoTaps ? TWO_TAPS_SHARE : 1);
  const planned = ratio(load);
  const lines: LoadLine[] = [
    { id: 'as-planned', ratio: planned },
    { id: 'worn', ratio: ratio(load, SHARP + WORN_ADDS) },
    { id: 'dry', ratio: ratio(load, SHARP + DRY_ADDS) },
    { id: 'worn-dry', ratio: ratio(load, SHARP + WORN_ADDS + DRY_ADDS) },
  ];
  if (largerBoreMm !== null) lines.push({ id: 'larger-drill', ratio: ratio(tappingLoad(cut, largerBoreMm, parent)) });
  if (!twoTaps) lines.push({ id: 'two-taps', ratio: planned / TWO_TAPS_SHARE });
  if (counterMm !== null && counterMm > 0 && deep(depthMm) > 1)
    lines.push({ id: 'counter-drill', ratio: ratio(load, SHARP, Math.max(0, depthMm - counterMm)) });
  return { torqueNm: (load.torqueNm * load.ratio) / planned, snapsAtNm: load.snapsAtNm, lines };
}

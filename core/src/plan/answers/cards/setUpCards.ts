import { SAY } from '../../../basis/units/index.ts';
import { rackDrills } from '../../../facts/drills/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';
import { threadGeometry } from '../../../facts/threads/index.ts';
import { drillPointMm, flagSetting, stopSettingMm } from '../../cutting/index.ts';
import { EXTRACTOR_DRILL, extractorLimitNm } from '../../freeing/index.ts';
import { boltCircle } from '../../layout/index.ts';
import type { AnswerShop } from '../AnswerShop.ts';
import type { FiguresCard } from '../FiguresCard.ts';

/** Metal left under the tip where nobody says how much (our estimate). */
const USUAL_MARGIN_MM = 2;

/**
 * Where a flag goes on a drill above a guide plate: from the tip, guide + gap + depth. Without a depth it goes as deep as the
 * wall less a margin; wall + guide is where the tip breaks through, and never a setting.
 */
export function flagCard(
  input: {
    wallMm: number | null;
    plateMm: number;
    gapMm: number;
    depthMm: number | null;
    marginMm: number | null;
    drillMm: number | null;
  },
  shop: AnswerShop,
): FiguresCard | null {
  const say = SAY[shop.units];
  const { wallMm, plateMm, gapMm, drillMm } = input;
  const marginMm = input.marginMm ?? USUAL_MARGIN_MM;
  const toTipMm =
    input.depthMm === null
      ? wallMm === null
        ? null
        : wallMm - marginMm
      : input.depthMm + (drillMm ? drillPointMm(drillMm) : 0);
  if (toTipMm === null || toTipMm <= 0) return null;
  const { flagMm, breaksAtMm: throughMm, alarm: breaks } = flagSetting({ guideMm: plateMm, gapMm, toTipMm, wallMm });
  return {
    kind: 'figures',
    topic: 'flag',
    title: `Flag above a guide ${say.length(plateMm)} thick`,
    figures: [
      {
        label: 'Flag, from the tip',
        value: flagMm,
        unit: 'mm',
        note: breaks
          ? 'at this the tip is through the wall: do not set it'
          : `guide + gap + ${say.length(toTipMm)} to the tip${input.depthMm === null ? `, ${say.length(marginMm)} short of the wall’s far side` : ''}`,
      },
      ...(throughMm === null
        ? []
        : [
            {
              label: 'Breaks through at',
              value: throughMm,
              unit: 'mm',
              note: 'wall + guide: never the setting',
            } as const,
          ]),
    ],
    notes: [
      'A clamped collar rather than tape: tape slides. Check it after each hole.',
      ...(drillMm
        ? [`The point, ${say.length(drillPointMm(drillMm))} of a 118° drill, is added: the depth is to the shoulder.`]
        : ['The depth is to the tip; to the shoulder, say the drill as well.']),
    ],
    workings: [
      {
        title: 'Flag on the drill',
        formula: 'flag = guide + gap + depth to the tip',
        symbols: [
          { symbol: 'guide', meaning: 'thickness of the guide', value: plateMm, unit: 'mm' },
          { symbol: 'gap', meaning: 'shim or gap under it', value: gapMm, unit: 'mm' },
          { symbol: 'depth', meaning: 'from the face to the tip', value: toTipMm, unit: 'mm' },
        ],
        result: { symbol: 'flag', value: flagMm, unit: 'mm' },
        source: 'geometry',
      },
    ],
  };
}

/** Setting of a depth stop: what the scale reads at touch, and the depth, with the point where it is to the shoulder. */
export function stopCard(touchMm: number, depthMm: number, drillMm: number | null, shop: AnswerShop): FiguresCard {
  const say = SAY[shop.units];
  const pointMm = drillMm === null ? 0 : drillPointMm(drillMm);
  const toTipMm = depthMm + pointMm;
  const value = stopSettingMm({ touchMm, depthMm: toTipMm, growsDown: true });
  const upwardMm = stopSettingMm({ touchMm, depthMm: toTipMm, growsDown: false });
  return {
    kind: 'figures',
    topic: 'stop',
    title: `Stop, from a reading of ${say.length(touchMm)} at touch`,
    figures: [
      { label: 'Set the stop at', value, unit: 'mm', note: 'on a scale that grows downward' },
      { label: 'On one that grows upward', value: upwardMm, unit: 'mm' },
    ],
    notes: [
      drillMm === null
        ? 'The depth is to the tip. To the shoulder, say the drill as well: its point comes on top.'
        : `The point of a 118° drill, ${say.length(pointMm)}, is added: the depth is to the shoulder.`,
      'Touch the face with the spindle still, the quill’s play taken up downward; check after the first hole.',
    ],
    workings: [
      {
        title: 'Depth stop',
        formula: 'stop = touch + depth + point',
        symbols: [
          { symbol: 'touch', meaning: 'reading at touch', value: touchMm, unit: 'mm' },
          { symbol: 'depth', meaning: 'depth asked for', value: depthMm, unit: 'mm' },
          { symbol: 'point', meaning: 'point of the drill, 0.300 d', value: pointMm, unit: 'mm' },
        ],
        result: { symbol: 'stop', value, unit: 'mm' },
        source: 'geometry',
      },
    ],
  };
}

/** Holes on a circle: step, chord and coordinates from the centre. */
export function circleCard(holes: number, diameterMm: number, shop: AnswerShop): FiguresCard {
  const say = SAY[shop.units];
  const { points, chordMm, indexDeg } = boltCircle({ diameterMm, holes });
  // No “−0”: a cosine of a right angle is not quite nothing.
  const at = (mm: number) => say.length(Math.round(mm * 1e4) / 1e4 + 0);
  return {
    kind: 'figures',
    topic: 'circle',
    title: `${holes} holes on a circle of ${say.length(diameterMm)}`,
    figures: [
      { label: 'Hole to hole, straight', value: chordMm, unit: 'mm', note: 'centre to centre of neighbours' },
      { label: 'Step', value: indexDeg, unit: 'deg', note: 'round the centre' },
    ],
    notes: [
      points
        .slice(0, LISTED_HOLES)
        .map(({ hole, xMm, yMm }) => `${hole}: ${at(xMm)}, ${at(yMm)}`)
        .join(' · ') + (points.length > LISTED_HOLES ? ' …' : ''),
      'From the centre, hole 1 along x, counted anticlockwise. The chord checks the last hole against the first.',
    ],
    workings: [
      {
        title: 'Holes on a circle',
        formula: 'chord = D · sin(180° / n); x = D/2 · cos, y = D/2 · sin',
        symbols: [
          { symbol: 'D', meaning: 'circle', value: diameterMm, unit: 'mm' },
          { symbol: 'n', meaning: 'holes', value: holes, unit: '' },
        ],
        result: { symbol: 'chord', value: chordMm, unit: 'mm' },
        source: 'geometry',
      },
    ],
  };
}
const LISTED_HOLES = 12;

/** Depths at which a tilt is shown. */
const SHOWN_OVER_MM = [25, 100] as const;

/** A gap seen over a length, as an angle and over other lengths. */
export function tiltCard(gapMm: number, overMm: number, shop: AnswerShop): FiguresCard {
  const say = SAY[shop.units];
  const value = (Math.atan(gapMm / overMm) * 180) / Math.PI;
  return {
    kind: 'figures',
    topic: 'tilt',
    title: `${say.length(gapMm)} over ${say.length(overMm)}`,
    figures: [
      { label: 'Leans by', value, unit: 'deg' },
      ...SHOWN_OVER_MM.map((mm) => ({
        label: `Over ${say.length(mm)}`,
        value: (gapMm / overMm) * mm,
        unit: 'mm' as const,
      })),
    ],
    notes: ['Look from two sides at right angles: the lean is √(a² + b²) of the two, up to 1.41 times the larger.'],
    workings: [
      {
        title: 'Lean',
        formula: 'angle = atan(gap / length)',
        symbols: [
          { symbol: 'gap', meaning: 'gap at the square, or lean of the pin', value: gapMm, unit: 'mm' },
          { symbol: 'length', meaning: 'over which it was read', value: overMm, unit: 'mm' },
        ],
        result: { symbol: 'angle', value, unit: '°' },
        source: 'geometry',
      },
    ],
  };
}

/** The drill before a screw extractor, and the torque that snaps it. */
export function extractorCard(thread: Thread, shop: AnswerShop): FiguresCard {
  const say = SAY[shop.units];
  const { majorMm } = thread;
  const [low, high] = [EXTRACTOR_DRILL.low * majorMm, EXTRACTOR_DRILL.high * majorMm];
  const owned = shop.rules.kit?.extractorDrillsMm;
  const fits = (mm: number) => mm >= low - 1e-9 && mm <= high + 1e-9;
  const pair = owned?.find(fits) ?? null;
  const drill = rackDrills(shop.rack).find(({ diameterMm }) => fits(diameterMm));
  const mm = pair ?? drill?.diameterMm ?? null;
  return {
    kind: 'figures',
    topic: 'extractor',
    title: `Extractor for a stuck ${thread.designation}`,
    figures: [
      {
        label: 'Drill first',
        value: mm,
        unit: 'mm',
        note:
          mm === null
            ? `none in the rack between ${say.length(low)} and ${say.length(high)}`
            : `${say.length(low)} to ${say.length(high)}${pair === null ? '; the extractor’s own drill wins' : ', the pair of one in the crib'}`,
      },
      {
        label: 'Never more than',
        value: mm === null ? null : extractorLimitNm(mm),
        unit: 'Nm',
        note: 'it snaps: estimate',
      },
    ],
    notes: [
      `${thread.hand === 'left' ? 'Left-handed: it comes out clockwise, with an extractor for that.' : 'It comes out anticlockwise.'} Only where it turned before it broke: in a seized one the extractor snaps, and it is harder than any drill.`,
    ],
    workings:
      mm === null
        ? []
        : [
            {
              title: 'What snaps an extractor',
              formula: 'T = π/16 · (0.7 · drill)³ · 900 MPa',
              symbols: [{ symbol: 'drill', meaning: 'that goes before it', value: mm, unit: 'mm' }],
              result: { symbol: 'T', value: extractorLimitNm(mm), unit: 'Nm' },
              source: 'our estimate',
              estimate: true,
            },
          ],
  };
}

/** Which way a thread goes in and out, and how far a turn takes it. */
export function directionCard(thread: Thread): FiguresCard {
  const left = thread.hand === 'left';
  const { leadMm } = threadGeometry(thread);
  const [tighten, undo] = left ? ['anticlockwise', 'clockwise'] : ['clockwise', 'anticlockwise'];
  return {
    kind: 'figures',
    topic: 'direction',
    title: `${thread.designation}: ${tighten} to tighten, ${undo} to undo`,
    figures: [{ label: 'One turn advances', value: leadMm, unit: 'mm' }],
    notes: [
      'Seen from the head.',
      left
        ? 'Left-hand tap and die, turned anticlockwise to cut. An ordinary drill, turning clockwise, helps a broken one out; a left-hand drill drives it deeper. Mark it.'
        : 'A left-hand drill, turning anticlockwise, helps a broken one out.',
      'Two nuts locked on a stud: the lower one takes it out, the upper one drives it in, whatever the hand.',
    ],
    workings: [
      {
        title: 'Advance of a turn',
        formula: 'lead = pitch · starts',
        symbols: [
          { symbol: 'pitch', meaning: 'crest to crest', value: thread.pitchMm, unit: 'mm' },
          { symbol: 'starts', meaning: 'threads side by side', value: thread.starts, unit: '' },
        ],
        result: { symbol: 'lead', value: leadMm, unit: 'mm' },
        source: 'geometry',
      },
    ],
  };
}

import { SAY } from '../../../basis/units/index.ts';
import {
  chooseTapDrill,
  expectedBoreMm,
  rackDrills,
  shareOfBasicHeight,
  shareOfThread,
  shareWorking,
} from '../../../facts/drills/index.ts';
import { COIL_LENGTHS_D, coilEffectiveLengthMm, coilHole, coilHoleWorking } from '../../../facts/inserts/index.ts';
import type { FastenerClassRow, ParentMaterial } from '../../../facts/materials/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';
import { boreWords, judgeBore } from '../../../judge/damage/index.ts';
import { NUT_FACTOR, preloadN, proofLoadN, NAMED_SHARE_OF_PROOF } from '../../../judge/strength/index.ts';
import { holdsShank } from '../../../facts/machines/index.ts';
import {
  cuttingSpeedFtPerMin,
  cuttingSpeedMPerMin,
  depthBudget,
  depthBudgetWorking,
  drillSpeed,
  isHeatShy,
  SPEED_SHARE,
  speedOnMachine,
  tapName,
  USUAL_SHARE,
} from '../../cutting/index.ts';
import { centreDistanceMm } from '../../layout/index.ts';
import type { AnswerFigure, FiguresCard } from '../FiguresCard.ts';
import type { AnswerShop } from '../AnswerShop.ts';

/** The hole of a wire coil insert and what each length gives. */
export function insertCard(thread: Thread, shop: AnswerShop): FiguresCard {
  const say = SAY[shop.units];
  const coil = coilHole(thread);
  const drills = rackDrills(shop.rack).filter(
    (drill) => drill.diameterMm >= coil.minorMinMm - 1e-6 && drill.diameterMm <= coil.minorMaxMm + 1e-6,
  );
  return {
    kind: 'figures',
    topic: 'insert',
    title: `Wire coil insert for ${thread.designation}`,
    figures: [
      {
        label: 'Drill',
        value: drills[0]?.diameterMm ?? null,
        unit: 'mm',
        note: drills[0] ? `${drills[0].id}, from the rack` : 'none in the rack is within the limits',
      },
      { label: 'Bore, least', value: coil.minorMinMm, unit: 'mm', note: `${coil.tapName}` },
      { label: 'Bore, most', value: coil.minorMaxMm, unit: 'mm' },
      { label: 'Tap cuts to', value: coil.majorMm, unit: 'mm', note: 'the countersink is just over this' },
    ],
    notes: COIL_LENGTHS_D.map((lengthD) => {
      const nominalMm = lengthD * thread.majorMm;
      const usefulMm = coilEffectiveLengthMm(nominalMm, thread.pitchMm);
      return `${lengthD} D: ${say.length(nominalMm)} long, gives ${say.length(usefulMm)} of thread, blind it wants ${say.length(nominalMm + thread.pitchMm)} of full thread.`;
    }),
    workings: [coilHoleWorking(coil)],
  };
}

/** A drill held against a thread: what it leaves, whether to tap it, and what it would suit instead. */
export function fitCard(thread: Thread, drillMm: number, shop: AnswerShop): FiguresCard {
  const say = SAY[shop.units];
  const boreMm = expectedBoreMm(drillMm, shop.rack.drilling);
  const judged = judgeBore(thread, drillMm, boreMm);
  const because = boreWords(judged, say);
  // A drill that is refused is answered with the right one.
  const right =
    judged.verdict === 'does-not-hold'
      ? (chooseTapDrill(thread, { targetShare: USUAL_SHARE, tough: false, rack: shop.rack }).best?.drill.id ?? null)
      : null;
  return {
    kind: 'figures',
    topic: 'fit',
    title: `${thread.designation} on a drill of ${say.length(drillMm)}`,
    figures: [
      { label: 'Of full thread', value: judged.share, unit: 'share', note: 'by the drill’s own size' },
      {
        label: 'By the expected bore',
        value: shareOfThread(thread, boreMm),
        unit: 'share',
        note: say.length(boreMm),
      },
      {
        label: 'Of the basic height',
        value: shareOfBasicHeight(thread, drillMm),
        unit: 'share',
        note: 'the other convention',
      },
    ],
    notes: [
      `${because[0]!.toUpperCase()}${because.slice(1)}.`,
      ...(thread.taper === null
        ? [`Its class is bored ${say.length(judged.minorMinMm)} to ${say.length(judged.minorMaxMm)}.`]
        : []),
      ...(right ? [`The drill for ${thread.designation} is ${right}.`] : []),
      ...(judged.suits.length > 1
        ? [
            `It suits also ${judged.suits
              .slice(1)
              .map((other) => other.designation)
              .join(', ')}.`,
          ]
        : []),
    ],
    workings: [shareWorking(thread, drillMm)],
  };
}

/** What each tap reaches in a blind hole of this depth to the shoulder. */
export function depthCard(thread: Thread, cylinderMm: number, shop: AnswerShop): FiguresCard {
  const say = SAY[shop.units];
  const budgetInput = { cylinderMm, pitchMm: thread.pitchMm, wantedFullThreadMm: 0 };
  const budget = depthBudget(budgetInput);
  return {
    kind: 'figures',
    topic: 'depth',
    title: `${thread.designation} in a blind hole ${say.length(cylinderMm)} to the shoulder`,
    figures: budget.reaches.map((row): AnswerFigure => ({
      label: `Full thread, lead of ${row.leadThreads}`,
      value: Math.max(0, row.withChipsMm),
      unit: 'mm',
      note: `${tapName(row.leadThreads, shop.rules.tapNames)}; ${say.length(Math.max(0, row.withoutChipsMm))} without room for chips`,
    })),
    notes: [],
    workings: [depthBudgetWorking(budgetInput)],
  };
}

/** Spindle speed of a drill in a material, and what the shop's machines have of it. */
export function speedCard(drillMm: number, parent: ParentMaterial, shop: AnswerShop): FiguresCard {
  const { speedRpm, working } = drillSpeed(parent.id, drillMm);
  const say = SAY[shop.units];
  return {
    kind: 'figures',
    topic: 'speed',
    title: `Drill ${say.length(drillMm)} in ${parent.name.toLowerCase()}`,
    figures: [
      { label: 'Spindle', value: speedRpm, unit: 'rev/min', note: 'high-speed steel; carbide about three times' },
      {
        label: 'Tapping by machine',
        value: speedRpm * SPEED_SHARE.tap,
        unit: 'rev/min',
        note: 'about a third',
      },
      ...(shop.rules.machines ?? [])
        .filter((machine) => holdsShank(machine, drillMm))
        .map((machine): AnswerFigure => {
          const set = speedOnMachine(speedRpm, machine.speeds, isHeatShy(parent));
          const edge = say.cuttingSpeed(cuttingSpeedMPerMin(drillMm, set.speedRpm));
          return {
            label: `Set on ${machine.name}`,
            value: set.speedRpm,
            unit: 'rev/min',
            note: set.state === 'too-fast' ? `its slowest, and too fast: ${edge}` : edge,
          };
        }),
    ],
    notes: [parent.note, 'A machine whose slowest is still faster needs a smaller step, or the drill by hand.'],
    workings: [working],
  };
}

/** How fast a tool's edge goes at a speed. */
export function edgeSpeedCard(toolMm: number, speedRpm: number, shop: AnswerShop): FiguresCard {
  const value = cuttingSpeedMPerMin(toolMm, speedRpm);
  return {
    kind: 'figures',
    topic: 'speed',
    title: `${SAY[shop.units].length(toolMm)} at ${speedRpm} rev/min`,
    figures: [
      { label: 'Cutting speed', value, unit: 'm/min' },
      { label: 'In feet', value: cuttingSpeedFtPerMin(toolMm, speedRpm), unit: 'ft/min' },
    ],
    notes: [],
    workings: [
      {
        title: 'Cutting speed',
        formula: 'v = π · d · n / 1000',
        symbols: [
          { symbol: 'd', meaning: 'tool', value: toolMm, unit: 'mm' },
          { symbol: 'n', meaning: 'spindle', value: speedRpm, unit: 'rev/min' },
        ],
        result: { symbol: 'v', value, unit: 'm/min' },
        source: 'geometry',
      },
    ],
  };
}

/** Torque for a class of screw, or preload from a torque. */
export function torqueCard(
  thread: Thread,
  fastener: FastenerClassRow | null,
  torqueNm: number | null,
  shop: AnswerShop,
): FiguresCard {
  const states = ['dry', 'oiled', 'anti-seize'] as const;
  const proofN = fastener && proofLoadN(thread, fastener);
  const notes = [
    'K is a rule of thumb: real preload scatters by 30 %. The maker’s figure comes first. A torque meant for dry threads is never used oiled.',
  ];
  if (torqueNm !== null) {
    const highestN = preloadN(torqueNm, thread.majorMm, 'anti-seize');
    if (proofN !== null && highestN > proofN)
      notes.unshift(`With anti-seize this torque passes the proof load of a ${fastener!.name} screw.`);
    return {
      kind: 'figures',
      topic: 'torque',
      title: `Preload of ${thread.designation} from ${SAY[shop.units].torque(torqueNm)}`,
      figures: states.map((state) => ({
        label: `Preload, ${state}`,
        value: preloadN(torqueNm, thread.majorMm, state),
        unit: 'N',
        note: `K ${NUT_FACTOR[state].toFixed(2)}`,
      })),
      notes,
      workings: [torqueWorking(thread, preloadN(torqueNm, thread.majorMm, 'oiled'), 'oiled')],
    };
  }
  const wantedN = NAMED_SHARE_OF_PROOF * proofN!;
  return {
    kind: 'figures',
    topic: 'torque',
    title: `Torque of ${thread.designation}, ${fastener!.name}`,
    figures: [
      { label: 'Preload wanted', value: wantedN, unit: 'N', note: `${NAMED_SHARE_OF_PROOF * 100} % of the proof load` },
      ...states.map((state): AnswerFigure => ({
        label: `Torque, ${state}`,
        value: (NUT_FACTOR[state] * thread.majorMm * wantedN) / 1000,
        unit: 'Nm',
        note: `K ${NUT_FACTOR[state].toFixed(2)}`,
      })),
    ],
    notes,
    workings: [torqueWorking(thread, wantedN, 'oiled')],
  };
}

function torqueWorking(thread: Thread, preload: number, state: keyof typeof NUT_FACTOR) {
  return {
    title: `Torque and preload, ${thread.designation}`,
    formula: 'T = K · d · F',
    symbols: [
      { symbol: 'K', meaning: `lowest credible nut factor, ${state}`, value: NUT_FACTOR[state], unit: '' },
      { symbol: 'd', meaning: 'major diameter', value: thread.majorMm, unit: 'mm' },
      { symbol: 'F', meaning: 'preload', value: preload, unit: 'N' },
    ],
    result: { symbol: 'T', value: (NUT_FACTOR[state] * thread.majorMm * preload) / 1000, unit: 'Nm' },
    source: 'rule of thumb for K; proof load by the fastener’s class',
    estimate: true,
  };
}

/** Centre distance over or between two bolts or plugs. */
export function centresCard(
  input: { over: 'outside' | 'inside'; readMm: number; d1Mm: number; d2Mm: number },
  shop: AnswerShop,
): FiguresCard {
  const value = centreDistanceMm(input);
  const outside = input.over === 'outside';
  return {
    kind: 'figures',
    topic: 'centres',
    title: `Centre distance, ${outside ? 'outside over' : 'inside between'} two`,
    figures: [
      {
        label: 'Centre to centre',
        value,
        unit: 'mm',
        note: `${SAY[shop.units].length(input.readMm)} ${outside ? 'less' : 'plus'} half of both diameters`,
      },
    ],
    notes: ['Good plugs or bolts without play; measure twice, turning them half a turn between.'],
    workings: [
      {
        title: 'Centre distance',
        formula: outside ? 'c = outside − (d1 + d2) / 2' : 'c = inside + (d1 + d2) / 2',
        symbols: [
          { symbol: outside ? 'outside' : 'inside', meaning: 'caliper reading', value: input.readMm, unit: 'mm' },
          { symbol: 'd1', meaning: 'first diameter', value: input.d1Mm, unit: 'mm' },
          { symbol: 'd2', meaning: 'second diameter', value: input.d2Mm, unit: 'mm' },
        ],
        result: { symbol: 'c', value, unit: 'mm' },
        source: 'geometry',
      },
    ],
  };
}

import { SAY } from '../../../basis/units/index.ts';
import { chooseTapDrill } from '../../../facts/drills/index.ts';
import { fastenerClass, type ParentMaterial } from '../../../facts/materials/index.ts';
import { threadGeometry, type Thread } from '../../../facts/threads/index.ts';
import { UNKNOWN_EDGE_D } from '../../../judge/hole/index.ts';
import {
  breakFacts,
  breakLoadN,
  breakLoadWorking,
  shearAreaFacts,
  stripAreaWorking,
  stripFacts,
  stripLoad,
  stripLoadWorking,
  tappingLoad,
  tappingWorking,
  type StripInput,
} from '../../../judge/strength/index.ts';
import { targetShare } from '../../cutting/index.ts';
import type { AnswerShop } from '../AnswerShop.ts';
import type { FiguresCard } from '../FiguresCard.ts';

/** What the tap takes in a drilled hole, and what snaps it. Without a drill: the one of the shop's rack. */
export function loadCard(
  thread: Thread,
  parent: ParentMaterial,
  drillMm: number | null,
  shop: AnswerShop,
): FiguresCard | null {
  const say = SAY[shop.units];
  const target = targetShare(thread, parent, thread.majorMm, shop.rules.tapDrill);
  const best = chooseTapDrill(thread, {
    targetShare: target.share,
    lean: target.lean,
    tough: parent.cutting === 'tough',
    rack: shop.rack,
  }).best;
  const boreMm = drillMm ?? best?.drill.diameterMm ?? null;
  if (boreMm === null) return null;
  const { majorInternalMm } = threadGeometry(thread);
  const { ratio, ...load } = tappingLoad({ ...thread, majorInternalMm }, boreMm, parent);
  return {
    kind: 'figures',
    topic: 'load',
    title: `Tapping ${thread.designation} in ${parent.name.toLowerCase()}, drilled ${say.length(boreMm)}`,
    figures: [
      { label: 'Torque of the cut', value: load.torqueNm, unit: 'Nm', note: 'a sharp tap with fluid' },
      { label: 'Snaps the tap', value: load.snapsAtNm, unit: 'Nm', note: 'estimate' },
      {
        label: 'Stronger than the cut',
        value: load.torqueNm > 0 ? ratio : null,
        unit: 'times',
        note:
          ratio >= 3 ? 'enough' : ratio >= 2 ? 'under 3: a larger drill, or the second tap first' : 'under 2: it snaps',
      },
    ],
    notes: ['A worn or dry tap takes up to two thirds more. An estimate: good for telling 2 from 4.'],
    workings: [tappingWorking({ ...load, designation: thread.designation })],
  };
}

/** Taken where the question names no class (the usual one). */
const USUAL_CLASS = { metric: '8.8', inch: 'grade-5' } as const;
const classIdFor = (thread: Thread, classId: string | null): string =>
  classId ?? (thread.threadsPerInch === null ? USUAL_CLASS.metric : USUAL_CLASS.inch);

const stripOf = (thread: Thread, parent: ParentMaterial, classId: string, engagementMm: number): StripInput => ({
  thread,
  fastener: fastenerClass(classId, thread.majorMm),
  parentShearMpa: parent.tensileLowMpa * parent.shearRatio,
  engagementMm,
  dilationRatio: 2 * UNKNOWN_EDGE_D.unfavourable,
});

function takenNotes(classId: string | null, fastenerName: string): string[] {
  return [
    ...(classId === null ? [`Class not said: taken as ${fastenerName}.`] : []),
    `The low end of the material’s strength; the edge taken ${UNKNOWN_EDGE_D.unfavourable} D from the axis, as nobody said. No verdict: a mend is judged with everything that is known.`,
  ];
}

/** What a length of thread carries, against the screw. */
export function strengthCard(
  thread: Thread,
  parent: ParentMaterial,
  engagementMm: number,
  classId: string | null,
  shop: AnswerShop,
): FiguresCard {
  const id = classIdFor(thread, classId);
  const input = stripOf(thread, parent, id, engagementMm);
  const { fastener } = input;
  const strip = stripLoad(input);
  const breakN = breakLoadN(thread, fastener);
  const margin = strip.stripLoadN === null ? null : strip.stripLoadN / breakN;
  return {
    kind: 'figures',
    topic: 'strength',
    title: `${thread.designation}, ${SAY[shop.units].length(engagementMm)} of full thread in ${parent.name.toLowerCase()}`,
    figures: [
      { label: 'Strips at', value: strip.stripLoadN, unit: 'N', note: 'parent’s thread or screw’s, the weaker' },
      { label: 'Screw breaks at', value: breakN, unit: 'N', note: fastener.name },
      {
        label: 'Strip over break',
        value: margin,
        unit: 'times',
        note: margin !== null && margin >= 1.25 ? 'the screw breaks first' : 'it may strip before the screw breaks',
      },
    ],
    notes: takenNotes(classId, fastener.name),
    workings: [
      stripAreaWorking(shearAreaFacts(input)),
      stripLoadWorking(stripFacts(input, strip)),
      breakLoadWorking(breakFacts(thread, fastener)),
    ],
  };
}

/** The margin that covers a screw above its least strength: `judge/strength/margins`. */
const BREAKS_FIRST = 1.25;
const MOST_ENGAGEMENT_D = 4;

/** How much thread makes the screw break before the thread strips; more buys nothing. */
export function engagementCard(thread: Thread, parent: ParentMaterial, classId: string | null): FiguresCard {
  const id = classIdFor(thread, classId);
  const margin = (mm: number) => {
    const input = stripOf(thread, parent, id, mm);
    return (stripLoad(input).stripLoadN ?? 0) / breakLoadN(thread, input.fastener);
  };
  let [low, high] = [0.1 * thread.majorMm, MOST_ENGAGEMENT_D * thread.majorMm];
  const enough = margin(high) >= BREAKS_FIRST;
  for (let step = 0; enough && step < 40; step += 1) {
    const middle = (low + high) / 2;
    if (margin(middle) >= BREAKS_FIRST) high = middle;
    else low = middle;
  }
  const mm = enough ? high : null;
  const input = stripOf(thread, parent, id, mm ?? high);
  return {
    kind: 'figures',
    topic: 'engagement',
    title: `Full thread for ${thread.designation} in ${parent.name.toLowerCase()}`,
    figures: [
      {
        label: 'Screw breaks first from',
        value: mm,
        unit: 'mm',
        note:
          mm === null
            ? `not within ${MOST_ENGAGEMENT_D} D: an insert, or a weaker screw`
            : `${(mm / thread.majorMm).toFixed(2)} D, ${Math.ceil(mm / thread.pitchMm)} turns`,
      },
    ],
    notes: [
      'More than this buys nothing: the screw breaks first anyway. The screw’s point, a pitch, comes on top.',
      ...takenNotes(classId, input.fastener.name),
    ],
    workings: [
      stripLoadWorking(stripFacts(input, stripLoad(input))),
      breakLoadWorking(breakFacts(thread, input.fastener)),
    ],
  };
}

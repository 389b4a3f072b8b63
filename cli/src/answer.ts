import { PLANNER_TOPICS, type PlannerInput, type PlannerTopic } from '@deep-mend/contract/planner';
import {
  assess,
  boltCircle,
  breakLoadN,
  centreDistanceMm,
  chooseTapDrill,
  clearanceHoles,
  COIL_LENGTHS_D,
  coilEffectiveLengthMm,
  coilHole,
  coilIsMadeFor,
  InputError,
  depthBudget,
  depthBudgetWorking,
  drillSpeed,
  DRILL_SETS,
  explainLengthProblem,
  explainThreadProblem,
  externalLimits,
  fastenerClass,
  FULL_RACK,
  identify,
  expectedBoreMm,
  internalLimits,
  judgeTapDrill,
  parentById,
  parseLength,
  parseThread,
  quickAnswer,
  DEFAULT_HOUSE_RULES,
  SAY,
  sensitivity,
  shareOfThread,
  stripAreaWorking,
  shearAreaFacts,
  stripFacts,
  stripLoad,
  weighCase,
  stripLoadWorking,
  type StripInput,
  threadGeometry,
  threadsThatSuit,
  UNKNOWN_EDGE_D,
  type DrillSetId,
  type Rack,
  type Thread,
} from '@deep-mend/core';

import { cardOf } from './cardOf.ts';
import { freeOf } from './freeOf.ts';
import { holeOf } from './holeOf.ts';
import { proveOf } from './proveOf.ts';
import { writtenAssessment, writtenChoice, writtenDrill, writtenProposal } from './written.ts';

/** A request that cannot be answered, with the field that is to blame. */
export class Refusal extends Error {
  readonly field: string;

  constructor(field: string, message: string) {
    super(message);
    this.field = field;
  }
}

function thread(text: string): Thread {
  const parsed = parseThread(text);
  if (!parsed.ok) throw new Refusal('thread', explainThreadProblem(parsed.problem));
  return parsed.thread;
}

function length(field: string, text: string): number {
  const parsed = parseLength(text, { bareUnit: 'mm', minMm: 0.3, maxMm: 100 });
  if (!parsed.ok) throw new Refusal(field, explainLengthProblem(parsed.problem));
  return parsed.length.mm;
}

function rack(sets: string[] | undefined): Rack {
  if (!sets) return FULL_RACK;
  return {
    setIds: DRILL_SETS.map((set) => set.id).filter((id): id is DrillSetId => sets.includes(id)),
    missingIds: [],
  };
}

const USUAL_SHARE = 0.76;
/** A reply speaks millimetres, kN and Nm. */
const say = SAY.mm;

const ANSWERS: { [T in PlannerTopic]: (input: PlannerInput<T>) => object } = {
  thread: (input) => {
    const found = thread(input.thread);
    return {
      thread: found,
      geometry: threadGeometry(found),
      internal: internalLimits(found),
      external: externalLimits(found),
      tapDrill: writtenDrill(
        chooseTapDrill(found, { targetShare: USUAL_SHARE, tough: false, rack: rack(input.sets) }).best,
        say,
      ),
      coil: coilIsMadeFor(found) ? coilHole(found) : null,
      clearance: clearanceHoles(found),
    };
  },
  limits: (input) => {
    const found = thread(input.thread);
    return {
      thread: found.id,
      internal: internalLimits(found, input.internal),
      external: externalLimits(found, input.external),
    };
  },
  drill: (input) => {
    const found = thread(input.thread);
    const tough = input.tough ?? false;
    const choice = chooseTapDrill(found, {
      targetShare: input.targetShare ?? USUAL_SHARE,
      tough,
      rack: rack(input.sets),
    });
    if (input.drill === undefined) return { thread: found.id, choice: writtenChoice(choice, say) };
    const mm = length('drill', input.drill);
    return {
      thread: found.id,
      drillMm: mm,
      share: shareOfThread(found, mm),
      judgement: judgeTapDrill(found, mm, expectedBoreMm(mm)),
      band: { leastMm: internalLimits(found).minorMinMm, mostMm: internalLimits(found).minorMaxMm },
      suits: threadsThatSuit(found, mm).map((row) => ({ thread: row.thread.id, share: row.share })),
      choice: writtenChoice(choice, say),
    };
  },
  identify: ({ evidence }) => identify(evidence),
  insert: (input) => {
    const found = thread(input.thread);
    return {
      hole: coilHole(found),
      lengths: COIL_LENGTHS_D.map((lengthD) => {
        const nominalMm = lengthD * found.majorMm;
        return {
          lengthD,
          nominalMm,
          effectiveMm: coilEffectiveLengthMm(nominalMm, found.pitchMm),
          blindFullThreadMm: nominalMm + found.pitchMm,
        };
      }),
    };
  },
  strength: (input) => {
    const found = thread(input.thread);
    const parent = parentById(input.parent);
    const fastener = fastenerClass(input.fastenerClass, found.majorMm);
    const coil = input.coil ? coilHole(found) : undefined;
    const cutMm = coil?.majorMm ?? found.majorMm;
    const strength: StripInput = {
      thread: found,
      fastener,
      parentShearMpa: (input.parentTensileMpa ?? parent.tensileLowMpa) * parent.shearRatio,
      engagementMm: input.engagementMm,
      ...(coil ? { coil } : {}),
      ...(input.boreMm === undefined ? {} : { boreMm: input.boreMm }),
      // An edge that is not given is taken near, as everywhere else.
      dilationRatio: (2 * (input.edgeMm ?? UNKNOWN_EDGE_D.unfavourable * found.majorMm)) / cutMm,
    };
    const strip = stripLoad(strength);
    const breakN = breakLoadN(found, fastener);
    return {
      ...strip,
      working: [stripAreaWorking(shearAreaFacts(strength)), stripLoadWorking(stripFacts(strength, strip))],
      breakLoadN: breakN,
      stripOverBreak: strip.stripLoadN === null ? null : strip.stripLoadN / breakN,
    };
  },
  depth: (input) => {
    const wanted = {
      cylinderMm: input.cylinderMm,
      pitchMm: thread(input.thread).pitchMm,
      wantedFullThreadMm: input.wantedFullThreadMm ?? 0,
    };
    return { ...depthBudget(wanted), working: depthBudgetWorking(wanted) };
  },
  speed: (input) => drillSpeed(input.parent, length('drill', input.drill)),
  ask: ({ question, units = 'mm', sets }) => ({
    question,
    ...quickAnswer(question, { units, rack: rack(sets), rules: DEFAULT_HOUSE_RULES }),
  }),
  free: (input) => freeOf(input, thread(input.thread), rack(input.sets)),
  assess: (input) => {
    const hole = holeOf(input, thread(input.thread), rack(input.sets));
    return writtenAssessment(assess(hole), hole);
  },
  routes: ({ sensitivity: wanted, ...input }) => {
    const hole = holeOf(input, thread(input.thread), rack(input.sets));
    return { ...writtenProposal(weighCase(hole), say), ...(wanted ? { sensitivity: sensitivity(hole) } : {}) };
  },
  prove: (input) => proveOf(input, thread(input.thread), rack(input.sets)),
  workcard: (input) => cardOf(input, thread(input.thread), rack(input.sets)),
  positions: (input) =>
    input.find === 'centre-distance'
      ? { centreDistanceMm: centreDistanceMm(input) }
      : boltCircle({ diameterMm: input.diameterMm, holes: input.holes, startDeg: input.startDeg ?? 0 }),
};

export const isTopic = (text: string | undefined): text is PlannerTopic => text !== undefined && text in PLANNER_TOPICS;

/**
 * Answers one line of JSON for a topic. Never throws for a bad line: the error names the line and what was expected,
 * and the run goes on.
 */
export function answerLine(topic: PlannerTopic, text: string, line: number): { ok: boolean; reply: object } {
  const failed = (code: string, message: string, field?: string) => ({
    ok: false,
    reply: { line, error: { code, message, ...(field ? { field } : {}) } },
  });
  let request: unknown;
  try {
    request = JSON.parse(text);
  } catch {
    return failed('not-json', 'This line is not JSON; write one request a line.');
  }
  const parsed = PLANNER_TOPICS[topic].input.safeParse(request);
  if (!parsed.success) {
    const [issue] = parsed.error.issues;
    return failed('shape', issue?.message ?? 'not as expected', issue?.path.join('.') || 'request');
  }
  try {
    // The topic picks schema and answer together; the union of inputs cannot be followed through the index.
    return { ok: true, reply: (ANSWERS[topic] as (input: unknown) => object)(parsed.data) };
  } catch (error) {
    if (error instanceof Refusal) return failed('refused', error.message, error.field);
    if (error instanceof InputError)
      return failed(error.code, `${String(error.given)}; possible: ${error.possible.join(', ') || 'nothing here'}`);
    throw error;
  }
}

import { EXPECTATION_IDS, PROOF_ANSWERS, ROW_NEEDS, TICK_IDS, WAY_IDS, type Facts } from '@deep-mend/core';
import { z } from 'zod';

const Verdict = z.enum(['holds', 'with-care', 'does-not-hold']);
const finite = z.number().finite();
/** Facts of a kind that this build may no longer know: data, and nothing else. */
const FactsSchema = z.record(z.string(), z.json()) as unknown as z.ZodType<Facts>;

const Unit = z.enum(['mm', 'ratio', 'share', 'times', 'turns', 'N', 'Nm', 'degC', 'none']);
const FrozenCheck = z.strictObject({
  kind: z.string(),
  id: z.string(),
  verdict: Verdict,
  value: finite.nullable(),
  valuePessimistic: finite.nullable(),
  limit: finite.nullable(),
  unit: Unit,
  facts: FactsSchema,
  settledBy: z.string().exactOptional(),
  shut: z.literal(true).exactOptional(),
  remedy: z.string().exactOptional(),
});
const flags = { noReturn: z.literal(true).exactOptional(), afterProof: z.literal(true).exactOptional() };
const minutes = z.number().min(0).exactOptional();
const FrozenStep = z.strictObject({ kind: z.string(), id: z.string(), facts: FactsSchema, minutes, ...flags });

/** What a step says beside what to do; none of it in plans of engines before 0.8.0. */
const more = {
  numbers: z
    .array(z.strictObject({ label: z.string(), value: z.string(), note: z.string().exactOptional() }))
    .exactOptional(),
  tools: z
    .array(
      z.strictObject({
        name: z.string(),
        state: z.enum(['owned', 'missing', 'unlisted']),
        instead: z.string().nullable(),
      }),
    )
    .exactOptional(),
  fluid: z.string().exactOptional(),
  feel: z.string().exactOptional(),
  stop: z.string().exactOptional(),
  practice: z
    .array(
      z.strictObject({
        question: z.string(),
        taken: z.string(),
        right: z.string(),
        settled: z.boolean(),
        other: z.string(),
        otherRight: z.string(),
      }),
    )
    .exactOptional(),
  write: z.array(z.string()).exactOptional(),
  scale: z
    .array(z.strictObject({ label: z.string(), times: finite, band: z.enum(['easy', 'feel', 'care', 'snaps']) }))
    .exactOptional(),
};

const shown = { label: z.string(), main: z.string(), unit: z.string() };
const SaidStep = z.strictObject({
  id: z.string(),
  title: z.string(),
  what: z.string(),
  number: z
    .union([
      z.strictObject({ valueMm: finite, safe: z.enum(['down', 'up', 'limit']).exactOptional(), ...shown }),
      z.strictObject({ text: z.string(), ...shown }),
    ])
    .nullable(),
  caution: z.string().nullable(),
  minutes,
  ...more,
  ...flags,
});
const SaidPlan = z.strictObject({
  ticks: z.array(z.string()),
  checks: z.array(z.strictObject({ id: z.string(), title: z.string(), verdict: Verdict, because: z.string() })),
  notes: z.array(z.string()),
  steps: z.array(SaidStep),
});

/** A frozen plan, whole: numbers, the facts of its checks and steps, and their words in both systems of units. */
export const FrozenPlanKept = z
  .strictObject({
    engineVersion: z.string(),
    routeId: z.string(),
    // Retired ways keep their ids here: a plan of ten years ago is still read.
    method: z.enum(WAY_IDS),
    title: z.string(),
    threadId: z.string(),
    fastenerName: z.string(),
    insertLengthD: finite.nullable(),
    verdict: Verdict,
    numbers: z.strictObject({
      drillId: z.string().nullable(),
      boreMm: finite,
      cutMajorMm: finite,
      outermostMm: finite,
      fullThreadToMm: finite,
      drillTipMm: finite,
      insertFromMm: finite.nullable(),
      insertToMm: finite.nullable(),
      screwReachMm: finite,
      engagementMm: finite,
      stripLoadN: finite.nullable(),
      breakLoadN: finite,
    }),
    ticks: z.array(z.enum(TICK_IDS)),
    asks: z.array(z.string()),
    expectations: z.array(
      z.strictObject({
        id: z.enum(EXPECTATION_IDS),
        title: z.string(),
        kind: z.enum(PROOF_ANSWERS),
        lowMm: finite.nullable(),
        highMm: finite.nullable(),
        plannedMm: z.strictObject({ lowMm: finite, highMm: finite }).exactOptional(),
        mostTurns: finite.exactOptional(),
        leastNm: finite.exactOptional(),
        leastN: finite.exactOptional(),
        steps: z.array(finite).max(5).exactOptional(),
        need: z.enum(ROW_NEEDS).exactOptional(),
        cannotShow: z.string().exactOptional(),
      }),
    ),
    checks: z.array(FrozenCheck),
    steps: z.array(FrozenStep),
    said: z.strictObject({ mm: SaidPlan, in: SaidPlan }),
    digest: z.string(),
    seal: z.string().nullable(),
  })
  .meta({ id: 'FrozenPlan' });

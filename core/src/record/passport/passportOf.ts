import { causeName, WAYS, type Cause } from '../../facts/ways/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { SAY, type Say, type UnitSystem } from '../../basis/units/index.ts';
import { choiceOf } from '../../judge/hole/index.ts';
import type { FrozenPlan } from '../../plan/freeze/index.ts';
import { becauseOf } from '../../plan/routes/index.ts';
import { isMended, type Generation, type HoleFile, type MendEntry } from '../events/index.ts';
import { deviationsOf } from './deviationsOf.ts';
import { lookAgainWords } from './eventWords.ts';
import { foundWords, proofStanding, type ProofRow } from '../results/index.ts';

/** One thing that is known of a hole, and how: what was found, or why it was not done. */
export interface PassportProof {
  title: string;
  found: string;
  state: ProofRow['state'];
  cannotShow: string;
}

/** A point of a hole's life. */
export interface LifePoint {
  at: string;
  kind: 'as-made' | 'came-back' | 'mended' | 'unproved' | 'sent-out' | 'given-up' | 'under-way';
  /** Generations by then. */
  rings: number;
  words: string;
}

/** A hole in one glance, in words: what is in it, what must not be done to it, how that is known, its life along one line. */
export interface Passport {
  title: string;
  /** The most pressing first. */
  keepOff: string[];
  /** What the screw may be tightened to, as the plan in force named it; empty: nothing was. */
  torque: string;
  known: 'proved' | 'with-care' | 'not-proved' | 'signed' | 'as-made' | 'under-way' | 'elsewhere';
  /** Who released it, what that allows; empty: it is not released, or needs none. */
  release: string;
  proofs: PassportProof[];
  /** What was done, or came out, otherwise than planned. */
  deviations: string[];
  signed: { by: string; second: boolean; at: string } | null;
  cause: string | null;
  /** When it is to be looked at again, and at what; null: nobody asked for it. */
  due: { when: string; what: string } | null;
  life: LifePoint[];
}

const lastMended = ({ mends }: HoleFile): MendEntry | null =>
  mends.findLast(({ outcome }) => isMended(outcome)) ?? null;

/** What a plan leaves in a hole, and what must not be done to it then. */
export interface AfterMend {
  title: string;
  keepOff: string[];
}

/**
 * The hole once a plan is carried out, as its passport will say it.
 * @param threadId - of the hole before; a plan that makes another one says which
 */
export function afterMend(
  { method, title, threadId: planned }: Pick<FrozenPlan, 'method' | 'title' | 'threadId'>,
  threadId: string | null,
  say: Say,
): AfterMend {
  const { newGeneration, past, keepOff, hottestC, hotPart } = WAYS[method];
  const id = newGeneration ? planned : threadId;
  const thread = id ? threadById(id).designation : NO_THREAD;
  return {
    title: newGeneration ? `${thread}: ${title}` : `${thread}, ${past}`,
    keepOff: [
      ...(keepOff === '' ? [] : [keepOff]),
      ...(hottestC === null ? [] : [`Not above ${say.temperature(hottestC)}: ${hotPart}.`]),
    ],
  };
}
const NO_THREAD = 'thread not named yet';

/** What it is, and what must not be done to it: said of the hole, then of what is in it, the last first. */
function stateOf(file: HoleFile, mend: MendEntry | null, say: Say): AfterMend {
  const threadId = file.choices.threadId ?? null;
  const barred = choiceOf(file.choices, 'doNotUse') ? ['Do not use this hole.'] : [];
  if (!mend?.plan)
    return { title: `${threadId ? threadById(threadId).designation : NO_THREAD}, as made`, keepOff: barred };
  const { title, keepOff } = afterMend(mend.plan, threadId, say);
  const unproved = mend.outcome === 'unproved' ? ['It is not proved: see below what was not done.'] : [];
  return { title, keepOff: [...barred, ...keepOff, ...unproved] };
}

function proofsOf({ plan, results }: MendEntry, say: Say): PassportProof[] {
  if (!plan || !results) return [];
  return proofStanding(plan, results).rows.flatMap(({ expectation, state, check, reason }) => {
    if (state === 'open') return [];
    const { title, cannotShow = '' } = expectation;
    const result = results.find(({ id }) => id === expectation.id);
    const by = result?.instrument ? `, ${result.instrument}` : '';
    // A length's check says the length itself.
    const isCounted = result !== undefined && (result.turns ?? result.nm ?? result.n) !== undefined;
    const counted = isCounted ? `${foundWords(result, say)}, ` : '';
    const found = check ? `${counted}${becauseOf(check, say)}${by}` : `not done: ${reason}`;
    return [{ title, found, state, cannotShow }];
  });
}

const ENDS = { 'sent-out': 'sent out', 'given-up': 'given up' } as const;

/** What a mend leaves on the line: that the hole came back, and how it ended. */
function pointsOf(mend: MendEntry, before: readonly Generation[], after: Generation | undefined): LifePoint[] {
  const rings = before.length;
  const opened: LifePoint = {
    at: mend.openedAt,
    kind: mend.outcome === 'open' ? 'under-way' : 'came-back',
    rings,
    words: mend.what === '' ? 'taken in hand' : mend.what,
  };
  if (mend.closedAt === null || mend.outcome === 'open') return [opened];
  const past = mend.plan ? WAYS[mend.plan.method].past : 'ended';
  const { outcome } = mend;
  return [
    opened,
    outcome === 'mended' || outcome === 'unproved'
      ? {
          at: mend.closedAt,
          kind: outcome,
          rings: after ? rings + 1 : rings,
          words: `${past}${outcome === 'unproved' ? ', not proved' : ''}`,
        }
      : { at: mend.closedAt, kind: outcome, rings, words: ENDS[outcome] },
  ];
}

function lifeOf({ generations, mends, choices }: HoleFile): LifePoint[] {
  const [made] = generations;
  const begin: LifePoint[] = made
    ? [
        {
          at: made.at,
          kind: 'as-made',
          rings: 1,
          words: `as made${made.threadId ? `, ${threadById(made.threadId).designation}` : choices.threadId && generations.length === 1 ? `, ${threadById(choices.threadId).designation}` : ''}`,
        },
      ]
    : [];
  return mends.reduce<LifePoint[]>((points, mend) => {
    const after = generations.find(({ mendId }) => mendId === mend.id);
    const before = after
      ? generations.filter(({ number }) => number < after.number)
      : generations.filter(({ at }) => at <= mend.openedAt);
    return [...points, ...pointsOf(mend, before, after)];
  }, begin);
}

/** Who answers for a hole that can hurt someone, as it was named. */
function releaseWords(mend: MendEntry | null): string {
  if (!mend?.release) return '';
  const { by, reference, date, allows } = mend.release;
  return `Released as named by ${by}, ${reference}, ${date}: ${allows}.`;
}

/**
 * How far it is known. Precedence: in hand now; done elsewhere, whose proof is not here; as made; signed as not proved; signed by a
 * plan that asked for no proofs, which is no proof by today's; proved with something that holds with care; proved.
 */
function knownOf({ mends }: HoleFile, mended: MendEntry | null): Passport['known'] {
  const last = mends.at(-1);
  if (last?.outcome === 'open') return 'under-way';
  if (last?.outcome === 'sent-out') return 'elsewhere';
  if (!mended) return 'as-made';
  if (mended.plan && WAYS[mended.plan.method].elsewhere) return 'elsewhere';
  if (mended.outcome === 'unproved') return 'not-proved';
  const { plan, results } = mended;
  if (!plan?.expectations.some(({ need }) => need !== undefined)) return 'signed';
  const { rows } = proofStanding(plan, results ?? []);
  return rows.some(({ state }) => state === 'with-care') ? 'with-care' : 'proved';
}

/** How far what is said of a hole is known, as an inspector reads it. */
export const KNOWN_WORDS: Readonly<Record<Passport['known'], string>> = {
  proved: 'Proved',
  'with-care': 'Proved, with care: see what it holds on',
  'not-proved': 'Not proved',
  signed: 'Signed as mended, before proofs were asked for one by one',
  'as-made': 'As made: no mend is recorded',
  'under-way': 'In hand: a mend is under way',
  elsewhere: 'Done elsewhere: its proof is not here',
};

/** A hole's passport, from its file, in the reader's units. */
export function passportOf(file: HoleFile, units: UnitSystem): Passport {
  const say = SAY[units];
  const mend = lastMended(file);
  const known = knownOf(file, mend);
  const cause = file.mends.findLast((row) => row.cause !== null && row.cause !== 'unknown')?.cause as Cause | undefined;
  const fasten = mend?.plan?.said[units].steps.find(({ id }) => id === 'fasten');
  return {
    ...stateOf(file, mend, say),
    torque: fasten?.what ?? '',
    known,
    release: releaseWords(mend),
    proofs: mend ? proofsOf(mend, say) : [],
    deviations: mend ? deviationsOf(mend, units) : [],
    signed:
      mend?.signedBy && mend.closedAt
        ? { by: mend.signedBy, second: mend.secondSignedBy !== null, at: mend.closedAt }
        : null,
    cause: cause ? causeName(cause) : null,
    due: file.lookAgain && { when: lookAgainWords(file.lookAgain), what: file.lookAgain.what },
    life: lifeOf(file),
  };
}

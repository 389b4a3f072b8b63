import {
  InputError,
  fastenerClass,
  mayCut,
  CLOSE_BARS,
  CUT_BARS,
  mayClose,
  readingRefusal,
  openMendOf,
  parentById,
  threadById,
  wantsTwoSignatures,
  type EventKindId,
  type EventPayloads,
  type HoleHead,
  type MendEntry,
} from '@deep-mend/core';
import { QueryTypes } from 'sequelize';
import { Refusal, refused } from '../Refusal.ts';
import { ActorRow, Face } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';

/** What an admission may look at: the hole's head, and the store under the same lock. It writes nothing. */
export interface ToAdmit<K extends EventKindId> {
  context: Context;
  holeId: string;
  head: HoleHead;
  payload: EventPayloads[K];
  tx: Tx;
}

/** May this be? Throws with what to do instead. */
type Admit<K extends EventKindId> = (event: ToAdmit<K>) => Promise<void> | void;

function openMend({ file }: HoleHead, mendId: string): MendEntry {
  const mend = file.mends.find((entry) => entry.id === mendId);
  if (!mend) throw refused('payload.mendId', 'This hole has no such open mend.');
  if (mend.outcome !== 'open')
    throw new Refusal(409, 'closed', 'Already closed', 'This mend is closed; start a new one.');
  return mend;
}

async function knownFace(context: Context, faceId: string, tx: Tx): Promise<void> {
  if (!(await Face.findOne({ where: { id: faceId, shopId: context.shopId }, transaction: tx, raw: true })))
    throw refused('payload.faceId', 'There is no such face.');
}

const choice: Admit<'choice'> = ({ payload: { field, value } }) => {
  try {
    if (field === 'threadId') threadById(value);
    if (field === 'parentId') parentById(value);
    if (field === 'fastenerClassId' && value !== null) fastenerClass(value, 8);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const near = error.possible.slice(0, 4).join(', ') || 'nothing';
    throw refused('payload.value', `“${value}” is not known. Near it: ${near}.`);
  }
};

/** Its range, and its text against its millimetres: a client that reckoned wrongly is told, before it is in every verdict. */
const reading: Admit<'reading'> = ({ payload }) => {
  const found = readingRefusal(payload);
  if (found) throw refused(`payload.${found.field}`, found.words);
};

/** A reading of this hole that is not struck out yet. */
const readingStruck: Admit<'reading-struck'> = async ({ context, holeId, payload, tx }) => {
  const [found] = await context.sequelize.query<{ struck: boolean }>(
    `SELECT EXISTS (SELECT FROM event s WHERE s.hole_id = e.hole_id AND s.kind = 'reading-struck'
        AND s.payload ->> 'readingId' = e.id::text) AS struck
      FROM event e WHERE e.id = :readingId AND e.hole_id = :holeId AND e.kind = 'reading'`,
    { replacements: { readingId: payload.readingId, holeId }, type: QueryTypes.SELECT, transaction: tx },
  );
  if (!found || found.struck)
    throw refused('payload.readingId', 'This hole has no such reading, or it is struck out already.');
};

const mendOpened: Admit<'mend-opened'> = ({ head }) => {
  if (openMendOf(head.file))
    throw new Refusal(409, 'open-mend', 'A mend is open', 'This hole has an open mend; go on with that one.');
};

const result: Admit<'result'> = ({ head, payload }) => {
  if (openMend(head, payload.mendId).planId !== payload.planId)
    throw refused('payload.planId', 'This is not the plan in force; look at the new one first.');
  const cut = mayCut(head.file);
  if (cut !== 'yes') throw refused('payload.results', `${CUT_BARS[cut]}.`);
  if (payload.results.length === 0)
    throw refused('payload.results', 'Nothing was measured: record one result at least.');
  // Of two for one proof one would be read over.
  if (new Set(payload.results.map(({ id }) => id)).size < payload.results.length)
    throw refused('payload.results', 'One proof has two results: say one.');
};

/** Where a hole can hurt someone or is under a code, one person never signs alone, and a lead hand is one of the two. */
async function signedByTwo(context: Context, secondId: string | null, tx: Tx): Promise<void> {
  if (!secondId || secondId === context.actorId)
    throw refused(
      'payload.secondSignedBy',
      'This hole can hurt someone or is under a code: a second person must sign.',
    );
  const people = await ActorRow.findAll({
    where: { shopId: context.shopId, id: [secondId, context.actorId] },
    transaction: tx,
    raw: true,
  });
  if (!people.some((person) => person.id === secondId))
    throw refused('payload.secondSignedBy', 'There is no such person.');
  if (!people.some((person) => person.role === 'lead-hand'))
    throw refused('payload.secondSignedBy', 'One of the two who sign must be a lead hand.');
}

const mendClosed: Admit<'mend-closed'> = async ({ context, head, payload, tx }) => {
  openMend(head, payload.mendId);
  const { outcome } = payload;
  if (outcome !== 'mended' && outcome !== 'unproved') return;
  const close = mayClose(head.file, outcome);
  if (close !== 'yes') throw refused('payload.outcome', `${CLOSE_BARS[close]}.`);
  if (wantsTwoSignatures(head.file)) await signedByTwo(context, payload.secondSignedBy, tx);
};

/** What is signed is never changed: a new entry stands beside it. A mend that is open is put right by itself. */
const amended: Admit<'amended'> = async ({ context, holeId, payload: { mendId }, tx }) => {
  const [found] = await context.sequelize.query<{ closed: boolean }>(
    `SELECT EXISTS (SELECT FROM event WHERE hole_id = :holeId AND kind = 'mend-closed'
        AND payload ->> 'mendId' = :mendId) AS closed`,
    { replacements: { holeId, mendId }, type: QueryTypes.SELECT, transaction: tx },
  );
  if (!found?.closed) throw refused('payload.mendId', 'This hole has no such mend that is signed and closed.');
};

const looked: Admit<'looked'> = ({ head, payload }) => {
  if (openMend(head, payload.mendId).planId !== payload.planId)
    throw refused('payload.planId', 'This is not the plan in force; look at the new one first.');
};

const released: Admit<'released'> = ({ context, head, payload }) => {
  openMend(head, payload.mendId);
  if (payload.date > context.now().toISOString().slice(0, 10))
    throw refused('payload.date', 'A release is dated today or earlier.');
};

/** A step of a card that is not in force any more is still told: it was done. What may not be cut has no steps. */
const stepDone: Admit<'step-done'> = ({ head, payload }) => {
  openMend(head, payload.mendId);
  const cut = mayCut(head.file);
  if (cut !== 'yes') throw refused('payload.stepId', `${CUT_BARS[cut]}.`);
  if (payload.end !== 'done' && payload.note.trim() === '')
    throw refused('payload.note', 'Say in a word why it was done otherwise, or not at all.');
};

/** Longest wait that a bench keeps, days. */
const MOST_WAIT_DAYS = 60;
const clockStarted: Admit<'clock-started'> = ({ context, head, payload }) => {
  openMend(head, payload.mendId);
  if (Date.parse(payload.dueAt) - context.now().getTime() > MOST_WAIT_DAYS * 86_400_000)
    throw refused('payload.dueAt', `A wait of more than ${MOST_WAIT_DAYS} days belongs into the week, not on a clock.`);
};

/** These come by endpoints of their own, which look at more than the hole. */
const byItsOwnDoor = (): void => undefined;

/** The rule of every kind of event. A kind without its rule does not compile. */
export const ADMIT: { readonly [K in EventKindId]: Admit<K> } = {
  located: async ({ context, payload, tx }) => {
    if (payload.faceId) await knownFace(context, payload.faceId, tx);
  },
  filed: ({ context, payload, tx }) => knownFace(context, payload.faceId, tx),
  choice,
  reading,
  'reading-struck': readingStruck,
  'reading-moved': byItsOwnDoor,
  'mend-opened': mendOpened,
  'plan-frozen': byItsOwnDoor,
  looked,
  released,
  attempt: ({ head, payload }) => void openMend(head, payload.mendId),
  'step-done': stepDone,
  'clock-started': clockStarted,
  'clock-ended': ({ head, payload }) => void openMend(head, payload.mendId),
  'handed-over': ({ head, payload }) => void openMend(head, payload.mendId),
  'went-stiff': ({ head, payload }) => void openMend(head, payload.mendId),
  result,
  'mend-closed': mendClosed,
  amended,
  // Whoever knows the machine says when; a day that is past is due at once.
  'look-again': () => undefined,
};

import { canonicalJson, InputError } from '../../basis/numeric/index.ts';
import { applyEvent, isMended, openMendOf, type HoleEvent, type HoleFile } from '../events/index.ts';

/** Raised when the fold or the head changes: heads of another version are made anew from the events. */
export const HEAD_FOLD = 6;
/** A head stays this small however long the hole's life is, so that a write costs the same. */
export const HEAD_MOST_BYTES = 16_384;

/**
 * What deciding on the next event needs of all events before it: the file without its history. Lives in the store beside the
 * events and can be made anew from them.
 */
export interface HoleHead {
  fold: number;
  file: HoleFile;
  /** Finished mends: the head itself keeps the last one and the open one. */
  repairs: number;
}

/** More waits than this run on no hole; a head stays small whatever is started. */
const MOST_CLOCKS = 12;

const NOTHING_SAID = { ticks: [], checks: [], notes: [], steps: [] };
const NO_BODY = { checks: [], steps: [], said: { mm: NOTHING_SAID, in: NOTHING_SAID } };
const NO_WORDS = { text: '', notation: 'mm', instrument: 'eye', actor: '', reason: null } as const;

function withoutHistory(file: HoleFile): HoleFile {
  // In one order, however the file came about: a head kept step by step equals one made anew.
  const entries = Object.values(file.live).sort((a, b) => (a.quantity < b.quantity ? -1 : 1));
  const live = entries.map(({ id, quantity, mm, halfWidthMm, state, happenedAt }) => ({
    ...NO_WORDS,
    id,
    quantity,
    mm,
    halfWidthMm,
    state,
    happenedAt,
  }));
  const open = openMendOf(file);
  const closed = file.mends.filter((mend) => mend !== open).at(-1);
  return {
    ...file,
    readings: live,
    live: Object.fromEntries(live.map((entry) => [entry.quantity, entry])),
    mends: [closed, open].flatMap((mend) =>
      mend
        ? [
            {
              ...mend,
              // The words of the mend before are told by no list while another one is open.
              what: open && mend !== open ? '' : mend.what,
              plan: mend.plan && {
                ...mend.plan,
                ...NO_BODY,
                // What proves the open mend is asked when it is signed; its words are told by the whole life.
                expectations:
                  mend === open
                    ? mend.plan.expectations.map(({ cannotShow: _, ...row }) => ({ ...row, title: '' }))
                    : [],
              },
              attempts: [],
              amendments: [],
              // Steps and stops are told by the whole life; a wait that runs is in the lists, one of what cures says when it may be proved.
              steps: [],
              stiff: [],
              handedOver: null,
              clocks:
                mend === open
                  ? mend.clocks.filter(({ endedAt, cures }) => endedAt === null || cures === 'full').slice(-MOST_CLOCKS)
                  : [],
              // What was found decides whether the open mend may be signed.
              results: mend === open ? mend.results : mend.results && [],
              resultNote: '',
            },
          ]
        : [],
    ),
  };
}

/** The head of a file. Throws `out-of-range` if it should ever grow over its limit. */
export function headOf(file: HoleFile, repairs = file.mends.filter((mend) => isMended(mend.outcome)).length): HoleHead {
  const head = { fold: HEAD_FOLD, file: withoutHistory(file), repairs };
  const bytes = canonicalJson(head).length;
  if (!(bytes < HEAD_MOST_BYTES))
    throw new InputError('out-of-range', `head of ${bytes} bytes`, [`under ${HEAD_MOST_BYTES}`]);
  return head;
}

/**
 * The head after one more event; null where the event reaches back into the history, so that only all events tell: striking
 * out or moving a reading lets the one before it count again.
 */
export function nextHead(head: HoleHead, event: HoleEvent): HoleHead | null {
  if (event.kind === 'reading-struck' || event.kind === 'reading-moved') return null;
  const file = structuredClone(head.file);
  // The entries of a stored head are no longer the same objects.
  for (const entry of file.readings) file.live[entry.quantity] = entry;
  applyEvent(file, event);
  return headOf(file, head.repairs + (event.kind === 'mend-closed' && isMended(event.payload.outcome) ? 1 : 0));
}

import { API_PREFIX } from '@deep-mend/contract/prefix';

/**
 * Whether the server answers, as every call finds it. While it does not, it is asked again after a pause that grows; whoever
 * waits for it hears when it is back.
 */
const FIRST_PAUSE_MS = 1_000;
const LONGEST_PAUSE_MS = 15_000;
/** Whoever answers so is a stand-in: the server or its database is away. */
const AWAY_STATUS: readonly number[] = [502, 503, 504];
/** The least that both the server and its database must answer. */
const ASKED = `${API_PREFIX}/actors`;

let away = false;
let pauseMs = FIRST_PAUSE_MS;
let timer: ReturnType<typeof setTimeout> | null = null;
const listeners = new Set<() => void>();

export const isAway = (): boolean => away;
export function onConnection(hear: () => void): () => void {
  listeners.add(hear);
  return () => void listeners.delete(hear);
}

/** Whether a reply is the server's own. A page of HTML where JSON was asked for is a proxy's. */
export const isAnswer = (reply: Response): boolean =>
  !AWAY_STATUS.includes(reply.status) && (reply.headers.get('content-type')?.includes('json') ?? false);

async function ask(): Promise<void> {
  timer = null;
  try {
    noteAnswer(isAnswer(await fetch(ASKED, { signal: AbortSignal.timeout(LONGEST_PAUSE_MS) })));
  } catch {
    // fetch rejects only when nothing answered at all.
    noteAnswer(false);
  }
}

/** Every call says whether it was answered. */
export function noteAnswer(there: boolean): void {
  if (there) {
    if (timer !== null) clearTimeout(timer);
    timer = null;
    pauseMs = FIRST_PAUSE_MS;
  } else if (timer === null) {
    timer = setTimeout(() => void ask(), pauseMs);
    pauseMs = Math.min(2 * pauseMs, LONGEST_PAUSE_MS);
  }
  if (away === !there) return;
  away = !there;
  for (const hear of listeners) hear();
}

/** Asks at once: the browser says that the network is back, or somebody looks at the page again. */
export function askNow(): void {
  if (timer === null) return;
  clearTimeout(timer);
  pauseMs = FIRST_PAUSE_MS;
  void ask();
}

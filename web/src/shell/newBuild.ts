import { inTab, isNumber } from '../base/kept.ts';

const KEY = 'loaded again';
/** A part that still cannot be fetched after that is missing for another reason. */
const ONCE_IN_MS = 60_000;

/**
 * A new build may lie under an open page: the parts that the page asks for by their old names are gone. It is then loaded
 * again, once, if the server is there; otherwise the view says what to do.
 *
 * @returns whether it was loaded again
 */
export async function loadNewBuild(now: () => number, load: () => void): Promise<boolean> {
  const last = inTab.value(KEY, isNumber);
  if (last !== null && now() - last < ONCE_IN_MS) return false;
  try {
    if (!(await fetch('/', { cache: 'no-store' })).ok) return false;
  } catch {
    // fetch rejects only when nothing answered: loading the page now would leave a blank one.
    return false;
  }
  inTab.keep(KEY, now());
  load();
  return true;
}

/** Hears of parts that could not be fetched. */
export function watchBuild(): void {
  window.addEventListener('vite:preloadError', () => {
    void loadNewBuild(Date.now, () => window.location.reload());
  });
}

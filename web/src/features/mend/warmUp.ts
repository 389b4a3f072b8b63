/**
 * So many runs and a browser has compiled most of the computation: more gain little (on a desk machine a proposal takes
 * 7 ms at its second run, 1 ms at its three hundredth and 0.8 ms at its thousandth).
 */
const RUNS = 300;
/** A moment is left alone when less of it is free: a key typed meanwhile must not wait. */
const LEAST_FREE_MS = 8;

/** Where free moments come from: the browser, or a test. Some browsers of phones do not tell of them. */
export type FreeMoments = Partial<Pick<Window, 'requestIdleCallback' | 'cancelIdleCallback'>>;

/** What is compiled serves every hole until the page is loaded again. */
let runsLeft = RUNS;

/**
 * Runs a computation in the page's free moments until the browser has compiled it, so that the first key of a reading is
 * answered as quickly as the later ones.
 *
 * @param run - given the number of the run; what it returns is not used
 * @returns stops it
 */
export function warmUp(run: (n: number) => void, moments: FreeMoments): () => void {
  const { requestIdleCallback: ask, cancelIdleCallback: cancel } = moments;
  // Without them the first keys are slower, which is better than a page that stutters while it is being read.
  if (!ask || !cancel) return () => undefined;
  let moment = 0;
  const go = (deadline: IdleDeadline) => {
    while (runsLeft > 0 && deadline.timeRemaining() > LEAST_FREE_MS) {
      run(runsLeft);
      runsLeft -= 1;
    }
    if (runsLeft > 0) moment = ask.call(moments, go);
  };
  if (runsLeft > 0) moment = ask.call(moments, go);
  return () => cancel.call(moments, moment);
}

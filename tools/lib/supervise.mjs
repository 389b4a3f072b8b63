// Keeps a program of ours running: one that ends by itself is started again after a pause that grows, and it is said.

const FIRST_PAUSE_MS = 1_000;
const LONGEST_PAUSE_MS = 30_000;
/** Whoever ran this long has not failed at its start: the next pause is short again. */
const STEADY_MS = 60_000;

/**
 * @param name - as it is said: 'the database'
 * @param start - starts it; gets what ran before, or null; gives { exited, stop }
 * @returns { current, stop } - what runs now; ends it for good
 */
export async function supervise(name, start, { say = console.error, firstPauseMs = FIRST_PAUSE_MS } = {}) {
  let running = await start(null);
  let ended = false;
  let wake = () => undefined;
  const pause = (ms) =>
    new Promise((resolve) => {
      const timer = setTimeout(resolve, ms);
      wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  const watch = async () => {
    let pauseMs = firstPauseMs;
    while (!ended) {
      const since = Date.now();
      await running.exited;
      if (ended) return;
      if (Date.now() - since > STEADY_MS) pauseMs = firstPauseMs;
      say(`${name} ended; it is started again in ${Math.ceil(pauseMs / 1000)} s`);
      await pause(pauseMs);
      pauseMs = Math.min(2 * pauseMs, LONGEST_PAUSE_MS);
      if (ended) return;
      try {
        running = await start(running);
        if (ended) await running.stop();
        else say(`${name} runs again`);
      } catch (error) {
        say(`${name} did not start: ${error.message}`);
        running = { ...running, exited: Promise.resolve(), stop: async () => undefined };
      }
    }
  };
  const watching = watch();
  return {
    get current() {
      return running;
    },
    stop: async () => {
      ended = true;
      wake();
      await running.stop();
      await watching;
    },
  };
}

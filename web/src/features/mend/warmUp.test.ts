import { warmUp, type FreeMoments } from './warmUp.ts';

/** Free moments handed out one by one, each long enough for so many runs. */
function moments(runsEach: number) {
  let waiting: IdleRequestCallback | null = null;
  const free: FreeMoments = {
    requestIdleCallback: (callback) => {
      waiting = callback;
      return 1;
    },
    cancelIdleCallback: () => void (waiting = null),
  };
  const pass = () => {
    const callback = waiting;
    waiting = null;
    let left = runsEach + 1;
    callback?.({ didTimeout: false, timeRemaining: () => ((left -= 1) > 0 ? 50 : 0) });
    return callback !== null;
  };
  return { free, pass };
}

test('where a browser tells of no free moments, nothing runs', () => {
  const run = jest.fn();
  expect(() => warmUp(run, {})()).not.toThrow();
  expect(run).not.toHaveBeenCalled();
});

test('runs only in free moments, stops when told to, and not more often than it takes', () => {
  let runs = 0;
  const run = () => void (runs += 1);
  const first = moments(10);
  const stop = warmUp(run, first.free);
  expect(runs).toBe(0);
  first.pass();
  first.pass();
  expect(runs).toBe(20);
  stop();
  expect(first.pass()).toBe(false);
  // Another page of the same visit goes on from there, to the end.
  const second = moments(1000);
  warmUp(run, second.free);
  while (second.pass());
  expect(runs).toBe(300);
  const third = moments(10);
  warmUp(run, third.free);
  expect(third.pass()).toBe(false);
});

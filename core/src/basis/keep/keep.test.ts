import { keep, keepBy } from './keep.ts';

test('what was made for an owner is made once, and for another owner anew', () => {
  const make = jest.fn((rack: { n: number }) => [rack.n]);
  const kept = keep(make);
  const rack = { n: 3 };
  expect(kept(rack)).toBe(kept(rack));
  expect(kept({ n: 3 })).not.toBe(kept(rack));
  expect(make).toHaveBeenCalledTimes(2);
});

test('nothing at all is an answer too, and is remembered', () => {
  const make = jest.fn((_rack: object): undefined => undefined);
  const kept = keep(make);
  const rack = {};
  expect([kept(rack), kept(rack)]).toEqual([undefined, undefined]);
  expect(make).toHaveBeenCalledTimes(1);
});

test('an owner keeps one answer for each question, up to two thousand', () => {
  const make = jest.fn((rack: { n: number }, times: number) => [rack.n * times]);
  const kept = keepBy((times: number) => times, make);
  const rack = { n: 3 };
  expect(kept(rack, 2)).toEqual([6]);
  expect(kept(rack, 2)).toBe(kept(rack, 2));
  expect(kept(rack, 4)).toEqual([12]);
  for (let n = 0; n < 2500; n += 1) kept(rack, n);
  expect(kept(rack, 1999)).toBe(kept(rack, 1999));
  expect(kept(rack, 2499)).not.toBe(kept(rack, 2499));
  expect(kept(rack, 2499)).toEqual([7497]);
});

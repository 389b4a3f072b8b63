import type { HoleDetail } from '@deep-mend/contract';
import { applyWritten } from './applyWritten.ts';

const event = (seq: number, kind = 'reading') => ({
  id: `e${seq}`,
  seq,
  kind,
  payloadVersion: 1,
  payload: {},
  happenedAt: '',
  recordedAt: '',
  actor: '',
});
const detail: HoleDetail = { id: 'h', code: '', revision: 2, place: null, events: [event(1), event(2)] };
const answer = (since: number, ...events: ReturnType<typeof event>[]) => ({
  id: 'h',
  since,
  events,
  revision: events.at(-1)?.seq ?? since,
});

test.each([
  ['its own event', answer(2, event(3)), 3],
  ['others’ events with it', answer(2, event(3), event(4)), 4],
  ['some that are there already', answer(1, event(2), event(3)), 3],
  ['nothing new: it was told before', answer(2), 2],
])('%s: laid after what is there', (_, written, revision) => {
  const after = applyWritten(detail, written)!;
  expect([after.revision, after.events.map((each) => each.seq)]).toEqual([
    revision,
    Array.from({ length: revision }, (__, index) => index + 1),
  ]);
});

test.each([
  ['a gap', answer(4, event(5))],
  ['a hole in what was answered', answer(2, event(4))],
  ['a new place', answer(2, event(3, 'filed'))],
])('%s: it is read again', (_, written) => {
  expect(applyWritten(detail, written)).toBeNull();
});

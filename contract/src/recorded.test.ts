import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { EVENT_KINDS, readStored, type EventKindId, type StoredEvent } from '@deep-mend/core';
import { EVENT_PAYLOADS } from './index.ts';

// What was recorded is what the shapes say: every body of every recording is parsed, at the version that it is read as.
const FOLDER = join(__dirname, '../../core/src/record/recorded');
const FILES = readdirSync(FOLDER).filter((file) => file.endsWith('.json'));

test.each(FILES)('%s: every recorded body has its shape', (file) => {
  const { holes } = JSON.parse(readFileSync(join(FOLDER, file), 'utf8')) as { holes: { events: StoredEvent[] }[] };
  const seen = new Set<EventKindId>();
  for (const stored of holes.flatMap((hole) => hole.events)) {
    const { kind, payload } = readStored(stored);
    seen.add(kind);
    const parsed = EVENT_PAYLOADS[kind].safeParse(payload);
    if (!parsed.success) throw new Error(`${kind} ${stored.id}: ${parsed.error.message}`);
    expect(parsed.data).toEqual(payload);
  }
  expect(seen.size).toBeGreaterThan(6);
});

test('every kind of event has a shape, and no other', () => {
  expect(Object.keys(EVENT_PAYLOADS).sort()).toEqual(Object.keys(EVENT_KINDS).sort());
});

import { EVENT_KINDS, type EventKindId } from '@deep-mend/core';
import { openApiDocument } from './openApi.ts';
import { liftNewEvent } from './events.ts';
import { ENDPOINTS, NewEvent, ShopSettings } from './index.ts';

const event = { id: '0190b1c0-0000-7000-8000-000000000001', happenedAt: '2026-01-01T08:00:00Z' };

test.each([
  ['an unknown field', { ...event, kind: 'choice', payload: { field: 'colour', value: 'red' } }],
  ['an extra key', { ...event, kind: 'choice', payload: { field: 'kind', value: 'blind', more: 1 } }],
  [
    'a negative length',
    {
      ...event,
      kind: 'reading',
      payload: { quantity: 'edge', text: '-3', notation: 'mm', mm: -3, halfWidthMm: 0, instrument: 'eye' },
    },
  ],
  [
    'an endless text',
    {
      ...event,
      kind: 'reading',
      payload: { quantity: 'edge', text: '9'.repeat(10_000), notation: 'mm', mm: 3, halfWidthMm: 0, instrument: 'eye' },
    },
  ],
  ['a reason of spaces', { ...event, kind: 'reading-struck', payload: { readingId: event.id, reason: '   ' } }],
  ['an id that is no UUID', { ...event, id: '1', kind: 'choice', payload: { field: 'kind', value: 'blind' } }],
])('refuses %s', (_, body) => {
  expect(NewEvent.safeParse(body).success).toBe(false);
});

test.each(
  (Object.keys(EVENT_KINDS) as EventKindId[]).flatMap((kind) =>
    Array.from({ length: EVENT_KINDS[kind].version }, (_, n) => ({ kind, payloadVersion: n + 1 })),
  ),
)('nonsense that calls itself $kind, version $payloadVersion, is refused by its shape', (named) => {
  for (const payload of [{}, null, 'x', []]) {
    const body = liftNewEvent({ ...event, ...named, payload });
    expect(NewEvent.safeParse(body).success).toBe(false);
  }
});

test('the OpenAPI document names every endpoint and resolves every reference', () => {
  const document = openApiDocument('1') as {
    paths: Record<string, object>;
    components: { schemas: Record<string, object> };
  };
  const operations = Object.values(document.paths).flatMap((path) => Object.values(path) as { operationId: string }[]);
  expect(operations.map((operation) => operation.operationId).sort()).toEqual(Object.keys(ENDPOINTS).sort());
  const references = [...JSON.stringify(document).matchAll(/#\/components\/schemas\/(\w+)/g)].map((match) => match[1]!);
  expect(references.length).toBeGreaterThan(10);
  for (const name of references) expect(document.components.schemas).toHaveProperty(name);
});

test('a shop’s settings refuse a drill set that does not exist', () => {
  const settings = {
    name: 'Shed',
    units: 'mm',
    drillSets: ['imaginary'],
    missingDrills: [],
    setUp: true,
    rules: { tapDrill: 'chart-75', coilSetDownTurns: 0.5, tapNames: 'lead-threads' },
  };
  expect(ShopSettings.safeParse(settings).success).toBe(false);
  expect(ShopSettings.safeParse({ ...settings, drillSets: ['letter'] }).success).toBe(true);
});

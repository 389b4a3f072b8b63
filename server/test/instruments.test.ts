import { API_PREFIX, BenchInstrument, InstrumentReading } from '@deep-mend/contract';
import { seededRandom } from '@deep-mend/core';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { setTimeout as wait } from 'node:timers/promises';
import pino from 'pino';
import { createApp } from '../src/app.ts';
import { instrumentBox } from '../src/usecases/instruments/instrumentBox.ts';
import { SIMULATED, simulatedReadings } from '../src/stand-ins/simulated.ts';
import { startHarness } from './harness.ts';

const CALIPER = SIMULATED[0]!;
const listen = async (server: Server): Promise<string> => {
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
};

test('every simulated instrument says what it is, comes to rest near what lies under it, and never reads it exactly', () => {
  for (const instrument of SIMULATED) {
    expect(() => BenchInstrument.parse(instrument)).not.toThrow();
    expect(instrument.simulated).toBe(true);
    const readings = simulatedReadings(instrument.id, 8.4, seededRandom(7));
    const shown = Array.from({ length: 40 }, () => InstrumentReading.parse(readings.next().value));
    expect(new Set(shown.map(({ unit }) => unit))).toEqual(new Set([instrument.unit]));
    const values = shown.map(({ text }) => Number(text));
    expect(Math.abs(values[0]! - 8.4)).toBeGreaterThan(1);
    const settled = values.slice(10);
    expect(Math.abs(settled.reduce((sum, value) => sum + value, 0) / settled.length - 8.4)).toBeLessThan(1.6);
    expect(new Set(settled).size).toBeGreaterThan(1);
  }
  expect(() => simulatedReadings('none', 1, Math.random).next()).toThrow(RangeError);
});

describe('through the server', () => {
  let shop: Awaited<ReturnType<typeof startHarness>>;
  let box: Server;
  let sent: string[];
  let left: number;
  beforeAll(async () => {
    shop = await startHarness();
    box = createServer((request, reply) => {
      if (request.url === '/instruments') {
        reply.end(JSON.stringify(SIMULATED));
        return;
      }
      left = 0;
      request.once('close', () => (left += 1));
      for (const line of sent) reply.write(`data: ${line}\n\n`);
    });
  });
  afterAll(async () => {
    box.closeAllConnections();
    box.close();
    await shop.stop();
  });
  const appWith = async (stopping: AbortSignal) => {
    const { sequelize, searching, shopId, actorId, now } = shop.context;
    const app = createApp({
      sequelize,
      searching,
      shopId,
      defaultActorId: actorId,
      now,
      instruments: instrumentBox(box.listening ? addressOf() : await listen(box)),
      stopping,
      webFolder: null,
      logger: pino({ level: 'silent' }),
    });
    return createServer(app.callback());
  };
  const addressOf = () => `http://127.0.0.1:${(box.address() as AddressInfo).port}`;

  test('without a box there are none, and none is read', async () => {
    expect((await shop.get('/instruments')).body).toEqual([]);
    expect((await shop.get(`/instruments/stream?instrument=${CALIPER.id}`)).status).toBe(404);
  });

  test('readings come one by one, as events in plain, and end when the server stops or the reader goes', async () => {
    sent = ['{"text":"8.37","unit":"mm"}', '{"text":"8.38","unit":"mm"}'];
    const stopping = new AbortController();
    const server = await appWith(stopping.signal);
    const at = await listen(server);
    expect(await (await fetch(`${at}${API_PREFIX}/instruments`)).json()).toHaveLength(SIMULATED.length);
    const reply = await fetch(`${at}${API_PREFIX}/instruments/stream?instrument=${CALIPER.id}&near=8.4`, {
      headers: { 'accept-encoding': 'gzip' },
    });
    expect([reply.headers.get('content-type'), reply.headers.get('content-encoding')]).toEqual([
      'text/event-stream; charset=utf-8',
      null,
    ]);
    const reader = reply.body!.pipeThrough(new TextDecoderStream()).getReader();
    let text = '';
    while (!text.includes('8.38')) {
      const { value, done } = await reader.read();
      if (done) break;
      text += value;
    }
    expect(text).toBe(`data: ${sent[0]}\n\ndata: ${sent[1]}\n\n`);
    stopping.abort();
    expect((await reader.read()).done).toBe(true);
    // Nothing keeps the server: it closes at once.
    await new Promise<void>((resolve) => server.close(() => resolve()));
    for (let tries = 0; left === 0 && tries < 50; tries += 1) await wait(20);
    expect(left).toBe(1);
  });

  test('what no instrument may send is not passed on, and a box that has gone is said', async () => {
    sent = ['{"text":"<b>8</b>","unit":"mm"}'];
    const server = await appWith(new AbortController().signal);
    const at = await listen(server);
    const read = async () => (await fetch(`${at}${API_PREFIX}/instruments/stream?instrument=${CALIPER.id}`)).text();
    await expect(read()).rejects.toThrow();
    server.closeAllConnections();
    server.close();
    const client = shop.clientWith({ instruments: instrumentBox('http://127.0.0.1:9') });
    expect((await client.get('/instruments')).status).toBe(503);
  });
});

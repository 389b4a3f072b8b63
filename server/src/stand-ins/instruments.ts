// A stand-in for a box with instruments on it: a small process of its own that lists them and streams what they show. A real
// one that answers the same takes its place by INSTRUMENTS_URL.
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { setTimeout as wait } from 'node:timers/promises';
import { SIMULATED, simulatedReadings } from './simulated.ts';

const READINGS_EVERY_MS = 200;

const server = createServer((request, reply) => {
  const url = new URL(request.url ?? '/', 'http://127.0.0.1');
  if (url.pathname === '/instruments') {
    reply.writeHead(200, { 'Content-Type': 'application/json' }).end(JSON.stringify(SIMULATED));
    return;
  }
  const id = url.searchParams.get('instrument') ?? '';
  if (url.pathname !== '/stream' || !SIMULATED.some((row) => row.id === id)) {
    reply.writeHead(404).end();
    return;
  }
  const near = url.searchParams.get('near');
  reply.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache' });
  const gone = new AbortController();
  reply.on('close', () => gone.abort());
  const send = async () => {
    for (const reading of simulatedReadings(id, near === null ? undefined : Number(near), Math.random)) {
      reply.write(`data: ${JSON.stringify(reading)}\n\n`);
      await wait(READINGS_EVERY_MS, undefined, { signal: gone.signal });
    }
  };
  // It ends when whoever reads goes: that is its ordinary end.
  send().catch((error: unknown) => {
    if (!gone.signal.aborted) throw error;
  });
});

server.listen(Number(process.env.PORT ?? 0), '127.0.0.1', () => {
  process.send?.({ port: (server.address() as AddressInfo).port });
});
const stop = () => {
  server.close(() => process.exit(0));
  server.closeAllConnections();
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
process.on('disconnect', stop);

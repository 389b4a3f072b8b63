import { expect, test } from '@playwright/test';
import { connect } from 'node:net';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
// @ts-expect-error a plain script without types
import { killWhileWriting } from '../tools/lib/kills.mjs';
// @ts-expect-error a plain script without types
import { startServer } from '../tools/lib/server.mjs';

// Here, because it runs the built server; 500 of them: npm run bench -- kill.
test('twenty kills of server, database and start command: nothing acknowledged is lost, nothing stands twice', async () => {
  const place = mkdtempSync(join(tmpdir(), 'dm-kills-'));
  // The database's own user passes through it.
  chmodSync(place, 0o755);
  const found = (await killWhileWriting({ home: join(place, 'shop'), count: 20 })) as Record<string, number>;
  rmSync(place, { recursive: true, force: true });
  expect(found).toMatchObject({ kills: 20, lost: 0, doubled: 0, gaps: 0 });
  expect(found.acknowledged).toBeGreaterThan(20);
});

test('a server that is told to stop is gone within 5 s, whoever holds a connection', async () => {
  const server = (await startServer({
    databaseUrl: process.env.DEMO_DATABASE_URL,
    writerUrl: process.env.DEMO_WRITER_URL,
  })) as { port: number; stop: () => Promise<void> };
  const held = [
    '',
    'GET /healthz HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n',
    'POST /api/v1/assets HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 99\r\n\r\n{',
  ];
  const ended = held.map((text) => {
    const socket = connect(server.port, '127.0.0.1');
    socket.on('error', () => undefined);
    socket.resume();
    socket.write(text);
    return new Promise<void>((resolve) => socket.once('close', () => resolve()));
  });
  await new Promise((resolve) => setTimeout(resolve, 300));
  const started = performance.now();
  await server.stop();
  expect(performance.now() - started).toBeLessThan(5_000);
  await Promise.all(ended);
});

import { expect, test } from '@playwright/test';
import http from 'node:http';
import type { AddressInfo } from 'node:net';
// @ts-expect-error a plain script without types
import { startServer } from '../tools/lib/server.mjs';

interface Started {
  port: number;
  stop: () => Promise<void>;
}

test('two servers behind one proxy are one shop: every other request goes to the other', async ({ page }) => {
  const at = { databaseUrl: process.env.DEMO_DATABASE_URL, writerUrl: process.env.DEMO_WRITER_URL };
  const servers = (await Promise.all([startServer(at), startServer(at)])) as Started[];
  const asked = [0, 0];
  let turn = 0;
  const proxy = http.createServer((request, reply) => {
    turn = 1 - turn;
    asked[turn]! += 1;
    const { method, url, headers } = request;
    const onward = http.request({ port: servers[turn]!.port, method, path: url, headers }, (answer) => {
      reply.writeHead(answer.statusCode!, answer.headers);
      answer.pipe(reply);
    });
    onward.once('error', () => reply.writeHead(502).end());
    request.pipe(onward);
  });
  await new Promise<void>((resolve) => proxy.listen(0, '127.0.0.1', resolve));
  try {
    await page.goto(`http://127.0.0.1:${(proxy.address() as AddressInfo).port}`);
    await page.getByRole('button', { name: 'Start a mend' }).click();
    await page.getByLabel('Part and hole').fill('Two servers, hole 1');
    await page.getByRole('button', { name: 'Measure it' }).click();
    await page.getByLabel('Cut in').selectOption({ label: 'Brass' });
    const edge = page.getByLabel('Axis to nearest edge', { exact: true });
    await edge.fill('12.5');
    await edge.blur();
    await page.getByLabel('The hole is').selectOption({ label: 'through' });
    const hole = /mend\/([\w-]+)/.exec(page.url())![1]!;
    // Each server by itself has it all.
    for (const { port } of servers)
      await expect
        .poll(async () => {
          const reply = await page.request.get(`http://127.0.0.1:${port}/api/v1/holes/${hole}`);
          return ((await reply.json()) as { events: { kind: string }[] }).events.map(({ kind }) => kind);
        })
        .toEqual(['located', 'mend-opened', 'choice', 'reading', 'choice']);
    expect(Math.min(...asked)).toBeGreaterThan(3);
  } finally {
    proxy.closeAllConnections();
    proxy.close();
    for (const server of servers) await server.stop();
  }
});

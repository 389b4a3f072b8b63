import { expect, test } from '@playwright/test';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
// @ts-expect-error a plain script without types
import { killWhileWriting } from '../tools/lib/kills.mjs';

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

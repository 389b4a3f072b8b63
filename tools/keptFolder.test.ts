import { existsSync, mkdirSync, mkdtempSync, rmSync, statSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
// @ts-expect-error a plain script without types: it must run before anything is installed
import { asideOf, keptFolder, ownFolder, sweepAside } from './lib/keptFolder.mjs';

let place: string;
beforeEach(() => {
  place = mkdtempSync(join(tmpdir(), 'dm-kept-'));
});
afterEach(() => rmSync(place, { recursive: true, force: true }));

const owners = [process.getuid!()];
const kept = (root: string, mode: string, reachable = false): string =>
  keptFolder({ root, mode, reachable, shared: place, owners });

test('each clone and each mode has a folder of its own, also where they share a place', () => {
  const folders = ['/home/one', '/home/two'].flatMap((root) => ['demo', 'empty'].map((mode) => kept(root, mode)));
  expect(new Set(folders).size).toBe(4);
  expect(kept('/home/one', 'demo')).toBe(folders[0]);
});

test('in reach, the data lies in the clone, and the database’s own user passes to it', () => {
  expect(kept(place, 'demo', true)).toBe(join(place, '.data', 'demo'));
  expect(statSync(join(place, '.data')).mode & 0o777).toBe(0o755);
});

test('a folder that leads elsewhere is refused, and what it leads to is left alone', () => {
  const theirs = join(place, 'theirs');
  mkdirSync(theirs);
  symlinkSync(theirs, join(place, 'link'));
  expect(() => ownFolder(join(place, 'link'), owners)).toThrow(/leads elsewhere\. Nothing was touched/);
  writeFileSync(join(place, 'file'), '');
  expect(() => ownFolder(join(place, 'file'), owners)).toThrow();
  expect(existsSync(theirs)).toBe(true);
});

test('a folder of another user is refused', () => {
  expect(() => ownFolder(join(place, 'new'), [owners[0]! + 1])).toThrow(/belongs to another user/);
});

test('only what a process that ended left half made is removed; never the folder that has the name', () => {
  const home = join(place, 'demo');
  const [dead, alive] = [`${home}.making-11`, `${home}.making-12`];
  for (const folder of [home, dead, alive, asideOf(home) as string, join(place, 'demo.other')]) mkdirSync(folder);
  sweepAside(home, (pid: number) => pid !== 11);
  expect([home, dead, alive, join(place, 'demo.other')].map((folder) => existsSync(folder))).toEqual([
    true,
    false,
    true,
    true,
  ]);
  sweepAside(home);
  expect(existsSync(asideOf(home) as string)).toBe(true);
});

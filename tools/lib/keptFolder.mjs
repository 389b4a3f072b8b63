// Where a clone keeps its database: one folder for each clone and mode, never one that somebody else made or led elsewhere.
import { createHash } from 'node:crypto';
import { chmodSync, existsSync, lstatSync, mkdirSync, readdirSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';

/** The database's user passes through it; what lies in it is its alone. */
const PASSED_THROUGH = 0o755;

/** A folder of our own, made if it is not there. What is not plainly ours is refused: it may be a trap, or another's work. */
export function ownFolder(path, owners) {
  if (!existsSync(path)) {
    mkdirSync(path, { recursive: true });
    chmodSync(path, PASSED_THROUGH);
  }
  const found = lstatSync(path);
  if (found.isSymbolicLink() || !found.isDirectory())
    throw new Error(`${path} leads elsewhere. Nothing was touched; look at it, and move it away if it is not yours.`);
  if (!owners.includes(found.uid))
    throw new Error(`${path} belongs to another user. Nothing was touched; move it away to start here.`);
  return path;
}

/**
 * The folder of one clone and mode. Where the database's user cannot reach the clone, it lies in the shared place under a
 * name that only this clone has.
 */
export function keptFolder({ root, mode, reachable, shared = '/var/tmp', owners }) {
  if (reachable) return join(ownFolder(join(root, '.data'), owners), mode);
  const clone = createHash('sha256').update(root).digest('hex').slice(0, 12);
  return join(ownFolder(join(shared, `deep-mend-${clone}`), owners), mode);
}

const ASIDE = /\.making-(\d+)$/;

/** Beside a folder, the name under which one process makes it. */
export const asideOf = (home) => `${home}.making-${process.pid}`;

/** Removes what a process that ended left half made. Nobody ever worked in it: it never had the folder's own name. */
export function sweepAside(home, isRunning = isAlive) {
  for (const name of readdirSync(dirname(home))) {
    if (!name.startsWith(`${basename(home)}.making-`)) continue;
    const pid = Number(ASIDE.exec(name)?.[1]);
    // Something that it started may write there for a moment still.
    if (!isRunning(pid)) rmSync(join(dirname(home), name), { recursive: true, force: true, maxRetries: 10 });
  }
}

function isAlive(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    // EPERM: it runs, under another user.
    return error.code === 'EPERM';
  }
}

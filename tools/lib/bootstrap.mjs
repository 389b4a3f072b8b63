// Brings a fresh machine to where the project runs. Plain Node, no dependency of its own, safe to run twice.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { serverBinaries } from './postgres.mjs';

export const ROOT = dirname(dirname(dirname(fileURLToPath(import.meta.url))));
const OLDEST_NODE = [20, 19];

export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (done.status !== 0) throw new Error(`${command} ${args.join(' ')} failed (${done.status ?? done.signal})`);
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < OLDEST_NODE[0] || (major === OLDEST_NODE[0] && minor < OLDEST_NODE[1])) {
    console.error(`Deep Mend needs Node ${OLDEST_NODE.join('.')} or later; this is ${process.versions.node}.`);
    process.exit(1);
  }
}

/** npm ci, but only when the lock file or Node changed since the last time. */
export function installDependencies() {
  const stampFile = join(ROOT, 'node_modules', '.deep-mend-stamp');
  const stamp = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .update(process.version)
    .digest('hex');
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === stamp) return;
  // To stderr: the headless planner's stdout belongs to its replies.
  console.error('Installing dependencies …');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { stdio: ['ignore', 2, 2] });
  mkdirSync(dirname(stampFile), { recursive: true });
  writeFileSync(stampFile, stamp);
}

function aptInstall(packages) {
  if (process.getuid() !== 0) {
    console.error(
      `Missing system packages. As an administrator run:\n  apt-get install --no-install-recommends ${packages.join(' ')}`,
    );
    process.exit(1);
  }
  console.log(`Installing ${packages.join(', ')} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  // Without this file Debian would make and start a cluster of its own on port 5432.
  mkdirSync('/etc/postgresql-common/createcluster.d', { recursive: true });
  writeFileSync('/etc/postgresql-common/createcluster.d/no-main.conf', 'create_main_cluster = false\n');
  run('apt-get', ['update', '-qq'], { env });
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], {
    env,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
}

export function ensurePostgres() {
  if (!serverBinaries()) aptInstall(['postgresql']);
}

export function ensureChromium() {
  const path = process.env.CHROMIUM ?? '/usr/bin/chromium';
  if (!existsSync(path)) aptInstall(['chromium']);
  return path;
}

/** Reads a PDF back as its reader sees it: only the tests want it. */
export function ensurePdfReader() {
  if (!existsSync('/usr/bin/pdftotext')) aptInstall(['poppler-utils']);
}

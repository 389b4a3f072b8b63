// A private PostgreSQL on loopback, from Debian's packages. Two uses: `memory` for tests (thrown away, unsafe settings)
// and `kept` for the demo (data stays, safe settings). No dependency of its own.
import { spawn, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import {
  chmodSync,
  chownSync,
  closeSync,
  existsSync,
  mkdtempSync,
  openSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { asideOf, ownFolder, sweepAside } from './keptFolder.mjs';

/** Folder of the newest server binaries, or null: Debian does not put them on the PATH. */
export function serverBinaries() {
  const root = '/usr/lib/postgresql';
  if (!existsSync(root)) return null;
  const versions = readdirSync(root)
    .filter((name) => existsSync(join(root, name, 'bin', 'postgres')))
    .sort((a, b) => Number(b) - Number(a));
  return versions.length > 0 ? join(root, versions[0], 'bin') : null;
}

// The server refuses root: as root we use the ids of the postgres user.
export function runAs() {
  if (process.getuid() !== 0) return {};
  const line = readFileSync('/etc/passwd', 'utf8')
    .split('\n')
    .find((row) => row.startsWith('postgres:'));
  if (!line) throw new Error('No postgres user: is the postgresql package installed?');
  const [, , uid, gid] = line.split(':');
  return { uid: Number(uid), gid: Number(gid) };
}

function own(path, ids) {
  if (ids.uid !== undefined) chownSync(path, ids.uid, ids.gid);
  chmodSync(path, 0o700);
}

// Every folder above the data must be traversable by the postgres user; a clone under root's home is not.
export function traversable(path) {
  for (let folder = path; folder !== '/'; folder = dirname(folder)) {
    if (existsSync(folder) && (statSync(folder).mode & 0o001) === 0) return false;
  }
  return true;
}

function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

function sweepStale(folder) {
  for (const name of readdirSync(folder).filter((entry) => entry.startsWith('deep-mend-pg-'))) {
    const pidFile = join(folder, name, 'owner.pid');
    const pid = existsSync(pidFile) ? Number(readFileSync(pidFile, 'utf8')) : 0;
    if (pid === 0 || !existsSync(`/proc/${pid}`)) rmSync(join(folder, name), { recursive: true, force: true });
  }
}

/** Folders of sockets whose starter has gone. */
function sweepSockets(folder) {
  for (const name of readdirSync(folder)) {
    const pid = /^dm-pgs-(\d+)-/.exec(name)?.[1];
    if (pid && !existsSync(`/proc/${pid}`)) rmSync(join(folder, name), { recursive: true, force: true });
  }
}

/** Who may own a folder of data: we, and the user that the database runs as. */
export const ownersOf = (ids) => [process.getuid(), ...(ids.uid === undefined ? [] : [ids.uid])];

/** What setpriv needs so that a program goes down with us, even after a kill -9. */
const diesWithUs = (signal, { uid, gid }) => [
  '--pdeathsig',
  signal,
  ...(uid === undefined ? [] : ['--reuid', String(uid), '--regid', String(gid), '--clear-groups']),
  '--',
];

const SECRET = 'password';
const WRITER_SECRET = 'writer-password';

/**
 * Makes a cluster aside, with its password in it, and renames it when it is whole: a start that is killed on the way leaves
 * nothing that looks like a cluster, and what it left still running writes into a folder that nobody uses.
 */
function initialise({ bin, ids, base, data, memory }) {
  for (const name of [data, join(base, SECRET)]) sweepAside(name);
  const making = asideOf(data);
  const secret = asideOf(join(base, SECRET));
  writeFileSync(secret, randomBytes(18).toString('hex'), { mode: 0o600 });
  if (ids.uid !== undefined) chownSync(secret, ids.uid, ids.gid);
  const made = spawnSync(
    '/usr/bin/setpriv',
    [
      ...diesWithUs('KILL', ids),
      join(bin, 'initdb'),
      '-D',
      making,
      '-U',
      'app',
      '-A',
      'scram-sha-256',
      '--pwfile',
      secret,
      '-E',
      'UTF8',
      '--locale=C.UTF-8',
      ...(memory ? ['--no-sync'] : []),
    ],
    { cwd: '/', encoding: 'utf8' },
  );
  if (made.status !== 0) throw new Error(`initdb failed: ${made.stderr}`);
  renameSync(secret, join(making, SECRET));
  renameSync(making, data);
}

/**
 * Starts a server and returns { url, writerUrl, pid, port, folder, exited, stop }. `home` keeps the data there; without it a cluster in memory is made.
 */
export async function startPostgres({ home = null, port: wanted = null } = {}) {
  const bin = serverBinaries();
  if (!bin) throw new Error('PostgreSQL server binaries not found. Install them with: apt-get install postgresql');
  const ids = runAs();
  const memory = home === null;
  const shm = existsSync('/dev/shm') ? '/dev/shm' : tmpdir();
  let base = home;
  if (memory) {
    sweepStale(shm);
    base = mkdtempSync(join(shm, 'deep-mend-pg-'));
    writeFileSync(join(base, 'owner.pid'), String(process.pid));
  } else {
    ownFolder(base, ownersOf(ids));
  }
  own(base, ids);
  sweepSockets(tmpdir());
  const data = join(base, 'cluster');
  const socket = mkdtempSync(join(tmpdir(), `dm-pgs-${process.pid}-`)); // a socket's path must be short
  own(socket, ids);
  if (!existsSync(data)) initialise({ bin, ids, base, data, memory });
  // Clusters of earlier builds have it beside them.
  const inside = join(data, SECRET);
  const password = readFileSync(existsSync(inside) ? inside : join(base, SECRET), 'utf8');
  // Whoever works with the tables has another user and another password than whoever owns them.
  const writerSecret = join(data, WRITER_SECRET);
  if (!existsSync(writerSecret)) {
    const aside = asideOf(writerSecret);
    writeFileSync(aside, randomBytes(18).toString('hex'), { mode: 0o600 });
    if (ids.uid !== undefined) chownSync(aside, ids.uid, ids.gid);
    renameSync(aside, writerSecret);
  }
  const writer = `deep_mend_writer:${readFileSync(writerSecret, 'utf8')}`;
  const unsafe = memory
    ? ['-c', 'fsync=off', '-c', 'synchronous_commit=off', '-c', 'full_page_writes=off', '-c', 'autovacuum=off']
    : [];
  const lock = join(data, 'postmaster.pid');
  for (let attempt = 1; ; attempt += 1) {
    // The same port again for a database that is started anew under a server that knows it.
    const port = attempt === 1 && wanted !== null ? wanted : await freePort();
    const log = openSync(join(base, 'server.log'), 'a');
    const args = [
      '-D',
      data,
      '-c',
      'listen_addresses=127.0.0.1',
      '-c',
      `port=${port}`,
      '-c',
      `unix_socket_directories=${socket}`,
      '-c',
      'jit=off',
      // A statement that failed holds what somebody typed, and names.
      '-c',
      'log_min_error_statement=panic',
      ...unsafe,
    ];
    const child = spawn('/usr/bin/setpriv', [...diesWithUs('INT', ids), join(bin, 'postgres'), ...args], {
      cwd: '/',
      detached: true,
      stdio: ['ignore', log, log],
    });
    closeSync(log);
    const exited = new Promise((resolve) => child.once('exit', resolve));
    if (await ready(lock, port, child)) {
      const stop = async () => {
        if (child.exitCode === null && child.signalCode === null) {
          child.kill('SIGINT');
          const hard = setTimeout(() => child.kill('SIGQUIT'), 8000);
          await exited;
          clearTimeout(hard);
        }
        rmSync(socket, { recursive: true, force: true });
        if (memory) rmSync(base, { recursive: true, force: true });
      };
      const at = (user) => `postgres://${user}@127.0.0.1:${port}`;
      return { url: at(`app:${password}`), writerUrl: at(writer), pid: child.pid, port, folder: base, exited, stop };
    }
    if (attempt === 3) throw new Error(`PostgreSQL did not start; see ${join(base, 'server.log')}`);
  }
}

async function ready(lock, port, child) {
  const deadline = Date.now() + 20_000;
  while (Date.now() < deadline) {
    if (child.exitCode !== null) return false;
    if (existsSync(lock)) {
      const lines = readFileSync(lock, 'utf8').split('\n');
      if (lines[3]?.trim() === String(port) && lines[7]?.trim() === 'ready') return true;
    }
    await new Promise((resolve) => setTimeout(resolve, 25));
  }
  return false;
}

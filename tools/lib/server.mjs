// Starts the built server, and the stand-in for instruments, as children that report their port, and stops them again.
import { fork } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './bootstrap.mjs';

/** Starts a built file as a child that reports its port. @returns { url, port, pid, exited, stop } */
async function startChild(what, file, port, env) {
  const child = fork(join(ROOT, 'server', 'dist', file), [], {
    cwd: ROOT,
    env: { ...process.env, ...env, PORT: String(port) },
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
  const exited = new Promise((resolve) => child.once('exit', resolve));
  const reported = await Promise.race([
    new Promise((resolve) => child.once('message', resolve)),
    exited.then((code) => {
      throw new Error(`${what} did not start (${code}). Is port ${port} in use? Set PORT to another.`);
    }),
  ]);
  return {
    url: `http://127.0.0.1:${reported.port}`,
    port: reported.port,
    pid: child.pid,
    exited,
    stop: async () => {
      if (child.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
      const hard = setTimeout(() => child.kill('SIGKILL'), 8000);
      await exited;
      clearTimeout(hard);
    },
  };
}

/** @returns { url, port, pid, exited, stop } */
export const startServer = ({
  databaseUrl,
  writerUrl = null,
  instrumentsUrl = null,
  publicUrl = null,
  port = 0,
  logLevel = 'warn',
}) =>
  startChild('The server', 'main.mjs', port, {
    DATABASE_URL: databaseUrl,
    ...(writerUrl ? { WRITER_DATABASE_URL: writerUrl } : {}),
    ...(publicUrl ? { PUBLIC_URL: publicUrl } : {}),
    ...(instrumentsUrl ? { INSTRUMENTS_URL: instrumentsUrl } : {}),
    WEB_FOLDER: join(ROOT, 'web', 'dist'),
    LOG_LEVEL: logLevel,
  });

/** The stand-in for instruments at the bench. @returns { url, port, pid, exited, stop } */
export const startInstruments = (port = 0) => startChild('The instruments’ stand-in', 'instruments.mjs', port, {});

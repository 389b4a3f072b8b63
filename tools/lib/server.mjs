// Starts the built server as a child that reports its port, and stops it again.
import { fork } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './bootstrap.mjs';

/** @returns { url, port, pid, exited, stop } */
export async function startServer({ databaseUrl, writerUrl = null, port = 0, logLevel = 'warn' }) {
  const child = fork(join(ROOT, 'server', 'dist', 'main.mjs'), [], {
    cwd: ROOT,
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      ...(writerUrl ? { WRITER_DATABASE_URL: writerUrl } : {}),
      PORT: String(port),
      WEB_FOLDER: join(ROOT, 'web', 'dist'),
      LOG_LEVEL: logLevel,
    },
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
  const exited = new Promise((resolve) => child.once('exit', resolve));
  const reported = await Promise.race([
    new Promise((resolve) => child.once('message', resolve)),
    exited.then((code) => {
      throw new Error(`The server did not start (${code}). Is port ${port} in use? Set PORT to another.`);
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

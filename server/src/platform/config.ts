export interface Config {
  /** The owner of the tables: migrates. */
  databaseUrl: string;
  /** Whoever works with them, and may not change what is recorded; null: the owner does both. */
  writerUrl: string | null;
  /** Names beside loopback by which people reach the server. */
  hosts: string[];
  /** Where people reach the server from elsewhere, for codes on paper; null: not said, or this machine alone. */
  publicUrl: string | null;
  /** Where the instruments of the benches answer; null: none are connected. */
  instrumentsUrl: string | null;
  /** Port of the figures for a monitor, on loopback; null: none. */
  metricsPort: number | null;
  host: string;
  port: number;
  /** Folder with the built web application; null serves the API alone. */
  webFolder: string | null;
  logLevel: string;
}

function portOf(name: string, text: string): number {
  const port = Number(text);
  if (!(Number.isInteger(port) && port >= 0 && port < 65_536))
    throw new Error(`${name} must be 0 to 65535, not ${text}`);
  return port;
}

const LOOPBACK = /^(localhost|127(\.\d+){3}|\[::1\])$/;

/** An address without a slash at its end. One of this machine leads nobody anywhere, and counts as none. */
function publicUrlOf(text: string | undefined): string | null {
  if (text === undefined || text === '') return null;
  if (!URL.canParse(text)) throw new Error(`PUBLIC_URL must be an address like https://mend.example, not ${text}`);
  const url = new URL(text);
  if (url.protocol !== 'https:' && url.protocol !== 'http:')
    throw new Error(`PUBLIC_URL must begin with https:// or http://, not ${text}`);
  return LOOPBACK.test(url.hostname) ? null : `${url.origin}${url.pathname.replace(/\/+$/, '')}`;
}

function instrumentsUrlOf(text: string | undefined): string | null {
  if (text === undefined || text === '') return null;
  if (!/^https?:/.test(text) || !URL.canParse(text))
    throw new Error(`INSTRUMENTS_URL must be an address like http://127.0.0.1:5190, not ${text}`);
  return text;
}

/** Reads the configuration from the environment. Loopback by default. */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const databaseUrl = env.DATABASE_URL;
  if (!databaseUrl) throw new Error('DATABASE_URL is not set');
  return {
    databaseUrl,
    writerUrl: env.WRITER_DATABASE_URL ?? null,
    hosts: (env.HOSTS ?? '')
      .split(',')
      .map((host) => host.trim())
      .filter(Boolean),
    publicUrl: publicUrlOf(env.PUBLIC_URL),
    instrumentsUrl: instrumentsUrlOf(env.INSTRUMENTS_URL),
    metricsPort: env.METRICS_PORT === undefined ? null : portOf('METRICS_PORT', env.METRICS_PORT),
    host: env.HOST ?? '127.0.0.1',
    port: portOf('PORT', env.PORT ?? '0'),
    webFolder: env.WEB_FOLDER ?? null,
    logLevel: env.LOG_LEVEL ?? 'info',
  };
}

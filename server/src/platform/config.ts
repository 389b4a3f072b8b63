export interface Config {
  databaseUrl: string;
  host: string;
  port: number;
  /** Folder with the built web application; null serves the API alone. */
  webFolder: string | null;
  logLevel: string;
}

/** Reads the configuration from the environment. Loopback by default. */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const databaseUrl = env.DATABASE_URL;
  if (!databaseUrl) throw new Error('DATABASE_URL is not set');
  const port = Number(env.PORT ?? 0);
  if (!(port >= 0 && port < 65_536)) throw new Error(`PORT must be 0 to 65535, not ${env.PORT}`);
  return {
    databaseUrl,
    host: env.HOST ?? '127.0.0.1',
    port,
    webFolder: env.WEB_FOLDER ?? null,
    logLevel: env.LOG_LEVEL ?? 'info',
  };
}

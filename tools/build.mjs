// Builds the web application and bundles the server and the demo's seeder. Skips what is up to date.
import { existsSync, readdirSync, statSync, writeFileSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { npmOutside } from './lib/esbuildOwn.mjs';
import { pathToFileURL } from 'node:url';
import { ROOT, run } from './lib/bootstrap.mjs';

const SOURCES = [
  'core/src',
  'contract/src',
  'drawing/src',
  'server/src',
  'web/src',
  'web/public',
  'web/index.html',
  'web/vite.config.ts',
  'demo/src',
  'package-lock.json',
  'tools/build.mjs',
];
const STAMP = join(ROOT, 'server', 'dist', '.built');

function newest(path) {
  const info = statSync(path);
  if (!info.isDirectory()) return info.mtimeMs;
  return Math.max(info.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}

export async function build() {
  const stale = !existsSync(STAMP) || SOURCES.some((source) => newest(join(ROOT, source)) > statSync(STAMP).mtimeMs);
  if (!stale) return;
  console.log('Building …');
  const { build: bundle } = await import('esbuild');
  const common = {
    absWorkingDir: ROOT,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'error',
    sourcemap: true,
  };
  await bundle({
    ...common,
    entryPoints: {
      'server/dist/main': 'server/src/main.ts',
      'server/dist/instruments': 'server/src/stand-ins/instruments.ts',
      'demo/dist/seed': 'demo/src/seed.ts',
    },
    outdir: '.',
    outExtension: { '.js': '.mjs' },
    plugins: [npmOutside],
  });
  run('npx', ['vite', 'build', '--logLevel', 'warn'], { cwd: join(ROOT, 'web') });
  mkdirSync(join(ROOT, 'server', 'dist'), { recursive: true });
  writeFileSync(STAMP, '');
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) await build();

// npm run -s mend -- <topic>: the headless planner, bundled from source when that is newer.
import { join } from 'node:path';
import { installDependencies, ROOT } from './lib/bootstrap.mjs';
import { npmOutside } from './lib/esbuildOwn.mjs';

installDependencies();
const { build } = await import('esbuild');
const outfile = join(ROOT, 'cli', 'dist', 'main.mjs');
await build({
  absWorkingDir: ROOT,
  entryPoints: ['cli/src/main.ts'],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  logLevel: 'error',
  plugins: [npmOutside],
});
await import(outfile);

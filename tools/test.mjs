// npm test: everything, from a fresh machine. Ends with one line that sums all suites.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  checkNode,
  ensureChromium,
  ensurePdfReader,
  ensurePostgres,
  installDependencies,
  ROOT,
} from './lib/bootstrap.mjs';

checkNode();
installDependencies();
ensurePostgres();
ensurePdfReader();
const chromium = ensureChromium();
const { build } = await import('./build.mjs');

const results = mkdtempSync(join(tmpdir(), 'deep-mend-test-'));
let passed = 0;
let failed = 0;

/** A step without counts of its own is one check: it passes or fails as a whole. */
function step(title, command, args, read = null, env = {}) {
  console.log(`\n== ${title}`);
  const started = performance.now();
  const done = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } });
  console.log(`${title}: ${((performance.now() - started) / 1000).toFixed(0)} s`);
  if (!read) {
    passed += done.status === 0 ? 1 : 0;
    failed += done.status === 0 ? 0 : 1;
    return;
  }
  let counts;
  try {
    counts = read();
  } catch (error) {
    console.error(`${title} left no result: ${error.message}`);
    counts = { passed: 0, failed: 1 };
  }
  passed += counts.passed;
  // A suite that could not even load fails without a failed test.
  failed += counts.failed === 0 && done.status !== 0 ? 1 : counts.failed;
}

/** A test that takes longer than this is worth splitting. */
const SLOW_MS = 15_000;
/** Prints the ten slowest of a step: what to look at when the whole grows slow. */
function printSlowest(tests) {
  for (const { name, ms } of tests.sort((a, b) => b.ms - a.ms).slice(0, 10))
    console.log(`  ${(ms / 1000).toFixed(1)} s${ms > SLOW_MS ? ' (too slow)' : ''}  ${name}`);
}
const jestTests = ({ testResults }) =>
  testResults.flatMap(({ assertionResults }) =>
    assertionResults.map(({ fullName, duration }) => ({ name: fullName, ms: duration ?? 0 })),
  );
const browserTests = ({ suites }) =>
  suites.flatMap((suite) => [
    ...browserTests({ suites: suite.suites ?? [] }),
    ...suite.specs.map(({ title, tests }) => ({
      name: title,
      ms: Math.max(...tests.flatMap(({ results }) => results.map(({ duration }) => duration))),
    })),
  ]);

const json = (name) => JSON.parse(readFileSync(join(results, name), 'utf8'));

step('Types', 'npx', ['tsc', '-p', 'tsconfig.json']);
step('Lint', 'npx', ['eslint', '.']);
step('Format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']);
step('Unit and server', 'npx', ['jest', '--json', `--outputFile=${join(results, 'jest.json')}`, '--silent'], () => {
  const report = json('jest.json');
  printSlowest(jestTests(report));
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = report;
  return { passed: numPassedTests, failed: numFailedTests + numRuntimeErrorTestSuites };
});
try {
  await build();
  step(
    'Browser',
    'npx',
    ['playwright', 'test', '--config', 'e2e/playwright.config.ts', '--reporter=list,json'],
    () => {
      const report = json('browser.json');
      printSlowest(browserTests(report));
      const { expected, unexpected, flaky } = report.stats;
      return { passed: expected, failed: unexpected + flaky };
    },
    { PLAYWRIGHT_JSON_OUTPUT_NAME: join(results, 'browser.json'), CHROMIUM: chromium },
  );
} catch (error) {
  console.error(error.message);
  failed += 1;
}
rmSync(results, { recursive: true, force: true });
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

// npm run ratio: lines of tests against lines of code, by workspace and over the whole tree. Blank lines, tables of data and
// golden cases are neither.
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './lib/bootstrap.mjs';

/** The aim of the house: tests are about a quarter to a third as long as the code. */
const AIM = [0.25, 0.33];

const isTest = (file) =>
  /\.(test|spec)\.tsx?$/.test(file) || /(^|\/)(test|test-support)\//.test(file) || file.startsWith('e2e/');
const isNeither = (file) => /(^|\/)(tables|golden)\//.test(file);
const linesOf = (file) =>
  readFileSync(join(ROOT, file), 'utf8')
    .split('\n')
    .filter((line) => line.trim() !== '').length;

const rows = new Map();
for (const file of execFileSync('git', ['ls-files', '*.ts', '*.tsx', '*.mjs', '*.css'], { cwd: ROOT, encoding: 'utf8' })
  .split('\n')
  .filter((file) => file !== '' && !isNeither(file) && existsSync(join(ROOT, file)))) {
  const folder = file.includes('/') ? file.split('/')[0] : '.';
  const row = rows.get(folder) ?? { folder, code: 0, tests: 0 };
  row[isTest(file) ? 'tests' : 'code'] += linesOf(file);
  rows.set(folder, row);
}
const all = [...rows.values()];
const sum = (key) => all.reduce((total, row) => total + row[key], 0);
const ratio = ({ code, tests }) => (code === 0 ? 'tests only' : (tests / code).toFixed(3));
for (const row of [...all, { folder: 'all', code: sum('code'), tests: sum('tests') }])
  console.log(
    `${row.folder.padEnd(10)}${String(row.code).padStart(7)} code${String(row.tests).padStart(7)} tests   ${ratio(row)}`,
  );
console.log(`aim ${AIM.join(' to ')} over the whole tree`);

import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as core from './index.ts';

// Every `@example expression // value` in a docstring is run: a promise in a comment that nobody keeps is worse than none.
const examples = (readdirSync(__dirname, { recursive: true }) as string[])
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .flatMap((file) =>
    [...readFileSync(join(__dirname, file), 'utf8').matchAll(/@example (.+?) \/\/ (.+?)(?:\s*\*\/)?$/gm)].map(
      (match) => ({
        label: `${file}: ${match[1]}`,
        file,
        expression: match[1]!,
        printed: match[2]!.trim(),
      }),
    ),
  );

test('there are examples to run', () => {
  expect(examples.length).toBeGreaterThan(25);
});

test.each(examples)('$label', ({ file, expression, printed }) => {
  // A front door exports what others use; an example may also name what only its own file exports.
  const known: Record<string, unknown> = { ...core, ...(jest.requireActual(join(__dirname, file)) as object) };
  const names = Object.keys(known);
  const actual: unknown = new Function(...names, `return (${expression});`)(...names.map((name) => known[name]));
  if (/^-?[\d.]+$/.test(printed)) {
    // Agreement to the printed digit, in whole units for integers.
    const decimals = printed.split('.')[1]?.length ?? 0;
    expect(Math.abs((actual as number) - Number(printed))).toBeLessThanOrEqual(0.51 * 10 ** -decimals);
  } else {
    expect(actual).toEqual(new Function(`return ${printed};`)());
  }
});

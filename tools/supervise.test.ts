import { join } from 'node:path';
import { pathToFileURL } from 'node:url';

interface Program {
  exited: Promise<void>;
  stop: () => Promise<void>;
}
const load = async () =>
  (await import(pathToFileURL(join(__dirname, 'lib', 'supervise.mjs')).href)) as {
    supervise: (
      name: string,
      start: (before: Program | null) => Promise<Program>,
      how: object,
    ) => Promise<{ current: Program; stop: () => Promise<void> }>;
  };

/** A program that ends when it is told to. */
function program() {
  let end = () => undefined as void;
  const exited = new Promise<void>((resolve) => (end = resolve));
  return { exited, end, stop: async () => end() };
}

test('what ends is started again, also when a start fails, and it is said; told to stop, it stays stopped', async () => {
  const { supervise } = await load();
  const started: ReturnType<typeof program>[] = [];
  const said: string[] = [];
  let fails = false;
  const kept = await supervise(
    'The server',
    async () => {
      if (fails) throw new Error('port in use');
      const one = program();
      started.push(one);
      return one;
    },
    { firstPauseMs: 5, say: (words: string) => void said.push(words) },
  );
  fails = true;
  started[0]!.end();
  while (!said.some((words) => words.includes('port in use'))) await new Promise((resolve) => setTimeout(resolve, 5));
  fails = false;
  while (started.length < 2) await new Promise((resolve) => setTimeout(resolve, 5));
  await kept.stop();
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(started).toHaveLength(2);
  expect(said[0]).toBe('The server ended; it is started again in 1 s');
  expect(said.at(-1)).toBe('The server runs again');
});

import type { HoleDetail, HoleWritten } from '@deep-mend/contract';
import type { ScopedMutator } from 'swr';
import { applyWritten } from './applyWritten.ts';

/**
 * Lays what a write answered into what is shown. A hole's new events are laid after those that are there; everything else is
 * read again, and so is a hole at a gap.
 *
 * @param line - the address of what was written to
 */
export async function layIn(mutate: ScopedMutator, line: string, body: unknown): Promise<void> {
  const written = body as Partial<HoleWritten> | null;
  if (written?.events === undefined) return void (await mutate(line));
  let whole = false;
  await mutate<HoleDetail>(
    line,
    (detail) => {
      const after = detail && applyWritten(detail, written as HoleWritten);
      whole = Boolean(after);
      return after ?? detail;
    },
    { revalidate: false },
  );
  if (!whole) await mutate(line);
}

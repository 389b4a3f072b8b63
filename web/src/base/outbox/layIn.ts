import type { HoleDetail, HoleWritten } from '@deep-mend/contract';
import type { ScopedMutator } from 'swr';
import { keptReplies } from '../replies/keptReplies.ts';
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
  let laid: HoleDetail | null = null;
  await mutate<HoleDetail>(
    line,
    (detail) => {
      laid = (detail && applyWritten(detail, written as HoleWritten)) ?? null;
      return laid ?? detail;
    },
    { revalidate: false },
  );
  if (!laid) return void (await mutate(line));
  // Opened again without the server, the page has what was recorded since it was read.
  await keptReplies.keep({ address: line, body: laid, revision: (laid as HoleDetail).revision, readAt: Date.now() });
}

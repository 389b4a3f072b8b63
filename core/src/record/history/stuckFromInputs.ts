import { parentById } from '../../facts/materials/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import type { ShopRules } from '../../judge/hole/index.ts';
import type { StuckCase } from '../../plan/freeing/index.ts';
import type { CaseInputs } from './caseFromFile.ts';

/** Classes that no ordinary drill cuts. */
const HARD_CLASSES: readonly string[] = ['12.9'];

/**
 * What sticks in the hole, from the choices and readings; null when nothing does, or when thread or parent are not known.
 * Taps and extractors are hard without being asked; of a screw its class says so.
 */
export function stuckFromInputs({ choices, readings }: CaseInputs, shop: ShopRules): StuckCase | null {
  const what = choices.stuck ?? 'none';
  if (what === 'none' || !choices.threadId || !choices.parentId) return null;
  const { proud, sunk } = readings;
  return {
    what,
    thread: threadById(choices.threadId),
    parent: parentById(choices.parentId),
    hard:
      choices.stuckHard ??
      (what === 'tap' || what === 'extractor' || HARD_CLASSES.includes(choices.fastenerClassId ?? '')),
    stainless: choices.stuckStainless ?? choices.fastenerClassId?.startsWith('A') ?? false,
    proudMm: proud ? proud.mm : sunk ? -sunk.mm : null,
    drive: choices.stuckDrive ?? 'none',
    why: choices.stuckWhy ?? 'unknown',
    nearLimitC: choices.nearLimitC ?? null,
    through: choices.kind === 'through',
    rack: shop.rack,
  };
}

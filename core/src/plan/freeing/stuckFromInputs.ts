import { parentById } from '../../facts/materials/index.ts';
import { NOTHING_LISTED } from '../../facts/owned/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { choiceOf, type CaseInputs, type HoleChoices, type ShopRules } from '../../judge/hole/index.ts';
import type { CoreDrilling } from './harmInput.ts';
import type { StuckCase } from './StuckCase.ts';

/** Classes that no ordinary drill cuts. */
const HARD_CLASSES: readonly string[] = ['12.9'];

/** Whether what is stuck is too hard to drill: as somebody said, else by what it is. */
export function stuckIsHard(choices: Partial<HoleChoices>): boolean {
  return (
    choices.stuckHard ??
    (choices.stuck === 'tap' || choices.stuck === 'extractor' || HARD_CLASSES.includes(choices.fastenerClassId ?? ''))
  );
}

/** Whether it is stainless: as somebody said, else by its class (A2, A4). */
export function stuckIsStainless(choices: Partial<HoleChoices>): boolean {
  return choices.stuckStainless ?? choices.fastenerClassId?.startsWith('A') ?? false;
}

/**
 * What sticks in the hole, from the choices and readings; null when nothing does, or when thread or parent are not known.
 * Taps and extractors are hard without being asked; of a screw its class says so.
 */
export function stuckFromInputs(
  { choices, readings }: CaseInputs,
  shop: ShopRules,
  tried: StuckCase['tried'] = [],
): StuckCase | null {
  const what = choiceOf(choices, 'stuck');
  if (what === 'none' || !choices.threadId || !choices.parentId) return null;
  const { proud, sunk } = readings;
  return {
    what,
    thread: threadById(choices.threadId),
    parent: parentById(choices.parentId),
    hard: stuckIsHard(choices),
    stainless: stuckIsStainless(choices),
    proudMm: proud ? proud.mm : sunk ? -sunk.mm : null,
    lengthMm: readings['stuck-length']?.mm ?? null,
    offsetMm: readings['core-offset']?.mm ?? null,
    breakFace: choiceOf(choices, 'stuckFace'),
    drive: choiceOf(choices, 'stuckDrive'),
    driveKind: choiceOf(choices, 'drive'),
    why: choiceOf(choices, 'stuckWhy'),
    nearLimitC: choiceOf(choices, 'nearLimitC'),
    access: choiceOf(choices, 'access'),
    headroomMm: readings.headroom?.mm ?? null,
    sideRoomMm: readings['side-room']?.mm ?? null,
    through: choices.kind === 'through',
    tried,
    rack: shop.rack,
    owned: shop.rules.kit ?? NOTHING_LISTED,
  };
}

/** How it would be drilled, from the choices and readings; an old true centre in the break is taken without being asked. */
export function drillingFromInputs({ choices, readings }: CaseInputs): CoreDrilling {
  return {
    start: choices.coreStart ?? (choices.stuckFace === 'dimple' ? 'true-centre' : choiceOf(choices, 'coreStart')),
    hold: choiceOf(choices, 'coreHold'),
    limit: choiceOf(choices, 'coreLimit'),
    measuredOffset: readings['core-offset'] ?? null,
    projectionMm: readings['core-projection']?.mm,
    boredMm: readings['core-bored']?.mm ?? null,
    voidMm: readings.edge?.mm ?? null,
  };
}

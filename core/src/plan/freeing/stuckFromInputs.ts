import { isStainless, parentById } from '../../facts/materials/index.ts';
import { NOTHING_LISTED } from '../../facts/owned/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { behindOf, choiceOf, type CaseInputs, type HoleChoices, type ShopRules } from '../../judge/hole/index.ts';
import type { CoreDrilling } from './harmInput.ts';
import type { StuckCase } from './StuckCase.ts';

/** Whether what is stuck is too hard for any drill but carbide: as somebody said, else by what it is. A 12.9 screw drills, with cobalt. */
export function stuckIsHard(choices: Partial<HoleChoices>): boolean {
  return choices.stuckHard ?? (choices.stuck === 'tap' || choices.stuck === 'extractor');
}

/** Whether it is stainless: as somebody said, else by its class (A2, A4). */
export function stuckIsStainless(choices: Partial<HoleChoices>): boolean {
  return choices.stuckStainless ?? isStainless(choices.fastenerClassId);
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
    hardnessKnown: what !== 'dowel' || typeof choices.stuckHard === 'boolean',
    stainless: stuckIsStainless(choices),
    classId: choices.fastenerClassId ?? null,
    proudMm: proud ? proud.mm : sunk ? -sunk.mm : null,
    lengthMm: readings['stuck-length']?.mm ?? null,
    holeDepthMm: readings.depth?.mm ?? null,
    edgeMm: readings.edge?.mm ?? null,
    drilledMm: readings['core-bore']?.mm ?? null,
    offsetMm: readings['core-offset']?.mm ?? null,
    breakFace: choiceOf(choices, 'stuckFace'),
    drive: choiceOf(choices, 'stuckDrive'),
    driveKind: choiceOf(choices, 'drive'),
    why: choiceOf(choices, 'stuckWhy'),
    behindIt: choiceOf(choices, 'stuckBehind'),
    behind: behindOf(choices),
    cylinder: choiceOf(choices, 'screwedIn') === 'spark-plug',
    nearLimitC: choiceOf(choices, 'nearLimitC'),
    access: choiceOf(choices, 'access'),
    headroomMm: readings.headroom?.mm ?? null,
    sideRoomMm: readings['side-room']?.mm ?? null,
    keep: {
      shellMm: choiceOf(choices, 'keepShellMm'),
      floorMm: choiceOf(choices, 'keepFloorMm'),
      wallMm: choiceOf(choices, 'keepWallMm'),
    },
    through: choices.kind === 'through',
    tried,
    rack: shop.rack,
    owned: shop.rules.kit ?? NOTHING_LISTED,
    machines: shop.rules.machines ?? [],
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

import { choiceOf, type HoleChoices } from './choices.ts';
import type { HoleCase, Joint, LoadDemand, Work } from './HoleCase.ts';
import { BEHINDS, type Behind } from './choices/holeRows.ts';
import { screwedInTaken } from './screwedIn.ts';

/** A torque that nobody named asks for nothing: it is then judged as made. */
function demandOf(choices: Partial<HoleChoices>): LoadDemand {
  const mode = choiceOf(choices, 'demandMode');
  if (mode !== 'preload') return { mode };
  if (!choices.torqueNm) return { mode: 'as-made' };
  return {
    mode: 'preload',
    torqueNm: choices.torqueNm,
    friction: choiceOf(choices, 'friction'),
    load: choiceOf(choices, 'load'),
  };
}

/** The part of a case that follows from choices alone; what nobody chose is as the table of choices takes it. */
export type ChosenPart = Pick<
  HoleCase,
  | 'parentTensileMpa'
  | 'strippedThroughout'
  | 'axis'
  | 'floorName'
  | 'behind'
  | 'crack'
  | 'coilState'
  | 'stuck'
  | 'failed'
  | 'duty'
  | 'hurtKind'
  | 'partCost'
> & {
  joint: Omit<Joint, 'screwReach' | 'mateHole' | 'endRoom' | 'grip' | 'seat'>;
  work: Pick<Work, 'access' | 'shape' | 'massKg' | 'near'>;
};

/** What lies behind a hole: as somebody said, else by the name of what lies there. */
export function behindOf(choices: Partial<HoleChoices>): Behind | null {
  const said = choiceOf(choices, 'behind');
  const name = choiceOf(choices, 'floorName');
  return (
    said ??
    (name === '' ? null : (BEHINDS.find(({ names }) => (names as readonly string[]).includes(name))?.id ?? 'closed'))
  );
}

/** @example caseOfChoices({}).crack // null */
export function caseOfChoices(choices: Partial<HoleChoices>): ChosenPart {
  const failed = choiceOf(choices, 'failedMethod');
  const behind = behindOf(choices);
  return {
    parentTensileMpa: choiceOf(choices, 'parentTensileMpa'),
    strippedThroughout: choiceOf(choices, 'strippedThroughout'),
    axis: choiceOf(choices, 'axis'),
    floorName:
      choiceOf(choices, 'floorName') || (BEHINDS.find(({ id }) => id === behind)?.called ?? 'unknown behind it'),
    behind,
    crack: choiceOf(choices, 'crack'),
    coilState: choiceOf(choices, 'coilState'),
    partCost: choiceOf(choices, 'partCost'),
    stuck: choiceOf(choices, 'stuck'),
    failed: failed === null ? null : { method: failed, causePresent: choiceOf(choices, 'failedCausePresent') },
    work: {
      access: choices.access ?? null,
      shape: choiceOf(choices, 'workShape'),
      massKg: choiceOf(choices, 'workMassKg'),
      near: choiceOf(choices, 'workNear'),
    },
    duty: choiceOf(choices, 'duty'),
    hurtKind: choiceOf(choices, 'hurtKind'),
    joint: {
      screwedIn: screwedInTaken(choices),
      fastenerClassId: choiceOf(choices, 'fastenerClassId'),
      drive: choiceOf(choices, 'drive'),
      cause: choiceOf(choices, 'cause'),
      nearHeat: choiceOf(choices, 'nearHeat'),
      pressureBar: choiceOf(choices, 'pressureBar'),
      runningTorqueNm: choiceOf(choices, 'runningTorqueNm'),
      mateMayBeOpened: choiceOf(choices, 'mateMayBeOpened'),
      demand: demandOf(choices),
      serviceC: choiceOf(choices, 'serviceC'),
      sealing: choiceOf(choices, 'sealing'),
      undone: choiceOf(choices, 'undone'),
      backReached: choiceOf(choices, 'backReached'),
      appearance: choiceOf(choices, 'appearance'),
    },
  };
}

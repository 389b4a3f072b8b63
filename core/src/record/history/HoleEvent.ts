import type { Duty, EarlierRepair, InstrumentId, QuantityId, Sealing, Stuck, Drive } from '../../judge/hole/index.ts';
import type { Access, BreakFace, HoldId, MeansId, StartId } from '../../plan/freeing/index.ts';
import type { MethodId } from '../../plan/routes/index.ts';
import type { FrozenPlan } from '../../plan/freeze/index.ts';
import type { LengthNotation } from '../../basis/units/index.ts';
import type { RecordedResult } from '../results/index.ts';

/** Choices about a hole that a person makes; the last one counts. */
export interface HoleChoices {
  threadId: string;
  parentId: string;
  parentTensileMpa: number | null;
  kind: 'through' | 'blind';
  strippedThroughout: boolean;
  edgeName: string;
  fastenerClassId: string | null;
  demandMode: 'fastener-first' | 'preload';
  torqueNm: number | null;
  friction: 'dry' | 'oiled' | 'anti-seize' | 'unknown';
  load: 'static' | 'pulsating';
  duty: Duty;
  axis: 'true' | 'own';
  edge2Name: string;
  floorName: string;
  crack: 'none' | 'near' | 'reaches';
  stuck: Stuck;
  earlierRepair: EarlierRepair | null;
  failedMethod: MethodId | null;
  failedCausePresent: boolean;
  mateMayBeOpened: boolean;
  serviceC: number | null;
  sealing: Sealing;
  undone: 'rarely' | 'often';
  backReached: boolean;
  appearance: boolean;
  stuckDrive: 'none' | 'damaged' | 'good';
  stuckWhy: 'rust' | 'galled' | 'locker' | 'bottomed' | 'cross-threaded' | 'peened' | 'unknown';
  stuckHard: boolean;
  stuckStainless: boolean;
  nearLimitC: number | null;
  coreStart: StartId;
  coreHold: HoldId;
  coreLimit: 'nominal' | 'class';
  stuckFace: BreakFace;
  access: Access;
  /** Head and drive of the screw, recorded for what goes back. */
  drive: Drive | null;
}

export interface ReadingPayload {
  quantity: QuantityId;
  /** As typed. */
  text: string;
  notation: LengthNotation;
  mm: number;
  halfWidthMm: number;
  instrument: InstrumentId;
  /** When the reading was moved here from the wrong hole. */
  movedFrom?: { holeId: string; readingId: string } | undefined;
}

/** One try at freeing what is stuck, and what came of it. */
export interface Attempt {
  mendId: string;
  means: MeansId;
  outcome: 'freed' | 'moved' | 'nothing' | 'worse';
  note: string;
}

/** Everything that can happen to a hole, by kind. Append-only: a correction is a new event. */
export type HoleEventBody =
  | { kind: 'located'; payload: { name: string; faceId: string | null } }
  | { kind: 'filed'; payload: { name: string; faceId: string } }
  | { kind: 'choice'; payload: { [K in keyof HoleChoices]: { field: K; value: HoleChoices[K] } }[keyof HoleChoices] }
  | { kind: 'reading'; payload: ReadingPayload }
  | { kind: 'reading-struck'; payload: { readingId: string; reason: string } }
  | { kind: 'reading-moved'; payload: { readingId: string; toHoleId: string; reason: string } }
  | { kind: 'mend-opened'; payload: { mendId: string; what: string } }
  | { kind: 'plan-frozen'; payload: { mendId: string; planId: string; plan: FrozenPlan; supersedes: string | null } }
  | { kind: 'attempt'; payload: Attempt }
  | { kind: 'result'; payload: { mendId: string; planId: string; results: RecordedResult[]; note: string } }
  | {
      kind: 'mend-closed';
      payload: {
        mendId: string;
        outcome: 'mended' | 'given-up' | 'sent-out';
        note: string;
        secondSignedBy: string | null;
      };
    };

export type HoleEvent = HoleEventBody & {
  id: string;
  seq: number;
  /** ISO times, UTC. */
  happenedAt: string;
  recordedAt: string;
  actor: string;
};

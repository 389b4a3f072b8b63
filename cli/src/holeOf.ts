import type { PlannerInput } from '@deep-mend/contract/planner';
import {
  blankCase,
  DEFAULT_HOUSE_RULES,
  parentById,
  RANKING_WEIGHTS,
  type HoleCase,
  type Measured,
  type Rack,
  type Thread,
} from '@deep-mend/core';

type HoleInput = PlannerInput<'assess'>;
type LengthInput = HoleInput['depth'];

const measured = (length: LengthInput): Measured =>
  typeof length === 'number' ? { mm: length, halfWidthMm: 0 } : length;
const orNull = (length: LengthInput | undefined): Measured | null => (length === undefined ? null : measured(length));

/** Drops what was left out, so that the blank case's own value stands. */
function given<T extends object>(record: T): { [K in keyof T]-?: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined)) as never;
}

/** The case that one line of JSON describes. A hole without its damage is taken as stripped throughout. */
export function holeOf(input: HoleInput, thread: Thread, rack: Rack): HoleCase {
  const depth = measured(input.depth);
  const stripped = input.strippedThroughout ?? input.damageTo === undefined;
  const joint = input.joint ?? {};
  const demand: HoleCase['joint']['demand'] =
    joint.torqueNm === undefined
      ? { mode: 'fastener-first' }
      : {
          mode: 'preload',
          torqueNm: joint.torqueNm,
          friction: joint.friction ?? 'unknown',
          load: joint.load ?? 'static',
        };
  const rule = input.ranking ?? 'least-metal';
  return blankCase({
    thread,
    parent: parentById(input.parent),
    kind: input.kind,
    depth,
    damageTo: stripped || input.damageTo === undefined ? { ...depth, halfWidthMm: 0 } : measured(input.damageTo),
    strippedThroughout: stripped,
    edge: orNull(input.edge),
    floor: orNull(input.floor),
    leanPer50: orNull(input.leanPer50),
    rack,
    rules: { ...DEFAULT_HOUSE_RULES, ranking: { rule, weights: RANKING_WEIGHTS[rule] } },
    ...given({
      parentTensileMpa: input.parentTensileMpa,
      bore: input.bore,
      boreOffset: input.boreOffset,
      axis: input.axis,
      edgeName: input.edgeName,
      floorName: input.floorName,
      crack: input.crack,
      stuck: input.stuck,
      earlierRepair: input.earlierRepair,
      earlierCutMm: input.earlierCutMm,
      failed: input.failed,
      duty: input.duty,
    }),
    joint: {
      demand,
      fastenerClassId: joint.fastenerClass ?? null,
      screwReach: orNull(joint.screwReach),
      mateHole: orNull(joint.mateHole),
      endRoom: orNull(joint.endRoom),
      grip: orNull(joint.grip),
      ...given({
        mateMayBeOpened: joint.mateMayBeOpened,
        serviceC: joint.serviceC,
        sealing: joint.sealing,
        undone: joint.undone,
        backReached: joint.backReached,
        appearance: joint.appearance,
      }),
    },
  });
}

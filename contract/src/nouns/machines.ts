import { MACHINE_KINDS, PRACTICES } from '@deep-mend/core';
import { z } from 'zod';
import { oneOf, plainText } from '../basics.ts';

const Rpm = z.number().finite().min(1).max(60_000);
const MachineMm = z.number().finite().min(0).max(20_000);

/** A machine of the shop; lengths in mm, null where nobody measured. */
export const MachineKept = z
  .strictObject({
    id: plainText().min(1).max(40),
    name: plainText().min(1).max(60),
    kind: oneOf(MACHINE_KINDS),
    speeds: z.union([
      z.strictObject({
        steps: z
          .array(Rpm)
          .min(1)
          .max(24)
          .refine((steps) => steps.every((rpm, at) => at === 0 || rpm > steps[at - 1]!), 'speeds go up, each once'),
      }),
      z
        .strictObject({ fromRpm: Rpm, toRpm: Rpm })
        .refine(({ fromRpm, toRpm }) => fromRpm < toRpm, 'from the slower to the faster'),
    ]),
    belt: z.boolean(),
    daylightMm: MachineMm.nullable(),
    travelMm: MachineMm.nullable(),
    spindleBoreMm: MachineMm.nullable(),
    chuckMinMm: MachineMm,
    chuckMaxMm: MachineMm,
    chuckLengthMm: MachineMm,
    chuckRadiusMm: MachineMm,
    collet: z.strictObject({ mostMm: MachineMm, lengthMm: MachineMm }).nullable(),
    reverse: z.boolean(),
    clutch: z.boolean(),
  })
  .refine(({ chuckMinMm, chuckMaxMm }) => chuckMinMm < chuckMaxMm, {
    path: ['chuckMaxMm'],
    message: 'the chuck’s largest is more than its smallest',
  });

/** What the shop has settled of practice: a question by its id, one of its own options. */
export const PracticesKept = z.strictObject(
  Object.fromEntries(
    PRACTICES.map(({ id, options }) => [id, oneOf<{ id: string }>(options).exactOptional()]),
  ) as unknown as {
    [Row in (typeof PRACTICES)[number] as Row['id']]: z.ZodExactOptional<z.ZodType<Row['options'][number]['id']>>;
  },
);

/** Width across flats of a socket head's hexagon by thread, mm. Source: ISO 4762. */
export const SOCKETS_MM: Readonly<Record<number, number>> = {
  2: 1.5,
  2.5: 2,
  3: 2.5,
  4: 3,
  5: 4,
  6: 5,
  8: 6,
  10: 8,
  12: 10,
  14: 12,
  16: 14,
  20: 17,
  24: 19,
};

/** Six-lobe drives by number: across the points, mm. Source: ISO 10664. */
export const SIX_LOBE_MM: Readonly<Record<number, number>> = {
  6: 1.75,
  8: 2.4,
  10: 2.8,
  15: 3.35,
  20: 3.95,
  25: 4.5,
  30: 5.6,
  40: 6.75,
  45: 7.93,
  50: 8.95,
  55: 11.35,
  60: 13.45,
};

/** A bit jams in a rounded hexagon when its points are a little larger than the flats and do not pass the corners (1.155). */
const JAM = { low: 1.05, high: 1.16 } as const;

/**
 * The six-lobe bit to drive into a rounded socket head of this thread; null where no size jams or the head is not in the table.
 * @example jammedBit(8) // { bit: 40, pointsMm: 6.75, socketMm: 6 }
 */
export function jammedBit(majorMm: number): { bit: number; pointsMm: number; socketMm: number } | null {
  const socketMm = SOCKETS_MM[majorMm];
  if (socketMm === undefined) return null;
  const found = Object.entries(SIX_LOBE_MM).find(
    ([, points]) => points >= JAM.low * socketMm && points <= JAM.high * socketMm,
  );
  return found ? { bit: Number(found[0]), pointsMm: found[1], socketMm } : null;
}

/** Width and depth of a slot as shares of the screw, near those of ISO 2009 slotted screws. */
const SLOT = { width: 0.25, depth: 0.3 } as const;

/**
 * A slot to saw across what is left of a screw: about a quarter of it wide, to half a millimetre as blades come, under a
 * third of it deep.
 * @example slotFor(8) // { widthMm: 2, depthMm: 2.4 }
 */
export function slotFor(majorMm: number): { widthMm: number; depthMm: number } {
  return {
    widthMm: Math.max(0.5, Math.round(SLOT.width * majorMm * 2) / 2),
    depthMm: Math.round(SLOT.depth * majorMm * 10) / 10,
  };
}

export { jammedBit, slotFor } from './drives.ts';
export { keysOf, keyStandsNm } from './keys.ts';
export { stockLengthMm } from './stockLengths.ts';

export { jammedBit, slotFor } from './drives.ts';

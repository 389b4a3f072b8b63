export { jammedBit, slotFor, SOCKETS_MM, SIX_LOBE_MM } from './drives.ts';

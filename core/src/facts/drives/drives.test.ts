import { jammedBit, slotFor } from './index.ts';
import { SIX_LOBE_MM, SOCKETS_MM } from './drives.ts';

test('every socket from M3 to M12 has a six-lobe bit whose points pass its flats and stay inside its corners', () => {
  for (const major of [3, 4, 5, 6, 8, 10, 12]) {
    const bit = jammedBit(major)!;
    expect(bit.socketMm).toBe(SOCKETS_MM[major]);
    expect(bit.pointsMm).toBe(SIX_LOBE_MM[bit.bit]);
    expect(bit.pointsMm).toBeGreaterThan(bit.socketMm);
    expect(bit.pointsMm).toBeLessThan(bit.socketMm * (2 / Math.sqrt(3)) + 0.02 * bit.socketMm);
  }
  expect(jammedBit(7)).toBeNull();
});

test('a slot follows the screw, never thinner than a blade', () => {
  expect(slotFor(8)).toEqual({ widthMm: 2, depthMm: 2.4 });
  expect(slotFor(1.6).widthMm).toBe(0.5);
});

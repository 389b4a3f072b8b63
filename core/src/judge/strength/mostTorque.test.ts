import { fastenerClass } from '../../facts/materials/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { mostTorque, mostTorqueWorking, torqueFacts } from './index.ts';

const m8 = { thread: threadById('M8x1.25'), fastener: fastenerClass('8.8', 8), threadMargin: 1.5, serviceC: 20 };

// As = 36.61 mm², proof 580 MPa: three quarters of 21.23 kN is 15.93 kN, times 0.15 and 8 mm. By hand.
test.each([
  ['a strong thread: the screw sets it', { ...m8, stripLeastN: 46868 }, 19.1, 'screw'],
  ['a stronger thread changes nothing', { ...m8, stripLeastN: 90000 }, 19.1, 'screw'],
  ['a weak thread sets it', { ...m8, stripLeastN: 15000 }, 12, 'thread'],
  ['and the more so where the load pulsates', { ...m8, stripLeastN: 15000, threadMargin: 2 }, 9, 'thread'],
  ['at 200 °C the screw keeps 0.84', { ...m8, stripLeastN: 90000, serviceC: 200 }, 16.1, 'screw'],
  ['below 150 °C heat takes nothing from it', { ...m8, stripLeastN: 90000, serviceC: 149 }, 19.1, 'screw'],
  ['no thread, no torque', { ...m8, stripLeastN: 0 }, 0, 'thread'],
] as const)('%s', (_, input, torqueNm, limitedBy) => {
  const most = mostTorque(input);
  expect(most.torqueNm).toBeCloseTo(torqueNm, 1);
  expect(most.limitedBy).toBe(limitedBy);
  expect(mostTorqueWorking(torqueFacts(input)).result.value).toBe(most.torqueNm);
});

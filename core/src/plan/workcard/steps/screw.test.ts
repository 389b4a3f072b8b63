import { SAY } from '../../../basis/units/index.ts';
import { keysOf, keyStandsNm, stockLengthMm } from '../../../facts/drives/index.ts';
import { weighCase } from '../../../pipeline.ts';
import { holeCase } from '../../../test-support/holeCase.ts';
import { sayStep } from '../sayStep.ts';
import { screwSteps } from './screw.ts';

const STRIPPED = { damageTo: { mm: 20, halfWidthMm: 0 }, strippedThroughout: true } as const;
const exact = (mm: number) => ({ mm, halfWidthMm: 0 });
/** What is said of the screw on the way whose id begins so. */
function said(changes: Parameters<typeof holeCase>[0], way = 'wire-coil'): string {
  const proposal = weighCase(holeCase({ ...STRIPPED, ...changes }));
  const route = proposal.routes.find(({ id }) => id.startsWith(way))!;
  const [step] = screwSteps(proposal.hole, route);
  return step ? sayStep(step, SAY.mm).what : '';
}
const PRELOAD = { mode: 'preload', torqueNm: 25, friction: 'dry', load: 'pulsating' } as const;

test.each<[string, Parameters<typeof holeCase>[0], RegExp, RegExp | null]>([
  [
    'cap head: its key, and that a low head has 58 % of it',
    { joint: { drive: 'socket-head' } },
    /key 6 mm: it stands about 52 Nm.*takes 5 mm, 58 %/,
    null,
  ],
  [
    'a low head is refused where it is tightened near what its key stands',
    { joint: { drive: 'socket-head', demand: PRELOAD } },
    /too little for 25 Nm, not here/,
    null,
  ],
  [
    'a weak drive wants the next stronger head',
    { joint: { drive: 'slotted', cause: 'weak-drive' } },
    /A slot gives way.*six-lobe of the same head, else a hexagon head/,
    null,
  ],
  ['12.9 is never plated in a bath', { joint: { fastenerClassId: '12.9' } }, /none is plated in a bath/, null],
  ['8.8 may be', {}, /zinc or zinc-flake coating/, /plated in a bath/],
  [
    'what shakes gets locker, with its cure in the cold too',
    { joint: { cause: 'vibration', serviceC: 80, undone: 'often' } },
    /medium thread locker.*full in 24 h at 20 °C, 72 h at 5 °C/,
    null,
  ],
  [
    'hot, of the grade that stands it',
    { joint: { cause: 'vibration', serviceC: 200, undone: 'often' } },
    /high-temperature thread locker/,
    null,
  ],
  [
    'too hot for any',
    { joint: { cause: 'vibration', serviceC: 240, undone: 'often' } },
    /no locker stands over 230 °C/,
    null,
  ],
  [
    'a torque meant dry stays dry, though it shakes',
    { joint: { demand: PRELOAD, undone: 'often' } },
    /dry, as the given torque is meant\. It shakes: a locking screw/,
    /On the thread: medium/,
  ],
  [
    'tightened to yield, its maker says how',
    { joint: { demand: { mode: 'to-yield' } } },
    /dry or oiled as its maker means it/,
    /drop of oil/,
  ],
  [
    'stainless in a coil galls, whatever the metal round it',
    { parentId: 'grey-iron', joint: { fastenerClassId: 'A2-70' } },
    /Stainless in stainless galls.*anti-seize/,
    null,
  ],
  ['10.9 may be plated', { joint: { fastenerClassId: '10.9' } }, /zinc or zinc-flake/, /turns brittle/],
  [
    'plastic: neither locker nor oil',
    { parentId: 'engineering-plastic', joint: { cause: 'vibration' } },
    /nothing. Locker, and many an oil, crack plastics/,
    /coating/,
  ],
  ['magnesium: a washer of aluminium', { parentId: 'magnesium-cast' }, /an aluminium washer under the head/, null],
  [
    'meant nobody knows how: not oiled for it',
    { joint: { demand: { ...PRELOAD, friction: 'unknown' }, undone: 'often' } },
    /dry or oiled as its maker means it/,
    /drop of oil/,
  ],
  [
    'what shook loose gets a coil that locks',
    { joint: { cause: 'vibration' } },
    /the locking coil holds it/,
    /locker, clean/,
  ],
  [
    'a coil that locks wants no locker',
    { joint: { demand: PRELOAD, undone: 'rarely' } },
    /no locker in a coil that locks/,
    null,
  ],
  [
    'stainless in aluminium: insulated, and no copper',
    { joint: { fastenerClassId: 'A2-70' } },
    /insulate it.*an anti-seize without copper/,
    null,
  ],
  ['steel in iron: a drop of oil, nothing of coating', { parentId: 'grey-iron' }, /a drop of oil/, /coating|copper/],
  [
    'corroded before: anti-seize, and less torque',
    { parentId: 'grey-iron', joint: { cause: 'corroded' } },
    /On the thread: anti-seize; .*by about an eighth/,
    null,
  ],
])('%s', (_label, changes, wanted, never) => {
  const words = said(changes);
  expect(words).toMatch(wanted);
  if (never) expect(words).not.toMatch(never);
});

test('its length is one that is made, between grip and reach and the room at the bottom', () => {
  expect(said({ joint: { grip: exact(12) } })).toMatch(/^M8 × 1\.25\. \d+ mm long, the shortest that is made within/);
  const blind = { kind: 'blind', depth: exact(17), floor: exact(40), joint: { grip: exact(12.3) } } as const;
  const words = said({ ...blind, damageTo: exact(17) });
  const [, least, most] = /([\d.]+) mm to ([\d.]+) mm under its head/.exec(words)!.map(Number);
  const stock = stockLengthMm(least!, most!, 'metric');
  expect(words).toContain(stock === null ? 'none is made between' : `${stock} mm long`);
  expect([stockLengthMm(31.2, 38, 'metric'), stockLengthMm(31.2, 34, 'metric')]).toEqual([35, null]);
  expect(stockLengthMm(26, 32, 'inch')).toBeCloseTo(1.25 * 25.4, 6);
  expect(said({ joint: { screwedIn: 'plug' } })).toBe('');
});

test('keys and lengths are called as they are bought, whatever the reader’s units', () => {
  const inch = {
    threadId: '1/4-20',
    joint: { drive: 'socket-head', grip: exact(12), fastenerClassId: 'grade-8' },
  } as const;
  expect(said(inch)).toMatch(/\d(?: \d\/\d)? in long.*key 3\/16 in.*takes 5\/32 in/);
  const proposal = weighCase(holeCase({ ...STRIPPED, joint: { drive: 'socket-head', grip: exact(12) } }));
  const [step] = screwSteps(
    proposal.hole,
    proposal.routes.find(({ id }) => id.startsWith('wire-coil'))!,
  );
  expect(sayStep(step!, SAY.in).what).toMatch(/\d mm long.*key 6 mm/);
});

test('a key’s strength goes with the cube of its size; an inch head has an inch key', () => {
  expect(keyStandsNm(6) / keyStandsNm(3)).toBeCloseTo(8, 9);
  // The least test torques of ISO 2936.
  for (const [mm, nm] of [
    [3, 6.6],
    [4, 16],
    [5, 30],
    [6, 52],
    [8, 120],
    [10, 220],
    [12, 370],
    [17, 980],
  ] as const) {
    expect(keyStandsNm(mm)).toBeLessThan(1.01 * nm);
    expect(keyStandsNm(mm)).toBeGreaterThan(0.9 * nm);
  }
  expect(keysOf({ majorMm: 6.35, threadsPerInch: 20 })!.capMm).toBeCloseTo((3 / 16) * 25.4, 6);
  expect(keysOf({ majorMm: 7, threadsPerInch: null })).toBeNull();
  expect(keysOf({ majorMm: 14, threadsPerInch: null })).toEqual({ capMm: 12, lowMm: null });
});

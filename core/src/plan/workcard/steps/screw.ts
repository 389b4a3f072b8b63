import { keysOf, keyStandsNm, stockLengthMm } from '../../../facts/drives/index.ts';
import { LOCKER } from '../../../facts/fluids/index.ts';
import { fastenerClass, isStainless } from '../../../facts/materials/index.ts';
import { WAYS } from '../../../facts/ways/index.ts';
import { isBolted, isLight, serviceTakenC, type HoleCase } from '../../../judge/hole/index.ts';
import { sizeName, type Say } from '../../../basis/units/index.ts';
import type { Route } from '../../routes/index.ts';
import { COLD_SHOP_C, cureMinutes } from '../cureMinutes.ts';
import { noCaution, noNumber, type SaidNumber, type StepKind, type StepOf } from '../WorkStep.ts';
import { mostReach } from './screwReach.ts';

/** What goes on the thread; a locking coil wants it dry. */
export type OnThread =
  'plastic' | 'as-given' | 'oil' | 'locker' | 'hot-locker' | 'locks-itself' | 'anti-seize' | 'locking-coil';

export type ScrewFacts = {
  designation: string;
  /** In which its keys and lengths are made. */
  system: 'metric' | 'inch';
  /** Under its head; null: nobody measured what it clamps. `stockMm` null: none is made between the two. */
  length: { leastMm: number; mostMm: number | null; stockMm: number | null } | null;
  drive: HoleCase['joint']['drive'];
  /** Keys of a socket head of this thread, and what each stands; null: no socket head, or none in the standards. */
  keys: { capMm: number; capNm: number; lowMm: number | null; lowNm: number | null } | null;
  /** What it is tightened to, as far as somebody can say. */
  tightNm: number | null;
  /** The drive is why it failed. */
  wasWeak: boolean;
  /** Too hard to be plated in a bath. */
  hard: boolean;
  pair: 'plastic' | 'stainless-light' | 'steel-magnesium' | 'steel-light' | 'none';
  /** Stainless runs in stainless: in the metal itself, or in a coil, which is of stainless wire whatever the screw is. */
  galls: boolean;
  onThread: OnThread;
  /** The state that a given torque is meant for. */
  given: 'dry' | 'oiled' | 'anti-seize' | null;
  shakes: boolean;
};

/** From this tensile strength on, MPa, a screw may be over 390 HV, and a plating bath can make it brittle (ISO 4042; 10.9 and grade 8 end at about 380). */
const HARD_FROM_MPA = 1200;
/** A key is well used up to this share of what it stands; beyond it wears and rounds (our estimate). */
const KEY_SHARE = 0.8;

function pairOf({ joint, parent }: HoleCase): ScrewFacts['pair'] {
  const stainless = isStainless(joint.fastenerClassId);
  if (parent.group === 'plastic') return 'plastic';
  if (parent.group === 'magnesium' && !stainless) return 'steel-magnesium';
  if (isLight(parent)) return stainless ? 'stainless-light' : 'steel-light';
  return 'none';
}

/** Precedence: plastic, which locker and oil crack; what a given torque is meant for; a coil that locks by itself; what shakes, by its heat; what seizes; oil. */
function onThreadOf(
  hole: HoleCase,
  { own }: Route,
  { pair, galls, shakes }: Pick<ScrewFacts, 'pair' | 'galls' | 'shakes'>,
): OnThread {
  const { demand, cause } = hole.joint;
  if (pair === 'plastic') return 'plastic';
  if ('locking' in own && own.locking) return 'locking-coil';
  if (demand.mode === 'preload' || demand.mode === 'to-yield') return 'as-given';
  const serviceC = serviceTakenC(hole);
  if (shakes && serviceC <= LOCKER.mediumC) return 'locker';
  if (shakes && serviceC <= LOCKER.hotC) return 'hot-locker';
  if (shakes) return 'locks-itself';
  const seizes = serviceC > LOCKER.mediumC || cause === 'corroded' || cause === 'heat';
  return seizes || galls || pair === 'stainless-light' ? 'anti-seize' : 'oil';
}

function lengthOf(hole: HoleCase, route: Route, system: ScrewFacts['system']): ScrewFacts['length'] {
  const { grip } = hole.joint;
  if (grip === null) return null;
  const mostReachMm = mostReach(hole, route);
  const leastMm = grip.mm + route.depths.screwReachMm;
  const mostMm = mostReachMm === null ? null : grip.mm + mostReachMm;
  return { leastMm, mostMm, stockMm: stockLengthMm(leastMm, mostMm ?? Infinity, system) };
}

/** The screw that goes in: its length, its drive, what goes on its thread. */
export function screwSteps(hole: HoleCase, route: Route): StepOf<'screw', ScrewFacts>[] {
  const { demand, drive, cause, fastenerClassId } = hole.joint;
  if (!WAYS[route.method].threadCarries || !isBolted(hole) || route.engagementMm <= 0) return [];
  const system = route.thread.threadsPerInch === null ? 'metric' : 'inch';
  const keys = drive === 'socket-head' ? keysOf(route.thread) : null;
  const pair = pairOf(hole);
  const galls = isStainless(fastenerClassId) && (route.insertLengthD !== null || hole.parent.group === 'stainless');
  const given = demand.mode === 'preload' && demand.friction !== 'unknown' ? demand.friction : null;
  const shakes = cause === 'vibration' || (demand.mode === 'preload' && demand.load === 'pulsating');
  return [
    {
      kind: 'screw',
      id: 'screw',
      minutes: 3,
      facts: {
        designation: route.thread.designation,
        system,
        length: lengthOf(hole, route, system),
        drive,
        keys: keys && {
          ...keys,
          capNm: keyStandsNm(keys.capMm),
          lowNm: keys.lowMm === null ? null : keyStandsNm(keys.lowMm),
        },
        tightNm: demand.mode === 'preload' ? demand.torqueNm : (route.torque?.torqueNm ?? null),
        wasWeak: cause === 'weak-drive',
        hard:
          fastenerClassId !== null && fastenerClass(fastenerClassId, route.thread.majorMm).tensileMpa >= HARD_FROM_MPA,
        pair,
        galls,
        onThread: onThreadOf(hole, route, { pair, galls, shakes }),
        given,
        shakes,
      },
      afterProof: true,
    },
  ];
}

function lengthWords({ length, system }: ScrewFacts, say: Say): string {
  if (length === null) return '';
  const { leastMm, mostMm, stockMm } = length;
  const range = `${say.atLeast(leastMm)}${mostMm === null ? ' and more' : ` to ${say.atMost(mostMm)}`} under its head`;
  if (stockMm !== null) return `${sizeName(stockMm, system)} long, the shortest that is made within ${range}.`;
  return mostMm === null
    ? `${range}: longer than is usually made.`
    : `${range}: none is made between. Cut a longer one to length, or lay a washer under it.`;
}

/** Heads beside the one that is there: how much room they want, in diameters of the screw. */
const HEADS: Readonly<Record<NonNullable<ScrewFacts['drive']>, string>> = {
  'hex-head': 'A hexagon head takes the most; its socket wants room 2.3 screw diameters wide.',
  'socket-head': '',
  'six-lobe': 'A six-lobe of the same head takes more than a hexagon key and does not round.',
  'cross-recess': 'A cross-recess throws its bit out before the thread is loaded.',
  slotted: 'A slot gives way before the thread is loaded.',
  stud: 'A stud is driven by two nuts locked on it, never by its bare thread: snug, not jammed on the bottom.',
};

function keyWords({ keys, tightNm, system }: ScrewFacts, say: Say): string {
  if (keys === null) return '';
  const { capMm, capNm, lowMm, lowNm } = keys;
  const cap = `Cap head, key ${sizeName(capMm, system)}: it stands about ${say.torque(capNm)}.`;
  const worn = tightNm !== null && tightNm > KEY_SHARE * capNm;
  const hard = worn ? ' That is near what is asked here: a new key, pressed home, or a six-lobe or hexagon head.' : '';
  if (lowMm === null || lowNm === null) return `${cap}${hard}`;
  const share = Math.round((100 * lowNm) / capNm);
  const low = `A button or countersunk head takes ${sizeName(lowMm, system)}, ${share} % of that (a key’s strength goes with the cube of its size)`;
  const refused = tightNm !== null && tightNm > KEY_SHARE * lowNm;
  return `${cap}${hard} ${low}${refused ? `: too little for ${say.torque(tightNm)}, not here` : ''}.`;
}

function driveWords(facts: ScrewFacts, say: Say): string {
  const { drive, wasWeak } = facts;
  const own = drive === null ? '' : HEADS[drive] || keyWords(facts, say);
  const stronger =
    wasWeak && (drive === 'slotted' || drive === 'cross-recess' || drive === 'socket-head')
      ? ' The drive failed: the next stronger one is a six-lobe of the same head, else a hexagon head; look at the room round it and over it first.'
      : '';
  return `${own}${stronger}`;
}

const PAIRS: Readonly<Record<ScrewFacts['pair'], string>> = {
  'stainless-light': 'Stainless in light metal: insulate it (primer, sealant under the head).',
  plastic: '',
  'steel-magnesium':
    'Steel in magnesium: zinc or zinc-flake, an aluminium washer under the head, sealed where it gets wet; never bare.',
  'steel-light': 'Steel in light metal: a zinc or zinc-flake coating, never bare where it gets wet.',
  none: '',
};
/** Copper is the nobler metal: it eats aluminium and magnesium where it is wet. */
const paste = ({ pair }: ScrewFacts): string =>
  pair.endsWith('light') || pair.endsWith('magnesium') ? 'an anti-seize without copper' : 'anti-seize';

const GIVEN = { dry: 'dry', oiled: 'oiled', 'anti-seize': 'with anti-seize' } as const;

function threadWords(facts: ScrewFacts, say: Say): string {
  const { onThread, given, shakes } = facts;
  const { firmMinutes, fullHours } = LOCKER;
  const cure = `firm in about ${firmMinutes} min, full in ${fullHours} h at ${say.temperature(20)}, ${Math.round(cureMinutes(fullHours, COLD_SHOP_C))} h at ${say.temperature(COLD_SHOP_C)}: not run before. Its sheet goes first; stainless and plated screws want its activator.`;
  const words: Record<OnThread, string> = {
    'locking-coil': 'On the thread: nothing, the locking coil holds it; no locker in a coil that locks.',
    plastic: 'On the thread: nothing. Locker, and many an oil, crack plastics.',
    'as-given': `On the thread: ${given === null ? 'dry or oiled as its maker means it' : `${GIVEN[given]}, as the given torque is meant`}${shakes ? '. It shakes: a locking screw, coil or wire; a locker would change that torque' : ''}.`,
    locker: `On the thread: medium thread locker, clean and free of oil; ${cure}`,
    'hot-locker': `On the thread: high-temperature thread locker; ${cure}`,
    'locks-itself': `On the thread: no locker stands over ${say.temperature(LOCKER.hotC)}: a locking screw, plate or wire.`,
    'anti-seize': `On the thread: ${paste(facts)}; it slips better than oil, the torque comes down by about an eighth.`,
    oil: 'On the thread and under the head: a drop of oil for the torque named here; a maker’s torque as he means it, dry or oiled.',
  };
  return words[onThread];
}

export const screw: StepKind<ScrewFacts> = {
  title: () => 'The screw that goes in',
  what: (facts, say) =>
    [
      `${facts.designation}.`,
      lengthWords(facts, say),
      driveWords(facts, say),
      facts.hard ? 'Of this class none is plated in a bath, it turns brittle: black, or zinc flake.' : '',
      PAIRS[facts.pair],
      facts.galls ? 'Stainless in stainless galls: slowly, by hand, and back at once when it tightens.' : '',
      threadWords(facts, say),
    ]
      .filter((part) => part !== '')
      .join(' '),
  number: noNumber,
  caution: noCaution,
  more: ({ length, keys, system }) => {
    const numbers: SaidNumber[] = [
      ...(length?.stockMm ? [{ label: 'Length under its head', value: sizeName(length.stockMm, system) }] : []),
      ...(keys ? [{ label: 'Key', value: sizeName(keys.capMm, system), note: 'cap head' }] : []),
    ];
    return { ...(numbers.length > 0 ? { numbers } : {}), write: ['screw, length', 'on its thread'] };
  },
};

import type { HouseRules } from '../../judge/hole/index.ts';

const NAMES = {
  'taper-second-bottoming': { 8: 'taper', 4: 'second', 2: 'bottoming', 1: 'bottoming' },
  'taper-plug-bottoming': { 8: 'taper', 4: 'plug', 2: 'bottoming', 1: 'bottoming' },
  'lead-threads': { 8: 'form A', 4: 'form D', 2: 'form C', 1: 'form E' },
} as const;
/** The number on the shank of a set of three. */
const NUMBERS = { 8: 1, 4: 2, 2: 3, 1: 3 } as const;

/**
 * A tap's name in the shop's region, always with its lead in threads, because "plug" is the last tap in one region and
 * the middle one in another.
 * @example tapName(4, 'taper-plug-bottoming') // 'plug tap, 4 threads of lead'
 */
export function tapName(leadThreads: 8 | 4 | 2 | 1, names: HouseRules['tapNames']): string {
  return `${NAMES[names][leadThreads]} tap, ${leadThreads} ${leadThreads === 1 ? 'thread' : 'threads'} of lead`;
}

/** The rings or the number on its shank in a set of three. @example tapNumber(4) // 2 */
export const tapNumber = (leadThreads: 8 | 4 | 2 | 1): 1 | 2 | 3 => NUMBERS[leadThreads];

import type { HoleChoices } from './choices.ts';

/** Whether a failure can hurt someone, or a code rules it. @example hurts({ duty: 'leak-or-damage' }) // false */
export const hurts = ({ duty }: Pick<HoleChoices, 'duty'>): boolean => duty === 'can-hurt' || duty === 'under-code';

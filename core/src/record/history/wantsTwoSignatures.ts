import { choiceOf, hurts } from '../../judge/hole/index.ts';
import type { HoleFile } from '../events/index.ts';

/**
 * Whether one person may not sign this hole alone: where a failure can hurt someone, or a code rules it. Screens and the
 * server's doors ask the same question here.
 * @example wantsTwoSignatures({ choices: { duty: 'can-hurt' } }) // true
 */
export const wantsTwoSignatures = ({ choices }: Pick<HoleFile, 'choices'>): boolean =>
  hurts({ duty: choiceOf(choices, 'duty') });

import { MACHINE_KINDS, type Machine } from '../../facts/machines/index.ts';

const stands = ({ kind }: Machine): boolean => MACHINE_KINDS.find(({ id }) => id === kind)!.stands;

/**
 * Whether a machine works where the part is: in place a hand drill or a magnet drill, off it whatever stands.
 * @example suitsPlace(usualMachine('mill', 'm1'), true) // false
 */
export const suitsPlace = (machine: Machine, inPlace: boolean): boolean =>
  inPlace ? machine.kind === 'hand-drill' || machine.kind === 'magnet-drill' : stands(machine);

import { formatLength, formatLoad, formatTorque, type AnswerFigure, type UnitSystem, PRECISION } from '@deep-mend/core';

export const percent = (share: number) => `${(share * 100).toFixed(1)} %`;

/** Threads are measured to the hundredth of a millimetre and the ten-thousandth of an inch. */
export const fine = (mm: number, units: UnitSystem) => formatLength(mm, units, PRECISION.limit[units]);

/** A figure of an answer in the reader's units. */
export function figureWords({ value, unit }: AnswerFigure, units: UnitSystem): { main: string; unit: string } {
  if (value === null) return { main: 'none', unit: '' };
  switch (unit) {
    case 'mm':
      return { main: formatLength(value, units, PRECISION.bore[units]), unit: units };
    case 'N':
    case 'Nm': {
      const [main, ...rest] = (unit === 'N' ? formatLoad : formatTorque)(value, units).split(' ');
      return { main: main!, unit: rest.join(' ') };
    }
    case 'm/min':
    case 'ft/min':
      return { main: String(Math.round(value)), unit };
    case 'rev/min':
      return { main: String(Math.round(value / 5) * 5), unit: 'rev/min' };
    case 'share':
      return { main: percent(value), unit: '' };
    case 'deg':
      return { main: value.toFixed(2), unit: '°' };
    case 'times':
      return { main: value.toFixed(1), unit: 'times' };
    case 'turns':
      return { main: value.toFixed(1), unit: 'turns' };
  }
}

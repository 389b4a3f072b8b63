import { formatLength, formatLoad, SAY, type Check, type UnitSystem, PRECISION } from '@deep-mend/core';

/** A length in the person's units, and the other system small. */
export function bothUnits(
  mm: number,
  units: UnitSystem,
  decimals?: number,
): { main: string; unit: string; other: string } {
  const other = units === 'mm' ? 'in' : 'mm';
  return {
    main: formatLength(mm, units, decimals),
    unit: units,
    other: `${formatLength(mm, other, PRECISION.caliper[other])} ${other}`,
  };
}

/** The value of a check in the person's units. */
export function checkValue(check: Check, units: UnitSystem): string {
  if (check.value === null) return '';
  switch (check.unit) {
    case 'mm':
      return `${formatLength(check.value, units, PRECISION.depth[units])} ${units}`;
    case 'times':
      return `${check.value.toFixed(2)} ×`;
    case 'share':
      return `${Math.round(check.value * 100)} %`;
    case 'N':
      return formatLoad(check.value, units);
    case 'degC':
      return SAY[units].temperature(check.value);
    case 'none':
      return '';
    default:
      return check.value.toFixed(2);
  }
}

/** A number of a working: lengths and loads as computed, in their own unit. */
export function workingValue(value: number, unit: string): string {
  const text =
    Math.abs(value) >= 1000 ? Math.round(value).toLocaleString('en-GB') : Number(value.toPrecision(5)).toString();
  return unit === '' ? text : `${text} ${unit}`;
}

export function readableDate(iso: string): string {
  return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }).format(new Date(iso));
}

/** A moment of today by its time, any other by its day too. */
export function clockTime(iso: string, now: Date = new Date()): string {
  const at = new Date(iso);
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' }).format(at);
  return at.toDateString() === now.toDateString() ? time : `${readableDate(iso)} ${time}`;
}

/**
 * Printed stress areas, in², of the unified sizes whose table value is not what π/4·(D − 0.9743/n)² rounds to, because the
 * table was made from rounded pitch diameters. Source: ASME B1.1, table of stress areas.
 */
export const PRINTED_STRESS_AREA_INCH2: Readonly<Record<string, number>> = {
  '1-64': 0.00263,
  '2-64': 0.00394,
  '3-48': 0.00487,
  '4-40': 0.00604,
  '4-48': 0.00661,
  '5-44': 0.0083,
  '6-40': 0.01015,
  '8-36': 0.01474,
  '5/16-24': 0.058,
  '1/2-20': 0.1599,
};

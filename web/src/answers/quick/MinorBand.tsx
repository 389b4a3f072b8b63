import Box from '@mui/material/Box';
import { scaleLinear } from 'd3-scale';
import { formatLength, type UnitSystem } from '@deep-mend/core';
import { FONT } from '../../base/theme.ts';

const WIDTH = 520;
const HEIGHT = 64;
const PAD = 16;

/** The class's limits of the bored minor as a band, with the drill and the bore that it is expected to leave marked on it. */
export function MinorBand({
  minorMinMm,
  minorMaxMm,
  drill,
  expectedMm,
  tolerance,
  units,
}: {
  minorMinMm: number;
  minorMaxMm: number;
  drill: { id: string; diameterMm: number };
  expectedMm: number;
  tolerance: string;
  units: UnitSystem;
}) {
  const low = Math.min(minorMinMm, drill.diameterMm);
  const high = Math.max(minorMaxMm, expectedMm);
  const room = (high - low) * 0.12;
  const x = scaleLinear([low - room, high + room], [PAD, WIDTH - PAD]);
  const words = (mm: number) => formatLength(mm, units, units === 'mm' ? 3 : 4);
  // Two marks may lie on one another: the names go to the sides that they point away to.
  const expectedRight = expectedMm >= drill.diameterMm;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`Limits of the bored minor, ${tolerance}: ${words(minorMinMm)} to ${words(minorMaxMm)} ${units}; the drill ${drill.id}, expected bore ${words(expectedMm)}`}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      sx={{ width: '100%', maxWidth: WIDTH, display: 'block', fontFamily: FONT.drawing, fontSize: 14 }}
    >
      <line x1={0} x2={WIDTH} y1={32} y2={32} stroke="currentColor" strokeOpacity={0.35} />
      <rect
        x={x(minorMinMm)}
        width={x(minorMaxMm) - x(minorMinMm)}
        y={26}
        height={12}
        fill="currentColor"
        fillOpacity={0.22}
      />
      {[minorMinMm, minorMaxMm].map((mm) => (
        <line key={mm} x1={x(mm)} x2={x(mm)} y1={24} y2={40} stroke="currentColor" />
      ))}
      <text x={x(minorMinMm)} y={56} textAnchor={x(minorMinMm) < WIDTH / 4 ? 'start' : 'middle'} fill="currentColor">
        {words(minorMinMm)}
      </text>
      <text
        x={x(minorMaxMm)}
        y={56}
        textAnchor={x(minorMaxMm) > (3 * WIDTH) / 4 ? 'end' : 'middle'}
        fill="currentColor"
      >
        {words(minorMaxMm)}
      </text>
      <path d={`M${x(drill.diameterMm)} 38 V18`} stroke="currentColor" strokeWidth={3} />
      <text
        x={x(drill.diameterMm)}
        y={13}
        textAnchor={expectedRight && x(drill.diameterMm) > 60 ? 'end' : 'start'}
        fontWeight={700}
        fill="currentColor"
      >
        {drill.id}
      </text>
      <path d={`M${x(expectedMm)} 38 V18`} stroke="currentColor" strokeWidth={2} strokeDasharray="3 3" />
      <text
        x={x(expectedMm) + 6}
        y={13}
        textAnchor={x(expectedMm) > WIDTH - 110 ? 'end' : 'start'}
        dx={x(expectedMm) > WIDTH - 110 ? 6 : 0}
        fill="currentColor"
        fillOpacity={0.8}
      >
        bores {words(expectedMm)}
      </text>
    </Box>
  );
}

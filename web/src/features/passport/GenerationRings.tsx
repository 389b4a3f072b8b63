import type { Generation } from '@deep-mend/core';
import { FONT, PLATE } from '../../app/theme.ts';

const SIZE = 300;

/** Generations as rings to scale: as made inside, each repair's outermost cut round it. */
export function GenerationRings({ generations, open }: { generations: readonly Generation[]; open: boolean }) {
  const known = generations.filter((generation) => generation.outermostMm !== null);
  const largest = Math.max(1, ...known.map((generation) => generation.outermostMm!));
  const scale = (SIZE * 0.36) / (largest / 2);
  const centre = SIZE / 2;
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      style={{ width: '100%', maxWidth: SIZE, background: PLATE.ground, borderRadius: 10, fontFamily: FONT.drawing }}
      role="img"
      aria-label={`${generations.length - 1} repairs, drawn to scale as rings`}
    >
      <path
        d={`M${centre} 14 V${SIZE - 14} M14 ${centre} H${SIZE - 14}`}
        stroke={PLATE.hatch}
        strokeDasharray="12 4 2 4"
      />
      {known.map((generation, index) => {
        const r = (generation.outermostMm! / 2) * scale;
        const last = index === known.length - 1;
        // Each number at its own angle: rings often lie closer than a digit is high.
        const angle = (-70 + 38 * index) * (Math.PI / 180);
        return (
          <g key={generation.number}>
            <circle
              cx={centre}
              cy={centre}
              r={r}
              fill="none"
              stroke={last ? PLATE.chalk : PLATE.scribe}
              strokeWidth={last ? 2.5 : 1.5}
              strokeDasharray={last && open ? '7 5' : undefined}
            />
            <text
              x={centre + (r + 10) * Math.cos(angle) - 4}
              y={centre + (r + 10) * Math.sin(angle) + 5}
              fill={last ? PLATE.chalk : PLATE.scribe}
              fontSize={14}
            >
              {generation.number}
            </text>
          </g>
        );
      })}
      {known.length === 0 && (
        <text x={centre} y={centre - 12} textAnchor="middle" fill={PLATE.scribe} fontSize={14}>
          thread not named yet
        </text>
      )}
    </svg>
  );
}

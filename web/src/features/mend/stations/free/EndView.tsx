import type { CoreWindow } from '@deep-mend/core';
import { FONT, PLATE } from '../../../../app/theme.ts';

const SIZE = 200;
/** Room at the foot for the words. */
const FOOT = 22;

/** The hole from its end: root of what is stuck, crest of the parent, and where the drill’s edge may end up. */
export function EndView({
  window,
  drillMm,
  pointsMm,
}: {
  window: CoreWindow;
  drillMm: number;
  pointsMm: [x: number, y: number][];
}) {
  const scale = (SIZE * 0.42) / (window.crestMm / 2);
  const middle = SIZE / 2;
  return (
    <svg
      role="img"
      aria-label="End view: where the drill may end up"
      viewBox={`0 0 ${SIZE} ${SIZE + FOOT}`}
      style={{ width: 200, background: PLATE.ground, borderRadius: 8, display: 'block' }}
    >
      <circle cx={middle} cy={middle} r={(window.crestMm / 2) * scale} fill={PLATE.hatch} stroke={PLATE.scribe} />
      <circle cx={middle} cy={middle} r={(window.rootMm / 2) * scale} fill={PLATE.deep} stroke={PLATE.scribe} />
      {pointsMm.map(([x, y], index) => {
        const harmed = Math.hypot(x, y) + drillMm / 2 > window.crestMm / 2;
        return (
          <circle
            key={index}
            cx={middle + x * scale}
            cy={middle + y * scale}
            r={1.4}
            fill={harmed ? PLATE.fails : PLATE.holds}
            fillOpacity={0.8}
          />
        );
      })}
      <circle cx={middle} cy={middle} r={(drillMm / 2) * scale} fill="none" stroke={PLATE.chalk} strokeWidth={1.5} />
      <text
        x={middle}
        y={SIZE + FOOT - 8}
        textAnchor="middle"
        fontSize={12}
        fill={PLATE.scribe}
        fontFamily={FONT.label}
      >
        where its centre may end up
      </text>
    </svg>
  );
}

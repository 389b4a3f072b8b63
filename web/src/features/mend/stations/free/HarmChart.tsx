import { HARM_WIDTH_PT, harmChart, harmSeries, harmSize, type HarmChartInput } from '@deep-mend/drawing';
import { FONT, PLATE } from '../../../../base/theme.ts';
import { PaintChart } from '../../../../paint/Paint.tsx';
import { ON_PLATE } from '../../../../paint/PaintShape.tsx';

const LOOK = {
  width: '100%',
  background: PLATE.ground,
  borderRadius: 8,
  fontFamily: FONT.drawing,
  display: 'block',
} as const;

/** Chances against drill size, with the words for each line under it. */
export function HarmChart(input: HarmChartInput) {
  const { recommendedMm, units, withVoid } = input;
  const taken = recommendedMm === null ? 'no drill is safe' : `recommended ${harmSize(recommendedMm, units)} ${units}`;
  return (
    <figure style={{ margin: 0, flex: '1 1 300px' }}>
      <PaintChart
        sheet={harmChart(input)}
        label={`Chances against drill size; ${taken}`}
        colours={ON_PLATE}
        look={LOOK}
      />
      <figcaption className="quiet-text">
        {harmSeries(withVoid).map(({ id, name, dash }) => (
          <span key={id} style={{ marginRight: 14, whiteSpace: 'nowrap' }}>
            <svg width={30} height={8} aria-hidden>
              <line
                x1={0}
                x2={30}
                y1={4}
                y2={4}
                stroke="currentColor"
                strokeWidth={HARM_WIDTH_PT}
                strokeDasharray={dash.join(' ')}
              />
            </svg>{' '}
            {name}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}

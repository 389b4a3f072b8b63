import { memo } from 'react';
import { FONT, PLATE } from '../base/theme.ts';

/**
 * Style of a drawing. Geometric precision keeps words the same size at every zoom, and spares the browser a font of its own
 * scale each time a figure changes: a quarter of the text's layout.
 */
export const SHEET = { display: 'block', fontFamily: FONT.drawing, textRendering: 'geometricPrecision' } as const;

/** Section lining, as a pattern to fill with. */
export const Lining = memo(function Lining({
  id,
  step,
  angle,
  colour,
  width,
  opacity = 1,
}: {
  id: string;
  /** px between the lines */
  step: number;
  angle: number;
  colour: string;
  width: number;
  opacity?: number;
}) {
  return (
    <pattern id={id} width={step} height={step} patternTransform={`rotate(${angle})`} patternUnits="userSpaceOnUse">
      <line x1={0} x2={0} y1={0} y2={step} stroke={colour} strokeWidth={width} strokeOpacity={opacity} />
    </pattern>
  );
});

/** The lining of the parent metal, the same in every section. */
export const ParentLining = ({ id }: { id: string }) => (
  <Lining id={id} step={9} angle={45} colour={PLATE.hatch} width={1.1} />
);

/** The axis of a hole: long and short dashes. */
export const Axis = memo(function Axis({ x, from, to }: { x: number; from: number; to: number }) {
  return <line x1={x} x2={x} y1={from} y2={to} stroke={PLATE.faint} strokeWidth={1} strokeDasharray="12 4 2 4" />;
});

/** The face, or where the metal ends; dotted where it goes on beyond the drawing. */
export const Level = memo(function Level({
  y,
  from,
  to,
  goesOn = false,
}: {
  y: number;
  from: number;
  to: number;
  goesOn?: boolean;
}) {
  return (
    <line
      x1={from}
      x2={to}
      y1={y}
      y2={y}
      stroke={PLATE.scribe}
      strokeWidth={1.4}
      strokeDasharray={goesOn ? '2 6' : undefined}
    />
  );
});

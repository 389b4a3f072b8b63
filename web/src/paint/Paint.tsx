import type { DisplayList, Fill, Ink, Layer, Pen, Place } from '@deep-mend/drawing';
import { memo, type CSSProperties } from 'react';
import { FONT, PLATE } from '../base/theme.ts';
import { placeOf, svgShapes, type SvgShape } from './svgShapes.ts';

/** What each ink looks like on a ground. */
export type Colours = Readonly<Record<Ink, string>>;

/** On the plate: the same in the light and in the dark scheme. */
export const ON_PLATE: Colours = { ...PLATE, ink: PLATE.scribe };

/** The linings of a sheet, by the ids of their patterns. */
export type Linings = Readonly<Record<Extract<Fill, { lining: string }>['lining'], string>>;

interface Style {
  colours: Colours;
  /** Left out: the drawing has no lined metal. */
  linings?: Linings | undefined;
}

const penOf = (pen: Pen | undefined, { colours }: Style) =>
  pen === undefined
    ? {}
    : {
        stroke: colours[pen.ink],
        strokeWidth: pen.width,
        strokeLinejoin: 'round' as const,
        ...(pen.cap ? { strokeLinecap: pen.cap } : {}),
        ...(pen.dash ? { strokeDasharray: pen.dash.join(' ') } : {}),
      };

function fillOf(fill: Fill | undefined, { colours, linings }: Style) {
  if (fill === undefined) return { fill: 'none' };
  if ('lining' in fill) return { fill: `url(#${linings?.[fill.lining]})` };
  return { fill: colours[fill.ink], ...(fill.opacity === undefined ? {} : { fillOpacity: fill.opacity }) };
}

function Painted({ painted, style }: { painted: SvgShape; style: Style }) {
  const { shape } = painted;
  switch (painted.element) {
    case 'polyline':
    case 'polygon': {
      const Element = painted.element;
      return (
        <Element
          data-shape={shape.id}
          points={painted.points}
          {...fillOf(painted.shape.fill, style)}
          {...penOf(painted.shape.pen, style)}
        />
      );
    }
    case 'circle':
      return (
        <circle
          data-shape={shape.id}
          cx={painted.cx}
          cy={painted.cy}
          r={painted.r}
          {...fillOf(painted.shape.fill, style)}
          {...penOf(painted.shape.pen, style)}
        />
      );
    case 'text':
      return (
        <text
          data-shape={shape.id}
          x={painted.x}
          y={painted.y}
          textAnchor={painted.shape.anchor}
          fontSize={painted.shape.sizePt}
          fontFamily={FONT[painted.shape.font]}
          fill={style.colours[painted.shape.ink]}
        >
          {painted.shape.text}
        </text>
      );
  }
}

/** Layers in their place on a sheet that is there already. */
export const PaintLayers = memo(function PaintLayers({
  layers,
  place,
  ...style
}: { layers: readonly Layer[]; place: Place } & Style) {
  return layers.map((layer) => (
    <g key={layer.id} data-layer={layer.id}>
      {svgShapes(layer, place).map((painted) => (
        <Painted key={painted.shape.id} painted={painted} style={style} />
      ))}
    </g>
  ));
});

/** A display list on a sheet of its own, as wide as is said; its words say what it shows to those who cannot see it. */
export function Paint({
  list,
  widthPx,
  label,
  look,
  title,
  ...style
}: {
  list: DisplayList;
  widthPx: number;
  label: string;
  look?: CSSProperties;
  /** Also said when it is pointed at. */
  title?: boolean;
} & Style) {
  const { width, height } = list.view;
  const heightPx = (widthPx * height) / width;
  return (
    <svg viewBox={`0 0 ${widthPx} ${heightPx}`} role="img" aria-label={label} style={look}>
      {title && <title>{label}</title>}
      <PaintLayers layers={list.layers} place={placeOf(list, widthPx)} {...style} />
    </svg>
  );
}

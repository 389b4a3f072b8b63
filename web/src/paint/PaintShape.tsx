import type { Fill, Ink, Pen, Words } from '@deep-mend/drawing';
import { FONT, PLATE } from '../base/theme.ts';
import type { SvgShape } from './svgShapes.ts';

/** What each ink looks like on a ground. */
export type Colours = Readonly<Record<Ink, string>>;

/** On the plate: the same in the light and in the dark scheme. */
export const ON_PLATE: Colours = { ...PLATE, ink: PLATE.scribe };

/** Among the words of a page, in their colour. */
export const ON_PAGE: Colours = { ...PLATE, ink: 'currentColor' };

export type LiningName = Extract<Fill, { lining: string }>['lining'];
/** The linings of a sheet, by the ids of their patterns. */
export type LiningIds = Readonly<Partial<Record<LiningName, string>>>;

export interface Style {
  colours: Colours;
  /** Left out: the drawing has no lined metal. */
  linings?: LiningIds | undefined;
  /** The shapes stand in a stretched group, and their lines keep their width. */
  stretched?: boolean;
}

const penOf = (pen: Pen | undefined, { colours, stretched }: Style) =>
  pen === undefined
    ? {}
    : {
        stroke: colours[pen.ink],
        strokeWidth: pen.width,
        strokeLinejoin: 'round' as const,
        ...(pen.opacity === undefined ? {} : { strokeOpacity: pen.opacity }),
        ...(pen.cap ? { strokeLinecap: pen.cap } : {}),
        ...(pen.dash ? { strokeDasharray: pen.dash.join(' ') } : {}),
        ...(stretched ? { vectorEffect: 'non-scaling-stroke' as const } : {}),
      };

function fillOf(fill: Fill | undefined, { colours, linings }: Style) {
  if (fill === undefined) return { fill: 'none' };
  if ('lining' in fill) return { fill: `url(#${linings?.[fill.lining]})` };
  return { fill: colours[fill.ink], ...(fill.opacity === undefined ? {} : { fillOpacity: fill.opacity }) };
}

/** The letters of a text, at the place that is given. */
export function PaintWords({
  words,
  x,
  y,
  colours,
}: {
  words: Omit<Words, 'at'>;
  x?: number;
  y?: number;
  colours: Colours;
}) {
  return (
    <text
      data-shape={words.id}
      x={x}
      y={y}
      textAnchor={words.anchor === 'start' ? undefined : words.anchor}
      fontSize={words.sizePt}
      fontFamily={FONT[words.font]}
      fontWeight={words.bold ? 600 : undefined}
      fill={colours[words.ink]}
      fillOpacity={words.opacity}
      {...(words.halo ? { stroke: colours[words.halo], strokeWidth: 4, paintOrder: 'stroke' } : {})}
      {...(words.widthPt === undefined ? {} : { textLength: words.widthPt, lengthAdjust: 'spacingAndGlyphs' })}
    >
      {words.text}
      {words.then?.map(({ text, ink, sizePt, gapPt, bold, opacity }, index) => (
        <tspan
          // By its place: a figure that changes keeps its element.
          key={index}
          dx={gapPt}
          fontSize={sizePt}
          fontWeight={words.bold && !bold ? 400 : undefined}
          fill={colours[ink]}
          fillOpacity={opacity}
        >
          {text}
        </tspan>
      ))}
    </text>
  );
}

/** One shape, painted. */
export function PaintShape({ painted, style }: { painted: SvgShape; style: Style }) {
  if (painted.element === 'text')
    return <PaintWords words={painted.shape} x={painted.x} y={painted.y} colours={style.colours} />;
  const { shape } = painted;
  const look = {
    'data-shape': shape.id,
    ...fillOf(shape.fill, style),
    ...penOf(shape.pen, style),
    children: shape.says && <title>{shape.says}</title>,
  };
  switch (painted.element) {
    case 'polyline':
      return <polyline points={painted.points} {...look} />;
    case 'polygon':
      return <polygon points={painted.points} {...look} />;
    case 'path':
      return <path d={painted.d} {...look} />;
    case 'rect': {
      const { x, y, width, height } = painted;
      return <rect x={x} y={y} width={width} height={height} rx={painted.shape.roundPt} {...look} />;
    }
    case 'circle':
      return <circle cx={painted.cx} cy={painted.cy} r={painted.r} {...look} />;
  }
}

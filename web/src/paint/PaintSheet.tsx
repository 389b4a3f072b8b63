import {
  sameLayer,
  sameLetters,
  sameShape,
  type Box,
  type Fill,
  type Shape,
  type SheetLayer,
  type Words,
} from '@deep-mend/drawing';
import { memo, useId } from 'react';
import { PLATE } from '../base/theme.ts';
import { ON_PLATE, PaintShape, PaintWords, type LiningIds, type LiningName, type Style } from './PaintShape.tsx';
import { AS_THEY_STAND, MM_DECIMALS, PX_DECIMALS, svgShape } from './svgShapes.ts';

/**
 * Layers of a sheet, painted in place. A list is made anew with every key on the keyboard, and most of it comes out equal:
 * what is equal is not painted again. A layer is placed as a whole, so that one that only moves costs one transform.
 */
export function PaintSheetLayers({ layers, linings }: { layers: readonly SheetLayer[]; linings: LiningIds }) {
  return layers.map((layer) => <SheetLayerGroup key={layer.id} layer={layer} linings={linings} />);
}

const isLined = ({ fill }: { fill?: Fill | undefined }): boolean => fill !== undefined && 'lining' in fill;

/** A group stretched to scale would stretch the lining in it too: its points are stretched instead. */
function placingOf({ at = ORIGIN, pxPerMm = 1, shapes }: SheetLayer): {
  transform: string;
  stretched: boolean;
  pxPerMm: number;
} {
  const transform = `translate(${at[0]} ${at[1]})`;
  const stretched = pxPerMm !== 1 && !shapes.some((shape) => shape.kind !== 'text' && isLined(shape));
  return stretched
    ? { transform: `${transform} scale(${pxPerMm})`, stretched, pxPerMm: 1 }
    : { transform, stretched, pxPerMm };
}
const ORIGIN = [0, 0] as const;

export const SheetLayerGroup = memo(
  function SheetLayerGroup({ layer, linings }: { layer: SheetLayer; linings: LiningIds }) {
    const clipId = useId();
    const { transform, ...rest } = placingOf(layer);
    const shapes = (
      <g data-layer={layer.id} transform={transform}>
        <Shapes shapes={layer.shapes} linings={linings} {...rest} />
      </g>
    );
    if (!layer.clip) return shapes;
    return (
      <g clipPath={`url(#${clipId})`}>
        <ClipPath id={clipId} box={layer.clip} />
        {shapes}
      </g>
    );
  },
  (before, after) => before.linings === after.linings && sameLayer(before.layer, after.layer),
);

function ClipPath({ id, box: { x, y, width, height } }: { id: string; box: Box }) {
  return (
    <clipPath id={id}>
      <rect x={x} y={y} width={width} height={height} />
    </clipPath>
  );
}

interface ShapesProps {
  shapes: readonly Shape[];
  linings: LiningIds;
  stretched: boolean;
  /** By which its points are still multiplied. */
  pxPerMm: number;
}

function Shapes({ shapes, ...rest }: ShapesProps) {
  return shapes.map((shape) =>
    shape.kind === 'text' ? (
      <Placed key={shape.id} words={shape} />
    ) : (
      <OneShape key={shape.id} shape={shape} {...rest} />
    ),
  );
}

const OneShape = memo(
  function OneShape({
    shape,
    linings,
    stretched,
    pxPerMm,
  }: Omit<ShapesProps, 'shapes'> & { shape: Exclude<Shape, Words> }) {
    const style: Style = { colours: ON_PLATE, linings, stretched };
    return (
      <PaintShape
        painted={svgShape(shape, { ...AS_THEY_STAND, pxPerMm }, stretched ? MM_DECIMALS : PX_DECIMALS)}
        style={style}
      />
    );
  },
  (before, after) =>
    before.linings === after.linings &&
    before.stretched === after.stretched &&
    before.pxPerMm === after.pxPerMm &&
    sameShape(before.shape, after.shape),
);

/** Words are moved by the group round them: a text's own place shapes its letters again. */
function Placed({ words }: { words: Words }) {
  return (
    <g transform={`translate(${words.at[0]} ${words.at[1]})`}>
      <Letters words={words} />
    </g>
  );
}

/** Painted again only when they say or look otherwise. */
const Letters = memo(
  function Letters({ words }: { words: Words }) {
    return <PaintWords words={words} colours={ON_PLATE} />;
  },
  ({ words: before }, { words: after }) => sameLetters(before, after),
);

/** How each lining is ruled: the metal round the hole, what is stuck in it, where no cut may come. */
const LININGS = {
  parent: { step: 9, angle: 45, colour: PLATE.hatch, width: 1.1, opacity: 1 },
  stuck: { step: 6, angle: -45, colour: PLATE.faint, width: 1.2, opacity: 1 },
  forbidden: { step: 7, angle: -45, colour: PLATE.fails, width: 1.6, opacity: 0.75 },
} as const satisfies Record<LiningName, object>;

const NAMES = Object.keys(LININGS) as LiningName[];

/** The linings that a sheet is filled with. */
export const Linings = memo(function Linings({ ids }: { ids: LiningIds }) {
  return (
    <defs>
      {NAMES.map((name) => {
        const { step, angle, colour, width, opacity } = LININGS[name];
        return (
          ids[name] && (
            <pattern
              key={name}
              id={ids[name]}
              width={step}
              height={step}
              patternTransform={`rotate(${angle})`}
              patternUnits="userSpaceOnUse"
            >
              <line x1={0} x2={0} y1={0} y2={step} stroke={colour} strokeWidth={width} strokeOpacity={opacity} />
            </pattern>
          )
        );
      })}
    </defs>
  );
});

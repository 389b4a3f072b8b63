import type { DisplayList } from '@deep-mend/drawing';
import type { CSSProperties } from 'react';
import { PaintShape, type Style } from './PaintShape.tsx';
import { placeOf, svgShape } from './svgShapes.ts';

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
  const place = placeOf(list, widthPx);
  return (
    <svg viewBox={`0 0 ${widthPx} ${heightPx}`} role="img" aria-label={label} style={look}>
      {title && <title>{label}</title>}
      {list.layers.map((layer) => (
        <g key={layer.id} data-layer={layer.id}>
          {layer.shapes.map((shape) => (
            <PaintShape key={shape.id} painted={svgShape(shape, place)} style={style} />
          ))}
        </g>
      ))}
    </svg>
  );
}

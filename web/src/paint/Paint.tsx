import type { DisplayList, Sheet } from '@deep-mend/drawing';
import type { CSSProperties } from 'react';
import { PaintShape, type Style } from './PaintShape.tsx';
import { placeOf, svgShape } from './svgShapes.ts';

interface Painting extends Style {
  list: DisplayList;
  widthPx: number;
  label: string;
  look?: CSSProperties;
  /** Also said when it is pointed at. */
  title?: boolean;
}

/** A display list on a sheet of its own, as wide as is said; its words say what it shows to those who cannot see it. */
export function Paint({ list, widthPx, label, look, title, ...style }: Painting) {
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

/** A chart: a sheet of points, as wide on the page as its look says. */
export function PaintChart({
  sheet: { width, height, layers },
  ...rest
}: { sheet: Sheet } & Omit<Painting, 'list' | 'widthPx'>) {
  return <Paint list={{ view: { x: 0, y: 0, width, height }, layers }} widthPx={width} {...rest} />;
}

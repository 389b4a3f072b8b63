import type { CoreWindow } from '@deep-mend/core';
import { endView } from '@deep-mend/drawing';
import { useMemo } from 'react';
import { PLATE } from '../../../../base/theme.ts';
import { Paint } from '../../../../paint/Paint.tsx';
import { ON_PLATE } from '../../../../paint/PaintShape.tsx';

const WIDTH_PX = 200;
const LOOK = { width: WIDTH_PX, background: PLATE.ground, borderRadius: 8, display: 'block' } as const;

/** The hole from its end: where the drill may end up. */
export function EndView({
  window,
  drillMm,
  pointsMm,
}: {
  window: CoreWindow;
  drillMm: number;
  pointsMm: [x: number, y: number][];
}) {
  const list = useMemo(() => endView({ window, drillMm, pointsMm }), [window, drillMm, pointsMm]);
  return (
    <Paint list={list} widthPx={WIDTH_PX} label="End view: where the drill may end up" colours={ON_PLATE} look={LOOK} />
  );
}

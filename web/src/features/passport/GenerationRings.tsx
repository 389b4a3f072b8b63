import type { Generation } from '@deep-mend/core';
import { generationRings } from '@deep-mend/drawing';
import { PLATE } from '../../base/theme.ts';
import { Paint } from '../../paint/Paint.tsx';
import { ON_PLATE } from '../../paint/PaintShape.tsx';

const WIDTH_PX = 300;
const LOOK = { width: '100%', maxWidth: WIDTH_PX, background: PLATE.ground, borderRadius: 10 } as const;

/** Generations as rings to scale: as made inside, each repair's outermost cut round it. */
export function GenerationRings({ generations, open }: { generations: readonly Generation[]; open: boolean }) {
  return (
    <Paint
      list={generationRings(generations, open)}
      widthPx={WIDTH_PX}
      label={`${generations.length - 1} repairs, drawn to scale as rings`}
      colours={ON_PLATE}
      look={LOOK}
    />
  );
}

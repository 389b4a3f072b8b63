import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import type { Thread } from '@deep-mend/core';
import { comb } from '@deep-mend/drawing';
import { useState } from 'react';
import { FONT, PLATE } from '../../base/theme.ts';
import { Paint } from '../../paint/Paint.tsx';
import { ON_PLATE } from '../../paint/PaintShape.tsx';
import { SCALE_RANGE, useScreenScale } from './screenScale.ts';

/** Length of the ruler that the scale is checked against. */
const RULER_MM = 60;

function ScaleCheck({ start, onKeep }: { start: number; onKeep: (pxPerMm: number) => void }) {
  const [pxPerMm, setPxPerMm] = useState(start);
  return (
    <Box sx={{ border: 1, borderColor: 'divider', borderRadius: 1, p: 1.5, overflow: 'hidden' }}>
      <Typography>
        Lay a ruler on the screen and slide until these lines are {RULER_MM} mm apart. Once for this screen.
      </Typography>
      <Box
        component="svg"
        role="img"
        aria-label={`A bar that should be ${RULER_MM} mm long`}
        width={RULER_MM * pxPerMm + 4}
        height={36}
        sx={{ display: 'block', my: 1 }}
      >
        {Array.from({ length: RULER_MM / 10 + 1 }, (_, index) => (
          <line
            key={index}
            x1={index * 10 * pxPerMm + 1}
            x2={index * 10 * pxPerMm + 1}
            y1={index % 6 === 0 ? 0 : 14}
            y2={36}
            stroke="currentColor"
            strokeWidth={1.5}
          />
        ))}
      </Box>
      <Slider
        aria-label="Scale of the screen"
        min={SCALE_RANGE.low}
        max={SCALE_RANGE.high}
        step={0.005}
        value={pxPerMm}
        onChange={(_, value) => setPxPerMm(value as number)}
      />
      <Button variant="contained" onClick={() => onKeep(pxPerMm)}>
        It matches the ruler
      </Button>
    </Box>
  );
}

/** One thread's outline at true size: hold the bolt against it, crest on crest along the whole length. */
function CombOf({ thread, pxPerMm }: { thread: Thread; pxPerMm: number }) {
  const list = comb(thread);
  const widthPx = list.view.width * pxPerMm;
  return (
    <Box sx={{ bgcolor: PLATE.ground, color: PLATE.scribe, p: 1, borderRadius: 1, overflow: 'hidden' }}>
      <Typography sx={{ fontFamily: FONT.drawing, fontSize: 15 }}>{thread.designation}</Typography>
      <Paint
        list={list}
        widthPx={widthPx}
        label={`Comb of ${thread.designation} at true size, pitch ${thread.pitchMm.toFixed(3)} mm`}
        colours={ON_PLATE}
        look={{ width: widthPx, display: 'block' }}
      />
    </Box>
  );
}

/** Combs of the likeliest threads, drawn at true size after the screen was checked once with a ruler. */
export function Comb({ threads }: { threads: Thread[] }) {
  const { pxPerMm, checked, keep } = useScreenScale();
  const [checking, setChecking] = useState(false);
  if (checking || !checked) {
    return (
      <Box sx={{ mt: 2 }}>
        <Typography variant="h3">Hold the bolt against a comb</Typography>
        {checking ? (
          <ScaleCheck
            start={pxPerMm}
            onKeep={(value) => {
              keep(value);
              setChecking(false);
            }}
          />
        ) : (
          <Button onClick={() => setChecking(true)} sx={{ px: 0 }}>
            Check the screen’s scale with a ruler first
          </Button>
        )}
      </Box>
    );
  }
  return (
    <Box sx={{ mt: 2, display: 'grid', gap: 1, justifyItems: 'start' }}>
      <Typography variant="h3">Hold the bolt against a comb, at true size</Typography>
      {threads.map((thread) => (
        <CombOf key={thread.id} thread={thread} pxPerMm={pxPerMm} />
      ))}
      <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
        The right one fits crest on crest to the far end.{' '}
        <Button size="small" onClick={() => setChecking(true)}>
          Check the scale again
        </Button>
      </Typography>
    </Box>
  );
}

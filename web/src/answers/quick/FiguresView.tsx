import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { FiguresCard, UnitSystem } from '@deep-mend/core';
import { useState } from 'react';
import { Figure } from '../../parts/Figure.tsx';
import { WorkingDialog } from '../../parts/WorkingDialog.tsx';
import { figureWords } from './words.ts';

/** An answer that is a few numbers with their working. */
export function FiguresView({ card, units }: { card: FiguresCard; units: UnitSystem }) {
  const [working, setWorking] = useState(false);
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Typography variant="h2" component="h2">
        {card.title}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(140px, 1fr))' }}>
        {card.figures.map((figure) => (
          <Figure key={figure.label} label={figure.label} {...figureWords(figure, units)} note={figure.note} />
        ))}
      </Box>
      {card.notes.map((note) => (
        <Typography key={note} sx={{ fontSize: 15 }}>
          {note}
        </Typography>
      ))}
      <Button size="small" onClick={() => setWorking(true)} sx={{ justifySelf: 'start' }}>
        Show working
      </Button>
      {working && <WorkingDialog title={card.title} workings={card.workings} onClose={() => setWorking(false)} />}
    </Box>
  );
}

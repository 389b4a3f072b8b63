import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { speak, type FiguresCard, type UnitSystem } from '@deep-mend/core';
import { useState } from 'react';
import { Figure } from '../Figure.tsx';
import { WorkingDialog } from '../WorkingDialog.tsx';
import { figureWords } from './words.ts';

/** An answer that is a few numbers with their working. */
export function FiguresView({ card, units }: { card: FiguresCard; units: UnitSystem }) {
  const [working, setWorking] = useState(false);
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Typography variant="h2" component="h2">
        {speak(card.title, units)}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(140px, 1fr))' }}>
        {card.figures.map((figure) => (
          <Figure
            key={figure.label}
            label={figure.label}
            {...figureWords(figure, units)}
            note={figure.note === undefined ? undefined : speak(figure.note, units)}
          />
        ))}
      </Box>
      {card.notes.map((note) => (
        <Typography key={note} sx={{ fontSize: 15 }}>
          {speak(note, units)}
        </Typography>
      ))}
      <Button size="small" onClick={() => setWorking(true)} sx={{ justifySelf: 'start' }}>
        Show working
      </Button>
      {working && (
        <WorkingDialog title={speak(card.title, units)} workings={card.workings} onClose={() => setWorking(false)} />
      )}
    </Box>
  );
}

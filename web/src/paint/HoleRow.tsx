import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { HoleSummary } from '@deep-mend/contract';
import { threadById } from '@deep-mend/core';
import { Link } from 'react-router';
import { readableDate } from '../parts/format.ts';
import { HoleGlyph, holeWords } from './HoleGlyph.tsx';

/** One hole in a list: its glyph, its name and place, and what it waits for. */
export function HoleRow({ hole, withPlace }: { hole: HoleSummary; withPlace: boolean }) {
  const place = hole.assetName ? `${hole.assetName}, ${hole.faceName}` : 'loose part';
  const to = hole.openMendId ? `/mend/${hole.id}/${hole.station ?? 'measure'}` : `/holes/${hole.id}`;
  return (
    <Box
      component={Link}
      to={to}
      sx={{
        display: 'grid',
        gridTemplateColumns: '40px minmax(0, 1fr) auto',
        alignItems: 'center',
        gap: 1,
        py: 1,
        minHeight: 56,
        borderTop: 1,
        borderColor: 'divider',
        color: 'inherit',
        textDecoration: 'none',
        '&:hover': { bgcolor: 'action.hover' },
      }}
    >
      <HoleGlyph hole={hole} size={34} />
      <Box sx={{ minWidth: 0 }}>
        <Typography component="span" sx={{ fontWeight: 700 }}>
          {hole.name}
        </Typography>
        {hole.threadId && <Typography component="span"> · {threadById(hole.threadId).designation}</Typography>}
        <Typography sx={{ fontSize: 14.5, color: 'text.secondary', overflowWrap: 'anywhere' }}>
          {withPlace ? `${place}${hole.what ? ' · ' : ''}` : ''}
          {hole.what}
        </Typography>
      </Box>
      <Typography sx={{ fontSize: 14.5, textAlign: 'right', color: 'text.secondary' }}>
        {hole.doNotUse && (
          <Box component="b" sx={{ color: 'error.main', display: 'block' }}>
            ✕ do not use
          </Box>
        )}
        {hole.openMendId ? <b>{hole.station}</b> : holeWords(hole)}
        <br />
        {readableDate(hole.updatedAt)}
      </Typography>
    </Box>
  );
}

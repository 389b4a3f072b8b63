import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useTheme } from '@mui/material/styles';
import { memo } from 'react';
import { FONT } from '../../base/theme.ts';
import { STATION_IDS, STATIONS, type StationId } from './stations/registry.ts';

interface Props {
  current: StationId;
  /** Stations that this hole has nothing for, with the reason. */
  closed: Partial<Record<StationId, string>>;
  onGo: (station: StationId) => void;
}

/** The stations as a graduated rail: long ticks at each, short ones between. */
export const StationRail = memo(function StationRail({ current, closed, onGo }: Props) {
  const { tokens } = useTheme();
  const ticks = `repeating-linear-gradient(90deg, ${tokens.quiet} 0 1px, transparent 1px calc(100% / 7))`;
  return (
    <Box
      component="nav"
      aria-label="Stations"
      className="no-print"
      sx={{ display: 'flex', borderBottom: 2, borderColor: tokens.ink, overflowX: 'auto', mb: 2 }}
    >
      {STATION_IDS.map((id, index) => {
        const active = id === current;
        const reason = closed[id];
        return (
          <ButtonBase
            key={id}
            onClick={() => onGo(id)}
            disabled={reason !== undefined}
            title={reason}
            aria-current={active ? 'step' : undefined}
            sx={{
              flex: '1 0 auto',
              minWidth: { xs: 84, md: 110 },
              minHeight: 48,
              px: 1.25,
              justifyContent: 'flex-start',
              alignItems: 'center',
              gap: 1,
              fontFamily: FONT.drawing,
              fontSize: 16,
              color: active ? (theme) => theme.palette.primary.contrastText : reason ? tokens.quiet : tokens.ink,
              opacity: reason ? 0.75 : 1,
              fontWeight: active ? 600 : 400,
              bgcolor: active ? tokens.action : 'transparent',
              borderLeft: `2px solid ${tokens.ink}`,
              borderRadius: active ? '6px 6px 0 0' : 0,
              backgroundImage: active ? 'none' : ticks,
              backgroundSize: '100% 8px',
              backgroundPosition: 'left bottom',
              backgroundRepeat: 'no-repeat',
            }}
          >
            <Box component="span" sx={{ fontSize: 13 }}>
              {index + 1}
            </Box>
            {STATIONS[id].name}
          </ButtonBase>
        );
      })}
    </Box>
  );
});

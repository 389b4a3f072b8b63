import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import DarkModeOutlinedIcon from '@mui/icons-material/DarkModeOutlined';
import PersonOutlineIcon from '@mui/icons-material/PersonOutlined';
import LightModeOutlinedIcon from '@mui/icons-material/LightModeOutlined';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState, useSyncExternalStore } from 'react';
import { Link, NavLink, Outlet } from 'react-router';
import { QuickLine } from './QuickLine.tsx';
import { isShut, onShut } from '../base/kept.ts';
import { useShop } from '../base/ShopContext.tsx';
import { FONT } from '../base/theme.ts';
import { useKeys } from '../base/useKeys.ts';

const PLACES = [
  { to: '/', name: 'Shop' },
  { to: '/assets', name: 'Assets' },
  { to: '/desk', name: 'Desk' },
  { to: '/crib', name: 'Crib' },
] as const;

const KEYS = [
  ['/', 'quick line'],
  ['1 to 7', 'stations of a mend'],
  ['u', 'millimetres or inches'],
  ['w', 'show working, at Decide'],
  ['arrows', 'up and down the metal ladder'],
  ['?', 'these keys'],
] as const;

function Mark() {
  return (
    <svg width={28} height={28} viewBox="0 0 24 24" aria-hidden>
      <circle cx={12} cy={12} r={10} fill="none" stroke="currentColor" strokeWidth={2} />
      <circle cx={12} cy={12} r={5.6} fill="none" stroke="currentColor" strokeWidth={2} />
    </svg>
  );
}

/** The frame round every view: where to go, the quick line, units, who is working. */
export function Shell({
  scheme,
  onScheme,
}: {
  scheme: 'light' | 'dark';
  onScheme: (scheme: 'light' | 'dark') => void;
}) {
  const { units, toggleUnits, actor, actors, chooseActor, settings } = useShop();
  const [keysOpen, setKeysOpen] = useState(false);
  const [people, setPeople] = useState<HTMLElement | null>(null);
  const keepsNothing = useSyncExternalStore(onShut, isShut);
  useKeys({ u: toggleUnits, '?': () => setKeysOpen(true) });
  return (
    <Box sx={{ minHeight: '100vh', bgcolor: 'background.default', color: 'text.primary' }}>
      <Box
        component="header"
        className="no-print"
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: { xs: 1, md: 2 },
          px: { xs: 1.5, md: 2.5 },
          py: 0.75,
          flexWrap: 'wrap',
        }}
      >
        <Box
          component={Link}
          to="/"
          aria-label={`Deep Mend, ${settings.name}`}
          sx={{
            display: 'flex',
            alignItems: 'center',
            gap: 1,
            color: 'primary.main',
            textDecoration: 'none',
            minHeight: 48,
            order: { xs: -2, md: 0 },
          }}
        >
          <Mark />
          <Box
            component="span"
            sx={{
              color: 'text.primary',
              fontFamily: FONT.drawing,
              fontWeight: 600,
              fontSize: 18,
              display: { xs: 'none', sm: 'inline' },
            }}
          >
            Deep Mend
          </Box>
        </Box>
        <Box
          component="nav"
          aria-label="Places"
          sx={{ display: 'flex', gap: { xs: 0, md: 0.5 }, order: { xs: -2, md: 0 } }}
        >
          {PLACES.map((place) => (
            <Box
              key={place.to}
              component={NavLink}
              to={place.to}
              end={place.to === '/'}
              sx={{
                color: 'text.primary',
                textDecoration: 'none',
                px: { xs: 1, md: 1.5 },
                minHeight: 48,
                display: 'flex',
                alignItems: 'center',
                fontFamily: FONT.drawing,
                fontSize: 16,
                borderBottom: 3,
                borderColor: 'transparent',
                '&.active': { borderColor: 'primary.main', fontWeight: 600 },
              }}
            >
              {place.name}
            </Box>
          ))}
        </Box>
        <Box sx={{ flex: 1, display: { xs: 'none', md: 'block' } }} />
        <QuickLine />
        <ToggleButtonGroup
          exclusive
          value={units}
          onChange={(_, value: string | null) => value !== null && value !== units && toggleUnits()}
          aria-label="Units"
          size="small"
        >
          <ToggleButton value="mm" sx={{ px: 1.5 }}>
            mm
          </ToggleButton>
          <ToggleButton value="in" sx={{ px: 1.5 }}>
            inch
          </ToggleButton>
        </ToggleButtonGroup>
        <Button
          onClick={(event) => setPeople(event.currentTarget)}
          aria-haspopup="menu"
          aria-label={`Working: ${actor.name}`}
          sx={{ color: 'text.primary', minWidth: 48, px: { xs: 0.5, sm: 1 } }}
        >
          <PersonOutlineIcon sx={{ display: { md: 'none' } }} />
          <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
            {actor.name}
          </Box>
        </Button>
        <Menu anchorEl={people} open={people !== null} onClose={() => setPeople(null)}>
          {actors.map((person) => (
            <MenuItem
              key={person.id}
              selected={person.id === actor.id}
              onClick={() => {
                chooseActor(person.id);
                setPeople(null);
              }}
              sx={{ minHeight: 48 }}
            >
              {person.name}
            </MenuItem>
          ))}
        </Menu>
        <IconButton
          sx={{ order: { xs: -1, md: 0 }, ml: { xs: 'auto', md: 0 } }}
          onClick={() => onScheme(scheme === 'light' ? 'dark' : 'light')}
          aria-label={scheme === 'light' ? 'Dark scheme, for the night shift' : 'Light scheme'}
        >
          {scheme === 'light' ? <DarkModeOutlinedIcon /> : <LightModeOutlinedIcon />}
        </IconButton>
        <IconButton
          onClick={() => setKeysOpen(true)}
          aria-label="Keys"
          sx={{ fontSize: 18, display: { xs: 'none', md: 'inline-flex' } }}
        >
          ?
        </IconButton>
      </Box>
      <Box component="main" sx={{ px: { xs: 1.5, md: 2.5 }, pb: 4, maxWidth: 1500, mx: 'auto' }}>
        {keepsNothing && (
          <Alert severity="warning" className="no-print" sx={{ mb: 1 }}>
            This browser keeps nothing on the device. Record before you close the page: what is only typed is gone then.
          </Alert>
        )}
        <Outlet />
      </Box>
      <Dialog open={keysOpen} onClose={() => setKeysOpen(false)} aria-labelledby="keys-title">
        <DialogTitle id="keys-title">Keys</DialogTitle>
        <DialogContent>
          {KEYS.map(([key, what]) => (
            <Box key={key} sx={{ display: 'flex', gap: 2, py: 0.5 }}>
              <Box component="kbd" sx={{ minWidth: 72, fontWeight: 700 }}>
                {key}
              </Box>
              {what}
            </Box>
          ))}
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setKeysOpen(false)}>Close</Button>
        </DialogActions>
      </Dialog>
    </Box>
  );
}

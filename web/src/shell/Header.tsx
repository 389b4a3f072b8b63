import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import DarkModeOutlinedIcon from '@mui/icons-material/DarkModeOutlined';
import PersonOutlineIcon from '@mui/icons-material/PersonOutlined';
import LightModeOutlinedIcon from '@mui/icons-material/LightModeOutlined';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState } from 'react';
import { Link, NavLink } from 'react-router';
import { useShop } from '../base/ShopContext.tsx';
import { FONT } from '../base/theme.ts';
import { ClocksDue } from '../parts/ClocksDue.tsx';
import { QuickLine } from './QuickLine.tsx';

const PLACES = [
  { to: '/', name: 'Shop' },
  { to: '/assets', name: 'Assets' },
  { to: '/desk', name: 'Desk' },
  { to: '/crib', name: 'Crib' },
] as const;

export interface SchemeSwitch {
  scheme: 'light' | 'dark';
  onScheme: (scheme: 'light' | 'dark') => void;
}

function Mark() {
  return (
    <svg width={28} height={28} viewBox="0 0 24 24" aria-hidden>
      <circle cx={12} cy={12} r={10} fill="none" stroke="currentColor" strokeWidth={2} />
      <circle cx={12} cy={12} r={5.6} fill="none" stroke="currentColor" strokeWidth={2} />
    </svg>
  );
}

/** The name of the house, as the way home. */
function Brand({ shopName }: { shopName: string }) {
  return (
    <Box
      component={Link}
      to="/"
      aria-label={`Deep Mend, ${shopName}`}
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
  );
}

function Places() {
  return (
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
  );
}

function UnitsSwitch() {
  const { units, toggleUnits } = useShop();
  return (
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
  );
}

/** Who is working here. */
function People() {
  const { actor, actors, chooseActor } = useShop();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-haspopup="menu"
        aria-label={`Working: ${actor.name}`}
        sx={{ color: 'text.primary', minWidth: 48, px: { xs: 0.5, sm: 1 } }}
      >
        <PersonOutlineIcon sx={{ display: { md: 'none' } }} />
        <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
          {actor.name}
        </Box>
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {actors.map((person) => (
          <MenuItem
            key={person.id}
            selected={person.id === actor.id}
            onClick={() => {
              chooseActor(person.id);
              setAnchor(null);
            }}
            sx={{ minHeight: 48 }}
          >
            {person.name}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

/** Where to go, the quick line, units, who is working. */
export function Header({ scheme, onScheme, onKeys }: SchemeSwitch & { onKeys: () => void }) {
  const { settings } = useShop();
  return (
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
      <Brand shopName={settings.name} />
      <Places />
      <ClocksDue />
      <Box sx={{ flex: 1, display: { xs: 'none', md: 'block' } }} />
      <QuickLine />
      <UnitsSwitch />
      <People />
      <IconButton
        sx={{ order: { xs: -1, md: 0 }, ml: { xs: 'auto', md: 0 } }}
        onClick={() => onScheme(scheme === 'light' ? 'dark' : 'light')}
        aria-label={scheme === 'light' ? 'Dark scheme, for the night shift' : 'Light scheme'}
      >
        {scheme === 'light' ? <DarkModeOutlinedIcon /> : <LightModeOutlinedIcon />}
      </IconButton>
      <IconButton onClick={onKeys} aria-label="Keys" sx={{ fontSize: 18, display: { xs: 'none', md: 'inline-flex' } }}>
        ?
      </IconButton>
    </Box>
  );
}

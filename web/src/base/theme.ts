import { createTheme, type Theme } from '@mui/material/styles';

/** Our tokens. The plate is the only dark thing on a light page; in the dark scheme it stays the deepest violet. */
export interface Tokens {
  ground: string;
  sheet: string;
  ink: string;
  quiet: string;
  line: string;
  action: string;
  note: string;
  holds: string;
  care: string;
  fails: string;
}

const LIGHT: Tokens = {
  ground: '#e8eaed',
  sheet: '#ffffff',
  ink: '#1a1d29',
  quiet: '#5b6170',
  line: '#cfd3da',
  action: '#4147c4',
  note: '#fff6d6',
  holds: '#186447',
  care: '#8a5800',
  fails: '#b3312a',
};

const DARK: Tokens = {
  ground: '#14161d',
  sheet: '#1d2029',
  ink: '#eceef4',
  quiet: '#a7adbb',
  line: '#363b48',
  action: '#9ea3ff',
  note: '#3a3416',
  holds: '#7fdcb4',
  care: '#ffc566',
  fails: '#f19a92',
};

/** Colours of the drawing plates, the same in both schemes. */
export const PLATE = {
  ground: '#272a66',
  deep: '#1d1f52',
  scribe: '#dfe4fb',
  faint: '#a9b0ea',
  hatch: '#5a60ac',
  chalk: '#f4d35e',
  /** On the pale rule: darker than the same on the plate. */
  chalkOnPale: '#9a6200',
  holds: '#7fdcb4',
  holdsOnPale: '#1f7a57',
  care: '#ffc566',
  fails: '#f0a29b',
} as const;

export const FONT = {
  text: '"Atkinson Hyperlegible Next", system-ui, sans-serif',
  label: '"Barlow Semi Condensed", "Barlow", sans-serif',
  drawing: '"Barlow", sans-serif',
} as const;

declare module '@mui/material/styles' {
  interface Theme {
    tokens: Tokens;
  }
  interface ThemeOptions {
    tokens?: Tokens;
  }
}

export function makeTheme(scheme: 'light' | 'dark'): Theme {
  const tokens = scheme === 'light' ? LIGHT : DARK;
  return createTheme({
    tokens,
    palette: {
      mode: scheme,
      primary: { main: tokens.action, contrastText: scheme === 'light' ? '#ffffff' : '#14161d' },
      success: { main: tokens.holds },
      warning: { main: tokens.care },
      error: { main: tokens.fails },
      text: { primary: tokens.ink, secondary: tokens.quiet },
      background: { default: tokens.ground, paper: tokens.sheet },
      divider: tokens.line,
    },
    shape: { borderRadius: 6 },
    typography: {
      fontFamily: FONT.text,
      fontSize: 15,
      button: { textTransform: 'none', fontWeight: 700 },
      h1: { fontFamily: FONT.drawing, fontSize: '1.5rem', fontWeight: 600, lineHeight: 1.2 },
      h2: { fontFamily: FONT.drawing, fontSize: '1.125rem', fontWeight: 600, lineHeight: 1.25 },
      h3: { fontFamily: FONT.drawing, fontSize: '1rem', fontWeight: 600, lineHeight: 1.25 },
    },
    components: {
      MuiCssBaseline: {
        styleOverrides: {
          body: { fontVariantNumeric: 'tabular-nums' },
          ':root': {
            ...Object.fromEntries(Object.entries(tokens).map(([name, colour]) => [`--${name}`, colour])),
            '--font-label': FONT.label,
            '--font-drawing': FONT.drawing,
          },
          a: { color: tokens.action },
          ':focus-visible': { outline: `3px solid ${tokens.action}`, outlineOffset: 2 },
          '@media print': { body: { background: '#fff' }, '.no-print': { display: 'none !important' } },
        },
      },
      MuiButton: { defaultProps: { disableElevation: true }, styleOverrides: { root: { minHeight: 48 } } },
      MuiButtonBase: { defaultProps: { disableRipple: true } },
      MuiTextField: { defaultProps: { size: 'small', fullWidth: true } },
      MuiOutlinedInput: { styleOverrides: { root: { minHeight: 48, background: tokens.sheet } } },
      MuiIconButton: { styleOverrides: { root: { minWidth: 48, minHeight: 48 } } },
      MuiToggleButton: {
        styleOverrides: {
          root: {
            textTransform: 'none',
            minHeight: 48,
            color: tokens.ink,
            '&.Mui-selected, &.Mui-selected:hover': { background: tokens.ink, color: tokens.sheet },
          },
        },
      },
      MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
    },
  });
}

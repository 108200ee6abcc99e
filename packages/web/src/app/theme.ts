import type {} from '@mui/x-date-pickers/themeAugmentation'
import { createTheme } from '@mui/material/styles'

const LETTERING = "'Barlow Condensed', sans-serif"

const FOCUSED = { outline: '2px solid var(--focus)', outlineOffset: 2 }

/** MUI is the toolkit, not the look: square, flat, inked. Colours come from `film.css`, so that drawings and widgets share them. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-mode' },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#14211d' },
        error: { main: '#9b3b1b' },
        background: { default: '#e9eeea', paper: '#f5f8f5' },
        text: { primary: '#14211d', secondary: '#47574f' },
      },
    },
    dark: {
      palette: {
        primary: { main: '#e2ece7' },
        error: { main: '#f2936c' },
        background: { default: '#081310', paper: '#0d1b17' },
        text: { primary: '#e2ece7', secondary: '#a5b8af' },
      },
    },
  },
  shape: { borderRadius: 1 },
  shadows: Array.from({ length: 25 }, () => 'none') as never, // MUI's type is a tuple of 25
  transitions: {
    duration: { shortest: 80, shorter: 100, short: 120, standard: 150, complex: 180, enteringScreen: 120, leavingScreen: 100 },
  },
  typography: {
    fontFamily: "'Atkinson Hyperlegible Next Variable', sans-serif",
    fontSize: 14,
    button: { fontFamily: LETTERING, fontWeight: 600, letterSpacing: '0.05em', textTransform: 'none', fontSize: '1rem' },
  },
  components: {
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      // Without ripples nothing else would show where the focus is.
      styleOverrides: { root: { '&.Mui-focusVisible': FOCUSED } },
    },
    MuiButton: {
      defaultProps: { variant: 'outlined', size: 'small', disableElevation: true },
      styleOverrides: {
        root: { borderRadius: 1, borderColor: 'var(--ink)', lineHeight: 1.3, minHeight: 24 },
        sizeSmall: { fontSize: 16, padding: '2px 10px' },
      },
    },
    MuiTextField: { defaultProps: { variant: 'standard', size: 'small' } },
    MuiInput: {
      styleOverrides: {
        root: {
          fontVariantNumeric: 'tabular-nums',
          '&::before': { borderColor: 'var(--hair)' },
          '&.Mui-focused': { outline: '2px solid var(--focus)', outlineOffset: 1 },
        },
        input: { padding: '2px 0' },
      },
    },
    MuiInputLabel: { styleOverrides: { root: { color: 'var(--ink-2)' } } },
    MuiFormHelperText: { styleOverrides: { root: { marginTop: 1, lineHeight: 1.25 } } },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none', border: '1px solid var(--ink)', borderRadius: 1 } } },
    MuiTooltip: { styleOverrides: { tooltip: { background: 'var(--ink)', color: 'var(--sheet)', fontSize: 13, borderRadius: 1 } } },
    MuiPickersInputBase: {
      styleOverrides: {
        root: { fontVariantNumeric: 'tabular-nums', '&.Mui-focused': { outline: '2px solid var(--focus)', outlineOffset: 1 } },
      },
    },
    MuiPickerDay: { styleOverrides: { root: { borderRadius: 1 } } },
    MuiYearCalendar: { styleOverrides: { button: { borderRadius: 1 } } },
    MuiSlider: {
      styleOverrides: {
        root: { height: 2, padding: '8px 0', color: 'var(--ink)' },
        thumb: {
          width: 10,
          height: 18,
          borderRadius: 1,
          background: 'var(--sheet)',
          border: '2px solid var(--ink)',
          '&:hover, &.Mui-focusVisible': { boxShadow: '0 0 0 3px var(--focus)' },
          '&::before': { boxShadow: 'none' },
        },
        track: { border: 0 },
        rail: { background: 'var(--hair)', opacity: 1 },
        mark: { background: 'var(--ink-2)', height: 8, width: 1 },
      },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          fontFamily: LETTERING,
          fontSize: 15,
          padding: '1px 9px',
          textTransform: 'none',
          letterSpacing: '0.03em',
          color: 'var(--ink)',
          borderColor: 'var(--hair)',
          borderRadius: 1,
          '&.Mui-selected, &.Mui-selected:hover': { background: 'var(--ink)', color: 'var(--sheet)' },
        },
      },
    },
  },
})

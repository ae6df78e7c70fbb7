import { createTheme } from '@mui/material/styles';

const HEAD = "'Barlow Condensed', 'Arial Narrow', sans-serif";

/** The component library in the drawing's look: square corners, ink lines, one brass accent, no shadows. Colours as in tokens.css. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'class' },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#1d2b45', contrastText: '#fffef8' },
        secondary: { main: '#8a5d17', contrastText: '#fffef8' },
        error: { main: '#8e2f2b' },
        background: { default: '#eceae3', paper: '#fffef8' },
        text: { primary: '#1d2b45', secondary: '#566075' },
        divider: '#cbc6b8',
      },
    },
    dark: {
      palette: {
        primary: { main: '#e9e5d8', contrastText: '#171b22' },
        secondary: { main: '#e0b060', contrastText: '#171b22' },
        error: { main: '#f0958d' },
        background: { default: '#171b22', paper: '#282f3a' },
        text: { primary: '#e9e5d8', secondary: '#aeb6c2' },
        divider: '#424b59',
      },
    },
  },
  shape: { borderRadius: 0 },
  typography: { fontFamily: "'Source Sans 3 Variable', 'Segoe UI', sans-serif", fontSize: 14 },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiPaper: {
      defaultProps: { elevation: 0 },
      styleOverrides: { root: { border: '1px solid var(--ink)', backgroundImage: 'none' } },
    },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: {
        root: {
          fontFamily: HEAD,
          fontSize: 17,
          fontWeight: 600,
          textTransform: 'none',
          lineHeight: 1.3,
          minHeight: 36,
          padding: '3px 14px',
        },
      },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          fontFamily: HEAD,
          fontSize: 15,
          fontWeight: 600,
          textTransform: 'none',
          padding: '2px 10px',
          minHeight: 30,
          color: 'var(--ink)',
          '&.Mui-selected, &.Mui-selected:hover': { background: 'var(--ink)', color: 'var(--bright)' },
        },
      },
    },
    MuiOutlinedInput: { styleOverrides: { root: { background: 'var(--bright)' } } },
    MuiDialogTitle: {
      styleOverrides: { root: { fontFamily: HEAD, fontWeight: 600, fontSize: 24, lineHeight: 1.2 } },
    },
    MuiMenuItem: { styleOverrides: { root: { minHeight: 40 } } },
    MuiTableCell: {
      styleOverrides: {
        root: { padding: '6px 10px', borderColor: 'var(--rule)', fontSize: 14 },
        head: { fontFamily: HEAD, fontWeight: 600, fontSize: 16, whiteSpace: 'nowrap' },
      },
    },
  },
});

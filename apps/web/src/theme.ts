import { createTheme } from '@mui/material/styles';

const HEAD = "'Barlow Condensed', 'Arial Narrow', sans-serif";

/** The component library in the drawing's look: square corners, ink lines, one brass accent, no shadows. Colours as in tokens.css. */
export const theme = createTheme({
  palette: {
    primary: { main: '#1d2b45', contrastText: '#fffef8' },
    secondary: { main: '#8a5d17', contrastText: '#fffef8' },
    error: { main: '#8e2f2b' },
    background: { default: '#eceae3', paper: '#fffef8' },
    text: { primary: '#1d2b45', secondary: '#566075' },
    divider: '#cbc6b8',
  },
  shape: { borderRadius: 0 },
  typography: { fontFamily: "'Source Sans 3 Variable', 'Segoe UI', sans-serif", fontSize: 14 },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { border: '1px solid #1d2b45' } } },
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
          color: '#1d2b45',
          '&.Mui-selected, &.Mui-selected:hover': { background: '#1d2b45', color: '#fffef8' },
        },
      },
    },
    MuiDialogTitle: {
      styleOverrides: { root: { fontFamily: HEAD, fontWeight: 600, fontSize: 24, lineHeight: 1.2 } },
    },
    MuiMenuItem: { styleOverrides: { root: { minHeight: 40 } } },
    MuiTableCell: {
      styleOverrides: {
        root: { padding: '6px 10px', borderColor: '#cbc6b8', fontSize: 14 },
        head: { fontFamily: HEAD, fontWeight: 600, fontSize: 16, whiteSpace: 'nowrap' },
      },
    },
  },
});

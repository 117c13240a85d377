import { createTheme } from '@mantine/core';

/** Workshop paper, ink and one accent, copper. Shades are chosen for contrast on paper and on the night bench. */
export const theme = createTheme({
  fontFamily: "'Barlow', sans-serif",
  fontFamilyMonospace: "'Spline Sans Mono', monospace",
  headings: { fontFamily: "'Barlow', sans-serif", fontWeight: '600' },
  primaryColor: 'copper',
  primaryShade: 7,
  autoContrast: true,
  luminanceThreshold: 0.35,
  defaultRadius: 2,
  respectReducedMotion: true,
  colors: {
    copper: [
      '#fbeee4',
      '#f3d8c4',
      '#eabf9f',
      '#e3a57a',
      '#e39a61',
      '#cf7d42',
      '#b5622b',
      '#9a4a1b',
      '#7d3b14',
      '#5f2c0e',
    ],
    gray: [
      '#f7f3ea',
      '#f1eadc',
      '#e9e0cf',
      '#ddd2bd',
      '#c8bca6',
      '#a79d8a',
      '#7d776a',
      '#5a5e5b',
      '#3b403f',
      '#22272a',
    ],
    dark: [
      '#ede6d8',
      '#c9c4b9',
      '#a9aea9',
      '#7d8481',
      '#4d5557',
      '#343c3f',
      '#262d30',
      '#1d2326',
      '#15191b',
      '#0f1214',
    ],
  },
  components: {
    // The head of a dialog is not that of the page.
    Modal: { defaultProps: { attributes: { header: { role: 'none' } } } },
    // What a button says is never cut off: where it is too long for its line, it takes two.
    Button: {
      styles: {
        root: {
          display: 'inline-grid',
          alignItems: 'center',
          height: 'auto',
          minHeight: 'var(--button-height)',
          paddingBlock: '3px',
        },
        label: { height: 'auto', whiteSpace: 'normal', lineHeight: 1.2 },
      },
    },
  },
});

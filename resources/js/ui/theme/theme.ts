import { type ThemeConfig, theme } from 'antd';

export type Mode = 'dark' | 'light';

/** The same values as in tokens.css, for the component library. */
const palette = {
  dark: {
    ground: '#12171d',
    raised: '#1a2129',
    line: '#313b47',
    text: '#f1ece3',
    quiet: '#a3adb8',
    accent: '#f0b27d',
    onAccent: '#20150b',
    warn: '#f2c4b4',
  },
  light: {
    ground: '#f7f4ee',
    raised: '#fffdf8',
    line: '#cfc8bb',
    text: '#1b2229',
    quiet: '#55606b',
    accent: '#8f4a17',
    onAccent: '#ffffff',
    warn: '#8a2f17',
  },
};

/** @param narrow on a phone, where fingers need room and small type makes the page jump */
export function antTheme(mode: Mode, still: boolean, narrow: boolean): ThemeConfig {
  const p = palette[mode];
  const fieldSize = narrow ? 16 : 14;
  return {
    algorithm: mode === 'dark' ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: {
      fontFamily: "'Figures', 'Atkinson Hyperlegible Next Variable', system-ui, sans-serif",
      fontSize: 14,
      colorPrimary: p.accent,
      colorTextLightSolid: p.onAccent,
      colorBgBase: p.ground,
      colorBgContainer: p.raised,
      colorBgElevated: p.raised,
      colorBorder: p.line,
      colorText: p.text,
      colorTextSecondary: p.quiet,
      colorTextPlaceholder: p.quiet,
      colorTextDescription: p.quiet,
      colorError: p.warn,
      colorLink: p.accent,
      // The paler ones that are made of it cannot be read on paper.
      colorLinkHover: p.accent,
      colorLinkActive: p.accent,
      borderRadius: 5,
      controlHeight: narrow ? 44 : 28,
      controlHeightSM: narrow ? 44 : 24,
      controlHeightLG: narrow ? 48 : 38,
      paddingSM: 8,
      motion: !still,
      boxShadowSecondary: mode === 'dark' ? '0 10px 30px rgba(0,0,0,.5)' : '0 10px 30px rgba(60,50,30,.18)',
    },
    components: {
      Button: { primaryShadow: 'none', defaultShadow: 'none', fontWeight: 500 },
      Input: { inputFontSize: fieldSize, inputFontSizeSM: fieldSize },
      InputNumber: { paddingInline: 8, inputFontSize: fieldSize, inputFontSizeSM: fieldSize },
      Select: { optionHeight: narrow ? 44 : 28, fontSize: fieldSize },
      Slider: {
        railSize: 3,
        handleSize: 10,
        handleSizeHover: 12,
        railBg: p.line,
        railHoverBg: p.line,
        trackBg: p.quiet,
        trackHoverBg: p.quiet,
        handleColor: p.text,
        handleActiveColor: p.accent,
      },
    },
  };
}

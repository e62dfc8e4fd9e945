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

export function antTheme(mode: Mode, still: boolean): ThemeConfig {
  const p = palette[mode];
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
      borderRadius: 5,
      controlHeight: 28,
      controlHeightSM: 22,
      controlHeightLG: 38,
      paddingSM: 8,
      motion: !still,
      boxShadowSecondary: mode === 'dark' ? '0 10px 30px rgba(0,0,0,.5)' : '0 10px 30px rgba(60,50,30,.18)',
    },
    components: {
      Button: { primaryShadow: 'none', defaultShadow: 'none', fontWeight: 500 },
      InputNumber: { paddingInline: 8 },
      Select: { optionHeight: 28 },
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

import type { GlobalThemeOverrides } from 'naive-ui';

interface Palette {
  readonly ink: string;
  readonly soft: string;
  readonly line: string;
  readonly sheet: string;
  readonly paper: string;
  readonly verdigris: string;
  readonly verdigrisDeep: string;
  readonly wash: string;
  readonly rust: string;
}

/** The colours of tokens.css that Naive UI needs as values, since it mixes them itself. */
const DAY: Palette = {
  ink: '#20302e',
  soft: '#4f5d58',
  line: '#cfc6b2',
  sheet: '#faf7ef',
  paper: '#ece6d8',
  verdigris: '#1f6b5c',
  verdigrisDeep: '#174f44',
  wash: '#d8e5de',
  rust: '#9c3f26',
};
const NIGHT: Palette = {
  ink: '#ece6d8',
  soft: '#a9b5ae',
  line: '#4a5855',
  sheet: '#222c2a',
  paper: '#1b2322',
  verdigris: '#5fb8a3',
  verdigrisDeep: '#7fcbb9',
  wash: '#29443e',
  rust: '#e08a6b',
};

/** Naive UI in the colours and type of the house; none of its own look remains. */
// eslint-disable-next-line max-lines-per-function -- one table of overrides
const themeOf = (c: Palette): GlobalThemeOverrides => ({
  common: {
    fontFamily: "'Atkinson Hyperlegible Next Variable', Verdana, sans-serif",
    fontFamilyMono: "'Atkinson Hyperlegible Mono Variable', 'Courier New', monospace",
    fontSize: '15px',
    borderRadius: '3px',
    borderRadiusSmall: '3px',
    primaryColor: c.verdigris,
    primaryColorHover: c.verdigrisDeep,
    primaryColorPressed: c.verdigrisDeep,
    primaryColorSuppl: c.verdigris,
    errorColor: c.rust,
    errorColorHover: c.rust,
    errorColorPressed: c.rust,
    textColorBase: c.ink,
    textColor1: c.ink,
    textColor2: c.ink,
    textColor3: c.soft,
    placeholderColor: c.soft,
    bodyColor: c.paper,
    cardColor: c.sheet,
    modalColor: c.sheet,
    popoverColor: c.sheet,
    inputColor: c.sheet,
    borderColor: c.line,
    dividerColor: c.line,
    hoverColor: c.wash,
    boxShadow1: 'none',
    boxShadow2: `0 1px 0 ${c.line}, 0 0 0 1px ${c.ink}`,
    boxShadow3: `0 0 0 1.5px ${c.ink}`,
    cubicBezierEaseInOut: 'ease',
  },
  Button: {
    heightMedium: '36px',
    heightLarge: '64px',
    fontWeight: '600',
    border: `1px solid ${c.ink}`,
    rippleDuration: '0s',
    waveOpacity: '0',
  },
  Input: {
    heightSmall: '28px',
    heightMedium: '34px',
    paddingSmall: '0 6px',
    border: `1px solid ${c.line}`,
    borderHover: `1px solid ${c.ink}`,
    borderFocus: `1px solid ${c.verdigris}`,
    boxShadowFocus: `0 0 0 1px ${c.verdigris}`,
    boxShadowFocusError: `0 0 0 1px ${c.rust}`,
    color: c.sheet,
    colorFocus: c.sheet,
  },
  Radio: {
    buttonColor: 'transparent',
    buttonColorActive: c.ink,
    buttonTextColorActive: c.sheet,
    buttonBorderColor: c.line,
    buttonBorderColorActive: c.ink,
    buttonBoxShadowFocus: `inset 0 0 0 2px ${c.verdigris}`,
    buttonBorderRadius: '3px',
  },
  Switch: {
    railColorActive: c.verdigris,
    railBorderRadiusMedium: '3px',
    buttonBorderRadiusMedium: '2px',
  },
  Modal: { boxShadow: 'none' },
});

export const THEMES = { day: themeOf(DAY), night: themeOf(NIGHT) } as const;

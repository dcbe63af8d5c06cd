import type { GlobalThemeOverrides } from 'naive-ui';

const INK = '#20302e';
const SOFT = '#4f5d58';
const LINE = '#cfc6b2';
const SHEET = '#faf7ef';
const PAPER = '#ece6d8';
const VERDIGRIS = '#1f6b5c';
const VERDIGRIS_DEEP = '#174f44';
const RUST = '#9c3f26';

/** Naive UI in the colours and type of the house; none of its own look remains. */
export const THEME: GlobalThemeOverrides = {
  common: {
    fontFamily: "'Atkinson Hyperlegible Next Variable', Verdana, sans-serif",
    fontFamilyMono: "'Atkinson Hyperlegible Mono Variable', 'Courier New', monospace",
    fontSize: '15px',
    borderRadius: '3px',
    borderRadiusSmall: '3px',
    primaryColor: VERDIGRIS,
    primaryColorHover: VERDIGRIS_DEEP,
    primaryColorPressed: VERDIGRIS_DEEP,
    primaryColorSuppl: VERDIGRIS,
    errorColor: RUST,
    errorColorHover: RUST,
    errorColorPressed: RUST,
    textColorBase: INK,
    textColor1: INK,
    textColor2: INK,
    textColor3: SOFT,
    placeholderColor: SOFT,
    bodyColor: PAPER,
    cardColor: SHEET,
    modalColor: SHEET,
    popoverColor: SHEET,
    inputColor: SHEET,
    borderColor: LINE,
    dividerColor: LINE,
    hoverColor: '#d8e5de',
    boxShadow1: 'none',
    boxShadow2: '0 1px 0 #cfc6b2, 0 0 0 1px #20302e',
    boxShadow3: '0 0 0 1.5px #20302e',
    cubicBezierEaseInOut: 'ease',
  },
  Button: {
    heightMedium: '36px',
    heightLarge: '64px',
    fontWeight: '600',
    border: `1px solid ${INK}`,
    rippleDuration: '0s',
    waveOpacity: '0',
  },
  Input: {
    heightSmall: '28px',
    heightMedium: '34px',
    paddingSmall: '0 6px',
    border: `1px solid ${LINE}`,
    borderHover: `1px solid ${INK}`,
    borderFocus: `1px solid ${VERDIGRIS}`,
    boxShadowFocus: `0 0 0 1px ${VERDIGRIS}`,
    boxShadowFocusError: `0 0 0 1px ${RUST}`,
    color: SHEET,
    colorFocus: SHEET,
  },
  Radio: {
    buttonColor: 'transparent',
    buttonColorActive: INK,
    buttonTextColorActive: SHEET,
    buttonBorderColor: LINE,
    buttonBorderColorActive: INK,
    buttonBoxShadowFocus: `inset 0 0 0 2px ${VERDIGRIS}`,
    buttonBorderRadius: '3px',
  },
  Switch: {
    railColorActive: VERDIGRIS,
    railBorderRadiusMedium: '3px',
    buttonBorderRadiusMedium: '2px',
  },
  Modal: { boxShadow: 'none' },
};

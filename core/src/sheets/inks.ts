import type { Ink } from './drawing.ts';

/** Inks on white paper; the sheet itself stays white to spare toner. */
export const INK_HEX: Readonly<Record<Ink, string>> = {
  near: '#9c3f26',
  far: '#436079',
  mid: '#1f6b5c',
  ink: '#20302e',
  soft: '#4f5d58',
  dimension: '#9c3f26',
  watch: '#8a5a0b',
  skin: '#8c8672',
  board: '#8c8672',
  core: '#5f6b70',
};

/** Fills that are paler than the line round them. */
export const FILL_HEX: Readonly<Partial<Record<Ink, string>>> = {
  skin: '#f3eee2',
  board: '#eae2d0',
  core: '#d5d9d9',
};

declare module 'spectral.js' {
  export class Color {
    constructor(hex: string);
    toString(): string;
  }
  export function mix(...parts: readonly (readonly [Color, number])[]): Color;
}

// pictureWorkings.ts
export const shareOf = (hex: string): string => `${hex}, of the picture`;
export const pixelsOfIt = 'Pixels of it';
export const pixelsThatCount = 'Pixels that count';
export const byMeans = 'each pixel by the mean that is nearest to it in OKLab';
export const spreadOfArea = 'Its own colour, from place to place (CIEDE2000)';
export const spreadMethod = 'mean difference of the area between shade and light from its mean';
export const spreadOver = (pixels: number): string => `${pixels} pixels in cells of 8 levels`;
export const shadeAgainst = 'Shade, as light as the colour itself';
export const lightAgainst = 'Light, as light as the colour itself';
export const lightnessThere = 'Lightness there (OKLab)';
export const lightnessOfBase = 'Lightness of its own colour';
export const fifths = 'the darkest and the lightest fifth of the area; common practice';
export const redAgainst = 'Red against green, taken out with the card';
export const blueAgainst = 'Blue against green, taken out with the card';
export const timesOf = (channel: 'red' | 'green' | 'blue'): string => `Multiplied: ${channel}`;
export const cardOverShown =
  'what the card reflects over what it shows, by channel (J. von Kries, 1902)';
export const burntOut = 'Burnt out, not counted';
export const burntPixels = 'Pixels with a channel at its end';
export const pixelsLookedAt = 'Pixels looked at';
export const byteFrom = 'a byte from 252 on';

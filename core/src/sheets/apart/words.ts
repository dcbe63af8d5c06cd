/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */
export const bendOver = (mm: string): string => `bend over a rod ${mm} mm across`;
export const countOf = (name: string, count: number, spare: number): string =>
  `${name}: ${count}, and ${spare} spare`;
export const dragThing = (name: string): string => `${name}: drag over the skin`;
export const endOfRow = (name: string): string => `${name}: drag the end of the row`;
export const eyeOf = (mm: string): string => `${mm} mm`;
export const eyesAtThreeSizes = 'Eyes half a millimetre smaller, as bought, and larger';
export const gaugeOf = (name: string): string => `Gauge: ${name.toLowerCase()}`;
export const gaugesAndFormers = 'Gauges and formers, 1:1: cut out, hold the part against the edge';
export const headTimes = (times: number): string =>
  times === 1 ? 'Head at 1:1' : `Head ${times} times as large`;
export const leavesPlane = (mm: string): string => `turns out of its plane by ${mm} mm`;
export const leftAndMirror = 'left; the right is its mirror image';
export const lengthByThick = (l: number, d: number): string =>
  `${l.toFixed(1)} × ${d.toFixed(1)} mm`;
export const onMidline = 'on the midline';
export const partsMadeApart = 'Parts made apart, 1:1: side and front';
export const piecesOf = (count: number, size: string): string => `${count} × ${size}`;
export const rowOf = (name: string, many: number): string => `${name}, ${many} in a row`;
export const rowsAsStrips = 'Rows as strips, 1:1';

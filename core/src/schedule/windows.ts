import type { Windows } from './tasks.ts';

/** The first start from a minute on of something so long that lies wholly inside one window; Infinity where none is long enough. */
export function fitting(windows: Windows, from: number, long: number): number {
  if (windows === null) return from;
  // The first window that ends late enough.
  let [low, high] = [0, windows.length];
  while (low < high) {
    const mid = (low + high) >> 1;
    if (windows[mid]![1] < from + long) low = mid + 1;
    else high = mid;
  }
  for (let i = low; i < windows.length; i++) {
    const start = Math.max(from, windows[i]![0]);
    if (start + long <= windows[i]![1]) return start;
  }
  return Infinity;
}

/** When so many minutes of attended time are over, counted from the beginning; Infinity where there are not so many. */
export function spent(windows: Windows, minutes: number): number {
  if (minutes <= 0) return 0;
  if (windows === null) return minutes;
  let left = minutes;
  for (const [from, to] of windows) {
    const start = Math.max(0, from);
    const here = Math.max(0, to - start);
    if (here >= left) return start + left;
    left -= here;
  }
  return Infinity;
}

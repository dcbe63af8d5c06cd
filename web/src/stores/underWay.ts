/** How many changes are on their way into the browser's store. */
let count = 0;
let hear: () => void = () => {};

/** Whether something that was changed is not written yet: a page that closes now would lose it. */
export const isUnderWay = (): boolean => count > 0;

function step(by: 1 | -1): void {
  count += by;
  hear();
}

/** Counts a piece of work as under way until it ends, well or not; hands its answer on. */
export async function countUnderWay<T>(work: Promise<T>): Promise<T> {
  step(1);
  try {
    return await work;
  } finally {
    step(-1);
  }
}

/** While something is not written yet the page is marked so, and the browser asks before it closes. */
export function askWhileUnderWay(page: Window): void {
  hear = () => page.document.documentElement.toggleAttribute('data-unwritten', isUnderWay());
  page.addEventListener('beforeunload', (event) => {
    if (isUnderWay()) event.preventDefault();
  });
}

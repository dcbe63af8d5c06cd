/** Held by every tab of this application for as long as it is open. */
const OPEN = 'keen-sinew-open';

/** Browsers without the means to lock, and pages that are not secure, have none. */
const locks = (): LockManager | undefined =>
  typeof navigator === 'undefined'
    ? undefined
    : ((navigator as { locks?: LockManager | null }).locks ?? undefined);

/** Does something to a record while no other tab does. */
export function withRecord<T>(id: string, act: () => Promise<T>): Promise<T> {
  const manager = locks();
  return manager === undefined
    ? act()
    : (manager.request(`keen-sinew/${id}`, act) as unknown as Promise<T>);
}

/** Says that this tab is open, until it is closed. */
export function holdOpen(): void {
  void locks()?.request(OPEN, { mode: 'shared' }, () => new Promise(() => undefined));
}

/** Whether this is the only tab; undefined where that cannot be known. */
export async function isOnlyTab(): Promise<boolean | undefined> {
  const state = await locks()?.query();
  return state && (state.held ?? []).filter(({ name }) => name === OPEN).length <= 1;
}

import { keptStore } from './keptStore.ts';

const settings = keptStore('settings');

/** A setting of this browser, or undefined. */
export async function readSetting<T>(key: string): Promise<T | undefined> {
  return ((await settings.get(key)) as T | null) ?? undefined;
}

/** Keeps a setting of this browser. Nothing waits for it: one that is not kept is set again. */
export function writeSetting(key: string, value: unknown): void {
  void settings.set(key, value);
}

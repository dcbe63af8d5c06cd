/** What one round of an attack has come to. */
export interface Round {
  /** How many cases were tried. */
  readonly tried: number;
  /** Each failure in a few words, with its smallest case. */
  readonly failures: readonly string[];
}

/** One kind of attack: a round of some seconds at most, told by its seed alone. */
export interface Part {
  readonly name: string;
  readonly round: (seed: number) => Promise<Round>;
  readonly close?: () => Promise<void>;
}

/** A failure told by what failed, never by an exception of the attack itself. */
export function attempt(what: string, act: () => string | undefined): string | undefined {
  try {
    return act();
  } catch (error) {
    const [message, at] = (error as Error).stack?.split('\n') ?? [];
    return `${what}: ${message} ${at?.trim() ?? ''}`;
  }
}

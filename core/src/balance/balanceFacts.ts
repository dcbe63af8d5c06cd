import type { BalancePlan } from './balancePlan.ts';

/** What was found of the balance, before its numbers are told. */
export type BalanceFacts = Omit<BalancePlan, 'workings' | 'snags'>;

const target = { kind: 'mass-centre', id: 'mass-centre' } as const;

/** What the numbers of the balance have in common. */
export const common = { stage: 'stance', provenance: 'derived', inputs: [], target } as const;

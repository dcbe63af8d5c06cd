import { samePlace, type Place } from '../anatomy/place.ts';

/** What a number measures on the sheet: a bone, a wire, a region, a zone, the whole piece. */
export type SheetTarget =
  | {
      readonly kind:
        | 'bone'
        | 'wire'
        | 'contact'
        | 'hole'
        | 'mass-centre'
        | 'height'
        | 'piece'
        | 'region'
        | 'muscle'
        | 'peg'
        | 'zone'
        | 'step'
        | 'picture'
        | 'landmark'
        | 'fitting'
        | 'lie';
      readonly id: string;
    }
  /** A bend of a wire, counted from 1. */
  | { readonly kind: 'bend'; readonly wireId: string; readonly bend: number }
  /** A section across the body. */
  | { readonly kind: 'section'; readonly place: Place };

/** Whether two targets are the same thing. */
export function sameTarget(
  a: SheetTarget | null | undefined,
  b: SheetTarget | null | undefined,
): boolean {
  if (!a || !b) return false;
  if (a.kind === 'bend') return b.kind === 'bend' && a.wireId === b.wireId && a.bend === b.bend;
  if (a.kind === 'section') return b.kind === 'section' && samePlace(a.place, b.place);
  return a.kind === b.kind && a.id === b.id;
}

/** The wire that a target belongs to, if any. */
export function wireOfTarget(target: SheetTarget | null | undefined): string | undefined {
  if (target?.kind === 'bend') return target.wireId;
  return target?.kind === 'wire' ? target.id : undefined;
}

/** Whether a target is the thing of a kind and name. */
export const isTarget = (
  target: SheetTarget | null | undefined,
  kind: Exclude<SheetTarget['kind'], 'bend' | 'section'>,
  id: string,
): boolean => target?.kind === kind && target.id === id;

import { num, text, z } from '../units/schema.ts';

const boneId = text(1, 40);
/** A place that may lie a little beyond the ends of its bone. */
const beyond = num(-1, 2);

/** A {@link Place} within the ends of its bone. */
const place = { boneId, along: num(0, 1) };
export const placeSchema = z.strictObject(place);

/** A metal weight inside the body, at a place on a bone. */
export const weightSchema = z.strictObject({
  ...place,
  grams: num(0.1, 20_000),
  metal: z.enum(['lead', 'steel']),
});

/** Where a wire goes over the skeleton, so that its route outlives a change of stance. */
export const routeRefSchema = z.discriminatedUnion('over', [
  /** The joint where a bone starts. */
  z.strictObject({ over: z.literal('joint'), boneId }),
  /** A place along a bone. */
  z.strictObject({ over: z.literal('bone'), boneId, along: beyond }),
  /** A foot, and the hole under it. */
  z.strictObject({ over: z.literal('ball'), contactId: text(1, 40) }),
  z.strictObject({ over: z.literal('peg'), contactId: text(1, 40) }),
  /** Where a pair of limbs crosses the spine. */
  z.strictObject({ over: z.literal('crossing'), pairId: text(1, 40) }),
]);

export type RouteRef = Readonly<z.infer<typeof routeRefSchema>>;

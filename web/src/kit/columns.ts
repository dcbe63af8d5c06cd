import type { InjectionKey, Ref } from 'vue';

/** A column of a reckoning table; a title alone is enough for most. */
export interface Column<Row> {
  readonly title: string;
  /** The title is said but not shown. */
  readonly hidden?: boolean;
  /** What rows are ordered by where the user asks for it; by default they stand as they are. */
  readonly orderBy?: (row: Row) => number | string;
}

/** How many columns the table above has: what stands under a row goes over all of them. */
export const COLUMN_COUNT: InjectionKey<Readonly<Ref<number>>> = Symbol('columns');

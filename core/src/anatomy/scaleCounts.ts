/** Rows of scales as zoologists count them, along some bones (by key). From memory, as the counts beside them. */
export interface ScaleCounts {
  readonly bones: readonly string[];
  /** Scales round the body at its middle, without belly plates; null where they go by their own width. */
  readonly round: readonly [least: number, usual: number, most: number] | null;
  /** Rows from one end to the other, as many as belly plates where there are such; null as above. */
  readonly along: readonly [least: number, usual: number, most: number] | null;
  /** Plates along the back: side by side, and one behind the other. */
  readonly back?: {
    readonly across: readonly [least: number, usual: number, most: number];
    readonly along: readonly [least: number, usual: number, most: number];
  };
  /** Whether plates cross the belly. */
  readonly belly: boolean;
  /** Whether each scale has a keel along its middle. */
  readonly keeled?: boolean;
}

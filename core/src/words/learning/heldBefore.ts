/** What the log says of how a base held at a place. */
export interface HeldBefore {
  readonly spotId: string;
  readonly baseId: string;
  readonly takes: number;
  /** Takes in which it slipped or came off, and in which it came off. */
  readonly moved: number;
  readonly lost: number;
}

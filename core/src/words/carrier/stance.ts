export interface Stance {
  readonly id: string;
  readonly name: string;
  /** Share of the riding time; none for the set-up stance, and for what is ridden for a take only. */
  readonly share: number;
  /** Speed in it, as a share of the ride's; none = all of it. */
  readonly speedShare?: number;
  /** What the rider does in it, in a few words. */
  readonly note: string;
}

/** Every carrier has this stance: the one in which the level is read. */
export const SET_UP_STANCE_ID = 'set-up';

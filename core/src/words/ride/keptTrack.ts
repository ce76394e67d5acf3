/** A point of a kept track: degrees north, degrees east, metres over the sea, seconds after its first point; null = not recorded. */
export type TrackNode = [latDeg: number, lonDeg: number, eleM: number | null, seconds: number | null];

/** A recorded ride as an outing keeps it. */
export interface KeptTrack {
  readonly name: string;
  readonly nodes: readonly Readonly<TrackNode>[];
  /** Of the first point, milliseconds since 1970, UTC; null where no times were recorded. */
  readonly startMs: number | null;
  /** What was done to it on reading, in words. */
  readonly cleaned: string;
}

/** A stretch of the outing's track. */
export interface Stretch {
  readonly fromM: number;
  readonly toM: number;
  /** What is ridden on there, where that was marked. */
  readonly groundId?: string;
}

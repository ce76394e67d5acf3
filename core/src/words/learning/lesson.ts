/** What a test clip taught of how a camera really stands under way, against the model before anything was learnt. */
export interface Lesson {
  readonly machineId: string;
  readonly partId: string;
  readonly spotId: string;
  /** Turned up, and with the right side down, seen by one who looks ahead, degrees. */
  readonly pitchDeg: number;
  readonly rollDeg: number;
  /** Whether it counts. */
  readonly used: boolean;
}

/** A lesson of another outing of the same rider. */
export interface EarlierLesson extends Lesson {
  /** Of the clip that taught it. */
  readonly id: string;
  /** ISO 8601 date and time of that clip. */
  readonly at: string;
}

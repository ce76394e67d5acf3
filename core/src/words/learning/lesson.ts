/** What a test clip taught of how a camera really stands under way, against the model before anything was learnt. */
export interface Lesson {
  readonly machineId: string;
  readonly partId: string;
  readonly spotId: string;
  /** What it was mounted with, see strutOf; none = not kept, of clips before version 12 of the outing. */
  readonly strut?: string;
  /** Turned up, and with the right side down, seen by one who looks ahead, degrees. */
  readonly pitchDeg: number;
  readonly rollDeg: number;
  /** Whether it counts. */
  readonly used: boolean;
}

/** What a moving clip taught of how much a place shakes, against the model before anything was learnt. */
export interface ShakeLesson {
  readonly machineId: string;
  readonly partId: string;
  readonly spotId: string;
  /** What it was mounted with, see strutOf; none = not kept, of clips before version 12 of the outing. */
  readonly strut?: string;
  readonly groundId: string;
  /** Measured over modelled. */
  readonly ratio: number;
  readonly used: boolean;
}

export interface EarlierShakeLesson extends ShakeLesson {
  readonly id: string;
  readonly at: string;
}

/** A lesson of another outing of the same rider. */
export interface EarlierLesson extends Lesson {
  /** Of the clip that taught it. */
  readonly id: string;
  /** ISO 8601 date and time of that clip. */
  readonly at: string;
}

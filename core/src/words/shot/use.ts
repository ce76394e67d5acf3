/** How a take is begun: by its button, from afar, by voice, or not at all: it runs from one stop to the next. */
export const STARTS = ['button', 'remote', 'voice', 'running'] as const;
export type Start = (typeof STARTS)[number];

/** What feeds a camera beside its own battery. */
export const FEEDS = ['power bank', 'machine'] as const;
export type Feed = (typeof FEEDS)[number];

/** How a shot's camera is run, and what it has along; what is missing is as usual. */
export interface ShotUse {
  /** How many times it is filmed. */
  readonly takes?: number;
  /** From the first of it to the last, hours: so long the camera is out there; none = an hour, or where it runs through, as many stints as takes. */
  readonly hours?: number;
  /** Minutes from one stop at which it can be touched to the next. */
  readonly stintMin?: number;
  /** None = by its button where that is in reach, else running. */
  readonly start?: Start;
  /** Whether it is switched off between takes; none = it stays awake. */
  readonly offBetween?: boolean;
  /** It keeps the last half minute before the press. */
  readonly preRecord?: boolean;
  readonly screenOn?: boolean;
  readonly feed?: Feed;
  /** Foam or fluff over its microphone. */
  readonly foam?: boolean;
  /** A recorder in the pocket with a microphone at the collar, joined afterwards by a clap. */
  readonly recorder?: boolean;
  /** Most that camera and strut may weigh, kg; none = whatever it takes. */
  readonly mostKg?: number;
  /** Of the room or car that it comes out of, °C. */
  readonly fromC?: number;
}

/** What there is for one camera. */
export interface CameraSupplies {
  readonly cameraId: string;
  /** Batteries, the one in it counted. */
  readonly batteries: number;
  readonly cardGb: number;
  /** Old ones hold less. */
  readonly worn?: boolean;
  /** What it drew in a test over what was reckoned. */
  readonly drawFactor?: number;
}

/** What there is for an outing. */
export interface Supplies {
  readonly cameras: readonly CameraSupplies[];
  /** Batteries that can be charged at once. */
  readonly bays?: number;
  /** From coming home to going to bed, hours. */
  readonly eveningH?: number;
}

/** What a filmer has who has not said otherwise. Common practice, no source. */
export const USUAL_SUPPLIES = { batteries: 1, cardGb: 128, bays: 1, eveningH: 3 } as const;
export const USUAL_USE = { takes: 3, hours: 1, stintMin: 10, fromC: 18 } as const;

/** For one camera; as usual where nobody said otherwise. */
export const suppliesOf = (supplies: Supplies | undefined, cameraId: string): CameraSupplies =>
  supplies?.cameras.find((camera) => camera.cameraId === cameraId) ?? {
    cameraId,
    batteries: USUAL_SUPPLIES.batteries,
    cardGb: USUAL_SUPPLIES.cardGb,
  };

/** How long the camera is out there, hours. */
export const hoursOf = (
  { hours, takes = USUAL_USE.takes, stintMin = USUAL_USE.stintMin }: ShotUse,
  start: Start,
): number => hours ?? (start === 'running' ? Math.min(24, (takes * stintMin) / 60) : USUAL_USE.hours);

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
  /** From the first of it to the last, hours: so long the camera is out there; none = as long as its takes need, or as many stints as takes where it runs through. */
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
export const USUAL_USE = { takes: 3, stintMin: 10, fromC: 18 } as const;

/** For one camera; as usual where nobody said otherwise. */
export const suppliesOf = (supplies: Supplies | undefined, cameraId: string): CameraSupplies =>
  supplies?.cameras.find((camera) => camera.cameraId === cameraId) ?? {
    cameraId,
    batteries: USUAL_SUPPLIES.batteries,
    cardGb: USUAL_SUPPLIES.cardGb,
  };

/** Beside the course: place it, ride back for each take, collect it. On board: stop, turn and ride back between takes; a shot takes five minutes at least. Common practice, no source. */
const FILMING_MIN = { place: 4, rideBack: 3, collect: 3, again: 2, least: 5 } as const;

/**
 * How long the camera is out there for a shot once it is rigged, hours: as told, else what its takes need.
 * @param takeS film of one take, seconds @param passing whether it stands beside the course
 */
export function hoursOut(
  { hours, takes = USUAL_USE.takes, stintMin = USUAL_USE.stintMin }: ShotUse,
  { start, takeS, passing }: { readonly start: Start; readonly takeS: number; readonly passing: boolean },
): number {
  if (hours !== undefined) return hours;
  const { place, rideBack, collect, again, least } = FILMING_MIN;
  if (passing) return (place + collect + takes * (rideBack + takeS / 60)) / 60;
  const minutes =
    start === 'running' ? takes * stintMin : Math.max(least, (takes * takeS) / 60 + (takes - 1) * again + 1);
  return Math.min(24, minutes / 60);
}

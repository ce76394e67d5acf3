import type { Sourced } from '../sourced/source';

/**
 * How a machine is shaken and shakes: figures for the paths from the ground, the water, the air and the engine to its parts.
 * Everything is an estimate with a range unless a source is named; see docs/models.md, Steady.
 */
export interface MachineShake {
  readonly ride: Ride;
  /** Fore-aft and sideways shaking for one part of up and down, amplitudes. */
  readonly alongShare: Sourced;
  readonly acrossShare: Sourced;
  /** Turning that does not come from the ground: balancing, steering, attitude control. */
  readonly sway: Sway;
  readonly lines: readonly ShakeLine[];
  /** What swings by itself between the frame and a part, in order, by part id. */
  readonly flex: Readonly<Record<string, readonly ShakeStage[]>>;
  /** Parts that stand on a wheel's side of its spring. */
  readonly withWheel?: Readonly<Record<string, 'front' | 'rear'>>;
  /** How rough ground turns a front wheel that is steered by hand, and all that turns with it. */
  readonly steering?: Steering;
  /** Where people are carried; null where nobody is on board. */
  readonly rider: RiderSupport | null;
}

/** What turns by itself: degrees rms above 1 Hz, even up to a corner and then falling with the fourth power. */
export interface Sway {
  readonly rmsDeg: Sourced;
  readonly cornerHz: number;
  /** It is held up and level by motors: they work the harder the faster it flies and the stronger it blows; rmsDeg is then at its usual speed in still air. */
  readonly heldByMotors?: true;
}

/** A bump pushes the tyre's contact sideways, behind the steering axis: the wheel turns, tyre against arms. */
export interface Steering {
  /** The movement that turns with the front wheel. */
  readonly movementId: string;
  /** Of a bump's height, so much pushes the contact sideways: roots lie aslant, gravel does not. */
  readonly sideShare: Sourced;
  /** From the steering axis to the middle of the contact, metres: a metre sideways turns by 1/trail where arms and bars weigh nothing. */
  readonly trailM: Sourced;
  /** Bars and arms on the tyre's side spring. */
  readonly frequencyHz: Sourced;
  readonly dampingRatio: Sourced;
}

/** One mass on a spring in the path: passes on what lies below its frequency, holds back what lies above. */
export interface ShakeStage {
  readonly name: string;
  readonly frequencyHz: Sourced;
  readonly dampingRatio: Sourced;
  /** Turn of what it carries for each metre that its spring gives, rad/m. */
  readonly turnPerM: Sourced;
  /** Share of the turning below it that it hands on where it can: a hip is a hinge, a neck holds against it; none = all. */
  readonly turnShare?: Sourced;
  /** The one direction in which it gives, passing the others on rigidly: a fork fore and aft; none = all. */
  readonly gives?: 'along';
}

/** A wheel or a pair of them, with what stands over it. */
export interface AxleFigures {
  /** Ahead of the machine's origin at standard dimensions, metres. */
  readonly xM: number;
  /** Frequency of what the spring carries, hertz. */
  readonly bodyHz: Sourced;
  /** Frequency of the wheel between tyre and spring, hertz. */
  readonly hopHz: Sourced;
  /** Mass of the wheel over the mass that the spring carries. */
  readonly unsprungShare: Sourced;
  /** Of the body on its spring. */
  readonly dampingRatio: Sourced;
  /** Whether the frame stands on the spring, or moves with the wheel while legs and arms are the spring. */
  readonly frame: 'sprung' | 'with the wheel';
}

export type Ride =
  | {
      readonly kind: 'wheels';
      readonly front: AxleFigures;
      readonly rear: AxleFigures;
      /** Left to right; null on a single track. */
      readonly trackM: number | null;
      /** Length over which a tyre touches and evens out what is shorter, metres. */
      readonly contactM: Sourced;
      /** Height of the middle of its mass, with the hands that hold it but nobody else on it: wheels roll freely, so that it pitches about that. */
      readonly middleHighM: Sourced;
    }
  | {
      /** A hull or board in waves. */
      readonly kind: 'float';
      readonly lengthM: number;
      readonly heaveHz: Sourced;
      readonly dampingRatio: Sourced;
      /** Slaps: g rms at 10 m/s in waves of 0.3 m. */
      readonly slapG: Sourced;
    }
  | {
      /** A board on snow: its length evens out what is shorter, its edge chatters. */
      readonly kind: 'runner';
      readonly lengthM: number;
      /** Share of the short bumps that the edge still passes on, amplitude. */
      readonly chatterShare: Sourced;
    }
  | {
      /** Carried by a wing: gusts lift it with a delay, and turn its nose. */
      readonly kind: 'wing';
      /** 2m/(ρ·v·S·C_Lα), seconds. */
      readonly heaveS: Sourced;
      readonly chordM: number;
      /** Frequency up to which the nose follows a gust, hertz. */
      readonly pitchHz: Sourced;
    }
  | { readonly kind: 'still' };

/** Something that turns or comes round at a fixed rate. */
export interface ShakeLine {
  readonly id: string;
  readonly name: string;
  /** Turns of the engine (`order` times each), or metres of the way. */
  readonly every:
    | { readonly kind: 'turn'; readonly rpm: Sourced; readonly order: number }
    | { readonly kind: 'metres'; readonly lengthM: number };
  /** At the machine's frame at its usual speed or revolutions, m/s² rms; grows with their square. */
  readonly accelerationMS2: Sourced;
  /** What it twists the machine by as well, about the axis of crank, rotor or propeller: the torque comes in strokes. */
  readonly twist?: Twist;
  /** It comes from blades that are not quite alike: nicked ones make it stronger. */
  readonly unbalanced?: true;
}

export interface Twist {
  /** Which way the turning axis lies on the machine. */
  readonly axis: 'along' | 'across' | 'up';
  /** At the same speed or revolutions, rad/s² rms; grows with their square. */
  readonly accelerationRadS2: Sourced;
}

export interface RiderSupport {
  /** Where feet and seat are, ahead of the machine's origin, metres. */
  readonly feetXM: number;
  readonly seatXM: number;
  /** Stances in which the seat carries; in the others the legs do. */
  readonly seatedIn: 'all' | readonly string[];
  /** Seat and flesh under a seated person. */
  readonly seat: ShakeStage;
  /** Whether the rider's body works and balances, or sits. */
  readonly effort: 'working' | 'sitting';
}

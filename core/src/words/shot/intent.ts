import type { CameraMode } from '../kit/camera';
import type { FrameGroup } from './frameGroup';

/** How the camera is aimed before fine work: by the sky line, or at a part. */
export type Aim =
  | { readonly kind: 'horizon'; readonly panDeg: number }
  | {
      readonly kind: 'part';
      /** The rider's face or hands, the part of the machine that works (see MachineDefinition.working), machine and rider as a whole, or whoever is framed. */
      readonly at: 'face' | 'working' | 'subject' | 'hands' | 'craft';
      readonly heightFraction: number;
    };

/** Something the picture should show, or show little of. Shares are of the picture, 0 to 1. */
export interface Want {
  readonly id: string;
  readonly label: string;
  readonly of: {
    readonly groups?: readonly FrameGroup[];
    readonly working?: true;
    /** Parts by what their ids begin with. */
    readonly parts?: readonly string[];
  };
  readonly share: readonly [low: number, high: number];
  /** The same from behind the glass of a cabin or canopy, from where bonnet and panel cannot be kept out. */
  readonly shareInside?: readonly [low: number, high: number];
  /** Where its middle should lie, fraction from the top. */
  readonly heightBand?: readonly [low: number, high: number];
  /** Whether left and right must both be seen, each with a quarter of the least share at least. */
  readonly both?: boolean;
  /** Whether it must lie whole within the picture. */
  readonly whole?: boolean;
  /** Least extent across or down, as a share of the picture: what is far is a dot by its area and still a shape by its length. */
  readonly extent?: number;
  /** Up to so far from the lens it is close up, metres. */
  readonly nearM?: number;
  /** Least share of the craft's ends (nose, tail, both sides, top) that must lie in the picture, and with them whoever rides it. */
  readonly ends?: number;
  /** A face that is to be seen from the front or the side, not from under the chin. */
  readonly faceOn?: true;
  /** Asked only on what is held or steered by hand: who stands on a board with free hands has nothing of it before them. */
  readonly whereHeld?: true;
  /** Asked of the action stance by itself as well: what comes into the picture only when one bends down is not in the shot. */
  readonly inAction?: true;
  /** Asked only on board (true) or only beside the course (false), where what carries the camera is no machine to show. */
  readonly aboard?: boolean;
  /** Weight in the ranking of spots. */
  readonly weight: number;
}

/** What a carrier must have for a kind of shot to make sense on it at all. */
export type Need =
  | 'a craft'
  | 'somebody on board'
  | 'somebody else'
  | 'near the ground'
  | 'a way down'
  | 'something to steer by'
  | 'a cockpit';

/** Whether a mode can take a kind of shot at all: lights are drawn out in stills, everything else is filmed. */
export const suitsIntent = ({ stills }: Pick<CameraMode, 'stills'>, { exposedS }: IntentDefinition): boolean =>
  (stills === true) === (exposedS !== undefined);

/** What a kind of shot must show. Shares and bands: common practice of framing, no source. */
export interface IntentDefinition {
  readonly id: string;
  readonly name: string;
  readonly purpose: string;
  /** Offered first to who has not chosen yet. */
  readonly standard?: true;
  /** Role in the story. */
  readonly role: 'opener' | 'ride' | 'reverse' | 'detail' | 'face' | 'pass-by';
  readonly aim: Aim;
  /** Band for the sky line at the picture's centre, fraction from the top; null where it does not matter. */
  readonly horizonBand: readonly [low: number, high: number] | null;
  readonly wants: readonly Want[];
  /** Without these there is no such shot on a carrier. */
  readonly needs?: readonly Need[];
  /** So many times the shaking that spoils another shot is borne: it belongs to what is shown. None = 1. */
  readonly shakingBorne?: number;
  /** Height of the lens over the ground up to which it is that kind of shot, metres. */
  readonly lensBelowM?: number;
  /** The view must stay where it is set: a head that looks about takes it along. */
  readonly fixedView?: true;
  /** The shutter is open so long that nothing worn, held or swung by hand may carry the camera. */
  readonly stillView?: true;
  /** The lens looks past the filmer, over or beside the shoulders. */
  readonly fromBehind?: true;
  /** How it should feel: 0 = calm, floating, 1 = fast; null where it does not matter. */
  readonly feel: number | null;
  /** Exposures that draw lights out, seconds: taken as stills at intervals, in the dark. */
  readonly exposedS?: readonly [low: number, high: number];
  /** What counts more or less in it than usual, by the terms of a search. */
  readonly weights?: Readonly<Partial<Record<'steady' | 'feel' | 'clear' | 'quick', number>>>;
  /** Seconds of film that such a shot usually gives. */
  readonly seconds: number;
}

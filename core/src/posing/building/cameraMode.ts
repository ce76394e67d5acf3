import type { ProjectionId } from '../../mathematics/lens/projection';
import type { CameraMode } from '../../words/kit/camera';
import type { StabiliserLevel, Steadying } from '../../words/kit/stabiliser';
import { estimated } from '../../words/sourced/estimated';

interface Running {
  readonly fps: number;
  readonly readoutMs: number;
  readonly mbps: number;
  readonly watts: number;
  readonly stills?: true;
}

/** How far the running figures of a camera of this kind may lie off: estimate, a third either way. */
const SPREAD = 0.33;
const about = (value: number) => estimated(value, value * (1 - SPREAD), value * (1 + SPREAD));

/** One mode of a generic camera: angle of view across with its range, picture size, and what it runs at. */
export const mode = (
  id: string,
  name: string,
  projection: ProjectionId,
  fovDeg: number,
  [low, high]: readonly [number, number],
  [widthPx, heightPx]: readonly [number, number],
  { fps, readoutMs, mbps, watts, stills }: Running,
): CameraMode => ({
  id,
  name,
  lens: { projection, widthPx, heightPx, fovDeg, fovAcross: 'horizontal' },
  lensSource: { kind: 'estimate', low, high },
  framesPerSecond: fps,
  readoutS: about(readoutMs / 1000),
  bitrateMbps: about(mbps),
  powerW: about(watts),
  ...(stills ? { stills } : {}),
});

/** A still every second: the longest exposure is nearly that. Readout and power as of a mode that films. */
export const EVERY_SECOND = { fps: 1, mbps: 32, stills: true } as const;
/** The same every four seconds, for streaks that are longer still. */
export const EVERY_FOUR = { fps: 0.25, mbps: 8, stills: true } as const;

/** Stabiliser off: the whole picture. */
export const STABILISER_OFF: StabiliserLevel = {
  id: 'off',
  name: 'Off',
  crop: { value: 1, source: { kind: 'common practice' } },
};
/** How the ways of steadying differ: estimates for generic cameras. */
export const STEADYING = {
  /** The picture is shifted and turned after it is taken; fine work up to about a sixth of the usual rates. */
  picture: {
    kind: 'picture',
    left: estimated(0.14, 0.08, 0.25),
    fromHz: 0.8,
    toHz: 10,
    beyond: estimated(1, 0.9, 1.1),
  },
  strongPicture: {
    kind: 'picture',
    left: estimated(0.07, 0.04, 0.14),
    fromHz: 0.4,
    toHz: 12,
    beyond: estimated(1, 0.9, 1.1),
  },
  /** A lens group on springs: cannot follow a frame's quick shaking, and rattles with it. */
  lens: {
    kind: 'optics',
    left: estimated(0.25, 0.15, 0.4),
    fromHz: 0.8,
    toHz: 9,
    beyond: estimated(1.9, 1.2, 3),
    reachDeg: estimated(1, 0.6, 1.5),
  },
  /** A whole sensor on magnets. */
  sensor: {
    kind: 'optics',
    left: estimated(0.2, 0.12, 0.35),
    fromHz: 0.6,
    toHz: 12,
    beyond: estimated(1.1, 0.9, 1.5),
    reachDeg: estimated(1.5, 1, 3),
  },
  /** The whole sphere is turned afterwards: it never runs out. */
  sphere: { kind: 'sphere', left: estimated(0.06, 0.03, 0.12), fromHz: 0.3, toHz: 12, beyond: estimated(1, 0.9, 1.1) },
} as const satisfies Readonly<Record<string, Steadying>>;

export const stabiliser = (
  id: string,
  name: string,
  crop: number,
  low: number,
  high: number,
  steadies: Steadying,
  { levels = false } = {},
): StabiliserLevel => ({
  id,
  name,
  crop: estimated(crop, low, high),
  steadies,
  ...(levels ? { levels } : {}),
});

import type { Vec3 } from '../../../mathematics/geometry/vec3';
import type { CastFrame } from '../../../physics/framing/castFrame';
import { COVERS, WORLD_IDS, type Ground } from '../../../words/carrier/land';
import type { PosedPart, Tone } from '../../../words/carrier/posedPart';
import { red, green, blue } from '../colours/mixed';
import type { Rgb, World } from '../worlds/world';

/** What is painted, pixel by pixel. */
export interface Painting {
  /** What was cast: what can't be seen through, then scenery. */
  readonly scene: readonly PosedPart[];
  /** How many of the scene are no scenery. */
  readonly solids: number;
  readonly sceneryColours: readonly Rgb[];
  readonly cast: Pick<CastFrame, 'part' | 'distanceM' | 'triangle' | 'directions'>;
  readonly origin: Vec3;
  readonly ground: Ground;
  readonly world: World;
  /** Without land what shows nothing stays clear. */
  readonly land: boolean;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Sun of the sky; null = behind clouds. */
  readonly skySun: Vec3 | null;
  /** What lights surfaces. */
  readonly lamp: Vec3;
  /** What is left of the light of day. */
  readonly dim: number;
  /** Toward the sun whose shadows are drawn; null = none is. */
  readonly shadowSun: Vec3 | null;
  /** Whether one's own shadow on the ground is told too. */
  readonly outlined: boolean;
  /** How bright lamps light a point, and what is left of country beyond them; null = by day. */
  readonly night: { readonly lit: (point: Vec3) => number; readonly far: number } | null;
}

/** A picture without its ink. */
export interface Painted {
  /** Red, green, blue, opacity; row by row from the top. */
  readonly rgba: Uint8ClampedArray;
  /** How what is seen faces, three numbers a pixel; 0 where that is land or sky. */
  readonly normals: Float32Array;
  /** 1 = sky. */
  readonly sky: Uint8Array;
  /** One's own shadow: see IN_SHADOW, NO_GROUND; null where it wasn't asked for. */
  readonly shadow: Uint8Array | null;
}

export const INK: Rgb = [34, 36, 40];
/** Of the mask of one's own shadow. */
export const [IN_SHADOW, NO_GROUND] = [1, 2];

/** Washes for what parts are made of; only the strut has a loud colour. */
export const TONE_COLOURS: Readonly<Record<Tone, Rgb>> = {
  frame: [116, 146, 158],
  metal: [186, 188, 186],
  black: [84, 86, 90],
  tyre: [74, 72, 70],
  rubber: [98, 94, 92],
  jersey: [104, 118, 152],
  trousers: [122, 116, 110],
  glove: [70, 76, 90],
  shoe: [96, 90, 88],
  skin: [218, 184, 158],
  shell: [232, 228, 216],
  trim: [136, 146, 150],
  lens: [52, 62, 74],
  strap: [72, 72, 74],
  hivis: [242, 92, 24],
  paint: [150, 92, 84],
  lining: [188, 185, 176],
  glass: [150, 176, 186],
  board: [206, 190, 152],
  sail: [238, 236, 226],
  rope: [196, 186, 160],
  wood: [168, 138, 104],
  leaf: [112, 136, 86],
};

const GLOSS: Partial<Record<Tone, number>> = {
  frame: 0.35,
  metal: 0.5,
  shell: 0.3,
  lens: 0.6,
  hivis: 0.2,
  trim: 0.2,
  paint: 0.5,
  board: 0.3,
};

/** How it shines in the sun, 0 = not at all. */
export const glossOf = ({ tone }: PosedPart): number => GLOSS[tone] ?? 0;

/** Off the surface that a shadow is looked for from, metres. */
export const SKIN_M = 0.004;
/** What is left of the light in the shade of a clear day: for drawing only. */
export const SHADE = 0.62;
/** Beyond that a shadow is a few pixels: not looked for. */
export const SHADOWS_TO_M = 60;
/** From this width on a ray to the sun is cast for one pixel in four. */
const SPARSE_FROM_PX = 200;
/** Pixels across and down of which one asks the sun. */
export const shadowStride = (widthPx: number): number => (widthPx >= SPARSE_FROM_PX ? 2 : 1);

/** Number of what land looks like (../colours/lands.ts): worlds, and after them what covers them. */
export const landNumber = ({ world, cover }: Ground): number =>
  cover ? WORLD_IDS.length + COVERS.indexOf(cover) : WORLD_IDS.indexOf(world);

/** The colour that has just been mixed. */
export const mixedColour = (): Rgb => [red, green, blue];

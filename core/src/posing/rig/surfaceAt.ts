import { surfacePatch } from '../../mathematics/geometry/surfacePatch';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedPart, Tone } from '../../words/carrier/posedPart';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { Surface, SurfaceMaterial } from '../../words/carrier/surface';
import type { RigSpec } from '../../words/rig/rigSpec';
import { poseRig } from './poseRig';
import { placedSpots } from './spots';

/** What is likely under a colour, where no spot on the same part says it. */
const MATERIAL: Readonly<Record<Tone, SurfaceMaterial>> = {
  frame: 'alloy tube',
  metal: 'alloy',
  black: 'plastic',
  tyre: 'rubber',
  rubber: 'rubber',
  jersey: 'fabric',
  trousers: 'fabric',
  glove: 'fabric',
  shoe: 'rubber',
  skin: 'skin',
  shell: 'shell',
  trim: 'plastic',
  lens: 'plastic',
  strap: 'webbing',
  hivis: 'fabric',
  paint: 'painted metal',
  lining: 'fabric',
  glass: 'glass',
  board: 'foam core',
  sail: 'fabric',
  rope: 'rope',
  wood: 'wood',
  leaf: 'wood',
};

/** A bend one way and so many times as weak the other way is a tube. */
const TUBE_TIMES = 4;
/** Of a tube that a clamp may go round, and of a bar, metres. */
const TUBE_TO_M = 0.06;
/** Flatter than that it is even for every base, metres. */
const FLAT_FROM_M = 1.5;
/** A wall thinner than this is a sheet that gives, thicker is solid stuff, metres. */
const SHEET_TO_M = 0.012;

const round = (value: number, to: number): number => Math.round(value / to) * to;

/**
 * What a surface is like where a spot of one's own is put, read from the mesh: shape, even area, bend, wall; the material as other spots of the same
 * part have it, else as its colour has it. Part frame, metres; a proposal that whoever stands there may change. Null where there is no such part.
 */
export function surfaceAt(rig: RigSpec, partId: string, point: Vec3, normal: Vec3): Surface | null {
  const part = poseRig(rig, SET_UP_STANCE_ID).byId.get(partId);
  if (!part) return null;
  const { evenAreaM2, radiiM, wallM } = surfacePatch(part.mesh, point, normal);
  const [strong, weak] = radiiM;
  const material = materialOf(rig, part);
  const isTube = strong > 0 && strong < TUBE_TO_M && Math.abs(weak) > TUBE_TIMES * strong;
  if (isTube) return { material, shape: 'tube', tubeDiameterM: round(2 * strong, 0.001) };
  const sheet = wallM !== null && wallM < SHEET_TO_M ? { wallM: round(wallM, 0.0005) } : {};
  const area = { flatAreaM2: round(evenAreaM2, 0.0001) };
  if (Math.abs(strong) >= FLAT_FROM_M) return { material, shape: 'flat', ...area, ...sheet };
  return { material, shape: 'curved', curvatureRadiusM: round(Math.abs(strong), 0.005), ...area, ...sheet };
}

const materialOf = (rig: RigSpec, { id, tone }: PosedPart): SurfaceMaterial =>
  placedSpots({ ...rig, ownSpots: [] }).find(({ spot }) => spot.partId === id)?.spot.surface.material ?? MATERIAL[tone];

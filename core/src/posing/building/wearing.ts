import { revolveRing } from '../../mathematics/geometry/build/revolve';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { mergeMeshes, type Mesh } from '../../mathematics/geometry/mesh';
import { poseAt } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { PROJECTIONS, WHOLE_SPHERE } from '../../mathematics/lens/projection';
import { toDeg, toRad } from '../../mathematics/units/angle';
import type { AddOnDefinition, HousingFigures, LensAddOnFigures } from '../../words/kit/addOn';
import type { CameraDefinition, CameraMode } from '../../words/kit/camera';
import { atHigh, atLow } from '../../words/sourced/ends';
import type { Sourced } from '../../words/sourced/source';
import { cameraMesh, FOOT_M } from './cameraMesh';

/** Whether an add-on goes on a camera as it is. */
export function goesOn({ place, fittings, upToM, cradleN }: AddOnDefinition, camera: CameraDefinition): boolean {
  if (place === 'before the lens') return fittings?.some((one) => camera.filterFittings.includes(one)) ?? false;
  if (cradleN) return camera.cradleN !== undefined;
  return !camera.gimbal && !camera.stitch && !camera.cradleN && Math.max(...camera.bodyM) <= (upToM ?? Infinity);
}

const dressed = new WeakMap<CameraDefinition, Map<string, CameraDefinition>>();

/**
 * A camera with what it wears, as one camera: heavier, larger, shut, looking wider or nearer. What does not go on it is left out
 * (the Last check tells it). The same pieces give the same object.
 */
export function wearing(camera: CameraDefinition, addOns: readonly AddOnDefinition[]): CameraDefinition {
  if (addOns.length === 0) return camera;
  const known = dressed.get(camera) ?? new Map<string, CameraDefinition>();
  dressed.set(camera, known);
  const key = addOns.map(({ id }) => id).join(' ');
  let made = known.get(key);
  if (!made) {
    made = addOns.reduce((c, addOn) => (goesOn(addOn, c) ? withAddOn(c, addOn) : c), camera);
    known.set(key, made);
  }
  return made;
}

function withAddOn(camera: CameraDefinition, addOn: AddOnDefinition): CameraDefinition {
  const { massKg, worn, housing, lens, tube, shadesFromDeg, cradleN } = addOn;
  const piece = addOnMesh(camera, addOn);
  return {
    ...camera,
    name: `${camera.name} ${worn}`,
    massKg: together(camera.massKg, massKg),
    ...(cradleN ? { cradleN } : {}),
    ...(housing ? inHousing(camera, housing) : {}),
    ...(lens ? throughLens(camera, lens, tube?.reachM ?? 0) : {}),
    ...(shadesFromDeg ? { shadesFromDeg: shadesFromDeg.value } : {}),
    ...(piece ? { mesh: () => withPiece(camera, piece) } : {}),
    // One thing at a time before the lens.
    ...(tube ? { filterFittings: [] } : {}),
  };
}

const together = (a: Sourced, b: Sourced): Sourced => ({
  value: a.value + b.value,
  source: { kind: 'estimate', low: atLow(a) + atLow(b), high: atHigh(a) + atHigh(b) },
});

/** Shut all round: larger by its walls, proof against a dip, no cable and no voice that starts it. */
function inHousing(camera: CameraDefinition, housing: HousingFigures): Partial<CameraDefinition> {
  const wall = housing.wallM.value;
  const [depth, height, width] = camera.bodyM;
  const bodyM = [depth + 2 * wall, height + 2 * wall, width + 2 * wall] as const;
  const [ahead, up, right] = camera.lensFromMountM;
  const lensFromMountM: Vec3 = [ahead + wall, up + wall, right];
  const { lasting } = camera;
  return {
    housing,
    bodyM,
    lensFromMountM,
    filterFittings: [],
    weather: 'shut in its housing: rain, mud and dips',
    port: 'shut away in the housing',
    lasting: {
      ...lasting,
      fed: 'none',
      water: 'dips',
      startedBy: lasting.startedBy.filter((by) => by !== 'voice'),
    },
    mesh: () => cameraMesh(bodyM, lensFromMountM, Math.min(height, width) * 0.32),
  };
}

/**
 * Seen through a lens before the lens. Thin lenses touching: 1/u = D + 1/u′, so a lens that is sharp from c to the horizon is sharp from
 * 1/(D + 1/c) to 1/D with D dioptres before it; an afocal one of k times the focal length makes the same picture of r(θ)/k.
 */
function throughLens(
  { modes, closestFocusM, lensFromMountM: [ahead, up, right] }: CameraDefinition,
  { dioptres, shortens }: LensAddOnFigures,
  reachM: number,
): Partial<CameraDefinition> {
  const nearer = (m: number) => 1 / (dioptres + 1 / m);
  return {
    lensFromMountM: [ahead + reachM, up, right],
    modes: shortens === 1 ? modes : modes.map((mode) => shortened(mode, shortens)),
    ...(dioptres > 0
      ? {
          closestFocusM: {
            value: nearer(closestFocusM.value),
            source: { kind: 'estimate', low: nearer(atLow(closestFocusM)), high: nearer(atHigh(closestFocusM)) },
          },
          sharpToM: 1 / dioptres,
        }
      : {}),
  };
}

function shortened(mode: CameraMode, shortens: number): CameraMode {
  const { projection, fovDeg } = mode.lens;
  if (projection === WHOLE_SPHERE) return mode;
  const { radiusFromAngle, angleFromRadius } = PROJECTIONS[projection];
  return {
    ...mode,
    lens: { ...mode.lens, fovDeg: 2 * toDeg(angleFromRadius(radiusFromAngle(toRad(fovDeg) / 2) / shortens)) },
  };
}

/** Wall of what stands before a lens, metres. */
const WALL_M = 0.002;
/** Jaws of a cradle: how thick, and how far they reach round a body's front, metres. */
const JAW = { thickM: 0.008, reachM: 0.012 } as const;

/** What an add-on itself looks like on a camera, camera frame; null for a housing, which takes the camera's place. */
export function addOnMesh(
  { bodyM, lensFromMountM }: CameraDefinition,
  { tube, cradleN }: AddOnDefinition,
): Mesh | null {
  if (tube) {
    const { radiusM, reachM } = tube;
    return revolveRing(
      [
        [radiusM, -0.004],
        [radiusM + WALL_M, -0.004],
        [radiusM + WALL_M, reachM],
        [radiusM, reachM],
      ],
      { centre: lensFromMountM, axis: [1, 0, 0] },
    );
  }
  if (!cradleN) return null;
  const [depth, height, width] = bodyM;
  const deep = depth + JAW.reachM;
  const middle = FOOT_M + height / 2;
  const jaw = (z: number) => roundedBox([deep, height * 0.35, JAW.thickM], 0.003, poseAt([0, middle, z]));
  return mergeMeshes([
    jaw((width + JAW.thickM) / 2),
    jaw(-(width + JAW.thickM) / 2),
    roundedBox([JAW.thickM, 0.03, width + 2 * JAW.thickM], 0.003, poseAt([-(depth + JAW.thickM) / 2, middle, 0])),
  ]);
}

function withPiece(camera: CameraDefinition, piece: Mesh): { readonly body: Mesh; readonly glass: Mesh } {
  const { body, glass } = camera.mesh();
  return { body: mergeMeshes([body, piece]), glass };
}

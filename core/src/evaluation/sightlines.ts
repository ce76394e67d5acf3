import type { Vec3 } from '../geometry/vec3';
import { rayGrid, rowsFor } from '../lens/rayGrid';
import { keepLatest } from '../caching/keepLatest';
import type { FramedSetUp, StanceFrame } from './evaluateSetUp';
import { castCube, lookUpFrame, type VisibilityCube } from '../framing/visibilityCube';
import { FRAME_GROUPS, measureFrame } from '../framing/measureFrame';
import { eyeStreaming, medianStreaming } from '../framing/perceivedSpeed';
import { fieldOfViewDeg, type Lens } from '../lens/lens';
import { castFrame } from '../framing/castFrame';
import type { PosedPart } from '../rig/types';
import { poseStrut } from '../strut/kinematics';
import { ownParts } from '../strut/ownParts';
import type { ResolvedSetUp } from '../strut/resolveSetUp';
import type { CarrierScene, PosedStance } from './carrierScene';

/** What is seen from one place in each stance; cast when it is first asked for. */
export interface Sightlines {
  readonly scene: CarrierScene;
  /** A strut that puts a lens there. */
  readonly reference: ResolvedSetUp;
  readonly cubes: Map<string, { readonly parts: readonly PosedPart[]; readonly cube: VisibilityCube }>;
}

export const sightlinesFrom = (scene: CarrierScene, reference: ResolvedSetUp): Sightlines => ({
  scene,
  reference,
  cubes: new Map(),
});

/** Everything round the lens in one stance: rider, machine and the strut's own chain; the camera's body is left out. */
export function seenIn({ scene, reference, cubes }: Sightlines, { stance, rig, seen }: PosedStance) {
  const known = cubes.get(stance.id);
  if (known) return known;
  const pose = poseStrut(reference, scene.setUpRig, rig);
  const parts = [...seen, ownParts(reference, pose)[0]!];
  const made = { parts, cube: castCube(parts, pose.worldFromCamera.position) };
  cubes.set(stance.id, made);
  return made;
}

/** Columns of the pictures that are looked up: shares within some 2 percentage points (docs/performance.md). */
export const COARSE_COLUMNS = 24;
/** Below this a column is narrower than a direction of the cube. */
const NARROW_DEG = 45;
const eyes = keepLatest<{ readonly streaming: number | null }>(400);

/** One picture by looking up. @param feel whether the speed feel is wanted too */
export function coarseStance(
  sightlines: Sightlines,
  resolved: ResolvedSetUp,
  posed: PosedStance,
  feel: boolean,
): StanceFrame {
  const { lens } = resolved;
  const { parts, cube } = seenIn(sightlines, posed);
  const strut = poseStrut(resolved, sightlines.scene.setUpRig, posed.rig);
  const grid = rayGridOf(lens);
  // A narrow lens sees finer than the cube: its picture is cast.
  const cast =
    fieldOfViewDeg(lens, 'horizontal') < NARROW_DEG
      ? castFrame(parts, strut.worldFromCamera, grid)
      : lookUpFrame(cube, strut.worldFromCamera.rotation, grid);
  const { ground } = posed.rig;
  // The cube's own place: half a decimetre beside the lens at most.
  let speedFeel: number | null = null;
  if (feel && posed.rig.eyes) {
    const felt = medianStreaming(cast, strut.worldFromCamera.position, ground);
    const from: Vec3 = posed.rig.eyes.position;
    const { streaming } = eyes(JSON.stringify([lens, from, ground.point, ground.normal]), () => ({
      streaming: eyeStreaming(grid, from, ground),
    }));
    speedFeel = felt !== null && streaming !== null && streaming > 0 ? felt / streaming : null;
  }
  return {
    stanceId: posed.stance.id,
    name: posed.stance.name,
    share: posed.stance.share,
    measures: measureFrame(cast, parts, lens, strut.worldFromCamera, ground, false),
    speedFeel,
    gimbalRunsOut: strut.gimbal?.runsOut ?? null,
    stitched: [],
  };
}

const grids = new WeakMap<Lens, ReturnType<typeof rayGrid>>();
function rayGridOf(lens: Lens) {
  const known = grids.get(lens);
  if (known) return known;
  const made = rayGrid(lens, COARSE_COLUMNS, rowsFor(lens, COARSE_COLUMNS));
  grids.set(lens, made);
  return made;
}

/** Coarse pictures as a framed set-up, as the checks take them. */
export function coarseFramed(
  { scene }: Sightlines,
  resolved: ResolvedSetUp,
  stances: readonly StanceFrame[],
): FramedSetUp {
  const ridden = stances.reduce((sum, s) => sum + s.share, 0) || 1;
  const felt = stances.filter((s) => s.speedFeel !== null);
  const feltShare = felt.reduce((sum, s) => sum + s.share, 0);
  return {
    resolved,
    actionStanceId: scene.ridden[0]!.stance.id,
    working: scene.working,
    stances,
    weightedShares: Object.fromEntries(
      FRAME_GROUPS.map((group) => [
        group,
        stances.reduce((sum, s) => sum + (s.share / ridden) * s.measures.shares[group], 0),
      ]),
    ) as FramedSetUp['weightedShares'],
    weightedSpeedFeel: feltShare > 0 ? felt.reduce((sum, s) => sum + s.share * s.speedFeel!, 0) / feltShare : null,
    problems: [],
  };
}

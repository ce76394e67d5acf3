import { rayGrid, rowsFor, type RayGrid } from '../../mathematics/lens/rayGrid';
import { overRide, type FramedSetUp, type StanceFrame } from './stanceFrame';
import {
  castCube,
  CUBE_SIZE,
  lookUpFrame,
  recycleCube,
  ROUGH_CUBE_SIZE,
  sharedFrame,
  type VisibilityCube,
} from './visibilityCube';
import { measureFrame, type FrameMeasures } from './measureFrame';
import { measureLooked } from './measureLooked';
import { feelOverRide, speedFeelOf } from './speedFeel';
import { inverseRotation, multiplyRotations, NO_ROTATION, type Rotation } from '../../mathematics/geometry/rotation';
import { fieldOfViewDeg, type Lens } from '../../mathematics/lens/lens';
import { castFrame, NO_PART } from './castFrame';
import { withSubjectSeen } from './subjectSeen';
import { hiddenInSeam, seamOf } from './throughSeam';
import { ALL_ROUND, coneOf, coneRound, holdsCone, turned, widened, type ViewCone } from './viewCone';
import { whereFrom } from './whereFrom';
import { legsCover } from './legsCover';
import { partsFromAfar } from './fromAfar';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { toRad } from '../../mathematics/units/angle';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { poseStrut, type StrutPose } from '../../posing/strut/kinematics';
import { ownParts } from '../../posing/strut/ownParts';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { CarrierScene, PosedStance } from '../../posing/scene/carrierScene';

/** All that is seen from one point in one stance. */
interface SeenFrom {
  readonly parts: readonly PosedPart[];
  readonly from: Vec3;
  /** How the reference stands there. */
  readonly reference: Rotation;
  /** Cast when it is first looked up, and anew where more is asked than it holds. */
  cube: VisibilityCube | null;
}

/** What is seen from one place in each stance. */
export interface Sightlines {
  readonly scene: CarrierScene;
  /** A strut that puts a lens there. */
  readonly reference: ResolvedSetUp;
  /** Good enough to rank places by: cubes of fewer directions, and narrow lenses looked up like the others. */
  readonly rough: boolean;
  readonly seen: Map<string, SeenFrom>;
  /** Where pictures from there look, as the reference's camera sees it: an expectation, so that little else need be cast. */
  toward: ViewCone;
}

export const sightlinesFrom = (
  scene: CarrierScene,
  reference: ResolvedSetUp,
  { rough = false, toward = ALL_ROUND }: { readonly rough?: boolean; readonly toward?: ViewCone } = {},
): Sightlines => ({ scene, reference, rough, seen: new Map(), toward });

/** A picture is looked for a little beside where a strut points: joints hold in notches, and the sky line may come higher or lower. Radians; an estimate. */
const BESIDE_RAD = toRad(12);
/** What is known exactly is looked for where it is, but for rounding. */
const ROUNDING_RAD = 1e-3;

/** A picture as finely as it is ever looked up: its rays reach farthest out. */
const pictureOf = (lens: Lens, fromCamera: Rotation): ViewCone =>
  coneOf(rayGridOf(lens, COARSE_COLUMNS.judged), fromCamera);

/** Where pictures through some lenses look, from a strut that is aimed as they will be. */
export const towardThrough = (lenses: readonly Lens[]): ViewCone =>
  widened(coneRound(lenses.map((lens) => pictureOf(lens, NO_ROTATION))), BESIDE_RAD);

/** Only these struts will be looked at from there: what is cast from now on is cast for them. */
export function onlyFor(sightlines: Sightlines, struts: readonly ResolvedSetUp[]): void {
  const { scene, reference } = sightlines;
  const { rig } = scene.ridden[0]!;
  const rotationOf = (strut: ResolvedSetUp) => poseStrut(strut, scene.setUpRig, rig).worldFromCamera.rotation;
  const back = inverseRotation(rotationOf(reference));
  const cones = struts
    .filter(({ lens }) => !isNarrow(sightlines, lens))
    .map((strut) => pictureOf(strut.lens, multiplyRotations(back, rotationOf(strut))));
  sightlines.toward = widened(coneRound(cones), ROUNDING_RAD);
}

/** Everything round the lens in one stance: rider, machine and the strut's own chain; the camera's body is left out. */
function seenIn({ scene, reference, seen: known }: Sightlines, { stance, rig, seen }: PosedStance): SeenFrom {
  const kept = known.get(stance.id);
  if (kept) return kept;
  const pose = poseStrut(reference, scene.setUpRig, rig);
  const { position, rotation } = pose.worldFromCamera;
  const parts = [...seen, ownParts(reference, pose)[0]!];
  const made: SeenFrom = { parts, from: position, reference: rotation, cube: null };
  known.set(stance.id, made);
  return made;
}

/** Where the lens is in one stance, world frame. */
export const lensIn = (sightlines: Sightlines, posed: PosedStance): Vec3 => seenIn(sightlines, posed).from;

/** The cube of a place with what a picture shows. */
function cubeFor({ rough, toward }: Sightlines, seen: SeenFrom, picture: ViewCone): VisibilityCube {
  if (seen.cube && holdsCone(seen.cube.within, picture)) return seen.cube;
  const { parts, from, reference } = seen;
  const expected = seen.cube?.within ?? turned(reference, toward);
  const within = holdsCone(expected, picture) ? expected : widened(coneRound([expected, picture]), BESIDE_RAD);
  if (seen.cube) recycleCube(seen.cube);
  return (seen.cube = castCube(parts, from, { size: rough ? ROUGH_CUBE_SIZE : CUBE_SIZE, within }));
}

/** Done with a place: its cubes make room for others, and are cast anew if it is asked about again. */
export function forget({ seen }: Sightlines): void {
  for (const { cube } of seen.values()) if (cube) recycleCube(cube);
  seen.clear();
}

/** Columns of a picture that is looked up: a few to rank by, more where the checks and the filmer read its shares (docs/performance.md). */
export const COARSE_COLUMNS = { ranked: 16, judged: 24 } as const;
export type CoarseFor = keyof typeof COARSE_COLUMNS;
/** Width of a column, radians, rather less than more. */
const columnRad = (lens: Lens, columns: number): number => (0.75 * toRad(fieldOfViewDeg(lens, 'horizontal'))) / columns;
/** Below this a column is narrower than a direction of the cube. */
const NARROW_DEG = 35;

/** One picture by looking up; only what is judged has its speed feel. */
export function coarseStance(
  sightlines: Sightlines,
  resolved: ResolvedSetUp,
  posed: PosedStance,
  what: CoarseFor,
): StanceFrame {
  const { lens } = resolved;
  const seen = seenIn(sightlines, posed);
  const { parts, from } = seen;
  const strut = poseStrut(resolved, sightlines.scene.setUpRig, posed.rig);
  const grid = rayGridOf(lens, COARSE_COLUMNS[what]);
  const { ground } = posed.rig;
  const { worldFromCamera } = strut;
  const cube = () => cubeFor(sightlines, seen, coneOf(grid, worldFromCamera.rotation));
  let measures: FrameMeasures;
  let speedFeel: number | null = null;
  if (what === 'ranked' && !isNarrow(sightlines, lens)) {
    measures = measureLooked(cube(), grid, parts, lens, worldFromCamera, ground);
  } else {
    // A narrow lens sees finer than the cube: its picture is cast.
    const cast = isNarrow(sightlines, lens)
      ? castFrame(
          partsFromAfar(parts, worldFromCamera.position, columnRad(lens, grid.columns)),
          worldFromCamera,
          grid,
          sharedFrame(grid.columns, grid.rows),
        )
      : lookUpFrame(cube(), worldFromCamera.rotation, grid);
    measures = measureFrame(cast, parts, lens, worldFromCamera, ground, false);
    // The cube's own place: half a decimetre beside the lens at most.
    if (what === 'judged')
      speedFeel = speedFeelOf(posed.rig, sightlines.scene.aboard, { cast, grid, lens, worldFromCamera, parts });
  }
  const own =
    what === 'judged' && resolved.links.length > 0 ? ownShare(resolved, strut, grid, ground, sightlines.rough) : null;
  return {
    stanceId: posed.stance.id,
    name: posed.stance.name,
    share: posed.stance.share,
    measures: withSubjectSeen(withOwnSeen(measures, own), parts, lens, worldFromCamera, from),
    speedFeel,
    ...whereFrom(posed.rig, lens, worldFromCamera, { closely: what === 'judged' }),
    gimbalRunsOut: strut.gimbal?.runsOut ?? null,
    legsCover:
      what === 'judged'
        ? legsCover(sightlines.scene.legs.get(posed.stance.id), resolved.placed.spot.partId, lens, worldFromCamera)
        : 0,
    stitched: [],
  };
}

const isNarrow = ({ rough }: Sightlines, lens: Lens): boolean =>
  !rough && fieldOfViewDeg(lens, 'horizontal') < NARROW_DEG;

/** How body and picture stand to the spot, and the strut's share of that picture: most struts are stiff, and show it alike in every stance. */
interface OwnSeen {
  readonly spotFromBody: Rotation;
  readonly spotFromCamera: Rotation;
  readonly share: number;
}

const ownSeen = new WeakMap<ResolvedSetUp, OwnSeen>();
const alike = (a: Rotation, b: Rotation): boolean => a.every((x, i) => Math.abs(x - b[i]!) < 1e-6);

/** The strut's own share as the lens itself sees it: so near, half a decimetre beside it is another picture. */
function ownShare(
  resolved: ResolvedSetUp,
  strut: StrutPose,
  grid: RayGrid,
  ground: Ground,
  rough: boolean,
): number | null {
  if (rough) return null;
  const spotFromWorld = inverseRotation(strut.worldFromSpot.rotation);
  const spotFromBody = multiplyRotations(spotFromWorld, strut.worldFromBody.rotation);
  const spotFromCamera = multiplyRotations(spotFromWorld, strut.worldFromCamera.rotation);
  const known = ownSeen.get(resolved);
  if (known && alike(known.spotFromBody, spotFromBody) && alike(known.spotFromCamera, spotFromCamera))
    return known.share;
  const chain = [ownParts(resolved, strut)[0]!];
  const cast = castFrame(chain, strut.worldFromCamera, grid, sharedFrame(grid.columns, grid.rows));
  const seam = seamOf(resolved, strut);
  for (const cell of seam ? hiddenInSeam(cast, chain, seam) : []) cast.part[cell] = NO_PART;
  const { own } = measureFrame(cast, chain, resolved.lens, strut.worldFromCamera, ground, false).shares;
  ownSeen.set(resolved, { spotFromBody, spotFromCamera, share: own });
  return own;
}

const withOwnSeen = (measures: FrameMeasures, own: number | null): FrameMeasures =>
  own === null ? measures : { ...measures, shares: { ...measures.shares, own } };

const grids = { 16: new WeakMap<Lens, RayGrid>(), 24: new WeakMap<Lens, RayGrid>() } as const;
function rayGridOf(lens: Lens, columns: keyof typeof grids): RayGrid {
  const known = grids[columns].get(lens);
  if (known) return known;
  const made = rayGrid(lens, columns, rowsFor(lens, columns));
  grids[columns].set(lens, made);
  return made;
}

/** Coarse pictures as a framed set-up, as the checks take them. */
export function coarseFramed(
  { scene }: Sightlines,
  resolved: ResolvedSetUp,
  stances: readonly StanceFrame[],
): FramedSetUp {
  return {
    resolved,
    actionStanceId: scene.ridden[0]!.stance.id,
    working: scene.working,
    held: scene.ridden[0]!.rig.holds.length > 0,
    aboard: scene.aboard,
    swung: scene.swung.includes(resolved.placed.spot.partId),
    stances,
    weightedShares: overRide(stances, 'shares'),
    weightedMiddle: overRide(stances, 'middle'),
    weightedSpeedFeel: feelOverRide(stances),
    problems: [],
  };
}

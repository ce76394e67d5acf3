import { SET_UP_STANCE_ID } from '../rig/definitions';
import { poseRig, type PosedRig } from '../rig/poseRig';
import { resolveRig, type RigSpec } from '../rig/resolveRig';
import { castFrame } from '../framing/castFrame';
import {
  FRAME_GROUPS,
  measureFrame,
  type FrameGroup,
  type FrameMeasures,
  type FrameShares,
} from '../framing/measureFrame';
import { eyeStreaming, medianStreaming } from '../framing/perceivedSpeed';
import { rayGrid, rowsFor } from '../lens/rayGrid';
import { poseStrut, type StrutPose } from '../strut/kinematics';
import { ownParts } from '../strut/ownParts';
import type { GimbalState } from '../strut/gimbal';
import { stitchedParts, type StitchedPart } from '../framing/stitchZone';
import { resolveSetUp, type ResolvedSetUp } from '../strut/resolveSetUp';
import type { SetUp } from '../strut/setUp';

export interface StanceFrame {
  readonly stanceId: string;
  readonly name: string;
  /** Share of the riding time; the set-up stance has 0. */
  readonly share: number;
  readonly measures: FrameMeasures;
  /** Speed feel against the rider's own eyes (1.0); null when the frame or the eyes show no ground. */
  readonly speedFeel: number | null;
  /** Where a powered gimbal comes to the end of its range; null while it holds or where there is none. */
  readonly gimbalRunsOut: GimbalState['runsOut'];
  /** Parts that the seam of a two-lens camera takes, most first; empty for others. */
  readonly stitched: readonly StitchedPart[];
}

export interface FramedSetUp {
  readonly resolved: ResolvedSetUp;
  readonly actionStanceId: string;
  /** Ids of the machine's working parts. */
  readonly working: readonly string[];
  readonly stances: readonly StanceFrame[];
  /** Shares weighted by riding time. */
  readonly weightedShares: FrameShares;
  readonly weightedSpeedFeel: number | null;
  readonly problems: readonly { readonly stanceId: string; readonly limb: string; readonly shortM: number }[];
}

/** Columns of the grid that shares are read from; worst error 0.57 percentage points at 64, see docs/models.md. */
export const MEASURE_COLUMNS = 64;

export function frameInStance(resolved: ResolvedSetUp, setUpRig: PosedRig, rig: PosedRig, columns: number) {
  const strut = poseStrut(resolved, setUpRig, rig);
  const parts = [...rig.parts, ...ownParts(resolved, strut)].filter((part) => !part.seeThrough);
  const grid = rayGrid(resolved.lens, columns, rowsFor(resolved.lens, columns));
  const cast = castFrame(parts, strut.worldFromCamera, grid);
  return {
    strut,
    parts,
    grid,
    cast,
    measures: measureFrame(cast, parts, resolved.lens, strut.worldFromCamera, rig.ground),
  };
}

/** The lenses' own axis: a reframed picture turns, the body with its two lenses does not. */
const seam = (strut: StrutPose) => strut.worldFromBody.rotation;

/** The frame of one set-up in every stance of the rig (or in one alone), and weighted by riding time. */
export function frameSetUp(
  spec: RigSpec,
  setUp: SetUp,
  actionStanceId: string,
  columns: number = MEASURE_COLUMNS,
  onlyStanceId?: string,
): FramedSetUp {
  const { machine } = resolveRig(spec);
  const resolved = resolveSetUp(spec, setUp);
  const setUpRig = poseRig(spec, SET_UP_STANCE_ID);
  const asked = onlyStanceId ? machine.stances.filter((s) => s.id === onlyStanceId) : machine.stances;
  const stances = asked.map((stance): StanceFrame => {
    const rig = poseRig(spec, stance.id);
    const { cast, grid, measures, strut, parts } = frameInStance(resolved, setUpRig, rig, columns);
    const feel = medianStreaming(cast, strut.worldFromCamera.position, rig.ground);
    const eyes = rig.eyes && eyeStreaming(grid, rig.eyes.position, rig.ground);
    return {
      stanceId: stance.id,
      name: stance.name,
      share: stance.share,
      measures,
      gimbalRunsOut: strut.gimbal?.runsOut ?? null,
      stitched: resolved.camera.stitch
        ? stitchedParts(cast, parts, { ...strut.worldFromCamera, rotation: seam(strut) }, resolved.camera.stitch)
        : [],
      speedFeel: feel !== null && eyes !== null && eyes > 0 ? feel / eyes : null,
    };
  });
  const weightedShares = Object.fromEntries(
    FRAME_GROUPS.map((group: FrameGroup) => [
      group,
      stances.reduce((sum, s) => sum + s.share * s.measures.shares[group], 0),
    ]),
  ) as Record<FrameGroup, number>;
  const felt = stances.filter((s) => s.share > 0 && s.speedFeel !== null);
  const feltShare = felt.reduce((sum, s) => sum + s.share, 0);
  return {
    resolved,
    actionStanceId,
    working: machine.working,
    stances,
    weightedShares,
    weightedSpeedFeel: feltShare > 0 ? felt.reduce((sum, s) => sum + s.share * s.speedFeel!, 0) / feltShare : null,
    problems: machine.stances.flatMap((stance) =>
      poseRig(spec, stance.id).problems.map((problem) => ({ stanceId: stance.id, ...problem })),
    ),
  };
}

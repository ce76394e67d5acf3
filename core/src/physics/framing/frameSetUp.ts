import { SET_UP_STANCE_ID, type Stance } from '../../words/carrier/stance';
import { isSwung } from '../../posing/rig/swung';
import { poseRig, type PosedRig } from '../../posing/rig/poseRig';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import { carrierScene } from '../../posing/scene/carrierScene';
import { legsCover } from './legsCover';
import { castThroughSeam, seamOf } from './throughSeam';
import { measureFrame } from './measureFrame';
import { withSubjectSeen } from './subjectSeen';
import { feelOverRide, speedFeelOf } from './speedFeel';
import { rayGrid, rowsFor } from '../../mathematics/lens/rayGrid';
import { poseStrut } from '../../posing/strut/kinematics';
import { ownParts } from '../../posing/strut/ownParts';
import { stitchedParts } from './stitchZone';
import { whereFrom } from './whereFrom';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { SetUp } from '../../words/setUp/setUp';
import { MEASURE_COLUMNS, overRide, type FramedSetUp, type StanceFrame } from './stanceFrame';

export function frameInStance(resolved: ResolvedSetUp, setUpRig: PosedRig, rig: PosedRig, columns: number) {
  const strut = poseStrut(resolved, setUpRig, rig);
  const parts = [...rig.parts, ...ownParts(resolved, strut, rig)].filter((part) => !part.seeThrough);
  const grid = rayGrid(resolved.lens, columns, rowsFor(resolved.lens, columns));
  const cast = castThroughSeam(parts, strut.worldFromCamera, grid, seamOf(resolved, strut));
  return {
    strut,
    parts,
    grid,
    cast,
    measures: withSubjectSeen(
      measureFrame(cast, parts, resolved.lens, strut.worldFromCamera, rig.ground),
      parts,
      resolved.lens,
      strut.worldFromCamera,
    ),
  };
}

/** The frame of one set-up as it is set up and in every stance that is ridden (or in one alone), and weighted by riding time. */
export function frameSetUp(
  spec: RigSpec,
  setUp: SetUp,
  actionStanceId: string,
  columns: number = MEASURE_COLUMNS,
  onlyStanceId?: string,
): FramedSetUp {
  const { machine } = resolveRig(spec);
  const aboard = machine.passing === undefined;
  const resolved = resolveSetUp(spec, setUp);
  const setUpRig = poseRig(spec, SET_UP_STANCE_ID);
  const { legs } = carrierScene(spec, actionStanceId);
  const seen = ({ id, share }: Stance) => share > 0 || id === SET_UP_STANCE_ID || id === actionStanceId;
  const asked = machine.stances.filter((s) => (onlyStanceId ? s.id === onlyStanceId : seen(s)));
  const stances = asked.map((stance): StanceFrame => {
    const rig = poseRig(spec, stance.id);
    const { cast, grid, measures, strut, parts } = frameInStance(resolved, setUpRig, rig, columns);
    return {
      stanceId: stance.id,
      name: stance.name,
      share: stance.share,
      measures,
      ...whereFrom(rig, resolved.lens, strut.worldFromCamera),
      gimbalRunsOut: strut.gimbal?.runsOut ?? null,
      legsCover: legsCover(legs.get(stance.id), resolved.placed.spot.partId, resolved.lens, strut.worldFromCamera),
      stitched: resolved.camera.stitch
        ? stitchedParts(
            cast,
            parts,
            { ...strut.worldFromCamera, rotation: strut.worldFromBody.rotation },
            resolved.camera.stitch,
          )
        : [],
      speedFeel: speedFeelOf(rig, aboard, {
        cast,
        grid,
        lens: resolved.lens,
        worldFromCamera: strut.worldFromCamera,
        parts,
      }),
    };
  });
  return {
    resolved,
    actionStanceId,
    working: machine.working,
    held: poseRig(spec, actionStanceId).holds.length > 0,
    aboard,
    swung: isSwung(spec, resolved.placed.spot.partId),
    stances,
    weightedShares: overRide(stances, 'shares'),
    weightedMiddle: overRide(stances, 'middle'),
    weightedSpeedFeel: feelOverRide(stances),
    problems: machine.stances.flatMap((stance) =>
      poseRig(spec, stance.id).problems.map((problem) => ({ stanceId: stance.id, ...problem })),
    ),
  };
}

import { bodySegments } from '../body/segments';
import { poseBody } from '../body/posture';
import { riderParts } from '../body/riderParts';
import { compose, poseAt, type Pose } from '../../mathematics/geometry/pose';
import { rotationAbout } from '../../mathematics/geometry/rotation';
import { UP } from '../../mathematics/geometry/vec3';
import { toRad } from '../../mathematics/units/angle';
import { resolveRig } from '../lookup/resolveRig';
import type { SubjectSpec } from '../../words/rig/rigSpec';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';

/** Stature of whoever is framed: adult, estimate 1.6 to 1.85 m. */
const SUBJECT_STATURE_M = 1.75;

/** Where the subject stands, world frame: on the carrier's own level plus `aboveM`. */
function subjectPose(subject: SubjectSpec, ground: Ground, passingM: number | null): Pose {
  const { distanceM, bearingDeg, headingDeg, aboveM } = subject;
  // Beside the course the line runs across the view at the set distance, left to right.
  if (passingM !== null) return poseAt([distanceM, ground.point[1] + aboveM, passingM], rotationAbout(UP, -90));
  const x = distanceM * Math.cos(toRad(bearingDeg));
  const z = distanceM * Math.sin(toRad(bearingDeg));
  const onSlope = -(ground.normal[0] * x + ground.normal[2] * z) / ground.normal[1];
  return poseAt([x, onSlope + aboveM, z], rotationAbout(UP, -headingDeg));
}

/** Another machine with its rider as it rides, all of it in the group "subject". */
export function subjectParts(subject: SubjectSpec, ground: Ground, passingM: number | null): PosedPart[] {
  const spec = { machineId: subject.machineId, fit: {}, wornIds: [], statureM: SUBJECT_STATURE_M };
  const { machine } = resolveRig(spec);
  const { worn } = resolveRig({ ...spec, wornIds: machine.wearing });
  const body = bodySegments(SUBJECT_STATURE_M);
  const posed = machine.pose({}, body, machine.actionStanceId);
  const place = subjectPose(subject, ground, passingM);
  const parts = [...posed.parts];
  if (posed.posture) {
    const rider = riderParts(body, poseBody(body, posed.posture));
    parts.push(...rider);
    for (const { on, ...part } of worn.flatMap((w) => w.parts(body))) {
      const carrier = rider.find((p) => p.id === on);
      if (carrier) parts.push({ ...part, worldFromPart: carrier.worldFromPart });
    }
  }
  return parts.map((part) => ({
    ...part,
    id: `subject.${part.id}`,
    name: `subject's ${part.name}`,
    group: 'subject',
    worldFromPart: compose(place, part.worldFromPart),
  }));
}

import { castRay } from '../../mathematics/geometry/bvh';
import { meshFromAfar } from '../../mathematics/geometry/coarseMesh';
import { meshPoint } from '../../mathematics/geometry/mesh';
import { invert, transformDirection, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { distance, dot, length, mix, normalize, scale, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { fieldOfViewDeg, projectDirectionToPixel, type Lens, type Pixel } from '../../mathematics/lens/lens';
import { clamp, toRad } from '../../mathematics/units/angle';
import type { PosedPart } from '../../words/carrier/posedPart';
import type { FrameMeasures, PartInFrame } from './measureFrame';
import { patchesOf } from './patches';

/** Whoever takes more than this of the picture's width is near enough for its cells; of whoever takes less wings and limbs fall between them. Estimate 0.5 to 1. */
const SMALL = 0.7;
/** Points of it that are looked at for what hides them. */
const LOOKED_AT = 24;
/** What is told apart of it, as a share of its distance. */
const TOLD_APART = 4e-4;

interface Ball {
  readonly centre: Vec3;
  readonly radiusM: number;
}

/** Measures of a picture with somebody else in it who is small there: seen by the outline, corner by corner, not by what cells happen to meet. */
export function withSubjectSeen(
  measures: FrameMeasures,
  parts: readonly PosedPart[],
  lens: Lens,
  worldFromCamera: Pose,
): FrameMeasures {
  const subject = parts.filter(({ group }) => group === 'subject');
  if (subject.length === 0) return measures;
  const { position } = worldFromCamera;
  const ball = ballRound(subject);
  const awayM = distance(ball.centre, position);
  const acrossRad = 2 * Math.asin(clamp(ball.radiusM / awayM, 0, 1));
  if (awayM <= ball.radiusM || acrossRad > SMALL * toRad(fieldOfViewDeg(lens, 'horizontal'))) return measures;
  const { corners, areaPx2 } = outline(subject, lens, worldFromCamera, TOLD_APART * awayM);
  const open = seenShare(subject, parts, position, ball);
  const found = corners.length > 0 && open > 0 ? inPicture(corners, lens) : null;
  const share = found ? (open * found.kept * areaPx2) / (lens.widthPx * lens.heightPx) : 0;
  const seen: PartInFrame[] = found
    ? [
        {
          id: subject[0]!.id,
          name: subject[0]!.name,
          group: 'subject',
          share,
          ...found.at,
          nearestM: awayM - ball.radiusM,
        },
      ]
    : [];
  return {
    ...measures,
    shares: withShare(measures.shares, share),
    parts: [...measures.parts.filter(({ group }) => group !== 'subject'), ...seen].sort((a, b) => b.share - a.share),
  };
}

/** What it has more or less than was counted is taken from the widest of what lies open. */
function withShare(shares: FrameMeasures['shares'], subject: number): FrameMeasures['shares'] {
  const open = (['sky', 'ground', 'way'] as const).reduce((a, b) => (shares[b] > shares[a] ? b : a));
  return { ...shares, subject, [open]: Math.max(0, shares[open] - (subject - shares.subject)) };
}

function ballRound(parts: readonly PosedPart[]): Ball {
  const balls = parts.map(({ mesh, worldFromPart }): Ball => {
    const { centre, radiusM } = patchesOf(mesh);
    return { centre: transformPoint(worldFromPart, centre), radiusM };
  });
  const axes = [0, 1, 2] as const;
  const low = axes.map((k) => Math.min(...balls.map((b) => b.centre[k] - b.radiusM)));
  const high = axes.map((k) => Math.max(...balls.map((b) => b.centre[k] + b.radiusM)));
  const centre = mix(low as unknown as Vec3, high as unknown as Vec3, 0.5);
  return { centre, radiusM: Math.max(...balls.map((b) => distance(b.centre, centre) + b.radiusM)) };
}

/** Corners on the picture, and its area there: half of all triangles, since each front has a back. */
function outline(parts: readonly PosedPart[], lens: Lens, worldFromCamera: Pose, toldApartM: number) {
  const cameraFromWorld = invert(worldFromCamera);
  const corners: Pixel[] = [];
  let areaPx2 = 0;
  for (const { mesh: whole, worldFromPart } of parts) {
    const mesh = meshFromAfar(whole, toldApartM);
    const pixels = Array.from({ length: mesh.positions.length / 3 }, (_, i) =>
      projectDirectionToPixel(lens, transformPoint(cameraFromWorld, transformPoint(worldFromPart, meshPoint(mesh, i)))),
    );
    for (const pixel of pixels) if (pixel) corners.push(pixel);
    for (let t = 0; t < mesh.indices.length; t += 3) {
      const [a, b, c] = [0, 1, 2].map((k) => pixels[mesh.indices[t + k]!]);
      if (a && b && c) areaPx2 += Math.abs((b.u - a.u) * (c.v - a.v) - (c.u - a.u) * (b.v - a.v)) / 4;
    }
  }
  return { corners, areaPx2 };
}

/** Where it lies in the picture and which share of it; null where all of it is outside. */
function inPicture(corners: readonly Pixel[], { widthPx, heightPx }: Lens) {
  const us = corners.map(({ u }) => u / widthPx);
  const vs = corners.map(({ v }) => v / heightPx);
  const [left, right, top, bottom] = [Math.min(...us), Math.max(...us), Math.min(...vs), Math.max(...vs)];
  const [l, r, t, b] = [left, right, top, bottom].map((x) => clamp(x, 0, 1)) as [number, number, number, number];
  if (r <= l || b <= t) return null;
  return {
    kept: ((r - l) * (b - t)) / ((right - left) * (bottom - top)),
    at: {
      centroidU: (l + r) / 2,
      centroidV: (t + b) / 2,
      extent: Math.max(r - l, b - t),
      cut: left < 0 || right > 1 || top < 0 || bottom > 1,
    },
  };
}

/** Share of its points that nothing else hides. */
function seenShare(subject: readonly PosedPart[], parts: readonly PosedPart[], from: Vec3, ball: Ball): number {
  const toBall = normalize(subtract(ball.centre, from));
  const awayM = distance(ball.centre, from);
  const before = parts
    .filter(({ group, seeThrough, mesh, worldFromPart }) => {
      if (group === 'subject' || seeThrough) return false;
      const { centre, radiusM } = patchesOf(mesh);
      const to = subtract(transformPoint(worldFromPart, centre), from);
      const along = dot(to, toBall);
      const beside = length(subtract(to, scale(toBall, along)));
      return beside < radiusM + (ball.radiusM * Math.max(0, along + radiusM)) / awayM && along > -radiusM;
    })
    .map(({ mesh, worldFromPart }) => {
      const partFromWorld = invert(worldFromPart);
      return { mesh, partFromWorld, origin: transformPoint(partFromWorld, from) };
    });
  if (before.length === 0) return 1;
  const points = pointsOn(subject);
  const free = points.filter((point) => {
    const to = subtract(point, from);
    const [direction, far] = [normalize(to), length(to)];
    return !before.some(({ mesh, partFromWorld, origin }) =>
      castRay(mesh, origin, transformDirection(partFromWorld, direction), far),
    );
  });
  return free.length / points.length;
}

/** Points all over it, a little inside its corners. */
function pointsOn(parts: readonly PosedPart[]): readonly Vec3[] {
  const all = parts.reduce((sum, { mesh }) => sum + mesh.positions.length / 3, 0);
  const step = Math.max(1, Math.floor(all / LOOKED_AT));
  const points: Vec3[] = [];
  let skip = 0;
  for (const { mesh, worldFromPart } of parts) {
    const count = mesh.positions.length / 3;
    for (; skip < count; skip += step) points.push(transformPoint(worldFromPart, meshPoint(mesh, skip)));
    skip -= count;
  }
  return points;
}

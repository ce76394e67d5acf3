import { meshPoint } from '../../mathematics/geometry/mesh';
import { poseAt, transformPoint } from '../../mathematics/geometry/pose';
import { rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { addScaled, dot, mix, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { calibrateLens } from '../../mathematics/lens/lens';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { toDeg, toRad } from '../../mathematics/units/angle';
import { renderPicture, type Picture } from './renderPicture';

export interface PortraitView {
  readonly widthPx: number;
  readonly heightPx: number;
  /** From where it is looked at: 0 = from ahead, 90 = from its right; and how far from above. */
  readonly aroundDeg: number;
  readonly aboveDeg: number;
  /** With the land under it, or on nothing. */
  readonly land: boolean;
}

const FOV_DEG = 26;
/** Room round it. */
const ROOM = 1.05;

/** A carrier or a piece of kit as somebody standing off would see it, filling the picture. */
export function renderPortrait(parts: readonly PosedPart[], ground: Ground, view: PortraitView): Picture {
  const { widthPx, heightPx, aroundDeg, aboveDeg, land } = view;
  const a = toRad(aroundDeg);
  const e = toRad(aboveDeg);
  const toward: Vec3 = [Math.cos(e) * Math.cos(a), Math.sin(e), Math.cos(e) * Math.sin(a)];
  const rotation = rotationFromPanTiltRoll({
    panDeg: toDeg(Math.atan2(-toward[2], -toward[0])),
    tiltDeg: -aboveDeg,
    rollDeg: 0,
  });
  const min: [number, number, number] = [Infinity, Infinity, Infinity];
  const max: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  const points = parts.flatMap(({ mesh, worldFromPart }) =>
    Array.from({ length: Math.ceil(mesh.positions.length / 6) }, (_, i) =>
      transformPoint(worldFromPart, meshPoint(mesh, i * 2)),
    ),
  );
  for (const p of points) {
    for (const k of [0, 1, 2] as const) {
      min[k] = Math.min(min[k], p[k]);
      max[k] = Math.max(max[k], p[k]);
    }
  }
  const centre = mix(min, max, 0.5);
  // As far off as the point needs that would first leave the picture.
  const wide = Math.tan(toRad(FOV_DEG / 2));
  const high = (wide * heightPx) / widthPx;
  const right: Vec3 = [rotation[2], rotation[5], rotation[8]];
  const up: Vec3 = [rotation[1], rotation[4], rotation[7]];
  const distance =
    ROOM *
    points.reduce((most, p) => {
      const c = subtract(p, centre);
      const needed = Math.max(Math.abs(dot(c, right)) / wide, Math.abs(dot(c, up)) / high) + dot(c, toward);
      return Math.max(most, needed);
    }, 0.01);
  const lens = calibrateLens({
    projection: 'rectilinear',
    widthPx,
    heightPx,
    fovDeg: FOV_DEG,
    fovAcross: 'horizontal',
    crop: 1,
  });
  const solid = parts.map((part) => (part.seeThrough ? { ...part, seeThrough: false } : part));
  return renderPicture(solid, poseAt(addScaled(centre, toward, distance), rotation), lens, ground, widthPx, heightPx, {
    scenery: false,
    land,
  });
}

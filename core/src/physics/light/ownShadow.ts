import type { Pose } from '../../mathematics/geometry/pose';
import { addScaled, type Vec3 } from '../../mathematics/geometry/vec3';
import type { Lens } from '../../mathematics/lens/lens';
import { rayGrid, rowsFor } from '../../mathematics/lens/rayGrid';
import { groundHit } from '../../posing/rig/groundHit';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { castFrame, NO_PART, NO_IMAGE } from '../framing/castFrame';
import { sameFor } from '../../mathematics/caching/sameFor';
import { shading, solidOf } from './partRays';

/** Shadow of what the camera is carried by, on the ground in its picture; shares of the picture. */
export interface OwnShadow {
  readonly share: number;
  /** What camera and strut throw of it. */
  readonly ofCamera: number;
}

const OUT = 1e-4;

/** What throws a shadow of one's own: whoever is filmed throws his. */
export const castersOf = sameFor((parts: readonly PosedPart[]): readonly PosedPart[] =>
  parts.filter((part) => part.group !== 'subject'),
);

/** What is seen of parts is the same at every hour. */
const framesOf = sameFor(() => new Map<string, ReturnType<typeof castFrame>>());

function seenFrom(parts: readonly PosedPart[], worldFromCamera: Pose, lens: Lens, columns: number) {
  const frames = framesOf(parts);
  const key = JSON.stringify([worldFromCamera, lens, columns]);
  let frame = frames.get(key);
  if (!frame) {
    frame = castFrame(solidOf(parts), worldFromCamera, rayGrid(lens, columns, rowsFor(lens, columns)));
    frames.set(key, frame);
  }
  return frame;
}

/**
 * How much of the picture is ground that lies in the shadow of rider, machine, strut or camera, for each of some places of the sun.
 * @param parts all of them, in the world @param toSuns unit directions to the sun @param columns of the grid it is read from
 */
export function ownShadows(
  parts: readonly PosedPart[],
  worldFromCamera: Pose,
  lens: Lens,
  ground: Ground,
  toSuns: readonly Vec3[],
  columns = 40,
): readonly OwnShadow[] {
  const cast = seenFrom(parts, worldFromCamera, lens, columns);
  const shaded = shading(castersOf(parts));
  const found = toSuns.map(() => ({ all: 0, camera: 0 }));
  let image = 0;
  for (let cell = 0; cell < cast.part.length; cell++) {
    const part = cast.part[cell]!;
    if (part === NO_IMAGE) continue;
    image++;
    if (part !== NO_PART) continue;
    const direction: Vec3 = [
      cast.directions[cell * 3]!,
      cast.directions[cell * 3 + 1]!,
      cast.directions[cell * 3 + 2]!,
    ];
    const hit = groundHit(ground, worldFromCamera.position, direction);
    if (!hit) continue;
    for (const [i, toSun] of toSuns.entries()) {
      const by = shaded(addScaled(hit.point, toSun, OUT), toSun);
      if (!by) continue;
      found[i]!.all++;
      if (by.group === 'own') found[i]!.camera++;
    }
  }
  return found.map(({ all, camera }) => ({ share: all / (image || 1), ofCamera: camera / (image || 1) }));
}

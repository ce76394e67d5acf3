import { invert, transformPoint } from '../../mathematics/geometry/pose';
import { rotate } from '../../mathematics/geometry/rotation';
import { smoothNormalAt } from '../../mathematics/geometry/surfacePoint';
import { addScaled, dot, type Vec3 } from '../../mathematics/geometry/vec3';
import type { CastFrame } from '../../physics/framing/castFrame';
import { paneMirrors } from '../../physics/light/glassMirror';
import { partRays, type PartHit } from '../../physics/light/partRays';
import type { PosedPart } from '../../words/carrier/posedPart';
import type { Rgb } from './worlds/world';

/** Glass farther off than this is somebody else's, and what is mirrored from farther away is land and sky. Metres. */
const GLASS_M = 4;
const MIRRORED_M = 4;
const OFF_M = 2e-3;
/** Every so many pixels across and down are asked; those between take over from them. Small pictures are for dragging, and go without. */
const strideFor = (widthPx: number): number | null => (widthPx < 200 ? null : widthPx < 400 ? 2 : 3);

interface Shine {
  /** Colour of a part's point that faces so, as the picture washes it. */
  readonly washed: (part: PosedPart, normal: Vec3, direction: Vec3) => Rgb;
  /** What lies beyond everything near, along a direction. */
  readonly beyond: (direction: Vec3) => Rgb;
  /** Of what is mirrored, by a polarising filter; 1 = without. */
  readonly mirrorLeft: number;
}

/**
 * What panes before the lens mirror, laid over the picture: dash and hands from inside, the sky from outside, by Fresnel's equations, as the sheet of
 * Light reckons it.
 */
export function* glassShine(
  rgba: Uint8ClampedArray,
  { part, distanceM, directions }: Pick<CastFrame, 'part' | 'distanceM' | 'directions'>,
  origin: Vec3,
  parts: readonly PosedPart[],
  [widthPx, heightPx]: readonly [number, number],
  { washed, beyond, mirrorLeft }: Shine,
): Generator<void> {
  const glass = parts.filter((p) => p.seeThrough && p.group === 'machine');
  const stride = strideFor(widthPx);
  if (glass.length === 0 || stride === null) return;
  const solid = parts.filter((p) => !p.seeThrough && p.group !== 'own' && p.group !== 'subject');
  const [panes, behind] = [partRays(glass).nearest, partRays(solid).nearest];
  const normalOf = ({ part: hit, triangle }: PartHit, point: Vec3): Vec3 =>
    rotate(
      hit.worldFromPart.rotation,
      smoothNormalAt(hit.mesh, triangle, transformPoint(invert(hit.worldFromPart), point)),
    );
  for (let y = 0; y < heightPx; y += stride) {
    yield;
    for (let x = 0; x < widthPx; x += stride) {
      const index = y * widthPx + x;
      if (!Number.isFinite(directions[index * 3]!)) continue;
      const direction: Vec3 = [directions[index * 3]!, directions[index * 3 + 1]!, directions[index * 3 + 2]!];
      const solidM = part[index]! >= 0 ? distanceM[index]! : Infinity;
      const pane = panes(origin, direction, Math.min(GLASS_M, solidM));
      if (!pane || pane.distanceM > solidM) continue;
      const at = addScaled(origin, direction, pane.distanceM);
      const normal = normalOf(pane, at);
      const along = dot(direction, normal);
      const back = addScaled(direction, normal, -2 * along);
      const from = addScaled(at, back, OFF_M);
      const hit = behind(from, back, MIRRORED_M);
      const mirrored = hit ? washed(hit.part, normalOf(hit, addScaled(from, back, hit.distanceM)), back) : beyond(back);
      const share = paneMirrors(along) * mirrorLeft;
      for (let dy = 0; dy < stride && y + dy < heightPx; dy++) {
        for (let dx = 0; dx < stride && x + dx < widthPx; dx++) {
          const i = (index + dy * widthPx + dx) * 4;
          for (let k = 0; k < 3; k++) rgba[i + k] = rgba[i + k]! * (1 - share) + mirrored[k as 0 | 1 | 2] * share;
        }
      }
    }
  }
}

import { inverseRotation, rotate, type Rotation } from '../../mathematics/geometry/rotation';
import type { Pose } from '../../mathematics/geometry/pose';
import type { RayGrid } from '../../mathematics/lens/rayGrid';
import type { PosedPart } from '../../words/carrier/posedPart';
import type { StitchFigures } from '../../words/kit/camera';
import type { StrutPose } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import { castFrame, type CastFrame } from './castFrame';
import { inStitchZone } from './stitchZone';

/** Two lenses back to back, and how the body with them stands in the world. */
export interface Seam {
  readonly figures: StitchFigures;
  readonly worldFromBody: Rotation;
}

/** Null for a camera of one lens. A reframed picture turns, the body with its two lenses does not. */
export const seamOf = ({ camera }: Pick<ResolvedSetUp, 'camera'>, { worldFromBody }: StrutPose): Seam | null =>
  camera.stitch ? { figures: camera.stitch, worldFromBody: worldFromBody.rotation } : null;

/** Numbers of a picture's cells in which the camera's own strut lies between the two lenses: neither sees it there, and the software closes the gap. */
export function hiddenInSeam(cast: CastFrame, parts: readonly PosedPart[], { figures, worldFromBody }: Seam): number[] {
  const bodyFromWorld = inverseRotation(worldFromBody);
  const { part, directions, distanceM } = cast;
  const hidden: number[] = [];
  for (let i = 0; i < part.length; i++) {
    if (part[i]! < 0 || parts[part[i]!]!.group !== 'own') continue;
    const direction = rotate(bodyFromWorld, [directions[i * 3]!, directions[i * 3 + 1]!, directions[i * 3 + 2]!]);
    if (inStitchZone(figures, direction, distanceM[i]!)) hidden.push(i);
  }
  return hidden;
}

/** First hits as a camera of two lenses shows them: what of its own strut lies in the seam is looked past. */
export function castThroughSeam(
  parts: readonly PosedPart[],
  worldFromCamera: Pose,
  grid: RayGrid,
  seam: Seam | null,
): CastFrame {
  const cast = castFrame(parts, worldFromCamera, grid);
  const hidden = seam ? hiddenInSeam(cast, parts, seam) : [];
  if (hidden.length === 0) return cast;
  const others = parts.flatMap((part, index) => (part.group === 'own' ? [] : [index]));
  const behind = castFrame(
    others.map((index) => parts[index]!),
    worldFromCamera,
    grid,
  );
  for (const cell of hidden) {
    const found = behind.part[cell]!;
    cast.part[cell] = found < 0 ? found : others[found]!;
    cast.distanceM[cell] = behind.distanceM[cell]!;
    cast.triangle[cell] = behind.triangle[cell]!;
  }
  return cast;
}

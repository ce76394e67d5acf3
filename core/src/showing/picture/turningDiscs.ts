import { invert, transformDirection, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { cross, dot, length, normalize, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import type { CastFrame } from '../../physics/framing/castFrame';
import type { PosedPart, Spin } from '../../words/carrier/posedPart';
import type { Rgb } from './worlds/world';

/** What eye and shutter see of blades that turn fast: for drawing only; shares are measured with the blades where they stand. */
interface Disc {
  readonly spin: Spin;
  readonly partFromWorld: Pose;
  readonly radiusM: number;
  readonly colour: Rgb;
}

/** A blade is about so wide, as a share of the radius. */
const CHORD = 0.16;
/** Inside it the hub is solid. */
const HUB = 0.09;
/** Nearer the middle blades overlap, farther out they thin; never more nor less than this. */
const OPACITY = { most: 0.55, least: 0.16 } as const;
/** The tips leave a line, that wide. */
const RIM = { from: 0.965, opacity: 0.4 } as const;

export const isTurning = (part: PosedPart): boolean => part.spins !== undefined;

/** How far a part reaches from the axis that it turns about, metres. */
function radiusOf({ mesh }: PosedPart, { at, axis }: Spin): number {
  let most = 0;
  for (let i = 0; i < mesh.positions.length; i += 3) {
    const from = subtract([mesh.positions[i]!, mesh.positions[i + 1]!, mesh.positions[i + 2]!], at);
    most = Math.max(most, length(cross(from, axis)));
  }
  return most;
}

export const discsOf = (parts: readonly PosedPart[], colourOf: (part: PosedPart) => Rgb): readonly Disc[] =>
  parts.flatMap((part) =>
    part.spins
      ? [
          {
            spin: part.spins,
            partFromWorld: invert(part.worldFromPart),
            radiusM: radiusOf(part, part.spins),
            colour: colourOf(part),
          },
        ]
      : [],
  );

/** How much of the light a disc takes at a distance from its middle, as a share of its radius. */
export function discOpacity(at: number, blades: number): number {
  if (at > 1) return 0;
  if (at < HUB) return 1;
  const covered = (blades * CHORD) / (2 * Math.PI * at);
  const blade = Math.max(OPACITY.least, Math.min(OPACITY.most, 1.6 * covered));
  return at > RIM.from ? Math.max(blade, RIM.opacity) : blade;
}

/** Lays the discs over a drawn picture, where nothing nearer stands before them. */
export function drawDiscs(
  rgba: Uint8ClampedArray,
  { part, distanceM, directions }: CastFrame,
  origin: Vec3,
  discs: readonly Disc[],
  dim: number,
): void {
  for (const { spin, partFromWorld, radiusM, colour } of discs) {
    const axis = normalize(spin.axis);
    const from = transformPoint(partFromWorld, origin);
    const height = dot(subtract(from, spin.at), axis);
    for (let index = 0; index < part.length; index++) {
      const direction = transformDirection(partFromWorld, [
        directions[index * 3]!,
        directions[index * 3 + 1]!,
        directions[index * 3 + 2]!,
      ]);
      const down = dot(direction, axis);
      if (!(Math.abs(down) > 1e-6)) continue;
      const away = -height / down;
      if (!(away > 0) || (part[index]! >= 0 && away > distanceM[index]!)) continue;
      const hit: Vec3 = [
        from[0] + away * direction[0] - spin.at[0],
        from[1] + away * direction[1] - spin.at[1],
        from[2] + away * direction[2] - spin.at[2],
      ];
      const opacity = discOpacity(Math.sqrt(dot(hit, hit)) / radiusM, spin.blades);
      if (opacity === 0) continue;
      for (let c = 0; c < 3; c++)
        rgba[index * 4 + c] = rgba[index * 4 + c]! * (1 - opacity) + colour[c]! * 0.8 * dim * opacity;
      rgba[index * 4 + 3] = Math.max(rgba[index * 4 + 3]!, 255 * opacity);
    }
  }
}

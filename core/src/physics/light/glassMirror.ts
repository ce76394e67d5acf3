import { smoothNormalAt } from '../../mathematics/geometry/surfacePoint';
import { invert, transformDirection, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { rotate } from '../../mathematics/geometry/rotation';
import { addScaled, dot, type Vec3 } from '../../mathematics/geometry/vec3';
import { unprojectPixelToDirection, type Lens } from '../../mathematics/lens/lens';
import { skyness } from '../../posing/rig/groundHit';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart, Tone } from '../../words/carrier/posedPart';
import type { LightId } from '../../words/ride/lights';
import { GROUND_BRIGHT, SKY_BESIDE_GROUND } from './metering';
import { partRays, shading, solidOf, type PartHit } from './partRays';

/** What glass before the lens mirrors into the picture. */
export interface GlassMirror {
  /** Of the picture, seen through glass. */
  readonly throughGlass: number;
  /** Of the picture, where what is mirrored is so bright that it shows. */
  readonly veiledShare: number;
  /** Of the light that comes from the glass what is mirrored, on average over it, 0 to 1. */
  readonly veil: number;
  /** What gives most of it: a part's name, or 'sky', 'ground'. */
  readonly of: string;
}

/** How bright things in the sun are beside sunlit ground, by what they are made of: reflectances of 3 to 70 % beside 20 %, estimates. */
const BRIGHT: Readonly<Record<Tone, number>> = {
  frame: 1,
  metal: 1.5,
  black: 0.2,
  tyre: 0.2,
  rubber: 0.25,
  jersey: 0.8,
  trousers: 0.7,
  glove: 0.4,
  shoe: 0.5,
  skin: 1.7,
  shell: 3,
  trim: 0.6,
  lens: 0.2,
  strap: 0.25,
  hivis: 1.5,
  paint: 0.8,
  lining: 1,
  glass: 0.2,
  board: 2,
  sail: 3.5,
  rope: 2,
  leaf: 0.5,
  wood: 1.2,
};
/** Of the light left in the shade, and under a roof. Estimate. */
const IN_SHADE = 0.2;
/** Mirrored light shows from this part of the whole on: a contrast that anybody sees is about a tenth. Estimate. */
const SHOWS = 0.1;
/** Glass farther off than this is somebody else's. */
const GLASS_M = 4;
const OFF_M = 2e-3;
const RAYS = { across: 16, down: 9 } as const;

/** Refractive index of window glass and acrylic alike, 1.49 to 1.52. */
const INDEX = 1.52;

/** Of unpolarised light what one pane throws back from both its faces: Fresnel's equations, 2R/(1 + R). @param cosine of the angle to its normal */
export function paneMirrors(cosine: number): number {
  const c = Math.min(1, Math.max(1e-6, Math.abs(cosine)));
  const inside = Math.sqrt(1 - (1 - c * c) / INDEX ** 2);
  const across = ((c - INDEX * inside) / (c + INDEX * inside)) ** 2;
  const along = ((inside - INDEX * c) / (inside + INDEX * c)) ** 2;
  const one = (across + along) / 2;
  return (2 * one) / (1 + one);
}

/** @param toSun null = behind clouds or down @param mirrorLeft of what is mirrored, by a polarising filter; 1 = without */
export function glassMirror(
  parts: readonly PosedPart[],
  worldFromCamera: Pose,
  lens: Lens,
  ground: Ground,
  { toSun, lightId, mirrorLeft }: { toSun: Vec3 | null; lightId: LightId; mirrorLeft: number },
): GlassMirror | null {
  const glass = parts.filter((part) => part.seeThrough && part.group === 'machine');
  if (glass.length === 0) return null;
  const solid = solidOf(parts);
  const [throughPane, behind, shaded] = [partRays(glass).nearest, partRays(solid).nearest, shading(parts)];
  const normalOf = ({ part, triangle }: PartHit, point: Vec3): Vec3 =>
    rotate(
      part.worldFromPart.rotation,
      smoothNormalAt(part.mesh, triangle, transformPoint(invert(part.worldFromPart), point)),
    );
  /** How bright, beside sunlit ground, what a ray comes to. */
  const seen = (from: Vec3, direction: Vec3): { readonly bright: number; readonly name: string } => {
    const hit = behind(from, direction);
    if (!hit)
      return skyness(ground, direction) >= 0
        ? { bright: SKY_BESIDE_GROUND[lightId], name: 'sky' }
        : { bright: GROUND_BRIGHT[ground.world], name: 'ground' };
    const point = addScaled(from, direction, hit.distanceM);
    const normal = normalOf(hit, point);
    const facing = dot(normal, direction) > 0 ? -1 : 1;
    const lit =
      toSun !== null &&
      facing * dot(normal, toSun) > 0.05 &&
      shaded(addScaled(point, normal, facing * OFF_M), toSun) === null;
    return { bright: BRIGHT[hit.part.tone] * (lit ? 1 : IN_SHADE), name: hit.part.name };
  };
  const by = new Map<string, number>();
  let [rays, glazed, veiled, veils] = [0, 0, 0, 0];
  for (let row = 0; row < RAYS.down; row++) {
    for (let column = 0; column < RAYS.across; column++) {
      const ray = unprojectPixelToDirection(lens, {
        u: ((column + 0.5) / RAYS.across) * lens.widthPx,
        v: ((row + 0.5) / RAYS.down) * lens.heightPx,
      });
      if (!ray) continue;
      rays++;
      const direction = transformDirection(worldFromCamera, ray);
      const pane = throughPane(worldFromCamera.position, direction, GLASS_M);
      if (!pane || behind(worldFromCamera.position, direction, pane.distanceM)) continue;
      glazed++;
      const at = addScaled(worldFromCamera.position, direction, pane.distanceM);
      const normal = normalOf(pane, at);
      const along = dot(direction, normal);
      const back = addScaled(direction, normal, -2 * along);
      const mirrored = seen(addScaled(at, back, OFF_M), back);
      const through = seen(addScaled(at, direction, OFF_M), direction);
      const share = paneMirrors(along);
      const thrown = share * mirrorLeft * mirrored.bright;
      const veil = thrown / (thrown + (1 - share) * through.bright);
      veils += veil;
      if (veil > SHOWS) veiled++;
      by.set(mirrored.name, (by.get(mirrored.name) ?? 0) + veil);
    }
  }
  if (glazed === 0) return null;
  const [of] = [...by].reduce((a, b) => (b[1] > a[1] ? b : a));
  return { throughGlass: glazed / rays, veiledShare: veiled / rays, veil: veils / glazed, of };
}

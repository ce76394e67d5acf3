import { add, AHEAD, cross, normalize, subtract, UP, type Vec3 } from '../../../mathematics/geometry/vec3';
import { rotate } from '../../../mathematics/geometry/rotation';
import { applied, type Matrix } from '../../../mathematics/numbers/matrix';
import { armName, standingArms } from '../../../posing/strut/furtherArms';
import type { StrutPose } from '../../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import type { Surface } from '../../../words/carrier/surface';
import type { BaseDefinition } from '../../../words/kit/base';
import type { LinkDefinition } from '../../../words/kit/link';
import { usual } from '../../../words/sourced/ends';
import { armFrame } from '../../stiffness/armFrame';
import {
  furtherPieces,
  interfacesOf,
  loadedPieces,
  loadsBeyond,
  spotNormal,
  type Interface,
  type Load,
  type LoadEnvelope,
  type LoadedPiece,
} from './loads';

/** One arm with where it hands its load on; a strut has one, a camera in a cage may have three. */
export interface HeldArm {
  readonly base: BaseDefinition;
  readonly links: readonly LinkDefinition[];
  /** What its base stands on. */
  readonly surface: Surface;
  /** Outward normal under its base, world frame. */
  readonly normal: Vec3;
  /** The spot's reference along its surface, world frame. */
  readonly ahead: Vec3;
  /** Of its own pieces; what the camera brings comes on top. */
  readonly interfaces: readonly Interface[];
  readonly pieces: readonly LoadedPiece[];
  /** What it takes of force and moment on the camera; null = all of it, and then the camera is among its pieces. */
  readonly share: Matrix | null;
}

/** The camera as what all arms carry together. */
export interface CarriedCamera {
  readonly at: Vec3;
  readonly pieces: readonly LoadedPiece[];
}

/** The arms of a set-up, the first one first, and the camera that several carry together. */
export function heldArms(
  resolved: ResolvedSetUp,
  pose: StrutPose,
): { readonly arms: readonly HeldArm[]; readonly carried: CarriedCamera | null } {
  const { base, links, head } = resolved;
  const pieces = loadedPieces(resolved, pose);
  const interfaces = interfacesOf(resolved, pose);
  const first = {
    base,
    links: links.map((l) => l.definition),
    surface: resolved.placed.spot.surface,
    normal: spotNormal(pose),
    ahead: rotate(pose.worldFromSpot.rotation, AHEAD),
  };
  const frame = armFrame(resolved, pose, usual);
  if (!frame) return { arms: [{ ...first, pieces, interfaces, share: null }], carried: null };
  // Joint and camera are carried by all; the rest is the first arm's own.
  const own = pieces.slice(0, -2);
  const further = furtherPieces(resolved, pose);
  return {
    carried: { at: frame.at, pieces: pieces.slice(-2) },
    arms: [
      {
        ...first,
        pieces: own,
        interfaces: interfaces.map((face) => ({ ...face, beyond: face.beyond.filter((i) => i < own.length) })),
        share: frame.shares[0]!,
      },
      ...standingArms(resolved, pose).map(({ arm, surface, worldFromBase, from, to }, i): HeldArm => {
        const name = armName(i);
        return {
          base: arm.base,
          links: [arm.link],
          surface,
          normal: rotate(worldFromBase.rotation, UP),
          ahead: rotate(worldFromBase.rotation, AHEAD),
          pieces: further[i]!,
          share: frame.shares[i + 1]!,
          interfaces: [
            {
              id: 'surface',
              name: `${name}’s ${arm.base.name.toLowerCase()} on the surface`,
              at: worldFromBase.position,
              link: null,
              along: null,
              beyond: [0, 1],
            },
            {
              id: 'joint',
              name: `joint under the ${name}`,
              at: from,
              link: 0,
              along: normalize(subtract(to, from)),
              beyond: [1],
            },
            {
              id: 'head',
              name: `${head.name.toLowerCase()} of the ${name}`,
              at: to,
              link: null,
              along: null,
              beyond: [],
            },
          ],
        };
      }),
    ],
  };
}

/** Loads at one interface for many directions: what lies beyond it on its own arm, and its arm's share of what the camera brings. */
export function loadsAt(
  face: Interface,
  { pieces, share }: Pick<HeldArm, 'pieces' | 'share'>,
  carried: CarriedCamera | null,
  envelope: LoadEnvelope,
): (acceleration: Vec3, flow: Vec3) => Load {
  const own = loadsBeyond(face, pieces, envelope);
  if (!carried || !share) return own;
  const camera = loadsBeyond({ at: carried.at, beyond: carried.pieces.map((_, i) => i) }, carried.pieces, envelope);
  const lever = subtract(carried.at, face.at);
  return (acceleration, flow) => {
    const { force, moment } = camera(acceleration, flow);
    const [fx, fy, fz, mx, my, mz] = applied(share, [...force, ...moment]) as number[];
    const taken: Vec3 = [fx!, fy!, fz!];
    const rest = own(acceleration, flow);
    return {
      force: add(rest.force, taken),
      moment: add(rest.moment, add([mx!, my!, mz!], cross(lever, taken))),
    };
  };
}

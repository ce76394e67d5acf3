import type { Pose } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { Lens } from '../../mathematics/lens/lens';
import type { Surface } from '../../words/carrier/surface';
import type { BaseDefinition } from '../../words/kit/base';
import type { CameraDefinition, CameraMode } from '../../words/kit/camera';
import type { HeadDefinition } from '../../words/kit/head';
import type { LinkDefinition } from '../../words/kit/link';
import type { StabiliserLevel } from '../../words/kit/stabiliser';
import type { TetherDefinition } from '../../words/kit/tether';
import type { FurtherArm, LinkUse, SetUp, TetherUse } from '../../words/setUp/setUp';
import type { PlacedSpot } from '../rig/spots';

/** A further arm of a set-up with its pieces, and where its base stands. */
export interface ResolvedArm {
  readonly use: FurtherArm;
  readonly base: BaseDefinition;
  readonly link: LinkDefinition;
  readonly stands: ArmFoot;
}

/** Where a further arm's base stands, or in words why it stands nowhere. */
export type ArmFoot =
  | {
      /** Its frame in that of the set-up's spot: origin on the surface, +y the outward normal. */
      readonly spotFromBase: Pose;
      readonly surface: Surface;
    }
  | { readonly lost: string };

/** A tether of a set-up with the piece that it is. */
export interface ResolvedTether {
  readonly use: TetherUse;
  readonly definition: TetherDefinition;
  /** Where it is tied: a part and a point of it in its frame; null where that part is not on this carrier now. */
  readonly anchor: {
    readonly partId: string;
    readonly name: string;
    readonly point: Vec3;
    /** A pad that peels before much else gives way. */
    readonly stuckOn?: true;
  } | null;
}

/** A set-up with the catalogue's entries in place of their ids, and the place where it goes. */
export interface ResolvedSetUp {
  readonly setUp: SetUp;
  readonly placed: PlacedSpot;
  readonly base: BaseDefinition;
  readonly links: readonly { readonly use: LinkUse; readonly definition: LinkDefinition }[];
  /** Arms beside the first. */
  readonly furtherArms: readonly ResolvedArm[];
  /** What keeps it if it comes off; null = not named. */
  readonly tether: ResolvedTether | null;
  readonly head: HeadDefinition;
  /** With what it wears. */
  readonly camera: CameraDefinition;
  readonly mode: CameraMode;
  readonly stabiliser: StabiliserLevel;
  /** Lens of the picture as recorded: after the crop, turned upright where the body is. */
  readonly lens: Lens;
}

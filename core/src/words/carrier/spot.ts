import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { SpotZone } from './spotZone';
import type { Surface } from './surface';

/** A mounting point: the first hit of a ray on a part's mesh, so that it lies on the surface whatever the fit. */
export interface Spot {
  readonly id: string;
  readonly name: string;
  readonly partId: string;
  /** Ray in the part's frame that finds the point. */
  readonly aim: { readonly from: Vec3; readonly toward: Vec3 };
  /** Direction in the part's frame from which arms are turned: 0 = along it. */
  readonly reference: Vec3;
  /** Where a camera looks with its joint in the middle notch, part's frame. */
  readonly look: Vec3;
  readonly surface: Surface;
  /** The one stance in which there is such a place: both hands on a pole. */
  readonly onlyIn?: string;
  /** The part whose swinging it shares, where that is not its own: a back door swings with the wheel that hangs on it. */
  readonly swingsWith?: string;
  /** Where it can slide; none = it is a point. */
  readonly zone?: SpotZone;
  /** What people should know before choosing it, most important first. */
  readonly cautions: readonly string[];
  readonly note: string;
}

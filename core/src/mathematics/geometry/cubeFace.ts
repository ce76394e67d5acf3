/**
 * The cube round a point, edges of length two: faces +x, −x, +y, −y, +z, −z by number; on each the two other axes in their order,
 * u and w, from −1 to 1.
 */

/** Axes of a face, by its number halved: its own, then those of u and w; 0 = x. */
export const FACE_AXES = [
  [0, 1, 2],
  [1, 0, 2],
  [2, 0, 1],
] as const;

/** Which way along its own axis a face lies. */
export const faceSign = (face: number): 1 | -1 => (face % 2 === 0 ? 1 : -1);

/** Where a direction meets the cube. One is made and used again: it is asked millions of times a second. */
export class CubePoint {
  face = 0;
  u = 0;
  w = 0;

  /** @param x, y, z a direction of any length but nought */
  put(x: number, y: number, z: number): void {
    const ax = x < 0 ? -x : x;
    const ay = y < 0 ? -y : y;
    const az = z < 0 ? -z : z;
    if (ax >= ay && ax >= az) {
      this.face = x >= 0 ? 0 : 1;
      this.u = y / ax;
      this.w = z / ax;
    } else if (ay >= az) {
      this.face = y >= 0 ? 2 : 3;
      this.u = x / ay;
      this.w = z / ay;
    } else {
      this.face = z >= 0 ? 4 : 5;
      this.u = x / az;
      this.w = y / az;
    }
  }
}

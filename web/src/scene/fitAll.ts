import { Box3, Vector3, type Object3D, type PerspectiveCamera } from 'three';

/** From ahead on the left and a little above. */
const TOWARD = new Vector3(3.0, 1.05, -3.6).normalize();

/** Puts the camera where all objects just fit its view; says their middle and size, or null when there is nothing. */
export function fitAll(
  camera: PerspectiveCamera,
  objects: readonly Object3D[],
): { readonly centre: Vector3; readonly size: number } | null {
  const corners: Vector3[] = [];
  const whole = new Box3();
  for (const object of objects) {
    object.updateMatrixWorld(true);
    const { min, max } = new Box3().setFromObject(object);
    whole.expandByPoint(min).expandByPoint(max);
    for (let i = 0; i < 8; i++) {
      corners.push(new Vector3(i & 1 ? max.x : min.x, i & 2 ? max.y : min.y, i & 4 ? max.z : min.z));
    }
  }
  if (whole.isEmpty()) return null;
  const centre = whole.getCenter(new Vector3());
  const size = whole.getSize(new Vector3()).length();
  camera.position.copy(centre).add(TOWARD);
  camera.lookAt(centre);
  camera.updateMatrixWorld(true);
  const [right, up] = [new Vector3(), new Vector3()];
  camera.matrixWorld.extractBasis(right, up, new Vector3());
  const high = Math.tan((camera.fov * Math.PI) / 360);
  const wide = high * camera.aspect;
  let away = 0.3;
  for (const corner of corners) {
    const c = corner.sub(centre);
    away = Math.max(away, Math.max(Math.abs(c.dot(right)) / wide, Math.abs(c.dot(up)) / high) + c.dot(TOWARD));
  }
  camera.position.copy(centre).addScaledVector(TOWARD, away * 1.04);
  camera.far = Math.max(60, size * 12);
  camera.near = Math.max(0.02, size * 0.02);
  camera.updateProjectionMatrix();
  return { centre, size };
}

import type { Pose } from '@strut-spot/core';
import { type Group, LineSegments, Matrix4, Mesh, type Object3D, Points, Sprite } from 'three';

export function place(object: Object3D, { rotation: r, position: p }: Pose): void {
  object.matrixAutoUpdate = false;
  object.matrix.copy(
    new Matrix4().set(r[0], r[1], r[2], p[0], r[3], r[4], r[5], p[1], r[6], r[7], r[8], p[2], 0, 0, 0, 1),
  );
}

/** Takes everything out and gives its memory back; shared materials stay. */
export function empty(group: Group): void {
  group.traverse((child) => {
    if (child instanceof Mesh || child instanceof LineSegments || child instanceof Points) {
      child.geometry.dispose();
    } else if (child instanceof Sprite) {
      child.material.map?.dispose();
      child.material.dispose();
    }
  });
  group.clear();
}

import { BoxGeometry, Mesh, PerspectiveCamera, Vector3 } from 'three';
import { fitAll } from './fitAll';

const box = (width: number, height: number, depth: number, at: readonly [number, number, number]) => {
  const mesh = new Mesh(new BoxGeometry(width, height, depth));
  mesh.position.set(...at);
  return mesh;
};

it.each([
  ['a kayak', [5, 0.5, 0.6], 1.4],
  ['a mast', [0.3, 9, 0.3], 0.7],
  ['a wing', [1, 0.3, 15], 2.2],
] as const)('%s fits the view and nearly fills it', (_name, [x, y, z], aspect) => {
  const camera = new PerspectiveCamera(30, aspect);
  const mesh = box(x, y, z, [1, 2, -3]);
  const fit = fitAll(camera, [mesh])!;
  expect(fit.centre.toArray()).toEqual([1, 2, -3]);
  camera.updateMatrixWorld(true);
  const seen: number[] = [];
  for (const sx of [-1, 1]) {
    for (const sy of [-1, 1]) {
      for (const sz of [-1, 1]) {
        const p = new Vector3(1 + (sx * x) / 2, 2 + (sy * y) / 2, -3 + (sz * z) / 2).project(camera);
        seen.push(Math.abs(p.x), Math.abs(p.y));
      }
    }
  }
  expect(Math.max(...seen)).toBeLessThanOrEqual(1);
  expect(Math.max(...seen)).toBeGreaterThan(0.85);
});

it('nothing to see leaves the camera where it is', () => {
  const camera = new PerspectiveCamera(30, 1);
  expect(fitAll(camera, [])).toBeNull();
  expect(camera.position.length()).toBe(0);
});

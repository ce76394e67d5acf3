/** Rays against a tree of boxes, held against three-mesh-bvh (a general-purpose library) triangle by triangle. */
import { BufferAttribute, BufferGeometry, DoubleSide, Ray, Vector3 } from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import { seededNumbers } from '../numbers/seededNumbers';
import { buildBvh, castRay } from './bvh';
import { meshOf, type Mesh } from './mesh';
import { normalize, type Vec3 } from './vec3';

const random = seededNumbers(41);
const within = (size: number) => (random() - 0.5) * size;
/** Small triangles strewn about a cube; none where there are to be none. */
function strewn(triangles: number): Mesh {
  const points = Array.from({ length: triangles }).flatMap(() => {
    const middle = [within(4), within(4), within(4)] as const;
    return [0, 1, 2].map((): Vec3 => [middle[0] + within(0.6), middle[1] + within(0.6), middle[2] + within(0.6)]);
  });
  return meshOf(
    points,
    Array.from({ length: triangles }, (_, t) => [3 * t, 3 * t + 1, 3 * t + 2] as const),
  );
}

function outside({ positions, indices }: Mesh) {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  geometry.setIndex(new BufferAttribute(indices.slice(), 1));
  const tree = new MeshBVH(geometry);
  return (from: Vec3, toward: Vec3) =>
    tree.raycastFirst(new Ray(new Vector3(...from), new Vector3(...toward)), DoubleSide)?.distance ?? null;
}

it.each([1, 2, 3, 17, 400, 3000])('%d triangles: the first hit is as far away as the library says', (count) => {
  const mesh = strewn(count);
  const first = outside(mesh);
  let hits = 0;
  for (let n = 0; n < 300; n++) {
    const from: Vec3 = [within(8), within(8), within(8)];
    const toward = normalize([-from[0] + within(3), -from[1] + within(3), -from[2] + within(3)]);
    const [ours, theirs] = [castRay(mesh, from, toward), first(from, toward)];
    expect([n, ours === null]).toEqual([n, theirs === null]);
    if (!ours || theirs === null) continue;
    hits++;
    // Theirs keeps its boxes and corners in single precision.
    expect(ours.distanceM).toBeCloseTo(theirs, 5);
  }
  if (count >= 400) expect(hits).toBeGreaterThan(30);
});

it('rays along an axis, with two components of exactly nought, are no special case', () => {
  const mesh = strewn(500);
  const first = outside(mesh);
  for (let n = 0; n < 60; n++) {
    const [a, b] = [within(4), within(4)];
    for (const [from, toward] of [
      [[-5, a, b], [1, 0, 0]],
      [[a, 5, b], [0, -1, 0]],
      [[a, b, -5], [0, 0, 1]],
    ] as const) {
      const theirs = first(from, toward);
      expect(castRay(mesh, from, toward)?.distanceM ?? -1).toBeCloseTo(theirs ?? -1, 5);
    } // prettier-ignore
  }
});

it('nothing is found beyond the limit that is set', () => {
  const mesh = strewn(200);
  for (let n = 0; n < 100; n++) {
    const from: Vec3 = [within(8), within(8), -6];
    const hit = castRay(mesh, from, [0, 0, 1]);
    if (!hit) continue;
    expect(castRay(mesh, from, [0, 0, 1], hit.distanceM * 0.999)).toBeNull();
    expect(castRay(mesh, from, [0, 0, 1], hit.distanceM * 1.001)).toEqual(hit);
  }
});

describe('the tree', () => {
  const mesh = strewn(777);
  const { boxes, first, count, order, corners } = buildBvh(mesh);
  const leaves = [...count].flatMap((triangles, node) => (triangles > 0 ? [{ node, triangles }] : []));

  it('has each triangle in one leaf, and no leaf of more than two', () => {
    expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: 777 }, (_, t) => t));
    expect(leaves.reduce((sum, { triangles }) => sum + triangles, 0)).toBe(777);
    expect(Math.max(...leaves.map(({ triangles }) => triangles))).toBeLessThanOrEqual(2);
    const slots = leaves.flatMap(({ node, triangles }) =>
      Array.from({ length: triangles }, (_, i) => -1 - first[node]! + i),
    );
    expect(slots.sort((a, b) => a - b)).toEqual(Array.from({ length: 777 }, (_, slot) => slot));
  });

  it('is as deep as halving makes it', () => {
    const depth = (node: number): number =>
      count[node]! > 0 ? 1 : 1 + Math.max(depth(first[node]!), depth(first[node]! + 1));
    expect(depth(0)).toBeLessThanOrEqual(Math.ceil(Math.log2(777)) + 1);
  });

  it('has boxes that hold what is below them, and touch it on all sides', () => {
    const boxOf = (node: number) => [...boxes.slice(node * 6, node * 6 + 6)];
    const round = (all: readonly (readonly number[])[]) =>
      [0, 1, 2]
        .map((k) => Math.min(...all.map((box) => box[k]!)))
        .concat([3, 4, 5].map((k) => Math.max(...all.map((box) => box[k]!))));
    for (let node = 0; node < count.length; node++) {
      if (count[node] === 0) {
        expect(boxOf(node)).toEqual(round([boxOf(first[node]!), boxOf(first[node]! + 1)]));
        continue;
      }
      const points = Array.from({ length: count[node]! }, (_, i) => (-1 - first[node]! + i) * 9).flatMap((at) =>
        [0, 3, 6].map((edge) => {
          const p = [0, 1, 2].map((k) => corners[at + k]! + (edge === 0 ? 0 : corners[at + edge + k]!));
          return [...p, ...p];
        }),
      );
      round(points).forEach((value, k) => expect(boxOf(node)[k]).toBeCloseTo(value, 9));
    }
  });

  it('comes out the same each time, and of equal triangles too', () => {
    expect(buildBvh(mesh)).toEqual(buildBvh(mesh));
    const same = meshOf(
      [[0, 0, 0], [1, 0, 0], [0, 1, 0]],
      Array.from({ length: 33 }, () => [0, 1, 2] as const),
    ); // prettier-ignore
    expect([...buildBvh(same).order].sort((a, b) => a - b)).toEqual(Array.from({ length: 33 }, (_, t) => t));
    expect(castRay(same, [0.2, 0.2, -1], [0, 0, 1])!.distanceM).toBeCloseTo(1, 12);
  });
});

import type { BikeGeometry } from '../../shapes/bicycle/bikeGeometry';
import { dropPath } from './geometry';
import { loft } from '../../../src/mathematics/geometry/build/loft';
import { rod, smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { superellipse } from '../../../src/mathematics/geometry/build/superellipse';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { add, addScaled, mirrored, RIGHT, type Vec3 } from '../../../src/mathematics/geometry/vec3';

const both = (mesh: Mesh): Mesh => mergeMeshes([mesh, mirrorMesh(mesh)]);

/** The steered parts with the bars straight, machine frame. */
export function roadCockpit(g: BikeGeometry): Record<'fork' | 'stem' | 'bar' | 'hoods' | 'levers' | 'cables', Mesh> {
  const crown = addScaled(g.headTubeBottom, g.steerUp, -0.02);
  const legs = both(
    tube(
      smoothPath(
        [
          add(crown, [0, 0, 0.02]),
          add(addScaled(crown, g.steerUp, -0.03), [0, 0, 0.046]),
          addScaled(add(g.frontAxle, [0, 0, 0.056]), g.steerUp, 0.16),
          add(g.frontAxle, [0, 0, 0.054]),
        ],
        5,
      ),
      { radiusM: (t) => 0.019 - 0.009 * t, flatness: 0.8, segments: 12 },
    ),
  );
  const half = smoothPath(dropPath(g), 5);
  const hood = (): Mesh => {
    const from = dropPath(g)[5]!;
    const sections: readonly (readonly [number, number, number, number])[] = [
      [-0.052, 0.002, 0.013, 0.012],
      [-0.03, 0.008, 0.0165, 0.017],
      [0.01, 0.018, 0.0165, 0.022],
      [0.034, 0.034, 0.0155, 0.026],
      [0.05, 0.052, 0.0145, 0.022],
      [0.055, 0.066, 0.008, 0.008],
    ];
    return loft(
      sections.map(([ahead, up, halfZ, halfY]) =>
        superellipse(
          {
            centre: add(from, [ahead, up, -0.002]),
            u: RIGHT,
            v: [-0.35, 0.94, 0],
            halfU: halfZ,
            halfV: halfY,
            power: 2.5,
          },
          16,
        ),
      ),
    );
  };
  const lever = (): Mesh => {
    const from = dropPath(g)[5]!;
    return tube(
      smoothPath(
        [
          add(from, [0.042, 0.03, 0]),
          add(from, [0.052, -0.01, 0.004]),
          add(from, [0.042, -0.06, 0.01]),
          add(from, [0.018, -0.094, 0.016]),
        ],
        4,
      ),
      { radiusM: (t) => 0.009 - 0.003 * t, flatness: 0.65, segments: 10, rounded: true },
    );
  };
  const cable = (spread: number): Mesh =>
    tube(
      smoothPath(
        [
          add(g.barCentre, [0.01, -0.016, spread]),
          add(g.barCentre, [0.05, -0.03, spread * 0.6]),
          add(g.headTubeTop, [0.05, -0.05, spread * 0.3]),
          add(g.headTubeTop, [0.0, -0.1, spread * 0.25]),
        ],
        5,
      ),
      { radiusM: 0.0026, segments: 7 },
    );
  const steererTop = addScaled(g.stemBase, g.steerUp, 0.024);
  return {
    fork: mergeMeshes([
      legs,
      rod(add(crown, [0, 0, -0.03]), add(crown, [0, 0, 0.03]), { radiusM: 0.02, segments: 12 }),
    ]),
    stem: mergeMeshes([
      rod(addScaled(g.headTubeTop, g.steerUp, 0.001), steererTop, { radiusM: 0.019, segments: 16 }),
      rod(g.stemBase, addScaled(g.barCentre, g.steerAhead, -0.006), { radiusM: 0.0175, power: 3, segments: 14 }),
      rod(add(g.barCentre, [0, 0, -0.023]), add(g.barCentre, [0, 0, 0.023]), { radiusM: 0.022, segments: 16 }),
    ]),
    bar: tube([...half.slice(1).reverse().map(mirrored), ...half], { radiusM: 0.0155, segments: 14 }),
    hoods: both(hood()),
    levers: both(lever()),
    cables: mergeMeshes([cable(0.05), cable(-0.05)]),
  };
}

/** For spots: a point on the tops beside the stem. */
export const besideStem = (g: BikeGeometry): Vec3 => add(g.barCentre, [0, 0, 0.06]);

import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod, smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt, transformPoint, type Pose } from '../../../src/mathematics/geometry/pose';
import { rotationFromAxes } from '../../../src/mathematics/geometry/rotation';
import { add, addScaled, cross, mirrored, scale, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import type { BikeGeometry } from '../bicycle/bikeGeometry';
import { barPath, gripAxis } from './geometry';
import { TUBE_RADIUS_M } from '../bicycle/frame';

const both = (mesh: Mesh): Mesh => mergeMeshes([mesh, mirrorMesh(mesh)]);

export interface CockpitMeshes {
  fork: Mesh;
  stanchions: Mesh;
  stem: Mesh;
  bar: Mesh;
  grips: Mesh;
  levers: Mesh;
}

/** The steered parts with the bars straight, machine frame. */
export function cockpitMeshes(g: BikeGeometry): CockpitMeshes {
  const legZ = 0.065;
  const leg = (up: number, z = legZ): Vec3 => add(addScaled(g.frontAxle, g.steerUp, up), [0, 0, z]);
  const lowers = tube(
    [0.02, 0.08, 0.2, 0.29, 0.325].map((up) => leg(up)).map((p) => addScaled(p, g.steerAhead, -0.012)),
    {
      radiusM: (t) => 0.0195 + 0.003 * t,
      segments: 16,
    },
  );
  const foot = roundedBox([0.05, 0.05, 0.02], 0.008, poseAt(leg(0.005)));
  const arch = tube(
    smoothPath(
      [
        addScaled(leg(0.3), g.steerAhead, 0.008),
        addScaled(leg(0.37, 0.052), g.steerAhead, 0.03),
        addScaled(leg(0.398, 0), g.steerAhead, 0.036),
        addScaled(leg(0.37, -0.052), g.steerAhead, 0.03),
        addScaled(leg(0.3, -legZ), g.steerAhead, 0.008),
      ],
      4,
    ),
    { radiusM: 0.011, segments: 10, flatness: 0.8 },
  );
  const crownCentre = addScaled(addScaled(g.headTubeBottom, g.steerUp, -0.03), g.steerAhead, 0.004);
  const crown = tube(
    smoothPath(
      [
        add(addScaled(crownCentre, g.steerAhead, 0.028), [0, 0, -legZ]),
        add(addScaled(crownCentre, g.steerUp, 0.008), [0, 0, -0.03]),
        addScaled(crownCentre, g.steerUp, 0.012),
        add(addScaled(crownCentre, g.steerUp, 0.008), [0, 0, 0.03]),
        add(addScaled(crownCentre, g.steerAhead, 0.028), [0, 0, legZ]),
      ],
      4,
    ),
    { radiusM: (t) => 0.022 + 0.004 * (1 - Math.abs(2 * t - 1)), segments: 14, power: 2.6, reference: g.steerUp },
  );
  const toCrown = addScaled(add(crownCentre, [0, 0, legZ]), g.steerAhead, 0.028);
  const stanchion = rod(addScaled(leg(0.3), g.steerAhead, -0.012), toCrown, { radiusM: 0.0172, segments: 16 });
  const knob = rod(addScaled(toCrown, g.steerUp, 0.012), addScaled(toCrown, g.steerUp, 0.034), {
    radiusM: 0.0165,
    segments: 14,
  });
  const stemRise = 0.021;
  const steerer = rod(addScaled(g.stemBase, g.steerUp, -0.03), addScaled(g.stemBase, g.steerUp, stemRise + 0.003), {
    radiusM: 0.0205,
    segments: 18,
  });
  const clamp = rod(add(g.barCentre, [0, 0, -0.026]), add(g.barCentre, [0, 0, 0.026]), {
    radiusM: 0.0235,
    segments: 18,
  });
  const body = rod(g.stemBase, addScaled(g.barCentre, g.steerAhead, -0.006), {
    radiusM: 0.0185,
    power: 3.4,
    flatness: 1.05,
    segments: 16,
    reference: g.steerUp,
  });
  const cap = roundedBox(
    [0.012, 0.044, 0.05],
    0.005,
    poseAt(addScaled(g.barCentre, g.steerAhead, 0.02), rotationFromAxes(g.steerAhead, g.steerUp, [0, 0, 1])),
  );

  const half = smoothPath(barPath(g), 4);
  const whole = [...half.slice(1).reverse().map(mirrored), ...half];
  const bar = tube(whole, {
    radiusM: (t) => {
      const z = Math.abs(2 * t - 1) * g.barHalfM;
      return z < 0.05 ? TUBE_RADIUS_M.bar : Math.max(0.0112, TUBE_RADIUS_M.bar - (z - 0.05) * 0.08);
    },
    segments: 14,
  });
  return {
    fork: mergeMeshes([both(mergeMeshes([lowers, foot, knob])), arch, crown]),
    stanchions: both(stanchion),
    stem: mergeMeshes([steerer, clamp, body, cap]),
    bar,
    grips: both(grip(g)),
    levers: both(lever(g)),
  };
}

function grip(g: BikeGeometry): Mesh {
  const { centre, outward } = gripAxis(g);
  const from = addScaled(centre, outward, -0.066);
  const to = addScaled(centre, outward, 0.066);
  const steps = 22;
  const path = Array.from({ length: steps + 1 }, (_, i) => addScaled(from, outward, (0.132 * i) / steps));
  const ribs = tube(path, {
    radiusM: (t) => (t < 0.06 || t > 0.96 ? 0.0175 : Math.round(t * steps) % 2 === 0 ? 0.0162 : 0.0153),
    segments: 14,
  });
  return mergeMeshes([ribs, rod(to, addScaled(to, outward, 0.005), { radiusM: 0.0168, segments: 14 })]);
}

function lever(g: BikeGeometry): Mesh {
  const { centre, outward } = gripAxis(g);
  const ahead = scale(cross(UP, outward), 1);
  const down = scale(cross(outward, ahead), 1);
  const at = (along: number, forward: number, below: number): Vec3 =>
    addScaled(addScaled(addScaled(centre, outward, along), ahead, forward), down, below);
  const perch = rod(at(-0.115, 0, 0), at(-0.1, 0, 0), { radiusM: 0.0175, segments: 14 });
  const reservoir = tube([at(-0.118, 0.016, 0.004), at(-0.1, 0.028, 0.008), at(-0.062, 0.034, 0.01)], {
    radiusM: 0.0105,
    power: 2.6,
    segments: 12,
    rounded: true,
  });
  const blade = tube(
    smoothPath(
      [
        at(-0.072, 0.04, 0.012),
        at(-0.05, 0.056, 0.02),
        at(-0.015, 0.062, 0.026),
        at(0.02, 0.058, 0.027),
        at(0.03, 0.066, 0.027),
      ],
      4,
    ),
    { radiusM: (t) => 0.0062 - 0.0012 * t, flatness: 0.7, segments: 10, rounded: true },
  );
  const shifter = roundedBox([0.03, 0.018, 0.04], 0.007, poseAt(at(-0.088, 0.02, 0.026)));
  return mergeMeshes([perch, reservoir, blade, shifter]);
}

/** Cables from the levers to the frame; the steered ends follow the bars. Machine frame. */
export function cableMesh(g: BikeGeometry, machineFromSteered: Pose): Mesh {
  const steered = (p: Vec3): Vec3 => transformPoint(machineFromSteered, p);
  const { centre, outward } = gripAxis(g);
  const leverEnd = (sign: 1 | -1, drop: number): Vec3 => {
    const p = addScaled(addScaled(centre, outward, -0.12), UP, -drop);
    return add(sign === 1 ? p : mirrored(p), [0.02, 0, 0]);
  };
  const front = addScaled(g.headTubeTop, g.steerAhead, 0.075);
  const cable = (sign: 1 | -1, drop: number, spread: number, entry: Vec3, lift: number): Mesh => {
    const start = leverEnd(sign, drop);
    return tube(
      smoothPath(
        [
          steered(start),
          steered(add(start, [0.045, 0.012, -sign * 0.06])),
          steered(add(addScaled(front, g.steerUp, lift), [0.03, 0, sign * spread])),
          add(addScaled(front, g.steerUp, lift - 0.09), [-0.02, 0, sign * spread * 0.62]),
          entry,
        ],
        5,
      ),
      { radiusM: 0.0027, segments: 7 },
    );
  };
  const side = (sign: 1 | -1, down: number): Vec3 =>
    add(addScaled(g.headTubeTop, g.steerUp, -down), [-0.035, -0.01, sign * 0.022]);
  return mergeMeshes([
    cable(1, 0.008, 0.09, side(1, 0.06), 0.02),
    cable(-1, 0.008, 0.09, side(-1, 0.06), 0.026),
    cable(1, 0.03, 0.075, side(1, 0.072), 0.0),
    cable(-1, 0.03, 0.075, add(addScaled(g.frontAxle, g.steerUp, 0.36), [0.0, 0, -0.07]), -0.02),
  ]);
}

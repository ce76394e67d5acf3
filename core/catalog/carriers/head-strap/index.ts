import { tube } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { castRay } from '../../../src/mathematics/geometry/bvh';
import { headMesh } from '../../../src/posing/body/meshes/head';
import type { BodySegments } from '../../../src/words/carrier/bodySegments';
import { addScaled, normalize, RIGHT, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { MOUTH_SPOT } from '../../../src/posing/building/helmets/mouthSpot';
import type { WornDefinition } from '../../../src/words/carrier/worn';

/** Half the strap's width and its thickness, metres: webbing of 40 mm, estimate 30 to 45. */
const STRAP = { halfM: 0.02, thickM: 0.004 } as const;

/** The head strap lies on the skull: its path is found on the head's own mesh. */
function strap(body: BodySegments): Mesh {
  const head = headMesh(body);
  const onSkull = (direction: Vec3): Vec3 => {
    const unit = normalize(direction);
    const from: Vec3 = [0, 0.035, 0];
    const hit = castRay(head, from, unit);
    return addScaled(from, unit, (hit?.distanceM ?? 0.09) + 0.003);
  };
  const round = Array.from({ length: 28 }, (_, i) => {
    const a = (2 * Math.PI * i) / 28;
    return onSkull([Math.cos(a), 0.28 * Math.cos(a), Math.sin(a)]);
  });
  const over = Array.from({ length: 12 }, (_, i) => {
    const a = (Math.PI * (i + 0.6)) / 12.2;
    return onSkull([Math.cos(a), 0.3 + Math.sin(a) * 1.2, 0]);
  });
  const flat = { radiusM: STRAP.thickM, segments: 10, power: 4 } as const;
  const plate = addScaled(onSkull([1, 0.3, 0]), [1, 0.1, 0], 0.004);
  return mergeMeshes([
    tube(round, { ...flat, flatness: STRAP.halfM / STRAP.thickM, reference: UP, loop: true }),
    tube(over, { ...flat, flatness: (STRAP.halfM * 0.7) / STRAP.thickM, reference: RIGHT }),
    roundedBox([0.014, 0.04, 0.05], 0.005, poseAt(plate)),
  ]);
}

const headStrap: WornDefinition = {
  kind: 'worn',
  id: 'head-strap',
  name: 'Head strap',
  place: 'head',
  parts: (body) => [
    { id: 'headStrap', name: 'head strap', group: 'rider', tone: 'strap', mesh: strap(body), on: 'head' },
  ],
  spots: () => [
    {
      id: 'head-front',
      name: 'Head strap, front',
      partId: 'headStrap',
      aim: { from: [0.4, 0.085, 0], toward: [-1, -0.1, 0] },
      reference: UP,
      look: [1, 0, 0],
      surface: { material: 'webbing', shape: 'head' },
      cautions: ['Goes overboard with the first wave: tether it to the collar.', 'No replacement for a helmet.'],
      note: 'looks everywhere the head looks, picks up the voice',
    },
    MOUTH_SPOT,
  ],
};

export default headStrap;

import { OVER_SHOULDER, shoulderStraps } from '../../shapes/shoulderStraps';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { ribcageMesh } from '../../../src/posing/body/meshes/torso';
import { bodySpots } from '../../../src/posing/building/bodySpots';
import type { WornDefinition } from '../../../src/words/carrier/worn';

/** How far the foam stands out over the chest: estimate 1.1 to 1.25 of the ribs' depth and width; its straps as far, and their half width as a fraction of stature (estimate 0.015 to 0.025). */
const FOAM = { outwards: 1.17, upwards: 0.8, liftM: 0.012, strapsOut: 1.12, strapHalf: 0.022 } as const;

const vest: WornDefinition = {
  kind: 'worn',
  id: 'buoyancy-vest',
  name: 'Buoyancy vest',
  place: 'body',
  parts: (body) => {
    const ribs = ribcageMesh(body);
    const foam = {
      positions: ribs.positions.map((v, i) => (i % 3 === 1 ? v * FOAM.upwards + FOAM.liftM : v * FOAM.outwards)),
      indices: ribs.indices,
    };
    const straps = shoulderStraps(
      body,
      OVER_SHOULDER.map(([x, y, z]) => [x * FOAM.strapsOut, y, z]),
      () => FOAM.strapHalf,
    );
    const mesh = mergeMeshes([foam, straps]);
    return [{ id: 'vest', name: 'buoyancy vest', group: 'rider', tone: 'paint', mesh, on: 'ribcage' }];
  },
  spots: (body) =>
    bodySpots(body, 'vest').map((spot) =>
      spot.id === 'chest'
        ? {
            ...spot,
            cautions: [
              'Nothing that hinders a wet exit, a self-rescue or the release of the vest.',
              'As high and as tight as the harness goes.',
            ],
            note: 'hands below, bow and way ahead above',
          }
        : spot,
    ),
};

export default vest;

import { frameSetUp } from '../../physics/framing/frameSetUp';
import { fieldOfViewDeg } from '../../mathematics/lens/lens';
import { newCarrier } from '../../deciding/outing/newOuting';
import { BASES, CAMERAS, LINKS } from '../../../catalog/index.generated';
import type { Surface } from '../../words/carrier/surface';
import { placedSpots } from '../rig/spots';
import { plainSetUp } from '../strut/plainSetUp';
import { baseRefusal } from '../strut/baseRefusal';
import { kitWith } from './kit';
import { NO_OWN_KIT, type OwnKit } from '../../words/kit/ownKit';
import { resolveSetUp } from '../strut/resolveSetUp';

const base = (id: string) => BASES.find((b) => b.id === id)!;
const flat = (material: Surface['material'], over: Partial<Surface> = {}): Surface => ({
  material,
  shape: 'flat',
  ...over,
});

describe('what goes on what, common practice', () => {
  it.each([
    ['suction-single', flat('glass', { flatAreaM2: 0.05 }), null],
    ['suction-single', flat('wood', { flatAreaM2: 0.05 }), /no vacuum on bare wood/],
    ['suction-triple', flat('glass', { flatAreaM2: 0.01 }), /needs 300 cm² of even surface, there are 100 cm²/],
    [
      'adhesive-pad',
      { material: 'shell', shape: 'curved', curvatureRadiusM: 0.05 },
      /too round for it \(radius 50 mm, from 90 mm up\)/,
    ],
    ['adhesive-pad', flat('fabric'), /does not hold on fabric/],
    ['adhesive-pad', flat('acrylic canopy'), /glue attacks acrylic/],
    ['tube-clamp', { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.0318 }, null],
    [
      'tube-clamp',
      { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.064 },
      /tube of 64 mm, it takes 20 to 51 mm/,
    ],
    ['tube-clamp', { material: 'carbon', shape: 'tube', tubeDiameterM: 0.03 }, /no hard clamping on carbon/],
    ['strap-round-base', { material: 'carbon', shape: 'tube', tubeDiameterM: 0.03 }, null],
    ['jaw-clamp', { material: 'shell', shape: 'bar', curvatureRadiusM: 0.06 }, /rounded bar with a lip/],
    ['strap-round-base', { material: 'shell', shape: 'bar', curvatureRadiusM: 0.06 }, null],
    ['chest-harness', flat('plastic'), /made for a chest, this is a flat face/],
    ['magnetic-release', flat('alloy', { flatAreaM2: 0.01 }), /aluminium is not magnetic/],
    ['magnetic-release', flat('painted metal', { flatAreaM2: 0.01 }), null],
    ['bite-piece', { material: 'teeth', shape: 'mouth' }, null],
  ] as readonly (readonly [string, Surface, RegExp | null])[])('%s on %j', (id, surface, says) => {
    const reason = baseRefusal(base(id), surface);
    if (says) expect(reason).toMatch(says);
    else expect(reason).toBeNull();
  });

  it('suction never goes on the outside of an aircraft, whatever the surface would bear', () => {
    for (const machineId of ['glider', 'light-aircraft']) {
      const outside = placedSpots(newCarrier('c', machineId, 1.75).rig).filter((p) => /Wing|Fin/.test(p.spot.name));
      expect(outside.length).toBeGreaterThan(1);
      for (const { spot } of outside) {
        for (const cup of BASES.filter((b) => b.kind === 'suction')) {
          expect([spot.id, cup.id, baseRefusal(cup, spot.surface)]).not.toEqual([spot.id, cup.id, null]);
        }
        expect(baseRefusal(base('bolted-plate'), spot.surface)).toBeNull();
      }
    }
  });

  it('what mustn’t go somewhere says so before anything else about size', () => {
    const surface = flat('carbon', {
      flatAreaM2: 0.0001,
      mustNot: [{ kind: 'adhesive', because: 'the owner says no' }],
    });
    expect(baseRefusal(base('adhesive-pad'), surface)).toBe('the owner says no');
  });
});

describe('own pieces', () => {
  const own: OwnKit = {
    cameras: [
      {
        id: 'own-camera',
        name: 'Old faithful',
        projection: 'rectilinear',
        fovDeg: 46.8,
        fovAcross: 'diagonal',
        widthPx: 3600,
        heightPx: 2400,
        framesPerSecond: 30,
        depthM: 0.04,
        heightM: 0.06,
        widthM: 0.1,
        massKg: 0.3,
        closestFocusM: 0.4,
      },
    ],
    links: [{ id: 'own-rod', name: 'Broom stick', lowM: 0.4, highM: 1.2, thicknessM: 0.024, massKg: 0.35 }],
    bases: [
      {
        id: 'own-vice',
        name: 'Small vice',
        kind: 'clamp',
        shapes: ['tube', 'bar'],
        tubeLowM: 0.01,
        tubeHighM: 0.06,
        heightM: 0.05,
        massKg: 0.4,
      },
    ],
  };

  it('a camera shows the angle that its manual prints: 50 mm on full frame, 46.8° diagonal, is 39.6° × 27.0° (geometry)', () => {
    const rig = { ...newCarrier('c', 'beach-catamaran', 1.75).rig, ownKit: own };
    const setUp = {
      ...plainSetUp(rig, 'boom-end', { cameraId: 'own-camera', modeId: 'own', stabiliserId: 'off' })!,
      baseId: 'own-vice',
    };
    const { lens } = resolveSetUp(rig, setUp);
    expect(fieldOfViewDeg(lens, 'horizontal')).toBeCloseTo(39.6, 1);
    expect(fieldOfViewDeg(lens, 'vertical')).toBeCloseTo(27.0, 1);
  });

  it('stand beside the catalogue, and the same own kit gives the same kit', () => {
    const kit = kitWith(own);
    expect(kitWith(own)).toBe(kit);
    expect(kit.cameras).toHaveLength(CAMERAS.length + 1);
    expect(kit.links).toHaveLength(LINKS.length + 1);
    expect(kitWith().bases).toHaveLength(BASES.length);
    expect(kitWith(NO_OWN_KIT).cameras).toEqual(CAMERAS);
  });

  it('a whole strut of own pieces is framed like any other, its arm in its own picture where it points back', () => {
    const rig = { ...newCarrier('c', 'beach-catamaran', 1.75).rig, ownKit: own };
    const plain = plainSetUp(rig, 'boom-end', { cameraId: 'own-camera', modeId: 'own', stabiliserId: 'off' })!;
    const setUp = {
      ...plain,
      baseId: 'own-vice',
      links: [{ linkId: 'own-rod', lengthM: 1, bendDeg: 80, turnDeg: 0 }],
      angles: { panDeg: 0, tiltDeg: 0, rollDeg: 0 },
    };
    const framed = frameSetUp(rig, setUp, 'reach', 32, 'reach');
    expect(framed.resolved.base.name).toBe('Small vice');
    expect(framed.stances[0]!.measures.parts.length).toBeGreaterThan(0);
  });

  it('what is missing is named', () => {
    const { rig } = newCarrier('c', 'longboard', 1.75);
    const setUp = plainSetUp(rig, 'chest', { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off' })!;
    expect(() => resolveSetUp(rig, { ...setUp, cameraId: 'own-camera' })).toThrow(/no camera "own-camera"/);
  });
});

describe('own spots', () => {
  const carrier = newCarrier('c', 'kayak', 1.75);
  const ownSpots = [
    {
      id: 'own-1',
      name: 'Day hatch',
      partId: 'hull',
      point: [-0.8, 0.23, 0] as const,
      normal: [0, 1, 0] as const,
      surface: { material: 'gelcoat', shape: 'curved', curvatureRadiusM: 0.4 } as const,
    },
    {
      id: 'own-2',
      name: 'On the boom',
      partId: 'boom',
      point: [0, 0, 0] as const,
      normal: [0, 1, 0] as const,
      surface: flat('alloy'),
    },
  ];

  it('lie on the mesh where they were put, and one on a part that is not there is left out', () => {
    const placed = placedSpots({ ...carrier.rig, ownSpots }).filter((p) => p.spot.id.startsWith('own-'));
    expect(placed.map((p) => p.spot.id)).toEqual(['own-1']);
    expect(placed[0]!.partFromSpot.position[0]).toBeCloseTo(-0.8, 6);
    expect(placed[0]!.spot.cautions[0]).toMatch(/look for yourself/);
  });
});

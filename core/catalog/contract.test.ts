/** What every entry of the catalogue must keep, whoever adds it. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { catalogSource } from '../../scripts/generate-catalog.mjs';
import { bikeRig, usualRig } from '../testing/rigs';
import { castRay } from '../src/mathematics/geometry/bvh';
import { meshBounds, openEdgeCount, signedVolume, transformMesh } from '../src/mathematics/geometry/mesh';
import { frameSetUp } from '../src/physics/framing/frameSetUp';
import { plainSetUp } from '../src/posing/strut/plainSetUp';
import { transformDirection } from '../src/mathematics/geometry/pose';
import { surfacePoint } from '../src/mathematics/geometry/surfacePoint';
import { addScaled, dot, length, normalize, subtract, type Vec3 } from '../src/mathematics/geometry/vec3';
import { calibrateLens } from '../src/mathematics/lens/lens';
import { PART_GROUPS } from '../src/words/carrier/posedPart';
import { poseRig } from '../src/posing/rig/poseRig';
import type { BlueprintStance } from '../src/posing/building/blueprint';
import { resolveRig } from '../src/posing/lookup/resolveRig';
import { baseRefusal } from '../src/posing/strut/baseRefusal';
import { deepest } from '../testing/penetration';
import { placedAt, placedSpots, worldFromSpot } from '../src/posing/rig/spots';
import { SET_UP_STANCE_ID } from '../src/words/carrier/stance';
import { fromMarkM } from '../src/words/carrier/spotZone';
import type { MachineDefinition } from '../src/words/carrier/machine';
import type { Source, Sourced } from '../src/words/sourced/source';
import { quarterVehicleFrom } from '../src/physics/shaking/paths/quarterVehicle';
import { atHigh, atLow, usual } from '../src/words/sourced/ends';
import { BASES, CAMERAS, CARRIERS, GROUND_WORLDS, HEADS, INTENTS, LINKS } from './index.generated';

const machines = CARRIERS.filter((c): c is MachineDefinition => c.kind === 'machine');
const rig = bikeRig();

function checkSource(source: Source, value?: number) {
  if (source.kind === 'published' && source.text.length <= 10) expect(source.text).toBe('a source');
  if (source.kind !== 'estimate') return;
  const { low, high } = source;
  if (!(low <= (value ?? low) && (value ?? low) <= high)) expect([low, value, high]).toBe('a range around its figure');
}

it('the generated index lists every entry', () => {
  expect(readFileSync(join(__dirname, 'index.generated.ts'), 'utf8')).toBe(catalogSource(__dirname));
});

it('ids are unique in their kind', () => {
  for (const list of [CARRIERS, CAMERAS, BASES, LINKS, HEADS, INTENTS]) {
    expect(new Set(list.map((entry) => entry.id)).size).toBe(list.length);
  }
});

/** Every figure with a source inside some data. */
function figuresIn(data: unknown): Sourced[] {
  if (typeof data !== 'object' || data === null) return [];
  if ('value' in data && 'source' in data) return [data as Sourced];
  return Object.values(data).flatMap(figuresIn);
}

describe.each(GROUND_WORLDS.map((g) => [g.world, g] as const))(
  'ground of the world %s',
  (_world, { grounds, usualId }) => {
    it('has a usual one, and sources for every figure', () => {
      expect(grounds.map((g) => g.id)).toContain(usualId);
      const figures = figuresIn(grounds);
      expect(figures.length).toBeGreaterThan(0);
      for (const { source, value } of figures) checkSource(source, value);
    });
  },
);

describe.each(machines.map((m) => [m.id, m] as const))('machine %s', (_id, machine) => {
  it('shakes by figures with sources, on parts and in stances that it has, wheels hopping faster than their springs', () => {
    const { shake } = machine;
    for (const { source, value } of figuresIn(shake)) checkSource(source, value);
    const { machineId, fit, statureM } = { machineId: machine.id, fit: {}, statureM: 1.75 };
    const parts = poseRig({ machineId, fit, statureM, wornIds: [] }, SET_UP_STANCE_ID).byId;
    for (const id of [...Object.keys(shake.flex), ...Object.keys(shake.withWheel ?? {})])
      expect([id, parts.has(id)]).toEqual([id, true]);
    for (const { swingsWith } of placedSpots(usualRig(machine)).map(({ spot }) => spot))
      if (swingsWith !== undefined) expect(Object.keys(shake.flex)).toContain(swingsWith);
    if (shake.rider && shake.rider.seatedIn !== 'all') {
      for (const id of shake.rider.seatedIn) expect(machine.stances.map((s) => s.id)).toContain(id);
    }
    if (shake.ride.kind !== 'wheels') return;
    for (const { bodyHz, hopHz, unsprungShare, dampingRatio } of [shake.ride.front, shake.ride.rear]) {
      for (const pick of [usual, atLow, atHigh]) {
        const vehicle = quarterVehicleFrom(pick(bodyHz), pick(hopHz), pick(unsprungShare), pick(dampingRatio));
        expect(vehicle.tyrePerS2).toBeGreaterThan(vehicle.springPerS2);
      }
    }
  });

  it('is heard by a part that it has', () => {
    if (!machine.noise) return;
    expect(poseRig(usualRig(machine), machine.actionStanceId).byId.has(machine.noise.partId)).toBe(true);
  });

  it('has the set-up stance, and time shares that add up to 1', () => {
    expect(machine.stances.find((s) => s.id === SET_UP_STANCE_ID)?.share).toBe(0);
    expect(machine.stances.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 9);
    expect(machine.stances.some((s) => s.id === machine.actionStanceId)).toBe(true);
  });

  it('has sources for its dimensions, standards inside their ranges', () => {
    for (const d of machine.dimensions) {
      checkSource(d.source, d.standard);
      expect(d.standard).toBeGreaterThanOrEqual(d.low);
      expect(d.standard).toBeLessThanOrEqual(d.high);
    }
  });

  it.each(machine.stances.map((s) => s.id))(
    '%s: meshes closed and outward, contacts reached by riders of 1.60 to 1.90 m',
    (stanceId) => {
      for (const part of poseRig(usualRig(machine), stanceId).parts) {
        expect([part.id, openEdgeCount(part.mesh)]).toEqual([part.id, 0]);
        expect([part.id, signedVolume(part.mesh) > 0]).toEqual([part.id, true]);
        expect(PART_GROUPS).toContain(part.group);
      }
      for (const statureM of [1.6, 1.75, 1.9]) {
        expect([statureM, poseRig(usualRig(machine, { statureM }), stanceId).problems]).toEqual([statureM, []]);
      }
    },
  );

  it('a child of 1.30 m sits or stands on it too; what it does not reach is told, no more than a forearm', () => {
    const small = usualRig(machine, { statureM: 1.3 });
    expect(placedSpots(small).length).toBe(placedSpots(usualRig(machine)).length);
    for (const { id } of machine.stances) {
      for (const { limb, shortM } of poseRig(small, id).problems) {
        expect([id, limb, shortM > 0 && shortM < 0.25]).toEqual([id, limb, true]);
      }
    }
  });

  it('no limb goes through the machine by more than 1 cm at rest', () => {
    expect(deepest(poseRig(usualRig(machine), SET_UP_STANCE_ID))).toEqual([]);
  });

  it('spots with a stretch lie on their part all along it, facing much the same way, in every fit', () => {
    const ends = machine.dimensions.flatMap(({ id, low, high }) => [{ [id]: low }, { [id]: high }]);
    const astray: unknown[] = [];
    for (const [i, fit] of [{}, ...ends].entries()) {
      const spec = usualRig(machine, { fit, statureM: i % 2 === 0 ? 1.6 : 1.9 });
      for (const { spot, partFromSpot: usual } of placedSpots(spec)) {
        const { zone } = spot;
        if (!zone) continue;
        expect(fromMarkM(zone, -zone.nearerM)).toBeGreaterThanOrEqual(0);
        for (let step = 0; step <= 8; step++) {
          const slideM = (step / 8) * (zone.nearerM + zone.fartherM) - zone.nearerM;
          const { partFromSpot: there } = placedAt(spec, { spotId: spot.id, slideM })!;
          // Both normals are the middle column.
          const alike = [1, 4, 7].reduce((sum, k) => sum + usual.rotation[k]! * there.rotation[k]!, 0);
          const moved = dot(subtract(there.position, usual.position), normalize(zone.along));
          const follows = alike > Math.cos(Math.PI / 3) && Math.abs(moved - slideM) <= 0.02 + 0.2 * Math.abs(slideM);
          if (!follows) astray.push([spot.id, fit, slideM, alike, moved]);
        }
      }
    }
    expect(astray).toEqual([]);
  });

  it('moving parts have a unit axis, a range with a source, and stances stay within it', () => {
    const moving = machine.moving({});
    expect(new Set(moving.map((m) => m.id)).size).toBe(moving.length);
    for (const part of moving) {
      expect(length(part.axis)).toBeCloseTo(1, 2);
      expect(part.low).toBeLessThanOrEqual(0);
      expect(part.high).toBeGreaterThanOrEqual(0);
      checkSource(part.source);
      if (part.on) expect(moving.some((m) => m.id === part.on)).toBe(true);
    }
    for (const { state = {} } of machine.stances as readonly BlueprintStance[]) {
      for (const [id, value] of Object.entries(state)) {
        const part = moving.find((m) => m.id === id)!;
        expect([id, value >= part.low && value <= part.high]).toEqual([id, true]);
      }
    }
  });

  it('fits at both ends of every dimension', () => {
    for (const { id, low, high } of machine.dimensions) {
      for (const value of [low, high]) {
        const posed = poseRig(usualRig(machine, { fit: { [id]: value } }), machine.actionStanceId);
        expect([id, posed.parts.find(({ mesh }) => !mesh.positions.every(Number.isFinite))?.id]).toEqual([
          id,
          undefined,
        ]);
        expect(placedSpots(usualRig(machine, { fit: { [id]: value } })).length).toBeGreaterThan(0);
      }
    }
  });
});

const helmets = CARRIERS.flatMap((c) =>
  c.kind === 'worn' && c.place === 'head' && c.id.endsWith('helmet') ? [c.id] : [],
);
const rigs = [
  ...helmets.map((helmetId) => bikeRig({ wornIds: ['rider-body', helmetId] })),
  ...machines.filter((m) => m.id !== 'mountain-bike').map((m) => usualRig(m)),
];

it.each(helmets)(
  '%s: is closed, goes round the skull without cutting into it, and leaves the goggles free',
  (helmetId) => {
    const posed = poseRig(bikeRig({ wornIds: ['rider-body', helmetId] }), 'crouch');
    const shell = posed.byId.get('helmetShell')!;
    expect(openEdgeCount(shell.mesh)).toBe(0);
    expect(signedVolume(shell.mesh)).toBeGreaterThan(0);
    // Straight ahead from the eyes there is nothing of the shell.
    expect(castRay(shell.mesh, [0.05, 0.004, 0], [1, 0, 0])).toBeNull();
    const head = posed.byId.get('head')!;
    for (const out of [
      [0.05, 0.998, 0],
      [0, 0.4, 0.917],
      [0, 0.4, -0.917],
      [-0.94, 0.342, 0],
    ] as const) {
      const skull = castRay(head.mesh, [0, 0.02, 0], out)!.distanceM;
      expect([out, castRay(shell.mesh, [0, 0.02, 0], out)!.distanceM > skull - 0.002]).toEqual([out, true]);
    }
  },
);

const everySpot = rigs.flatMap((r) =>
  placedSpots(r).map(
    (placed) => [placed.spot.id, `${r.machineId}, ${r.wornIds.at(-1) ?? 'nobody'}`, r, placed] as const,
  ),
);

describe.each(everySpot)('spot %s on %s', (_id, _carrier, rig, placed) => {
  it('lies on its part with the normal outward, and moves with it in every stance', () => {
    for (const { id } of resolveRig(rig).machine.stances) {
      const posed = poseRig(rig, id);
      const part = posed.byId.get(placed.spot.partId)!;
      const { position, rotation } = placed.partFromSpot;
      const normal = [rotation[1], rotation[4], rotation[7]] as const;
      const back = castRay(part.mesh, addScaled(position, normal, 0.002), [-normal[0], -normal[1], -normal[2]]);
      expect(back!.distanceM).toBeLessThan(0.004);
      const world = worldFromSpot(posed, placed);
      const carried = transformDirection(part.worldFromPart, normal);
      expect(dot(carried, [world.rotation[1], world.rotation[4], world.rotation[7]])).toBeCloseTo(1, 9);
    }
  });

  it('lies where a base finds an even surface: normals a few millimetres away agree', () => {
    const { surface, partId } = placed.spot;
    if (!['flat', 'curved', 'harness'].includes(surface.shape)) return;
    const { mesh } = poseRig(rig, SET_UP_STANCE_ID).byId.get(partId)!;
    const { position, rotation: r } = placed.partFromSpot;
    const normal: Vec3 = [r[1], r[4], r[7]];
    for (const [x, z] of [
      [0.006, 0],
      [-0.006, 0],
      [0, 0.006],
      [0, -0.006],
    ] as const) {
      const beside: Vec3 = [
        position[0] + r[0] * x + r[2] * z,
        position[1] + r[3] * x + r[5] * z,
        position[2] + r[6] * x + r[8] * z,
      ];
      const found = surfacePoint(mesh, addScaled(beside, normal, 0.02), [-normal[0], -normal[1], -normal[2]]);
      expect(found && dot(found.normal, normal)).toBeGreaterThan(0.85);
    }
  });

  it('takes at least one base of the kit, and has a caution', () => {
    expect(BASES.some((base) => baseRefusal(base, placed.spot.surface) === null)).toBe(true);
    expect(placed.spot.cautions.length).toBeGreaterThan(0);
  });
});

it('cameras have lenses that can be calibrated, sourced figures and closed meshes', () => {
  for (const camera of CAMERAS) {
    checkSource(camera.massKg.source, camera.massKg.value);
    checkSource(camera.closestFocusM.source, camera.closestFocusM.value);
    for (const mode of camera.modes) {
      checkSource(mode.lensSource, mode.lens.fovDeg);
      for (const level of camera.stabilisers) {
        checkSource(level.crop.source, level.crop.value);
        expect(calibrateLens({ ...mode.lens, crop: level.crop.value }).focalPx).toBeGreaterThan(0);
      }
    }
    const { body, glass } = camera.mesh();
    for (const mesh of [body, glass]) expect([camera.id, openEdgeCount(mesh)]).toEqual([camera.id, 0]);
  }
});

it('hardware has sourced figures, closed meshes and a reason for every refusal', () => {
  for (const base of BASES) {
    checkSource(base.heightM.source, base.heightM.value);
    checkSource(base.massKg.source, base.massKg.value);
    for (const { spot } of placedSpots(rig)) {
      expect([base.id, openEdgeCount(base.mesh(spot.surface))]).toEqual([base.id, 0]);
      const reason = baseRefusal(base, spot.surface);
      if (reason !== null) expect(reason.length).toBeGreaterThan(8);
    }
  }
  for (const link of LINKS) checkSource(link.massKg.source, link.massKg.value);
  for (const head of HEADS) checkSource(head.notchDeg.source, head.notchDeg.value);
});

it('intents ask for groups that exist and bands that make sense', () => {
  for (const intent of INTENTS) {
    if (intent.horizonBand) expect(intent.horizonBand[0]).toBeLessThan(intent.horizonBand[1]);
    for (const want of intent.wants) expect(want.share[0]).toBeLessThan(want.share[1]);
  }
});

describe('dimensions against published or usual ranges', () => {
  const dimension = (machineId: string, id: string) =>
    machines.find((m) => m.id === machineId)!.dimensions.find((d) => d.id === id)!;

  it.each([
    ['mountain-bike', [0.559, 0.584, 0.622]],
    ['road-bike', [0.584, 0.622]],
  ] as const)('%s: bead seats are sizes of ISO 5775 (559, 584, 622 mm; from memory)', (machineId, sizes) => {
    const { standard, low, high } = dimension(machineId, 'beadSeatDiameterM');
    for (const value of [standard, low, high]) expect(sizes).toContain(value);
  });

  it('glider: spans are those of the FAI classes, 13.5, 15 and 18 m (FAI Sporting Code, Section 3; from memory)', () => {
    const { standard, low, high } = dimension('glider', 'spanM');
    expect([low, standard, high]).toEqual([13.5, 15, 18]);
  });

  // Vehicle classes as road authorities and makers' sheets print them: wheelbase and width of small cars to off-road cars; common practice, no source.
  it.each([
    ['coupe', 'wheelbaseM', 2.3, 2.9],
    ['coupe', 'widthM', 1.6, 1.95],
    ['four-by-four', 'wheelbaseM', 2.2, 3.0],
    ['four-by-four', 'heightM', 1.65, 2.1],
    ['buggy', 'trackM', 1.1, 1.75],
    ['snowboard', 'lengthM', 1.3, 1.7],
    ['surfboard', 'lengthM', 1.6, 3.0],
    ['kayak', 'lengthM', 4.0, 5.8],
    ['beach-catamaran', 'lengthM', 4.3, 6.2],
    ['paramotor', 'spanM', 8, 13],
    ['light-aircraft', 'spanM', 8.5, 11.5],
    ['motorcycle', 'seatM', 0.84, 1.0],
  ] as const)('%s %s lies within %d to %d m', (machineId, id, low, high) => {
    const d = dimension(machineId, id);
    expect(d.low).toBeGreaterThanOrEqual(low);
    expect(d.high).toBeLessThanOrEqual(high);
  });

  it('a coupé is as long, wide and high as its class: 4.1 to 4.6 m, 1.6 to 2.1 m with mirrors, 1.25 to 1.5 m', () => {
    const parts = poseRig(usualRig(machines.find((m) => m.id === 'coupe')!), SET_UP_STANCE_ID).parts;
    const boxes = parts
      .filter((p) => p.group === 'machine')
      .map((p) => meshBounds(transformMesh(p.mesh, p.worldFromPart)));
    const size = ([0, 1, 2] as const).map(
      (k) => Math.max(...boxes.map((b) => b.max[k])) - Math.min(...boxes.map((b) => b.min[k])),
    );
    for (const [value, low, high] of [
      [size[0]!, 4.1, 4.6],
      [size[1]!, 1.25, 1.5],
      [size[2]!, 1.6, 2.1],
    ] as const) {
      expect(value).toBeGreaterThan(low);
      expect(value).toBeLessThan(high);
    }
  });
});

it('names and notes are general words: no capitals inside, no model numbers', () => {
  // Letters that stand for shapes, and the number of a full turn, are words here.
  const allowed = /^(T-frame|T-tail|I|4×4|360|16:9|9:16|4:3)$/;
  const words = [
    ...CARRIERS.flatMap((c) => [c.name, ...(c.kind === 'machine' ? [c.note, ...c.stances.map((s) => s.name)] : [])]),
    ...[...CAMERAS, ...BASES, ...LINKS, ...HEADS].map((k) => k.name),
    ...everySpot.flatMap(([, , , placed]) => [placed.spot.name]),
  ].flatMap((text) =>
    text
      .split(/[\s,();:]+/)
      .slice(1)
      .map((word) => [text, word] as const),
  );
  const odd = words.filter(([, word]) => !allowed.test(word) && (/[A-Z]/.test(word) || /[a-z]\d|\d[a-z]/i.test(word)));
  expect(odd.filter(([text]) => !/Bow, |Board, |Helmet, /.test(text))).toEqual([]);
});

it('a strut of the kit reaches 360 cameras on a pole held in the hand', () => {
  const board = machines.find((m) => m.id === 'snowboard')!;
  const spec = usualRig(board);
  const setUp = {
    ...plainSetUp(spec, 'hand', { cameraId: 'two-lens-360', modeId: 'sphere', stabiliserId: 'off' })!,
    links: [{ linkId: 'medium-pole', lengthM: 0.9, bendDeg: 0, turnDeg: 0 }],
  };
  const framed = frameSetUp(spec, setUp, 'cruise', 64, 'cruise');
  const { shares } = framed.stances[0]!.measures;
  expect(Object.values(shares).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  expect(shares.sky).toBeGreaterThan(0.3);
  expect(framed.stances[0]!.measures.parts.some((p) => p.id === 'board')).toBe(true);
});

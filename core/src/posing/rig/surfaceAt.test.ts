import { newCarrier } from '../../deciding/outing/newOuting';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { Surface } from '../../words/carrier/surface';
import { poseRig } from './poseRig';
import { partTops } from './partTops';
import { placedSpots } from './spots';
import { surfaceAt } from './surfaceAt';

/** What is read at a spot of the catalogue, beside what the catalogue says of it. */
function atSpot(machineId: string, spotId: string): readonly [read: Surface, told: Surface] {
  const { rig } = newCarrier('c', machineId, 1.75);
  const { spot, partFromSpot } = placedSpots(rig).find((placed) => placed.spot.id === spotId)!;
  const { position, rotation } = partFromSpot;
  const normal = [rotation[1]!, rotation[4]!, rotation[7]!] as const;
  return [surfaceAt(rig, spot.partId, position, normal)!, spot.surface];
}

it('reads tubes as tubes, with the diameter that the catalogue gives, within a fifth', () => {
  for (const [machineId, spotId] of [
    ['buggy', 'cage-front'],
    ['powerboat', 'bow-rail'],
    ['road-bike', 'seat-stay'],
  ] as const) {
    const [read, told] = atSpot(machineId, spotId);
    expect([spotId, read.shape]).toEqual([spotId, 'tube']);
    expect(read.tubeDiameterM! / told.tubeDiameterM!).toBeGreaterThan(0.8);
    expect(read.tubeDiameterM! / told.tubeDiameterM!).toBeLessThan(1.25);
    expect(read.material).toBe(told.material);
  }
});

it('reads a bonnet and a windscreen as sheet with room for a cup, and a helmet as a curve of its own size', () => {
  for (const spotId of ['bonnet', 'screen-inside']) {
    const [read, told] = atSpot('coupe', spotId);
    expect([spotId, ['flat', 'curved'].includes(read.shape), read.material]).toEqual([spotId, true, told.material]);
    expect(read.flatAreaM2).toBeGreaterThan(0.002);
  }
  const [helmet] = atSpot('kayak', 'helmet-top');
  expect(helmet.shape).toBe('curved');
  expect(helmet.curvatureRadiusM).toBeGreaterThan(0.07);
  expect(helmet.curvatureRadiusM).toBeLessThan(0.4);
});

it('says something of the top of every part of a carrier, and nothing of a part that there is not', () => {
  const { rig } = newCarrier('c', 'glider', 1.75);
  for (const { id, mesh } of poseRig(rig, SET_UP_STANCE_ID).parts) {
    const point = [mesh.positions[0]!, mesh.positions[1]!, mesh.positions[2]!] as const;
    const read = surfaceAt(rig, id, point, [0, 1, 0])!;
    for (const value of [read.tubeDiameterM, read.curvatureRadiusM, read.flatAreaM2, read.wallM])
      expect(value === undefined || (Number.isFinite(value) && value >= 0)).toBe(true);
  }
  expect(surfaceAt(rig, 'nothing', [0, 0, 0], [0, 1, 0])).toBeNull();
});

it('every part has a top, a cage and two seats too, each under a name of its own', () => {
  const { rig } = newCarrier('c', 'buggy', 1.75);
  const tops = partTops(rig);
  expect(tops.map(({ partId }) => partId)).toEqual(expect.arrayContaining(['seats', 'cage']));
  expect(new Set(tops.map(({ name }) => name)).size).toBe(tops.length);
  for (const { normal } of tops) expect(Math.hypot(...normal)).toBeCloseTo(1, 6);
});

import { asking, pieces } from '../../../testing/asking';
import { searchSpot } from './searchSpot';

const SOFT = ['felt-pad', 'soft-grommets', 'stiff-grommets', 'damper-plate'];

/** What is soft in the struts that are handed back for a spot, and how many those are. */
function found(machineId: string, intentId: Parameters<typeof asking>[1], spotId: string, links: readonly string[]) {
  const pieceIds = pieces({ cameras: ['cube-camera', 'two-lens-360'], links: [...links, ...SOFT] });
  const { candidates } = searchSpot(asking(machineId, intentId, { pieceIds }), { carrierId: 'c', spotId });
  return {
    count: candidates.length,
    soft: candidates.filter(({ setUp }) => setUp.links.some(({ linkId }) => SOFT.includes(linkId))),
  };
}

it('what is soft is tried on a machine, where something shakes that it can take up', () => {
  expect(found('buggy', 'clear-ahead', 'cage-front', []).soft.length).toBeGreaterThan(0);
});

it('a body is soft itself: nothing soft goes between it and the camera', () => {
  const chest = found('mountain-bike', 'hands-and-trail', 'chest', ['short-arm']);
  expect(chest.count).toBeGreaterThan(4);
  expect(chest.soft).toEqual([]);
});

it('a pole is a spring of its own: what is soft at its end lets the camera swing, and is not tried', () => {
  const pole = found('buggy', 'whole-craft', 'cage-side', ['medium-pole']);
  const onPole = pole.soft.filter(({ setUp }) => setUp.links.some(({ linkId }) => linkId === 'medium-pole'));
  expect(pole.count).toBeGreaterThan(2);
  expect(onPole).toEqual([]);
});

import { asking, pieces } from '../../../testing/asking';
import { askedIntent } from '../../posing/lookup/askedIntent';
import { kitWith } from '../../posing/lookup/kit';
import { placedSpot } from '../../posing/rig/spots';
import type { Rejection } from '../../judging/check/candidate';
import type { Ask } from '../../words/shot/ask';
import { kitAt, type KitAt } from './kitAt';
import { searchedCarrier } from './searchQuestion';
import type { Spotted } from './spotted';

/** What of a box can be used at a spot, and what is said of the rest. */
function at(
  machineId: string,
  spotId: string,
  { pieceIds = pieces(), intentId = 'clear-ahead', ask = {} as Partial<Ask>, most = 99 } = {},
) {
  const question = asking(machineId, intentId as never, { pieceIds, ask });
  const carrier = searchedCarrier(question, { carrierId: 'c', spotId });
  const { spot } = placedSpot(carrier.rig, spotId)!;
  const said: Rejection[] = [];
  const spotted = { question, carrier, intent: askedIntent(question.ask), kept: { bases: most } } as Spotted;
  const kit: KitAt | null = kitAt(spotted, spot, (rejection) => said.push(rejection));
  return { kit, said, because: said.map(({ because }) => because) };
}
const ids = (items: readonly { readonly id: string }[]) => items.map(({ id }) => id);
const box = (bases: readonly string[], cameras: readonly string[] = ['cube-camera']) => [
  ...pieces({ cameras, links: [] }).filter((id) => !kitWith().bases.some((base) => base.id === id)),
  ...bases,
];

it('a round bar takes what goes round it; what wants a flat place is told why it does not go, and what does', () => {
  const { kit, said } = at('mountain-bike', 'handlebar');
  expect(ids(kit!.bases)).toContain('tube-clamp');
  expect(ids(kit!.bases)).not.toContain('suction-single');
  const cup = said.find(({ because }) => /^Suction cup, single/.test(because))!;
  expect([cup.check, cup.bars]).toEqual(['fits', undefined]);
  expect(cup.mend).toMatch(/ goes on it$/);
});

it('only what is in the box is used, and only that is spoken of', () => {
  const { kit, because } = at('mountain-bike', 'handlebar', { pieceIds: box(['tube-clamp', 'suction-single']) });
  expect([ids(kit!.bases), ids(kit!.cameras), kit!.links]).toEqual([['tube-clamp'], ['cube-camera'], []]);
  expect(because).toHaveLength(1);
  expect(because[0]).toMatch(/^Suction cup/);
});

it('a box without anything for the place says so, and where to look', () => {
  const { kit, said } = at('mountain-bike', 'handlebar', { pieceIds: box(['suction-single']) });
  expect(kit).toBeNull();
  expect(said.at(-1)).toMatchObject({ because: 'no base in the kit goes on it', bars: 'this kit' });
  expect(said.at(-1)!.mend).toMatch(/all kit/);
});

it('a box without a camera says that, not that no base goes on it', () => {
  const { kit, said } = at('mountain-bike', 'handlebar', { pieceIds: box(['tube-clamp'], []) });
  expect([kit, said.at(-1)!.because]).toEqual([null, 'no camera in the kit']);
});

it('whoever talks has no mouth for a camera; silent one holds it there', () => {
  const silent = at('surfboard', 'mouth');
  expect(ids(silent.kit!.bases)).toEqual(['bite-piece']);
  const talking = at('surfboard', 'mouth', { ask: { talking: true } });
  expect(talking.kit).toBeNull();
  expect(talking.said.find(({ because }) => /has no mouth/.test(because))).toMatchObject({ bars: 'this kit' });
});

it('a camera that takes no stills at intervals takes no streaks, and says by itself or for all which it is', () => {
  const streaks = (cameras: readonly string[]) =>
    at('coupe', 'bonnet', { intentId: 'night-streaks', pieceIds: pieces({ cameras, links: [] }) });
  const one = streaks(['phone']);
  expect([one.kit, one.said.at(-1)!.because]).toEqual([
    null,
    expect.stringMatching(/^the phone never takes stills at intervals with the shutter open for [\d.]+ to [\d.]+ s$/),
  ]);
  expect(streaks(['phone', 'pocket-gimbal']).said.at(-1)!.because).toMatch(/^no camera in the kit takes stills/);
  const mixed = streaks(['phone', 'cube-camera']);
  expect(ids(mixed.kit!.cameras)).toEqual(['cube-camera']);
});

it('a first look takes only the bases that one would take first', () => {
  const all = ids(at('coupe', 'bonnet').kit!.bases);
  const few = ids(at('coupe', 'bonnet', { most: 2 }).kit!.bases);
  expect(all.length).toBeGreaterThan(2);
  expect(few).toEqual(all.slice(0, 2));
});

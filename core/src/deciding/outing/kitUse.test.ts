import { plainAt } from '../../../testing/rigs';
import { link } from '../../../testing/shakes';
import { piecesLeft, piecesShort } from './kitUse';

const onTheHelmet = { setUp: plainAt('helmet-top') };
const onAnArm = { setUp: plainAt('helmet-top', 0, { links: [link('short-arm', 0.1), link('short-arm', 0.1)] }) };
const all = ['cube-camera', 'short-arm', 'phone'];

it('six cameras and two arms: so many shots take from what is owned, and a piece that is gone is not offered', () => {
  const owned = (id: string) => (id === 'cube-camera' ? 2 : id === 'short-arm' ? 2 : Infinity);
  expect(piecesLeft(all, owned, [])).toEqual(all);
  expect(piecesLeft(all, owned, [onTheHelmet])).toEqual(all);
  // Two arms in one strut are two arms.
  expect(piecesLeft(all, owned, [onAnArm])).toEqual(['cube-camera', 'phone']);
  expect(piecesLeft(all, owned, [onTheHelmet, onAnArm])).toEqual(['phone']);
});

it('what is short with everything rigged at the same time is told with both numbers', () => {
  expect(piecesShort(() => Infinity, [onAnArm, onAnArm])).toEqual([]);
  expect(piecesShort((id) => (id === 'short-arm' ? 2 : 9), [onAnArm, onTheHelmet])).toEqual([]);
  expect(piecesShort((id) => (id === 'short-arm' ? 2 : 9), [onAnArm, onAnArm])).toEqual([
    { pieceId: 'short-arm', needed: 4, owned: 2 },
  ]);
});

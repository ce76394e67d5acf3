import { STANDARD_BOX } from '../../storage/kitBox';
import { lackWords } from './lackWords';

const joints = (count: number) => ({ pieceId: 'finger-joint', count });

it('a box that was not counted has as many as it takes', () => {
  expect(lackWords(STANDARD_BOX, joints(3))).toBeNull();
});

it('a piece that is not in it, and fewer than go along, are told with what they would cost', () => {
  const without = { ...STANDARD_BOX, inBox: ['cube-camera'] };
  expect(lackWords(without, joints(2))).toBe('not in your box');
  expect(lackWords({ ...without, prices: { 'finger-joint': 6 } }, joints(2))).toBe('not in your box (12)');
  const one = { ...STANDARD_BOX, counts: { 'finger-joint': 1 }, prices: { 'finger-joint': 6 } };
  expect(lackWords(one, joints(3))).toBe('only 1 in your box (12)');
  expect(lackWords(one, joints(1))).toBeNull();
});

it('what is no piece of the kit is not looked for in the box', () => {
  expect(lackWords({ ...STANDARD_BOX, inBox: [] }, { count: 2 })).toBeNull();
});

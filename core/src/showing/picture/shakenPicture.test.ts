import { LINES } from '../../physics/shaking/picture/pixels';
import { movedAlong, movedPx, type Swing } from '../../physics/shaking/whole/previewMotion';
import { shakenPicture } from './shakenPicture';

const [width, height] = [96, 54];
/** A picture in which every pixel tells where it comes from. */
const words = Uint32Array.from({ length: width * height }, (_, i) => (255 << 24) | ((i / width) << 8) | (i % width));
const from = (word: number) => ({ x: word & 255, y: (word >> 8) & 255, alpha: word >>> 24 });

/** A swing so slow that it stands still: moved by so many pixels of this picture. */
const held = (px: number): readonly Swing[] => [
  { frequencyHz: 1e-6, amplitudePx: (px * LINES) / height, phase: Math.PI / 2, leftAfter: 1 },
];
const shaken = (motion: Partial<Record<'up' | 'sideways' | 'round', readonly Swing[]>>, exposureS = 0.001) => {
  const out = new Uint32Array(words.length);
  const shaking = { motion: { up: [], sideways: [], round: [], ...motion }, readoutS: 0.014, exposureS };
  shakenPicture({ words, width, height }, shaking, 0.2, out);
  return { out, at: (x: number, y: number) => from(out[y * width + x]!) };
};

it('what does not move is the picture itself', () => {
  expect(shaken({}).out).toEqual(words);
});

it('moved as a whole it comes from so far off, and from beyond an edge comes the edge', () => {
  const { at } = shaken({ up: held(5), sideways: held(-7) });
  expect(at(40, 20)).toEqual({ x: 33, y: 25, alpha: 255 });
  expect(at(2, 52)).toEqual({ x: 0, y: 53, alpha: 255 });
});

it('turned round its middle one side goes up, the other down, and the middle stays', () => {
  const { at } = shaken({ round: held(4) });
  expect([at(48, 27).y, at(48, 27).x]).toEqual([27, 48]);
  // 1.51 pixels at the edge for one rms of turning.
  expect([at(0, 27).y, at(95, 27).y]).toEqual([21, 33]);
});

it('what swings fast while the lines are read bends what is upright: each line lies off as it did at its own moment', () => {
  const swing = [{ frequencyHz: 90, amplitudePx: (6 * LINES) / height, phase: 0.4, leftAfter: 1 }];
  const { at } = shaken({ sideways: swing }, 1e-6);
  for (let y = 0; y < height; y += 5) {
    const off = (movedPx(swing, 0.2 + (y / height) * 0.014) * height) / LINES;
    expect(Math.abs(at(48, y).x - (48 + off))).toBeLessThan(0.8);
  }
});

it('exposed for long it is the mean of what lies on its way: an edge becomes a slope, its sum stays', () => {
  const edge = Uint32Array.from({ length: width * height }, (_, i) => (i % width < 48 ? 0xff000000 : 0xffffffff));
  const out = new Uint32Array(edge.length);
  // Half a swing within the exposure, eight pixels to and fro.
  const swing = [{ frequencyHz: 25, amplitudePx: (8 * LINES) / height, phase: -Math.PI / 2, leftAfter: 1 }];
  const motion = { up: [], round: [], sideways: swing };
  shakenPicture({ words: edge, width, height }, { motion, readoutS: 0, exposureS: 0.02 }, 0, out);
  const grey = Array.from({ length: width }, (_, x) => out[20 * width + x]! & 255);
  expect([grey[38], grey[57]]).toEqual([0, 255]);
  expect(grey.slice(40, 56).filter((g) => g > 20 && g < 235).length).toBeGreaterThan(6);
  const sum = grey.reduce((all, g) => all + g, 0);
  expect(Math.abs(sum - 48 * 255)).toBeLessThan(255);
});

it('sines one after the other are those that are worked out one by one', () => {
  const swings = [3, 47, 190].map((frequencyHz, i) => ({ frequencyHz, amplitudePx: 1 + i, phase: i, leftAfter: 0.5 }));
  const along = movedAlong(swings, 12.3, 0.0001, 150);
  along.forEach((px, i) => expect(px).toBeCloseTo(movedPx(swings, 12.3 + i * 0.0001), 8));
});

import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { nearFocus } from './nearFocus';

const [WIDTH, HEIGHT] = [320, 180];

/** Boxes of grey all over; in the lower half each pixel is the mean of so many around it. */
function picture(softPx: number) {
  const random = seededNumbers(5);
  const sharp = new Float32Array(WIDTH * HEIGHT).fill(120);
  for (let k = 0; k < 260; k++) {
    const [x0, y0, w, h, shade] = [
      random() * WIDTH,
      random() * HEIGHT,
      12 + random() * 30,
      12 + random() * 30,
      random() * 200 - 100,
    ];
    for (let y = y0 | 0; y < Math.min(HEIGHT, y0 + h); y++)
      for (let x = x0 | 0; x < Math.min(WIDTH, x0 + w); x++) sharp[y * WIDTH + x] = 128 + shade;
  }
  const rgba = new Uint8ClampedArray(WIDTH * HEIGHT * 4);
  for (let y = 0; y < HEIGHT; y++) {
    for (let x = 0; x < WIDTH; x++) {
      const half = y > HEIGHT / 2 ? softPx : 0;
      let [sum, count] = [0, 0];
      for (let j = -half; j <= half; j++)
        for (let i = -half; i <= half; i++) {
          const [a, b] = [x + i, y + j];
          if (a < 0 || b < 0 || a >= WIDTH || b >= HEIGHT) continue;
          sum += sharp[b * WIDTH + a]!;
          count++;
        }
      rgba.fill(sum / count, (y * WIDTH + x) * 4, (y * WIDTH + x) * 4 + 3);
    }
  }
  return { rgba, widthPx: WIDTH, heightPx: HEIGHT };
}
const [columns, rows] = [48, 27];
const lowerHalf = {
  columns,
  rows,
  covered: Uint8Array.from({ length: columns * rows }, (_, i) => (i >= (columns * rows) / 2 ? 1 : 0)),
};

it('what rides along is told to be soft where it is, and not where all is sharp, or there is nothing near', () => {
  const soft = nearFocus(picture(4), lowerHalf)!;
  expect(soft.soft).toBe(true);
  // A box of nine pixels widens an edge to 0.8 × 9.
  expect(soft.nearPx).toBeGreaterThan(5);
  expect(soft.farPx).toBeLessThan(2);
  expect(nearFocus(picture(0), lowerHalf)!.soft).toBe(false);
  expect(nearFocus(picture(4), { ...lowerHalf, covered: new Uint8Array(columns * rows) })).toBeNull();
});

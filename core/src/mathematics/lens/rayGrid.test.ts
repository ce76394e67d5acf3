import { calibrateLens, unprojectPixelToDirection, type Lens } from './lens';
import { rayGrid, rowsFor } from './rayGrid';

const lens = (projection: 'rectilinear' | 'equidistant' | 'equisolid' | 'stereographic', fovDeg: number): Lens =>
  calibrateLens({ projection, widthPx: 3840, heightPx: 2160, fovDeg, fovAcross: 'horizontal', crop: 1 });
const sphere = calibrateLens({
  projection: 'equirectangular',
  widthPx: 6000,
  heightPx: 3000,
  fovDeg: 360,
  fovAcross: 'horizontal',
  crop: 1,
});

it.each<[string, Lens, number, number]>([
  ['a straight lens', lens('rectilinear', 85), 16, 9],
  ['a wide one on odd numbers', lens('equidistant', 140), 17, 9],
  ['one whose circle lies within the picture', { ...lens('equidistant', 170), focalPx: 400 }, 24, 14],
  ['an equisolid one', lens('equisolid', 120), 15, 8],
  ['a reframed sphere', lens('stereographic', 120), 9, 5],
  ['a whole sphere', sphere, 12, 6],
])('the ray of each cell goes through its middle: %s', (_, of, columns, rows) => {
  const { directions } = rayGrid(of, columns, rows);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const at = (row * columns + column) * 3;
      const wanted = unprojectPixelToDirection(of, {
        u: ((column + 0.5) / columns) * of.widthPx,
        v: ((row + 0.5) / rows) * of.heightPx,
      });
      if (!wanted) expect([row, column, Number.isNaN(directions[at])]).toEqual([row, column, true]);
      else wanted.forEach((value, axis) => expect(directions[at + axis]).toBeCloseTo(value, 12));
    }
  }
});

it('the middle column and row of odd numbers look straight ahead', () => {
  const { directions } = rayGrid(lens('rectilinear', 85), 17, 9);
  const middle = (4 * 17 + 8) * 3;
  expect([...directions.slice(middle, middle + 3)].map((x) => Math.abs(x))).toEqual([1, 0, 0]);
});

it('rows make cells nearly square, whichever way the picture is held', () => {
  expect(rowsFor(lens('rectilinear', 85), 64)).toBe(36);
  expect(rowsFor({ ...lens('rectilinear', 85), widthPx: 2160, heightPx: 3840 }, 36)).toBe(64);
  expect(rowsFor(sphere, 1)).toBe(1);
});

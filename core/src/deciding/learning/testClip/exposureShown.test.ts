import { exposureShown } from './exposureShown';

/** Rows of even grey: so many of each shade. */
const rows = (...shades: readonly (readonly [shade: number, count: number])[]) => {
  const all = shades.flatMap(([shade, count]) => Array<number>(count).fill(shade));
  const rgba = new Uint8ClampedArray(
    all.flatMap((shade) => Array.from({ length: 10 }, () => [shade, shade, shade, 255]).flat()),
  );
  return { rgba, widthPx: 10, heightPx: all.length };
};

it('an even picture is told nothing', () => {
  expect(exposureShown(rows([120, 10]))).toMatchObject({ blown: 0, black: 0, words: null });
  expect(exposureShown(rows([120, 10])).mean).toBeCloseTo(120 / 255, 6);
});

it('shares of white and black are counted, and what mends each is told', () => {
  expect(exposureShown(rows([255, 2], [120, 8]))).toMatchObject({
    blown: 0.2,
    words: expect.stringMatching(/20 % is all white: one stop less/) as string,
  });
  expect(exposureShown(rows([0, 3], [120, 7]))).toMatchObject({
    black: 0.3,
    words: expect.stringMatching(/30 % is all black.*less sky/) as string,
  });
  expect(exposureShown(rows([0, 3], [120, 4], [255, 3])).words).toMatch(/white and 30 % black: more contrast/);
  expect(exposureShown(rows([20, 10])).words).toMatch(/dark/);
});

it('one full colour alone is no white', () => {
  const red = rows([120, 10]);
  for (let i = 0; i < red.rgba.length; i += 4) red.rgba[i] = 255;
  expect(exposureShown(red).blown).toBe(0);
});

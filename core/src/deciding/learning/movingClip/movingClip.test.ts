import { openCv } from '../../../../testing/openCv';
import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { blockShift, blockSpectrum, type GreyPicture } from './blockShift';
import { blurOf } from './blurWidth';
import { DirtWatch } from './lensDirt';
import { ClipMeasurer } from './measureClip';
import { pathSpectrum } from './pathSpectrum';

const [WIDTH, HEIGHT] = [240, 144];

/** A picture with edges of all sizes, of which shifted and sheared ones are cut: shades by any place, between pixels too. */
function scene(seed: number): (x: number, y: number) => number {
  const random = seededNumbers(seed);
  const size = 1024;
  const shades = new Float32Array(size * size);
  for (let k = 0; k < 2600; k++) {
    const [x0, y0, w, h] = [random() * size, random() * size, 4 + random() * 60, 4 + random() * 60];
    const shade = random() * 90 - 45;
    for (let y = y0 | 0; y < Math.min(size, y0 + h); y++)
      for (let x = x0 | 0; x < Math.min(size, x0 + w); x++) shades[y * size + x]! += shade;
  }
  const at = (x: number, y: number) => shades[(((y % size) + size) % size) * size + (((x % size) + size) % size)]!;
  return (x, y) => {
    const [i, j] = [Math.floor(x), Math.floor(y)];
    const [u, v] = [x - i, y - j];
    const above = at(i, j) * (1 - u) + at(i + 1, j) * u;
    return 128 + above * (1 - v) + (at(i, j + 1) * (1 - u) + at(i + 1, j + 1) * u) * v;
  };
}
const world = scene(3);

/** What a camera with a rolling readout takes at a moment while it moves: pixels of this picture. */
function taken(
  moves: (timeS: number) => readonly [number, number, number],
  startS: number,
  readoutS: number,
  noise: () => number,
): GreyPicture {
  const grey = new Float32Array(WIDTH * HEIGHT);
  for (let y = 0; y < HEIGHT; y++) {
    const [dx, dy, turn] = moves(startS + (y / HEIGHT - 0.5) * readoutS);
    for (let x = 0; x < WIDTH; x++) {
      const [fx, fy] = [x - WIDTH / 2, y - HEIGHT / 2];
      grey[y * WIDTH + x] = world(300 + x - dx + turn * fy, 300 + y - dy - turn * fx) + noise();
    }
  }
  return { grey, widthPx: WIDTH, heightPx: HEIGHT };
}

function measured(
  moves: (timeS: number) => readonly [number, number, number],
  { readoutS = 0.016, fps = 25, seconds = 1.6, noisy = 0 } = {},
) {
  const measurer = new ClipMeasurer(WIDTH, HEIGHT);
  const random = seededNumbers(9);
  const noise = () => (noisy ? noisy * (random() + random() - 1) : 0);
  for (let k = 0; k < fps * seconds; k++) measurer.push(taken(moves, k / fps, readoutS, noise), k / fps);
  const result = measurer.result();
  if (result.kind !== 'measured') throw new Error(result.because);
  return result;
}

const SCALE = 1080 / HEIGHT;
const sinc = (x: number) => Math.sin(Math.PI * x) / (Math.PI * x);
const sine = (hz: number, px: number, timeS: number) => px * Math.sin(2 * Math.PI * hz * timeS + 0.4);

it('a block that is shifted by a part of a pixel is found; OpenCV’s optical flow says the same', async () => {
  const cv = await openCv();
  const points = [-12, -4, 4, 12].flatMap((x) => [-12, 0, 12].map((y) => [90 + 32 + x, 40 + 32 + y] as const));
  const middle = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1]!;
  const still = taken(
    () => [0, 0, 0],
    0,
    0,
    () => 0,
  );
  for (const [dx, dy] of [
    [0.3, -0.7],
    [4.6, 2.2],
    [-9.4, 7.5],
  ] as const) {
    const moved = taken(
      () => [dx, dy, 0],
      0,
      0,
      () => 0,
    );
    const [a, b] = [still, moved].map((picture) => blockSpectrum(picture, 90, 40)!);
    const ours = blockShift(a!, b!);
    const flow = cv
      .follow(still.grey, moved.grey, [WIDTH, HEIGHT], points)
      .map(([x, y], i) => [x - points[i]![0], y - points[i]![1]]);
    for (const [our, true_, theirs] of [
      [ours.dx, dx, middle(flow.map(([x]) => x!))],
      [ours.dy, dy, middle(flow.map(([, y]) => y!))],
    ] as const) {
      expect(Math.abs(our - true_)).toBeLessThan(0.2);
      expect(Math.abs(our - theirs)).toBeLessThan(0.2);
    }
    expect(ours.sure).toBeGreaterThan(0.4);
  }
});

it('a block that did not move has not moved, and two that have nothing in common are not believed', () => {
  const still = taken(
    () => [0, 0, 0],
    0,
    0,
    () => 0,
  );
  const [a, b] = [blockSpectrum(still, 0, 0)!, blockSpectrum(still, 170, 75)!];
  expect(blockShift(a, a)).toMatchObject({ dx: expect.closeTo(0, 6) as number, dy: expect.closeTo(0, 6) as number });
  expect(blockShift(a, b).sure).toBeLessThan(0.3);
  expect(blockSpectrum({ ...still, grey: new Float32Array(WIDTH * HEIGHT).fill(90) }, 0, 0)).toBeNull();
});

describe('what a clip of known movement is measured as', () => {
  it.each([
    [4, 2],
    [9.3, 1],
  ])(
    'a sine of %d Hz and %d px rms: jump and jelly within a tenth (closed form: sinc² of frequency times readout)',
    (hz, rms) => {
      const readoutS = 0.024;
      const result = measured((t) => [sine(hz, rms * Math.SQRT2, t), 0, 0], { readoutS });
      const jump = rms * sinc(hz * readoutS);
      expect(result.jumpPx / SCALE / jump).toBeGreaterThan(0.9);
      expect(result.jumpPx / SCALE / jump).toBeLessThan(1.1);
      // Bands lie between the middles of the first and the last block: less than the whole readout.
      const jelly = rms * Math.sqrt(1 - sinc(hz * readoutS) ** 2);
      if (jelly > 0.5) {
        expect(result.jellyPx / SCALE / jelly).toBeGreaterThan(0.8);
        expect(result.jellyPx / SCALE / jelly).toBeLessThan(1.1);
      }
    },
  );

  it('a random mixture up to 12 Hz with noise in the picture: within a tenth', () => {
    const random = seededNumbers(21);
    const swings = Array.from({ length: 14 }, () => [1.5 + random() * 10.5, 0.75, random() * 6.28] as const);
    const path = (t: number) =>
      swings.reduce((sum, [hz, px, phase]) => sum + px * Math.sin(2 * Math.PI * hz * t + phase), 0);
    const result = measured((t) => [0, path(t), 0], { noisy: 12, readoutS: 0.002 });
    // The same seconds of the path itself: so short a piece of a mixture beats.
    const moments = Array.from({ length: 35 }, (_, k) => path(0.5 + (k + 1) / 25));
    const mean = moments.reduce((sum, px) => sum + px, 0) / moments.length;
    const rms = Math.sqrt(moments.reduce((sum, px) => sum + (px - mean) ** 2, 0) / moments.length);
    expect(result.jumpPx / SCALE / rms).toBeGreaterThan(0.9);
    expect(result.jumpPx / SCALE / rms).toBeLessThan(1.1);
    expect(result.jellyPx / SCALE).toBeLessThan(0.15);
  });

  it('turning about the lens axis is told as roll, not as jelly', () => {
    const deg = 0.6;
    const result = measured((t) => [0, 0, (sine(5, deg * Math.SQRT2, t) * Math.PI) / 180], { readoutS: 0.001 });
    expect(result.rollDeg / deg).toBeGreaterThan(0.9);
    expect(result.rollDeg / deg).toBeLessThan(1.1);
    expect(result.jellyPx / SCALE).toBeLessThan(0.2);
  });

  it('looking about slowly and streaming on are no shake', () => {
    const result = measured((t) => [9 * t, 3 * Math.sin(2 * Math.PI * 0.2 * t), 0]);
    expect(result.jumpPx / SCALE).toBeLessThan(0.4);
    expect(result.jellyPx / SCALE).toBeLessThan(0.15);
  });

  it('a still clip is still, a short or an empty one says nothing', () => {
    expect(measured(() => [0, 0, 0], { noisy: 8 }).jumpPx / SCALE).toBeLessThan(0.1);
    const short = new ClipMeasurer(WIDTH, HEIGHT);
    expect(short.result()).toMatchObject({ kind: "can't say" });
    const fog = new ClipMeasurer(WIDTH, HEIGHT);
    const grey = new Float32Array(WIDTH * HEIGHT).fill(120);
    for (let k = 0; k < 40; k++) fog.push({ grey, widthPx: WIDTH, heightPx: HEIGHT }, k / 30);
    expect(fog.result()).toMatchObject({ kind: "can't say" });
    expect(() => new ClipMeasurer(100, 60)).toThrow(/100 × 60/);
  });
});

describe('blur', () => {
  /** Taken while the picture moves evenly over so many pixels, in forty parts. */
  const smeared = (dx: number, dy: number): GreyPicture => {
    const grey = new Float32Array(WIDTH * HEIGHT);
    for (let part = 0; part < 40; part++) {
      const t = (part + 0.5) / 40 - 0.5;
      const { grey: one } = taken(
        () => [dx * t, dy * t, 0],
        0,
        0,
        () => 0,
      );
      for (let i = 0; i < grey.length; i++) grey[i]! += one[i]! / 40;
    }
    return { grey, widthPx: WIDTH, heightPx: HEIGHT };
  };

  it.each([
    [4, 0],
    [0, 7],
    [5, 5],
  ])('of a way of %s and %s pixels is that length over √12, within a fifth', (dx, dy) => {
    const expected = Math.hypot(dx, dy) / Math.sqrt(12);
    expect(Math.abs(blurOf(smeared(dx, dy))! / expected - 1)).toBeLessThan(0.2);
  });

  it('is none in a picture that stands, and nobody guesses where there are no edges', () => {
    expect(blurOf(smeared(0, 0))!).toBeLessThan(0.3);
    expect(blurOf({ grey: new Float32Array(WIDTH * HEIGHT).fill(90), widthPx: WIDTH, heightPx: HEIGHT })).toBeNull();
    expect(blurOf(smeared(4, 0), () => true)).toBeNull();
  });
});

it('a path of two sines swings in their two thirds of an octave, each by its rms, and in all as much as it has', () => {
  const n = 200;
  const path = Array.from(
    { length: n },
    (_, i) => 3 * Math.sin((2 * Math.PI * 4 * i) / 50) + Math.cos((2 * Math.PI * 10 * i) / 50),
  );
  const bands = pathSpectrum([path], 1 / 50);
  const at = (hz: number) =>
    bands.reduce((a, b) => (Math.abs(Math.log(b.hz / hz)) < Math.abs(Math.log(a.hz / hz)) ? b : a));
  expect(at(4).rms).toBeCloseTo(3 / Math.SQRT2, 6);
  expect(at(10).rms).toBeCloseTo(1 / Math.SQRT2, 6);
  const all = bands.reduce((sum, { rms }) => sum + rms * rms, 0);
  expect(all).toBeCloseTo(path.reduce((sum, v) => sum + v * v, 0) / n, 6);
});

describe('dirt on the lens', () => {
  const clip = (spot: ((x: number, y: number) => number | null) | null, rides?: (x: number, y: number) => boolean) => {
    const watch = new DirtWatch(rides ?? (() => false));
    for (let k = 0; k < 40; k++) {
      const { grey, ...size } = taken(
        () => [-6 * k, 2 * k, 0],
        0,
        0,
        () => 0,
      );
      const dirty = Float32Array.from(grey, (g, i) => spot?.((i % WIDTH) / WIDTH, Math.floor(i / WIDTH) / HEIGHT) ?? g);
      watch.push({ grey: dirty, ...size });
    }
    return watch.found();
  };
  const upperLeft = (x: number, y: number) => (Math.hypot((x - 0.2) * 1.67, y - 0.25) < 0.08 ? 70 : null);

  it('stays where it is while the land goes by: its share and place are told', () => {
    const found = clip(upperLeft)!;
    expect(found.where).toBe('upper left');
    // A circle of 0.08 of the height in a picture 1.67 times as wide.
    const share = (Math.PI * 0.08 ** 2) / (WIDTH / HEIGHT);
    expect(found.share).toBeGreaterThan(share * 0.4);
    expect(found.share).toBeLessThan(share * 1.5);
  });

  it('is not told of a clean lens, of what rides along, or where nothing moves', () => {
    expect(clip(null)).toBeNull();
    expect(
      clip(upperLeft, (x, y) => upperLeft(x, y) !== null || Math.hypot((x - 0.2) * 1.67, y - 0.25) < 0.16),
    ).toBeNull();
    expect(clip(() => 80)).toBeNull();
  });
});

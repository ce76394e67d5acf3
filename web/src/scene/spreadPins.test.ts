import { spreadPins } from './spreadPins';

const size = { width: 300, height: 200 };
const half = (n: number) => Array.from({ length: n }, () => 11);
const overlaps = (places: readonly { x: number; y: number }[]) =>
  places.some((a, i) => places.some((b, j) => j > i && Math.abs(a.x - b.x) < 22 && Math.abs(a.y - b.y) < 22));

it('pins with room stay where they belong', () => {
  const wanted = [
    { x: 40, y: 40 },
    { x: 100, y: 40 },
  ];
  expect(spreadPins(wanted, half(2), size)).toEqual(wanted);
});

it('two at one place stand side by side, neither far off', () => {
  const [a, b] = spreadPins(
    [
      { x: 150, y: 100 },
      { x: 150, y: 100 },
    ],
    half(2),
    size,
  );
  expect(Math.abs(a!.x - b!.x)).toBeGreaterThanOrEqual(24);
  for (const p of [a!, b!]) expect(Math.hypot(p.x - 150, p.y - 100)).toBeLessThan(14);
});

it('a crowd in a corner comes apart within the view, and again the same', () => {
  const crowd = Array.from({ length: 14 }, (_, i) => ({ x: 285 + (i % 4), y: 5 + ((i * 7) % 5) }));
  const placed = spreadPins(crowd, half(14), size);
  expect(overlaps(placed)).toBe(false);
  for (const { x, y } of placed) {
    expect(x).toBeGreaterThanOrEqual(11);
    expect(x).toBeLessThanOrEqual(289);
    expect(y).toBeGreaterThanOrEqual(11);
    expect(y).toBeLessThanOrEqual(189);
  }
  expect(spreadPins(crowd, half(14), size)).toEqual(placed);
});

import { bikeRig, plainAt } from '../../../testing/rigs';
import { link } from '../../../testing/shakes';
import { convexHull, sideElevation, type DrawingPoint } from './sideElevation';

const far = ([a, b]: DrawingPoint, [c, d]: DrawingPoint) => Math.hypot(a - c, b - d);
const between = ([a, b]: DrawingPoint, [c, d]: DrawingPoint) => (Math.acos(a * c + b * d) * 180) / Math.PI;

describe('the side drawing', () => {
  it.each([-20, 0, 12.5, 35])('shows the lens at the angle that the level reads: %s°', (tiltDeg) => {
    const [x, y] = sideElevation(bikeRig(), plainAt('helmet-top', tiltDeg)).axis;
    expect((Math.atan2(y, x) * 180) / Math.PI).toBeCloseTo(tiltDeg, 6);
  });

  it('keeps lengths: an arm that stands up is as long on paper as in the hand', () => {
    const short = sideElevation(bikeRig(), plainAt('helmet-top', 0, { links: [link('long-arm', 0.1)] }));
    const long = sideElevation(bikeRig(), plainAt('helmet-top', 0, { links: [link('long-arm', 0.3)] }));
    const [a, b] = [short, long].map(({ joints }) => far(joints[0]!, joints.at(-1)!));
    expect(b! - a!).toBeCloseTo(0.2, 4);
  });

  it('opens the picture about its axis, by half its angle of view on either side', () => {
    const { axis, edges } = sideElevation(bikeRig(), plainAt('helmet-top', 10));
    const [up, down] = edges.map((edge) => between(edge, axis));
    expect(up).toBeCloseTo(down!, 6);
    const narrow = sideElevation(bikeRig(), plainAt('helmet-top', 10, { modeId: 'straight' }));
    expect(between(narrow.edges[0], narrow.axis)).toBeLessThan(up!);
  });

  it('is drawn from above where the surface faces sideways', () => {
    expect(sideElevation(bikeRig(), plainAt('helmet-side')).view).toBe('above');
    expect(sideElevation(bikeRig(), plainAt('helmet-top')).view).toBe('side');
  });

  it('has the lens within the outline of its camera, or hardly before it', () => {
    const { body, lens } = sideElevation(bikeRig(), plainAt('helmet-top', 25));
    const out = body.map((p, i) => {
      const q = body[(i + 1) % body.length]!;
      // Left of every edge of an anticlockwise outline is inside.
      return ((q[0] - p[0]) * (lens[1] - p[1]) - (q[1] - p[1]) * (lens[0] - p[0])) / far(p, q);
    });
    expect(Math.min(...out)).toBeGreaterThan(-0.02);
  });
});

it('the outline of points is that of the outermost ones, anticlockwise (area by the surveyor’s formula)', () => {
  const corners: DrawingPoint[] = [
    [0, 0],
    [3, 0],
    [3, 2],
    [0, 2],
  ];
  const hull = convexHull([[1, 1], ...corners, [2, 0.5], [1.5, 0], [3, 1]]);
  const area = hull.reduce((sum, [x, y], i) => {
    const [u, v] = hull[(i + 1) % hull.length]!;
    return sum + (x * v - u * y) / 2;
  }, 0);
  expect(area).toBe(6);
  expect([...hull].sort()).toEqual([...corners].sort());
});

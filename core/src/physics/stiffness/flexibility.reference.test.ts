import { inverse, sumOf } from '../../mathematics/numbers/matrix';
import { bar, movedTo, spring } from './flexibility';

const EI = 40;
const R = 0.008;

it('a bar at its end gives as a cantilever does: L³/3EI, turns L²/2EI; under a moment L²/2EI and L/EI (Roark, table 8.1, cases 1a and 3a; from memory)', () => {
  const L = 0.3;
  const f = bar([0, 0, 0], [L, 0, 0], EI, R);
  expect(f[1]![1]).toBeCloseTo(L ** 3 / 3 / EI, 12);
  expect(f[5]![1]).toBeCloseTo(L ** 2 / 2 / EI, 12);
  expect(f[1]![5]).toBeCloseTo(L ** 2 / 2 / EI, 12);
  expect(f[5]![5]).toBeCloseTo(L / EI, 12);
  // Along: L/EA with EA = 4EI/r².
  expect(f[0]![0]).toBeCloseTo((L * R ** 2) / 4 / EI, 15);
});

it('two bars in a row are one long bar, whichever way they lie', () => {
  const [a, b, c] = [
    [0, 0, 0],
    [0.06, 0.08, 0.02],
    [0.15, 0.2, 0.05],
  ] as const;
  const whole = bar(a, c, EI, R);
  const joined = sumOf(movedTo(bar(a, b, EI, R), b, c), bar(b, c, EI, R));
  whole.forEach((row, i) => row.forEach((value, j) => expect(joined[i]![j]).toBeCloseTo(value, 10)));
});

it('a turning spring at a distance d gives d²/k and turns d/k', () => {
  const f = movedTo(spring(0, 1 / 250), [0, 0, 0], [0, 0.2, 0]);
  expect(f[0]![0]).toBeCloseTo(0.2 ** 2 / 250, 12);
  expect(Math.abs(f[5]![0]!)).toBeCloseTo(0.2 / 250, 12);
});

it('two hinged bars at 45° bear a load at their tip by stretching: k = 2·EA/L·cos²α (a plane truss; Hibbeler, Structural Analysis; from memory)', () => {
  const L = 0.4;
  const ea = (4 * EI) / R ** 2;
  const hinge = spring(0, 1e6);
  const tip = [0, 0, 0] as const;
  const armOf = (x: number) => {
    const foot = [x, -L * Math.SQRT1_2, 0] as const;
    return sumOf(movedTo(hinge, foot, tip), bar(foot, tip, EI, R), hinge);
  };
  const k = sumOf(inverse(armOf(-L * Math.SQRT1_2)), inverse(armOf(L * Math.SQRT1_2)));
  expect(k[1]![1]! / ((2 * ea * 0.5) / L)).toBeCloseTo(1, 4);
  // The same sideways, since 45°.
  expect(k[0]![0]! / ((2 * ea * 0.5) / L)).toBeCloseTo(1, 4);
});

it('a beam with a prop under its end: of a load there the prop takes k/(k + 3EI/L³)', () => {
  const L = 0.25;
  const kProp = 9000;
  const beam = inverse(bar([-L, 0, 0], [0, 0, 0], EI, R));
  const prop = inverse(spring(1 / kProp, 1e9));
  const together = inverse(sumOf(beam, prop));
  // The beam's end stays free to turn.
  expect(together[1]![1]! * kProp).toBeCloseTo(kProp / (kProp + (3 * EI) / L ** 3), 6);
});

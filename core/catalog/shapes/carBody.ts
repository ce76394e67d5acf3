import { glazedBody } from './glazedBody';
import type { Mesh } from '../../src/mathematics/geometry/mesh';
import type { Vec3 } from '../../src/mathematics/geometry/vec3';

/** Side view of a closed car, metres: x ahead of the middle between the axles, y over the ground. */
export interface CarShape {
  readonly frontX: number;
  readonly rearX: number;
  readonly frontAxleX: number;
  readonly rearAxleX: number;
  readonly archM: number;
  readonly axleY: number;
  readonly sillY: number;
  readonly halfZ: number;
  /** Upper outline from front to rear as [x, y]. */
  readonly outline: readonly (readonly [number, number])[];
  readonly beltY: number;
  /** Half width of the roof's edge. */
  readonly roofHalfZ: number;
  readonly roofY: number;
  /** Foot and head of the windscreen and of the rear window, by x. */
  readonly screen: readonly [foot: number, head: number];
  readonly rear: readonly [head: number, foot: number];
  /** Middle and half width of pillars between side windows. */
  readonly pillars: readonly (readonly [number, number])[];
}

const HALF = 14;
const [SILL, BELT, EDGE] = [2, 7, 10];
const STEP_M = 0.095;

const between = (outline: CarShape['outline'], x: number): number => {
  for (let i = 0; i + 1 < outline.length; i++) {
    const [x0, y0] = outline[i]!;
    const [x1, y1] = outline[i + 1]!;
    if (x <= x0 && x >= x1) return y0 + ((y1 - y0) * (x0 - x)) / (x0 - x1 || 1);
  }
  return x > outline[0]![0] ? outline[0]![1] : outline[outline.length - 1]![1];
};

/** Body with wheel arches and windows, and its glass in three: screen, sides, rear. */
export function carBody(shape: CarShape): { body: Mesh; screen: Mesh; sides: Mesh; rear: Mesh } {
  const keys = [
    shape.frontX,
    shape.rearX,
    ...shape.outline.map(([x]) => x),
    ...shape.pillars.flatMap(([x, half]) => [x + half, x - half]),
  ]
    .filter((x, i, all) => all.findIndex((other) => Math.abs(other - x) < 0.012) === i)
    .sort((a, b) => b - a);
  const xs: number[] = [];
  keys.forEach((x, i) => {
    const next = keys[i + 1];
    if (next === undefined) return void xs.push(x);
    const steps = Math.max(1, Math.round((x - next) / STEP_M));
    for (let k = 0; k < steps; k++) xs.push(x + ((next - x) * k) / steps);
  });
  const half = (x: number) => {
    const front = Math.max(0, (x - shape.frontAxleX) / (shape.frontX - shape.frontAxleX));
    const back = Math.max(0, (shape.rearAxleX - x) / (shape.rearAxleX - shape.rearX));
    return shape.halfZ * (1 - 0.2 * front ** 3 - 0.13 * back ** 3);
  };
  const bottom = (x: number) => {
    const front = Math.max(0, (x - shape.frontAxleX) / (shape.frontX - shape.frontAxleX));
    const back = Math.max(0, (shape.rearAxleX - x) / (shape.rearAxleX - shape.rearX));
    return shape.sillY + 0.1 * front ** 2 + 0.14 * back ** 2;
  };
  /** Right half of a section, from the middle of the floor (0) to the middle of the roof (HALF). */
  const point = (i: number, x: number): Vec3 => {
    const top = between(shape.outline, x);
    const w = half(x);
    const low = bottom(x);
    const belt = Math.max(low + 0.1, Math.min(shape.beltY, top - 0.035));
    const high = Math.min(1, Math.max(0, (top - shape.beltY) / (shape.roofY - shape.beltY)));
    const edgeHalf = w - 0.05 - (w - 0.05 - shape.roofHalfZ) * high;
    if (i <= SILL) return [x, low, (w - 0.05) * (i / SILL)];
    if (i <= BELT) {
      const t = (i - SILL) / (BELT - SILL);
      return [x, low + (belt - low) * t, w - 0.05 * (1 - Math.sin(Math.PI * (0.18 + 0.62 * t)))];
    }
    if (i <= EDGE) {
      const t = (i - BELT) / (EDGE - BELT);
      const from = w - 0.05 * (1 - Math.sin(Math.PI * 0.8));
      return [x, belt + (top - 0.02 - belt) * t, from + (edgeHalf - from) * t ** 1.15];
    }
    const t = (i - EDGE) / (HALF - EDGE);
    return [x, top - 0.02 + 0.045 * Math.sin((Math.PI / 2) * t), edgeHalf * (1 - t)];
  };
  const outer = (column: number, row: number): Vec3 => {
    const c = ((column % (2 * HALF)) + 2 * HALF) % (2 * HALF);
    const [x, y, z] = point(c <= HALF ? c : 2 * HALF - c, xs[row]!);
    return [x, y, c <= HALF ? z : -z];
  };
  const inBand = (column: number, from: number, to: number) => {
    const i = column < HALF ? column : 2 * HALF - 1 - column;
    return i >= from && i < to;
  };
  const middle = (row: number) => (xs[row]! + xs[row + 1]!) / 2;
  const within = (x: number, [a, b]: readonly [number, number]) => x <= Math.max(a, b) && x >= Math.min(a, b);
  const isScreen = (c: number, r: number) => within(middle(r), shape.screen) && inBand(c, EDGE, HALF);
  const isRear = (c: number, r: number) => within(middle(r), shape.rear) && inBand(c, EDGE, HALF);
  const isSide = (c: number, r: number) => {
    const x = middle(r);
    const open = between(shape.outline, x) > shape.beltY + 0.13;
    const pillar = shape.pillars.some(([at, wide]) => Math.abs(x - at) < wide);
    return (
      open &&
      !pillar &&
      x < shape.screen[0] - 0.1 &&
      x > shape.rear[1] + 0.1 &&
      inBand(c, BELT, EDGE - (x > shape.screen[1] || x < shape.rear[0] ? 1 : 0))
    );
  };
  const isArch = (c: number, r: number) => {
    if (!inBand(c, SILL - 1, BELT)) return false;
    const [, y] = outer(c, r);
    const [, y2] = outer(c + 1, r);
    return [shape.frontAxleX, shape.rearAxleX].some(
      (axle) => Math.hypot(middle(r) - axle, (y + y2) / 2 - shape.axleY) < shape.archM,
    );
  };
  const make = (isWindow: (c: number, r: number) => boolean) =>
    glazedBody({
      columns: 2 * HALF,
      rows: xs.length - 1,
      outer,
      centre: (r) => [xs[r]!, (shape.sillY + between(shape.outline, xs[r]!)) / 2, 0],
      thickM: 0.045,
      isWindow,
      isOpen: isArch,
    });
  const any = (c: number, r: number) => isScreen(c, r) || isRear(c, r) || isSide(c, r);
  return { body: make(any).body, screen: make(isScreen).glass, sides: make(isSide).glass, rear: make(isRear).glass };
}

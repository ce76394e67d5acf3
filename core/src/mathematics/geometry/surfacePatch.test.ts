import { revolveSolid } from './build/revolve';
import { roundedBox } from './build/roundedBox';
import { rod } from './build/tube';
import { poseAt } from './pose';
import { surfacePatch } from './surfacePatch';

const ball = (radiusM: number) =>
  revolveSolid(
    Array.from({ length: 61 }, (_, i): [number, number] => {
      const a = (Math.PI * i) / 60;
      return [Math.max(1e-6, radiusM * Math.sin(a)), -radiusM * Math.cos(a)];
    }),
    { centre: [0, 0, 0], axis: [0, 1, 0], segments: 160 },
  );

it('a plate is even as far as it goes: 80 by 40 mm is 32 cm², and as thick as it is', () => {
  const plate = roundedBox([0.08, 0.005, 0.04], 0.0002, poseAt([0, -0.0025, 0]));
  const { evenAreaM2, radiiM, wallM } = surfacePatch(plate, [0, 0, 0], [0, 2, 0]);
  expect(evenAreaM2).toBeGreaterThan(0.0022);
  expect(evenAreaM2).toBeLessThan(0.0034);
  for (const radius of radiiM) expect(Math.abs(radius)).toBeGreaterThan(2);
  expect(wallM).toBeCloseTo(0.005, 4);
});

it('a ball bends the same way in every direction, by its own radius', () => {
  const { radiiM, evenAreaM2, wallM } = surfacePatch(ball(0.15), [0, 0.15, 0], [0, 1, 0]);
  for (const radius of radiiM) expect(radius).toBeGreaterThan(0.14);
  for (const radius of radiiM) expect(radius).toBeLessThan(0.16);
  // A cap of 1.5 mm: π(2·r·h − h²) = 14.1 cm², read in steps of 4 mm.
  expect(evenAreaM2).toBeGreaterThan(0.0008);
  expect(evenAreaM2).toBeLessThan(0.0016);
  expect(wallM).toBeNull();
});

it('a tube bends across, not along; from inside it is hollow', () => {
  const tube = rod([-0.5, 0, 0], [0.5, 0, 0], { radiusM: 0.016, segments: 96 });
  const [strong, weak] = surfacePatch(tube, [0, 0.016, 0], [0, 1, 0]).radiiM;
  expect(strong).toBeGreaterThan(0.0145);
  expect(strong).toBeLessThan(0.0175);
  expect(Math.abs(weak)).toBeGreaterThan(1);
  for (const radius of surfacePatch(ball(0.15), [0, -0.15, 0], [0, 1, 0]).radiiM) expect(radius).toBeLessThan(-0.14);
});

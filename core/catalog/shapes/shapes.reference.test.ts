import { openEdgeCount, signedVolume, meshBounds } from '../../src/mathematics/geometry/mesh';
import { boardMesh, boardStations } from './board';
import { carBody } from './carBody';
import { denseStations, glazedBody, sectionPoint } from './glazedBody';
import { deckedHull, halfBeamAt, openHull, type HullStation } from './hull';
import { doublePaddle } from './paddle';
import { roadWheel } from './roadWheel';
import { sailMesh } from './sail';
import { aerofoil, bothSides, wingMesh } from './wing';

describe('aerofoil', () => {
  // Ordinates of NACA 0012 in percent of the chord: Abbott & von Doenhoff, Theory of Wing Sections, appendix III; from memory.
  it.each([
    [1.25, 1.894],
    [2.5, 2.615],
    [5, 3.555],
    [10, 4.683],
    [20, 5.737],
    [30, 6.002],
    [40, 5.803],
    [50, 5.294],
    [60, 4.563],
    [70, 3.664],
    [80, 2.623],
    [90, 1.448],
  ])('NACA 0012 at %s %% of the chord is %s %% thick on each side', (x, y) => {
    const { upper, lower } = aerofoil(x / 100, 0.12, 0);
    expect(upper * 100).toBeGreaterThan(y - 0.1);
    expect(upper * 100).toBeLessThan(y + 0.02);
    expect(lower).toBeCloseTo(-upper, 12);
  });

  it('is closed at the trailing edge, and camber lifts both sides by its own height at 40 %', () => {
    expect(Math.abs(aerofoil(1, 0.15, 0).upper)).toBeLessThan(1e-3);
    const { upper, lower } = aerofoil(0.4, 0.12, 0.02);
    expect((upper + lower) / 2).toBeCloseTo(0.02, 9);
  });

  it('a wing of constant section holds about 0.685 × thickness × chord² × span (area of the four-digit family, from memory)', () => {
    const section = (z: number) => ({ leading: [0, 0, z] as const, chordM: 1, thickness: 0.12, camber: 0 });
    const volume = signedVolume(wingMesh([section(0), section(2), section(4)]));
    expect(volume / 4).toBeGreaterThan(0.66 * 0.12);
    expect(volume / 4).toBeLessThan(0.71 * 0.12);
  });

  it('both sides are mirrored', () => {
    const mesh = bothSides([
      { leading: [0, 0, 0], chordM: 1, thickness: 0.14 },
      { leading: [-0.1, 0.2, 5], chordM: 0.5, thickness: 0.12 },
    ]);
    const { min, max } = meshBounds(mesh);
    expect(min[2]).toBeCloseTo(-max[2], 9);
    expect(openEdgeCount(mesh)).toBe(0);
  });
});

describe('hulls', () => {
  const box: HullStation[] = [-1, 0, 1].map((x) => ({ x, half: 0.5, gunwale: 0.6, keel: -0.4 }));

  it('a straight V holds half of its box', () => {
    expect(signedVolume(deckedHull(box, 1, 0))).toBeCloseTo(2 * 1 * 1 * 0.5, 2);
  });

  it('the rounder the section the wider it is low down; at the gunwale all are as wide as told', () => {
    const [station] = box;
    for (const fullness of [1, 1.5, 2]) expect(halfBeamAt(station!, 0.6, fullness)).toBeCloseTo(0.5, 9);
    expect(halfBeamAt(station!, -0.1, 2)).toBeGreaterThan(halfBeamAt(station!, -0.1, 1));
    expect(halfBeamAt(station!, -0.1, 1)).toBeCloseTo(0.5 * 0.3, 9);
  });

  it('an open hull is a closed skin whose volume is its surface times its thickness, nearly', () => {
    const mesh = openHull(box, 1, 0.02);
    expect(openEdgeCount(mesh)).toBe(0);
    const skin = 2 * 2 * Math.hypot(0.5, 1);
    expect(signedVolume(mesh)).toBeGreaterThan(skin * 0.02 * 0.6);
    expect(signedVolume(mesh)).toBeLessThan(skin * 0.02 * 1.3);
  });
});

describe('boards', () => {
  const stations = boardStations(
    2,
    0.06,
    () => 0.5,
    () => 0,
  );
  it('are as long, wide and thick as told, closed, and the same left and right', () => {
    const mesh = boardMesh(stations, 4);
    const { min, max } = meshBounds(mesh);
    expect(max[0] - min[0]).toBeCloseTo(2, 6);
    expect(max[2] - min[2]).toBeCloseTo(0.5, 6);
    expect(max[1] - min[1]).toBeCloseTo(0.06, 6);
    expect(min[2]).toBeCloseTo(-max[2], 6);
    expect(openEdgeCount(mesh)).toBe(0);
  });

  it('stations stand closer together at the ends, where the outline turns', () => {
    const gap = (i: number) => stations[i + 1]![0] - stations[i]![0];
    expect(gap(0)).toBeLessThan(gap(14) / 4);
    expect(gap(29)).toBeCloseTo(gap(0), 9);
  });
});

describe('bodies with windows', () => {
  const stations = denseStations(
    [
      { x: 1, y: 1, halfZ: 0.5, halfY: 0.6 },
      { x: -1, y: 1, halfZ: 0.5, halfY: 0.6 },
    ],
    0.25,
  );
  const made = glazedBody({
    columns: 24,
    rows: stations.length - 1,
    outer: (c, r) => sectionPoint(stations[r]!, (2 * Math.PI * c) / 24),
    centre: (r) => [stations[r]!.x, 1, 0],
    thickM: 0.02,
    isWindow: (c, r) => c >= 2 && c < 10 && r >= 2 && r < 5,
  });

  it('skin and panes are closed, and no station is farther from the next than asked', () => {
    expect(openEdgeCount(made.body)).toBe(0);
    expect(openEdgeCount(made.glass)).toBe(0);
    for (let i = 0; i + 1 < stations.length; i++) expect(stations[i]!.x - stations[i + 1]!.x).toBeLessThanOrEqual(0.25);
  });

  it('the panes lie within the skin’s outline, where its holes are', () => {
    const body = meshBounds(made.body);
    const glass = meshBounds(made.glass);
    for (const k of [0, 1, 2] as const) {
      expect(glass.min[k]).toBeGreaterThanOrEqual(body.min[k] - 1e-6);
      expect(glass.max[k]).toBeLessThanOrEqual(body.max[k] + 1e-6);
    }
    expect(glass.min[1]).toBeGreaterThan(1);
  });

  it('a car has screen, side and rear glass of its own, and arches over its wheels', () => {
    const parts = carBody({
      frontX: 2.1,
      rearX: -2.1,
      frontAxleX: 1.3,
      rearAxleX: -1.3,
      archM: 0.36,
      axleY: 0.3,
      sillY: 0.2,
      halfZ: 0.88,
      beltY: 0.88,
      roofHalfZ: 0.55,
      roofY: 1.34,
      screen: [0.8, 0.1],
      rear: [-0.7, -1.4],
      pillars: [[-0.6, 0.05]],
      outline: [
        [2.1, 0.6],
        [0.8, 0.9],
        [0.1, 1.34],
        [-0.7, 1.32],
        [-1.4, 0.98],
        [-2.1, 0.86],
      ],
    });
    for (const mesh of Object.values(parts)) {
      expect(mesh.indices.length).toBeGreaterThan(0);
      expect(openEdgeCount(mesh)).toBe(0);
    }
    expect(meshBounds(parts.screen).min[0]).toBeGreaterThan(0);
    expect(meshBounds(parts.rear).max[0]).toBeLessThan(-0.6);
  });
});

it('a wheel is as big round as told and its rim lies inside its tyre', () => {
  const { tyre, rim } = roadWheel(0.35, 0.22, 0.22, 5);
  expect(meshBounds(tyre).max[1]).toBeCloseTo(0.35, 3);
  expect(meshBounds(rim).max[1]).toBeLessThan(0.23);
  expect(meshBounds(tyre).max[2]).toBeCloseTo(0.11, 6);
});

it('a paddle has two blades as far apart as it is long', () => {
  const { min, max } = meshBounds(doublePaddle([0, 1, 0], 2.2));
  expect(max[2] - min[2]).toBeCloseTo(2.2, 2);
});

it('a sail bellies to the side it is told and keeps its edges', () => {
  const mesh = sailMesh(
    [
      [0, 0, 0],
      [0, 6, 0],
    ],
    (t) => [-2 * (1 - t) - 0.1, 6 * t, 0],
    0.25,
  );
  const { min, max } = meshBounds(mesh);
  expect(max[2]).toBeGreaterThan(0.2);
  expect(max[2]).toBeLessThan(0.3);
  expect(min[2]).toBeGreaterThan(-0.01);
  expect(openEdgeCount(mesh)).toBe(0);
});

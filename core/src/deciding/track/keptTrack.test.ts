import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import { bikeRig } from '../../../testing/rigs';
import { profileLine, trackMap } from '../../showing/drawing/trackMap';
import { keepTrack, MOST_NODES, stanceForSlope, stretchReport, trackLengthM } from './keptTrack';
import { trackReport, type TrackPoint } from './track';

const M = 111_195;
const START = 1_800_000_000_000;
/** Points a second apart by metres north and east of 50° N, 8° E. */
const ride = (
  count: number,
  where: (i: number) => readonly [north: number, east: number, up: number | null],
): TrackPoint[] =>
  Array.from({ length: count }, (_, i) => {
    const [north, east, eleM] = where(i);
    return {
      latDeg: 50 + north / M,
      lonDeg: 8 + east / (M * Math.cos((50 * Math.PI) / 180)),
      eleM,
      ms: START + i * 1000,
    };
  });
/** North at 6 m/s and down 5 %, then east at 3 m/s on the level, with a stop of a minute between. */
const elbow = ride(1000, (i) =>
  i < 400 ? [6 * i, 0, 300 - 0.3 * i] : i < 460 ? [2400, 0, 180] : [2400, 3 * (i - 460), 180],
);
const kept = keepTrack('Elbow', elbow)!;

it('straight lines keep their ends, the corner and the stop; length and times stay', () => {
  expect(kept.nodes.length).toBeLessThan(12);
  expect(trackLengthM(kept)).toBeCloseTo(2394 + 6 + 3 * 539, -1);
  expect(kept.startMs).toBe(START);
  expect(kept.nodes.at(-1)![3]).toBe(999);
  expect(kept.cleaned).toMatch(
    /^60 points at rest left out; 1000 points thinned to \d+, within 2 m \(Ramer, Douglas and Peucker\)$/,
  );
});

it('a stretch has its own slope, speed, heading and hour; the stop does not slow it', () => {
  const down = stretchReport(kept, { fromM: 500, toM: 1700 });
  expect(down.slope).toBeCloseTo(-0.05, 3);
  expect(down.steepest).toBeCloseTo(-0.05, 2);
  expect(down.meanMps).toBeCloseTo(6, 2);
  expect(down.headingDeg! % 360).toBeCloseTo(0, 0);
  expect(down.atMs! - START).toBeCloseTo((500 / 6) * 1000, -3);
  const level = stretchReport(kept, { fromM: 2600, toM: 3600 });
  expect([level.slope, level.meanMps]).toEqual([expect.closeTo(0, 6), expect.closeTo(3, 2)]);
  expect(level.headingDeg).toBeCloseTo(90, 0);
  const all = stretchReport(kept, { fromM: 0, toM: 1e6 });
  expect(all.meanMps).toBeCloseTo((6 * 400 + 3 * 539) / 939, 1);
  expect(all.middle.latDeg).toBeCloseTo(50 + 2006 / M, 4);
});

it('a stretch that is none, or lies beyond the end, is refused', () => {
  for (const [fromM, toM] of [
    [-1, 5],
    [10, 10],
    [50_000, 60_000],
  ] as const)
    expect(() => stretchReport(kept, { fromM, toM })).toThrow(/no stretch of a track of/);
});

it('there and back has no heading; without times and heights neither hour, speed nor slope', () => {
  const back = keepTrack(
    'Back',
    ride(201, (i) => [i <= 100 ? 5 * i : 5 * (200 - i), 0, 100]),
  )!;
  expect(stretchReport(back, { fromM: 0, toM: 1000 }).headingDeg).toBeNull();
  const bare = keepTrack(
    'Bare',
    ride(50, (i) => [5 * i, 0, null]).map((p) => ({ ...p, ms: null })),
  )!;
  const report = stretchReport(bare, { fromM: 0, toM: 200 });
  expect([report.slope, report.meanMps, report.atMs, report.steepest]).toEqual([null, null, null, null]);
  expect(profileLine(bare, { width: 10, height: 10, margin: 1 })).toEqual([]);
});

it('a long noisy ride is thinned until an outing can hold it; its length stays within a twentieth', () => {
  const random = seededNumbers(8);
  let [north, east, way] = [0, 0, 0];
  const long = ride(20_000, () => {
    way += (random() - 0.5) * 0.6;
    north += 5 * Math.cos(way);
    east += 5 * Math.sin(way);
    return [north, east, 200 + 40 * Math.sin(north / 300)];
  });
  const thin = keepTrack('Long', long)!;
  expect(thin.nodes.length).toBeLessThanOrEqual(MOST_NODES);
  expect(trackLengthM(thin) / trackReport(long)!.lengthM).toBeGreaterThan(0.9);
  expect(
    keepTrack(
      'Still',
      ride(20, () => [0, 0, 0]),
    ),
  ).toBeNull();
});

it('downhill a stance is proposed whose ground slopes so; on the level none', () => {
  const rig = { ...bikeRig(), machineId: 'mountain-bike', fit: {} };
  const steep = stanceForSlope(rig, 'seated', Math.tan((-24 * Math.PI) / 180));
  expect(steep).not.toBeNull();
  expect(stanceForSlope(rig, steep!, Math.tan((-24 * Math.PI) / 180))).toBeNull();
  expect(stanceForSlope(rig, 'seated', 0)).toBeNull();
});

it('the map has north up, one scale both ways, all of it inside its box, and a round bar', () => {
  const box = { width: 400, height: 300, margin: 20 };
  const { path, middle } = stretchReport(kept, { fromM: 500, toM: 1700 });
  const map = trackMap(kept, [{ id: 'a', path, middle }], box);
  for (const [x, y] of map.line) {
    expect(x).toBeGreaterThanOrEqual(20 - 1e-6);
    expect(x).toBeLessThanOrEqual(380 + 1e-6);
    expect(y).toBeGreaterThanOrEqual(20 - 1e-6);
    expect(y).toBeLessThanOrEqual(280 + 1e-6);
  }
  const [start, end] = [map.line[0]!, map.line.at(-1)!];
  expect(start[1] - end[1]).toBeCloseTo(260, 0);
  // 2400 m up are 260: 1617 m to the right are as many to a metre.
  expect((end[0] - start[0]) / 1617).toBeCloseTo(260 / 2400, 3);
  expect(map.scale.length / map.scale.metres).toBeCloseTo(260 / 2400, 3);
  expect([500, 1000]).toContain(map.scale.metres);
  expect(map.stretches[0]!.line.length).toBe(2);
});

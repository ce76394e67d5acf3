import { link, shakeAt } from '../../../testing/shakes';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { revolveSolid } from '../../mathematics/geometry/build/revolve';
import { meshPoint } from '../../mathematics/geometry/mesh';
import { poseAt, transformPoint } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { poseRig } from '../../posing/rig/poseRig';
import type { PosedPart } from '../../words/carrier/posedPart';
import { judgeClear } from '../../judging/checks/clear/judgeClear';
import { clearReport } from './clearReport';
import { watchedHidden, watchedSights } from './watched';

const part = (id: string, mesh: PosedPart['mesh'], over: Partial<PosedPart> = {}): PosedPart => ({
  id,
  name: id,
  group: 'machine',
  tone: 'metal',
  mesh,
  worldFromPart: poseAt([0, 0, 0]),
  ...over,
});
const disc = (radiusM: number, centre: Vec3) =>
  revolveSolid(
    [
      [radiusM, 0],
      [radiusM, 0.001],
    ],
    { centre, axis: [-1, 0, 0], segments: 96 },
  );
const EYES: Vec3 = [0, 0, 0];
const dials = part('dials', disc(0.1, [1, 0, 0]), { watched: true });

describe('what is hidden of a dial', () => {
  it('a disc of half its radius at the same distance hides a quarter of it, at half the distance all of it (similar cones)', () => {
    const sights = watchedSights(EYES, [dials]);
    const hidden = (mesh: PosedPart['mesh']) => watchedHidden(EYES, sights, [part('camera', mesh)])[0]!.hiddenShare;
    expect(hidden(disc(0.05, [0.99, 0, 0]))).toBeCloseTo(0.25, 1);
    expect(hidden(disc(0.0505, [0.5, 0, 0]))).toBe(1);
    expect(hidden(disc(0.05, [1.1, 0, 0]))).toBe(0);
    // Upper half covered by a straight edge through the middle.
    expect(hidden(roundedBox([0.01, 0.4, 0.4], 0.001, poseAt([0.9, 0.2, 0])))).toBeCloseTo(0.5, 1);
  });

  it('what the machine hides anyway is not held against the camera, and glass hides nothing', () => {
    const bar = part('bar', roundedBox([0.01, 0.4, 0.4], 0.001, poseAt([0.8, 0.2, 0])));
    const camera = part('camera', roundedBox([0.01, 0.4, 0.4], 0.001, poseAt([0.6, 0.2, 0])));
    const seen = (parts: PosedPart[]) => watchedHidden(EYES, watchedSights(EYES, parts), [camera]);
    expect(seen([dials, bar])[0]!.hiddenShare).toBe(0);
    expect(seen([dials, { ...bar, seeThrough: true }])[0]!.hiddenShare).toBeCloseTo(0.5, 1);
    expect(seen([dials, { ...bar, mesh: disc(0.3, [0.8, 0, 0]) }])).toEqual([]);
  });
});

describe('mirrors and instruments, common practice', () => {
  /** Own place on the driver's side of the dashboard, just before the instruments. */
  const beforeInstruments = (machineId: string) => {
    const plain = shakeAt(machineId, 'dash');
    const { mesh, worldFromPart } = poseRig(plain.rig, plain.actionStanceId).byId.get('instruments')!;
    const points = Array.from({ length: mesh.positions.length / 3 }, (_, i) =>
      transformPoint(worldFromPart, meshPoint(mesh, i)),
    );
    const middle = (axis: 0 | 2) =>
      (Math.min(...points.map((p) => p[axis])) + Math.max(...points.map((p) => p[axis]))) / 2;
    const point: Vec3 = [Math.min(...points.map((p) => p[0])), Math.min(...points.map((p) => p[1])) + 0.02, middle(2)];
    const ownSpots = [
      {
        id: 'own-1',
        name: 'Before the instruments',
        partId: 'dash',
        point,
        normal: [-0.6, 0.8, 0] as const,
        surface: { material: 'plastic', shape: 'flat', flatAreaM2: 0.02 } as const,
      },
    ];
    return {
      ...plain,
      rig: { ...plain.rig, ownSpots },
      setUp: { ...plain.setUp, spotId: 'own-1', links: [link('short-arm', 0.06)] },
    };
  };

  it('a camera before the driver’s instruments is stopped and says how much of them it hides; to the other side it is not', () => {
    const found = (question: ReturnType<typeof shakeAt>) => {
      const check = judgeClear(clearReport(question), { family: 'car', world: 'road' });
      return 'findings' in check ? check.findings.find((f) => f.id === 'watched') : undefined;
    };
    const before = found(beforeInstruments('coupe'))!;
    expect(before).toMatchObject({ verdict: 'stop' });
    expect(before.because).toMatch(/hides \d+ % of the instruments/);
    const beside = found(shakeAt('coupe', 'dash'))!;
    expect(beside.verdict).toBe('good');
    expect(beside.because).toMatch(/inside mirror.*instruments in sight/);
  });

  it('what sits on the head goes along when the head turns to look', () => {
    expect(clearReport(shakeAt('buggy', 'chin-bar')).watched).toEqual([]);
    expect(clearReport(shakeAt('buggy', 'cage-front')).watched).toEqual([{ name: 'instruments', hiddenShare: 0 }]);
  });
});

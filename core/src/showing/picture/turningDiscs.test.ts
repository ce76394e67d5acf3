import { newCarrier } from '../../deciding/outing/newOuting';
import { poseRig } from '../../posing/rig/poseRig';
import { headMesh, headMarks } from '../../posing/body/meshes/head';
import { bodySegments } from '../../posing/body/segments';
import { calibrateLens } from '../../mathematics/lens/lens';
import { rotationFacing } from '../../mathematics/geometry/rotation';
import { UP } from '../../mathematics/geometry/vec3';
import { discOpacity } from './turningDiscs';
import { renderPicture } from './renderPicture';

const lens = calibrateLens({
  projection: 'rectilinear',
  widthPx: 640,
  heightPx: 480,
  fovDeg: 40,
  fovAcross: 'horizontal',
  crop: 1,
});

describe('blades that an engine turns', () => {
  it('cover less the farther out they are, nothing beyond their tips, more with more blades; the hub is solid', () => {
    expect([discOpacity(0, 2), discOpacity(1.01, 2)]).toEqual([1, 0]);
    const out = [0.15, 0.3, 0.5, 0.8].map((at) => discOpacity(at, 2));
    expect(out).toEqual([...out].sort((a, b) => b - a));
    expect(discOpacity(0.4, 4)).toBeGreaterThan(discOpacity(0.4, 2));
    expect(Math.min(...out)).toBeGreaterThan(0);
  });

  it('are a disc that is looked through under way, and blades that stand where it is set up', () => {
    const { rig } = newCarrier('c', 'light-aircraft', 1.75);
    const blades = (stanceId: string) => poseRig(rig, stanceId).parts.find((part) => part.id === 'propeller')!;
    expect(blades('set-up').spins).toBeUndefined();
    const turning = blades('cruise');
    expect(turning.spins).toMatchObject({ blades: 2 });
    const at = poseRig(rig, 'cruise').worldFromMachine.position;
    const camera = { position: [at[0] + 5, at[1] + 1.3, 0.5] as const, rotation: rotationFacing([-1, 0, 0], UP) };
    const { ground } = poseRig(rig, 'cruise');
    const sum = (parts: Parameters<typeof renderPicture>[0]) =>
      renderPicture(parts, camera, lens, ground, 64, 48, { scenery: false }).rgba.reduce((a, b) => a + b, 0);
    const nothing = sum([]);
    const disc = nothing - sum([turning]);
    const solid = nothing - sum([{ ...turning, spins: undefined }] as never);
    expect(disc).toBeGreaterThan(0);
    expect(Math.abs(solid)).toBeGreaterThan(0);
    expect(disc).not.toBe(solid);
  });
});

describe('a face', () => {
  it.each([1.55, 1.75, 1.95])('of somebody of %s m has every mark on its skin, both sides alike', (statureM) => {
    const body = bodySegments(statureM);
    const { positions } = headMesh(body);
    const marks = headMarks(body);
    const points = Array.from({ length: positions.length / 3 }, (_, i) => positions.slice(3 * i, 3 * i + 3));
    for (const { at, half } of marks.filter((mark) => mark.half[1] > 0.004)) {
      const inside = points.filter((p) => p.reduce((sum, v, i) => sum + ((v - at[i]!) / half[i]!) ** 2, 0) <= 1.6);
      expect(inside.length).toBeGreaterThan(0);
    }
    const mirrored = marks.filter(({ at }) => at[2] !== 0).reduce((sum, { at }) => sum + at[2], 0);
    expect(mirrored).toBeCloseTo(0, 12);
  });
});

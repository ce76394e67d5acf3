import { BASES, CAMERAS, LINKS } from '../../../../catalog/index.generated';
import { bikeRig, plainAt } from '../../../../testing/rigs';
import { baseRefusal } from '../../../posing/strut/baseRefusal';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import type { LinkUse, SetUp } from '../../../words/setUp/setUp';
import { poseRig } from '../../../posing/rig/poseRig';
import { poseStrut } from '../../../posing/strut/kinematics';
import { strutSwing as swingOf } from './strutSwing';

const rig = bikeRig();
const resolve = (over: Partial<SetUp> = {}): ResolvedSetUp =>
  resolveSetUp(rig, plainAt('handlebar', 0, { links: [], ...over }));
const arm = (lengthM: number, linkId = 'long-arm'): LinkUse => ({ linkId, lengthM, bendDeg: 0, turnDeg: 0 });
const standing = poseRig(rig, 'set-up');
const strutSwing = (resolved: ResolvedSetUp) => swingOf(resolved, poseStrut(resolved, standing, standing));
const swing = (over: Partial<SetUp> = {}) => strutSwing(resolve(over));

describe('how a camera swings on its strut', () => {
  it('on nothing but an infinitely stiff base and joint: the closed form of what is left', () => {
    const bare = resolve();
    const stiff = { value: 1e15, source: { kind: 'common practice' } } as const;
    const { frequencyHz, massKg } = strutSwing({ ...bare, head: { ...bare.head, stiffnessNmRad: stiff } });
    const lever = bare.base.heightM.value + 0.012 + bare.camera.bodyM[1] / 2;
    // The camera turns with its swing: an even block about its own middle counts too.
    const [depth, height] = bare.camera.bodyM;
    const turning = (bare.camera.massKg.value * (depth ** 2 + height ** 2)) / 12;
    const swinging = massKg * lever ** 2 + turning;
    const expected = Math.sqrt(bare.base.stiffnessNmRad.value / swinging) / (2 * Math.PI);
    expect(frequencyHz).toBeCloseTo(expected, 6);
    expect(massKg).toBeCloseTo(bare.camera.massKg.value + bare.head.massKg.value, 12);
  });

  it('an arm alone, with nothing beyond it, is a cantilever: k = k0·(L0/L)³', () => {
    const set = resolve({ links: [arm(0.2)] });
    const stiff = { value: 1e15, source: { kind: 'common practice' } } as const;
    const flat = { ...set.camera, bodyM: [0.034, -0.024, 0.07] as const };
    const { softness } = strutSwing({
      ...set,
      camera: flat,
      base: { ...set.base, stiffnessNmRad: stiff },
      head: { ...set.head, stiffnessNmRad: stiff },
    });
    const { definition } = set.links[0]!;
    const k = definition.stiffnessNM.value * (definition.lengthM.low / 0.2) ** 3;
    expect(softness[0]!.name).toBe('long arm');
    expect(softness[0]!.mPerN * k).toBeCloseTo(1, 6);
  });

  it('doubling the arm makes it much slower; taking out the stand-off hook helps (common practice, no source)', () => {
    expect(swing({ links: [arm(0.24)] }).frequencyHz).toBeLessThan(swing({ links: [arm(0.12)] }).frequencyHz * 0.6);
    expect(swing({ links: [arm(0.03, 'stand-off-hook')] }).frequencyHz).toBeLessThan(swing().frequencyHz);
  });

  it('heavier or longer never swings faster', () => {
    let before = Infinity;
    for (let long = 0.1; long <= 0.3; long += 0.02) {
      const { frequencyHz } = swing({ links: [arm(long)] });
      expect(frequencyHz).toBeLessThan(before);
      before = frequencyHz;
    }
    expect(swing({ cameraId: 'cage-camera', modeId: 'wide' }).frequencyHz).toBeLessThan(swing().frequencyHz);
    expect(swing({ cameraId: 'thumb-camera', modeId: 'wide' }).frequencyHz).toBeGreaterThan(swing().frequencyHz);
  });

  it('names what gives most: a chest harness more than any joint, a goose neck more than its clamp', () => {
    const chest = strutSwing(resolveSetUp(rig, plainAt('chest')));
    expect(chest.softness[0]!.name).toBe('chest harness');
    expect(swing({ links: [arm(0.3, 'goose-neck')] }).softness[0]!.name).toBe('goose neck');
  });

  it('is finite and in order for every base, link and camera of the kit', () => {
    const surface = resolve().placed.spot.surface;
    for (const base of BASES.filter((b) => baseRefusal(b, surface) === null)) {
      for (const link of [null, ...LINKS]) {
        for (const camera of CAMERAS) {
          const links = link ? [arm((link.lengthM.low + link.lengthM.high) / 2, link.id)] : [];
          const { frequencyHz, lowHz, highHz } = swing({
            baseId: base.id,
            links,
            cameraId: camera.id,
            modeId: camera.modes[0]!.id,
            stabiliserId: 'off',
          });
          expect(Number.isFinite(frequencyHz)).toBe(true);
          expect(lowHz).toBeGreaterThan(0);
          expect([base.id, link?.id, lowHz <= frequencyHz && frequencyHz <= highHz]).toEqual([base.id, link?.id, true]);
        }
      }
    }
  });
});

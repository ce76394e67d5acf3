import { eigs } from 'mathjs';
import { link, shakeAt } from '../../../../testing/shakes';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import { poseRig } from '../../../posing/rig/poseRig';
import { poseStrut } from '../../../posing/strut/kinematics';
import { resolveSetUp, type ResolvedSetUp } from '../../../posing/strut/resolveSetUp';
import { magnitude } from '../../../mathematics/spectra/complex';
import { atHigh, atLow } from '../../../words/sourced/ends';
import { USUAL_ENDS } from '../ends/rangeEnds';
import type { ShakeQuestion } from '../whole/shakeScene';
import { chainPieces, chainSum } from './chain';
import { coupledModes } from './coupledMasses';
import { modeWords, mountModel, mountModes } from './mountModel';

const resolve = ({ rig, setUp }: ShakeQuestion) => resolveSetUp(rig, setUp);
const modelOf = (question: ShakeQuestion, resolved: ResolvedSetUp = resolve(question), picks = USUAL_ENDS) => {
  const pose = poseStrut(
    resolved,
    poseRig(question.rig, SET_UP_STANCE_ID),
    poseRig(question.rig, question.actionStanceId),
  );
  return mountModel(resolved, pose, picks);
};
const stiff = (value: number) => ({ value, source: { kind: 'common practice' } }) as const;

describe('two coupled masses against the eigenvalue solver of mathjs', () => {
  it.each([
    [0.1, 2000, 0.2, 3000],
    [0.03, 900, 0.15, 60000],
    [0.5, 1e5, 0.05, 400],
    [0.2, 1500, 0.2, 1500],
  ])('m₁ %f kg on %f N/m, m₂ %f kg on %f N/m', (m1, k1, m2, k2) => {
    // M^-½·K·M^-½ is symmetric and has the same eigenvalues ω².
    const [a, b, c] = [(k1 + k2) / m1, -k2 / Math.sqrt(m1 * m2), k2 / m2];
    const { values } = eigs([
      [a, b],
      [b, c],
    ]);
    const expected = (values as number[]).map((w2) => Math.sqrt(w2) / (2 * Math.PI)).sort((x, y) => x - y);
    const modes = coupledModes(m1, k1, m2, k2);
    expect(modes[0].frequencyHz / expected[0]!).toBeCloseTo(1, 9);
    expect(modes[1].frequencyHz / expected[1]!).toBeCloseTo(1, 9);
    // One swings together, the other against.
    expect(modes[0].secondOverFirst).toBeGreaterThan(0);
    expect(modes[1].secondOverFirst).toBeLessThan(0);
  });
});

describe('a strut as springs in a row', () => {
  const onArm = shakeAt('mountain-bike', 'handlebar', { links: [link('long-arm', 0.2)] });

  it('an arm that alone gives, loaded at its very end, turns by 3/(2L) of what it gives (end-loaded cantilever, Roark)', () => {
    const resolved = resolve(onArm);
    const flat = { ...resolved.camera, bodyM: [0.034, -0.024, 0.07] as const };
    const pieces = chainPieces({ ...resolved, camera: flat }, USUAL_ENDS);
    const arm = pieces.find((p) => p.name === 'long arm')!;
    expect(arm.radPerN / arm.mPerN).toBeCloseTo(3 / (2 * 0.2), 9);
  });

  it('damping is that of the pieces by the energy they hold: one piece alone gives half its loss factor', () => {
    const [piece] = chainPieces(resolve(onArm), USUAL_ENDS);
    expect(chainSum([piece!]).dampingRatio).toBeCloseTo(piece!.loss / 2, 12);
    expect(chainSum([]).mPerN).toBe(0);
  });

  it('infinitely stiff, it passes on everything and turns nothing, at any frequency', () => {
    const resolved = resolve(shakeAt('mountain-bike', 'handlebar'));
    const solid = {
      ...resolved,
      base: { ...resolved.base, stiffnessNmRad: stiff(1e15) },
      head: { ...resolved.head, stiffnessNmRad: stiff(1e15) },
    };
    const { nod } = modelOf(shakeAt('mountain-bike', 'handlebar'), solid);
    for (const f of [1, 30, 400]) {
      expect(magnitude(nod.gain(f).follows)).toBeCloseTo(1, 6);
      expect(magnitude(nod.gain(f).turnPerM)).toBeLessThan(1e-6);
    }
  });

  it('without any mass to move it follows too', () => {
    const resolved = resolve(onArm);
    const light = {
      ...resolved,
      camera: { ...resolved.camera, massKg: stiff(1e-12) },
      head: { ...resolved.head, massKg: stiff(0) },
      links: resolved.links.map((l) => ({ ...l, definition: { ...l.definition, massKg: stiff(0) } })),
    };
    const { nod } = modelOf(onArm, light);
    expect(magnitude(nod.gain(100).follows)).toBeCloseTo(1, 3);
  });

  it('follows slowly whatever it is made of, and stays behind far above its swing', () => {
    for (const links of [
      [],
      [link('long-arm', 0.3)],
      [link('damper-plate', 0.04)],
      [link('long-arm', 0.2), link('soft-grommets', 0.02)],
    ]) {
      const { nod, sideways } = modelOf(shakeAt('mountain-bike', 'handlebar', { links }));
      for (const side of [nod, sideways]) {
        expect(magnitude(side.gain(0.01).follows)).toBeCloseTo(1, 3);
        expect(magnitude(side.gain(30 * side.modes[0]!.frequencyHz).follows)).toBeLessThan(0.2);
      }
    }
  });

  it('a damper behind an arm swings in two modes, at which the strut answers most', () => {
    const { nod } = modelOf(
      shakeAt('mountain-bike', 'handlebar', { links: [link('long-arm', 0.1), link('damper-plate', 0.04)] }),
    );
    expect(nod.modes.map((m) => m.coupled)).toEqual(['together', 'against']);
    const first = nod.modes[0]!.frequencyHz;
    const answer = (f: number) => magnitude(nod.gain(f).follows);
    expect(answer(first)).toBeGreaterThan(1.5);
    expect(answer(first)).toBeGreaterThan(answer(first * 0.6));
    expect(answer(first)).toBeGreaterThan(answer(first * 1.6));
  });
});

describe('facts of the trade (common practice, no source)', () => {
  const slowest = (question: ShakeQuestion) => mountModes(modelOf(question))[0]!;
  const bars = (links: ReturnType<typeof link>[], over = {}) =>
    shakeAt('mountain-bike', 'handlebar', { links, ...over });

  it('a camera that hangs from its rubbers swings slower and longer than one that stands on them', () => {
    const grommets = [link('soft-grommets', 0.02)];
    const standing = slowest(shakeAt('multirotor', 'nose', { links: grommets }));
    const hanging = slowest(shakeAt('multirotor', 'belly', { links: grommets }));
    expect(hanging.frequencyHz).toBeLessThan(0.85 * standing.frequencyHz);
    expect(hanging.dampingRatio).toBeLessThan(0.8 * standing.dampingRatio);
  });

  it('a camera sags into its damper by m·g/k, twice as far hanging; without a damper not at all', () => {
    const sag = (spotId: string, links: ReturnType<typeof link>[]) =>
      modelOf(shakeAt('multirotor', spotId, { links })).sagM;
    const standing = sag('nose', [link('soft-grommets', 0.02)]);
    const { massKg } = modelOf(shakeAt('multirotor', 'nose', { links: [link('soft-grommets', 0.02)] }));
    expect(standing).toBeCloseTo((massKg * 9.80665) / 1400, 9);
    expect(sag('belly', [link('soft-grommets', 0.02)])).toBeCloseTo(2 * standing, 9);
    expect(sag('nose', [])).toBe(0);
  });

  it('a heavier camera on the same damper swings slower', () => {
    const thumb = slowest(bars([link('damper-plate', 0.04)], { cameraId: 'thumb-camera', modeId: 'wide' }));
    const cage = slowest(
      bars([link('damper-plate', 0.04)], { cameraId: 'cage-camera', modeId: 'wide', stabiliserId: 'off' }),
    );
    expect(cage.frequencyHz).toBeLessThan(0.5 * thumb.frequencyHz);
  });

  it('a tight strap is stiffer than a loose one, and the words name the piece that gives', () => {
    const chest = (fastening: 'tight' | 'usual' | 'loose') => shakeAt('mountain-bike', 'chest', { fastening });
    const [tight, usual, loose] = (['tight', 'usual', 'loose'] as const).map((f) => slowest(chest(f)).frequencyHz);
    expect(tight).toBeGreaterThan(usual!);
    expect(loose).toBeLessThan(0.8 * usual!);
    const question = bars([link('long-arm', 0.3)]);
    expect(modeWords(resolve(question), slowest(question))).toMatch(
      /^the 300 mm long arm swings (up and down|sideways) at about [\d.]+ Hz$/,
    );
  });

  it('stiffer figures never swing slower, softer never faster', () => {
    const question = bars([link('stand-off-hook', 0.03), link('long-arm', 0.2)]);
    const at = (stiffness: typeof atLow) =>
      mountModes(modelOf(question, resolve(question), { ...USUAL_ENDS, stiffness }))[0]!.frequencyHz;
    expect(at(atLow)).toBeLessThan(slowest(question).frequencyHz);
    expect(at(atHigh)).toBeGreaterThan(slowest(question).frequencyHz);
  });
});

import { EigenvalueDecomposition } from 'ml-matrix';
import { link, shakeAt } from '../../../../testing/shakes';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import { poseRig } from '../../../posing/rig/poseRig';
import { poseStrut } from '../../../posing/strut/kinematics';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import { magnitude } from '../../../mathematics/spectra/complex';
import { atHigh, atLow } from '../../../words/sourced/ends';
import { USUAL_ENDS } from '../ends/rangeEnds';
import type { ShakeQuestion } from '../whole/shakeScene';
import { chainPieces, chainSum } from './chain';
import { gainsOf, swingsOf, type Stage } from './bodies';
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

/** A piece that only shears, one that only tips, with the body's middle a lever beyond. */
const isolator = (stiffnessNM: number, tippingNmRad: number, leverM: number, loss = 0) => ({
  name: 'isolator',
  kind: 'damper' as const,
  link: 0,
  awayM: leverM,
  mPerN: 1 / stiffnessNM + leverM ** 2 / tippingNmRad,
  radPerN: leverM / tippingNmRad,
  radPerNm: 1 / tippingNmRad,
  loss,
});
const single = (leverM: number, loss = 0): Stage[] => [
  { pieces: [isolator(2000, 3, leverM, loss)], body: { massKg: 0.2, inertiaKgM2: 1.2e-4 }, leverM },
];

/** Of a stiffness weighed by masses, Hz, the slowest first. */
const frequencies = (weighed: number[][]): number[] =>
  new EigenvalueDecomposition(weighed).realEigenvalues.map((w2) => Math.sqrt(w2) / (2 * Math.PI)).sort((a, b) => a - b);

describe('rigid bodies on springs', () => {
  it.each([0, 0.01, 0.04])(
    'one of them, its middle %f m off the elastic centre: K = [[k, kz], [kz, kθ + kz²]] by the eigenvalue solver of ml-matrix',
    (z) => {
      const [m, j, k, kt] = [0.2, 1.2e-4, 2000, 3];
      const coupled = -(k * z) / Math.sqrt(m * j);
      const expected = frequencies([
        [k / m, coupled],
        [coupled, (kt + k * z ** 2) / j],
      ]);
      const swings = swingsOf(single(z));
      swings.forEach(({ frequencyHz }, i) => expect(frequencyHz / expected[i]!).toBeCloseTo(1, 9));
    },
  );

  it('two in a row by the same, the upper 5 cm over the lower, neither off its elastic centre', () => {
    const [m1, j1, k1, t1] = [0.05, 2e-5, 9000, 20];
    const [m2, j2, k2, t2] = [0.2, 1.2e-4, 2000, 3];
    const h = 0.05;
    // x₁, θ₁, x₂, θ₂; the upper is stretched by x₂ − x₁ − hθ₁.
    const stiffness = [
      [k1 + k2, k2 * h, -k2, 0],
      [k2 * h, t1 + t2 + k2 * h ** 2, -k2 * h, -t2],
      [-k2, -k2 * h, k2, 0],
      [0, -t2, 0, t2],
    ];
    const masses = [m1, j1, m2, j2];
    const expected = frequencies(stiffness.map((row, i) => row.map((x, l) => x / Math.sqrt(masses[i]! * masses[l]!))));
    const swings = swingsOf([
      { pieces: [isolator(k1, t1, 0)], body: { massKg: m1, inertiaKgM2: j1 }, leverM: 0.02 },
      { pieces: [isolator(k2, t2, 0)], body: { massKg: m2, inertiaKgM2: j2 }, leverM: h },
    ]);
    swings.forEach(({ frequencyHz }, i) => expect(frequencyHz / expected[i]!).toBeCloseTo(1, 8));
  });

  it('on its elastic centre a movement turns nothing; off it the more the further; slowly all goes along', () => {
    const turn = (z: number, f: number) => magnitude(gainsOf(single(z))(f).turnPerM);
    expect(turn(0, 12)).toBe(0);
    expect(turn(0.04, 8)).toBeGreaterThan(2 * turn(0.01, 8));
    const { follows, turnPerM, movesPerRad, turnPerRad } = gainsOf(single(0.03))(0.001);
    expect([follows, turnPerM, movesPerRad, turnPerRad].map(magnitude)).toEqual([
      expect.closeTo(1, 6),
      expect.closeTo(0, 6),
      expect.closeTo(0.03, 6),
      expect.closeTo(1, 6),
    ]);
  });

  it('far above its swings movement and turn die away as f⁻²', () => {
    const at = gainsOf(single(0.03, 0.2));
    for (const which of ['follows', 'turnPerM', 'movesPerRad', 'turnPerRad'] as const) {
      expect(magnitude(at(2e4)[which]) / magnitude(at(1e4)[which])).toBeLessThan(0.251);
    }
  });

  it('at its frequency a body on its elastic centre answers with √(1 + η²)/η', () => {
    const stages = single(0, 0.2);
    const slide = Math.sqrt(2000 / 0.2) / (2 * Math.PI);
    expect(magnitude(gainsOf(stages)(slide).follows)).toBeCloseTo(Math.sqrt(1 + 0.2 ** 2) / 0.2, 9);
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
    expect(nod.modes.map((m) => m.coupled)).toEqual(['together', 'together', 'against']);
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

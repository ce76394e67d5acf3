import { DIRECTIONS } from '../../mathematics/geometry/evenDirections';
import fc from 'fast-check';
import { link, shakeAt } from '../../../testing/shakes';
import { add, cross, length, scale, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig } from '../../posing/rig/poseRig';
import { poseStrut } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { DRAG, dragN, standardAir, WATER_KG_M3 } from './loads/atmosphere';
import { contactShare, padStressPa, wetted } from './grips/adhesive';
import { gripLimits } from './grips/gripLimits';
import type { GripConditions } from './grips/letGo';
import { pressed } from './grips/pressed';
import { screwForceN } from './grips/screwed';
import { vacuumShare } from './grips/suction';
import { interfacesOf, loadAt, loadedPieces, loadsBeyond, pieceForces, type LoadEnvelope } from './loads/loads';
import { enduranceMinutes, handMinutes } from './handMinutes';
import { noTetherWithinM, tetherLimitM, tetherLoadN } from './tether/tether';

describe('standard atmosphere (ISO 2533; U.S. Standard Atmosphere 1976, tables)', () => {
  it.each([
    [0, 101325, 1.225],
    [1000, 89874.6, 1.11164],
    [2000, 79495.2, 1.00649],
    [3000, 70108.5, 0.909122],
    [5000, 54019.9, 0.736116],
  ])('%d m: %f Pa, %f kg/m³', (altitude, pressure, density) => {
    const air = standardAir(altitude);
    expect(Math.abs(air.pressurePa / pressure - 1)).toBeLessThan(2e-5);
    expect(Math.abs(air.densityKgM3 / density - 1)).toBeLessThan(2e-5);
  });

  it('refuses what it does not cover', () => expect(() => standardAir(12000)).toThrow(/12000 is outside/));
});

it('drag: a cube of 5 cm at 100 km/h meets 1.24 N (½ρv²·C_d·A, Hoerner’s 1.05); water drags 837 times as much as air at one speed', () => {
  expect(dragN(1.225, 100 / 3.6, DRAG.cube, 0.0025)).toBeCloseTo(0.5 * 1.225 * 27.778 ** 2 * 1.05 * 0.0025, 3);
  expect(dragN(WATER_KG_M3.sea, 5, 1, 1) / dragN(1.225, 5, 1, 1)).toBeCloseTo(1025 / 1.225, 6);
  expect(dragN(1.225, 0, 1, 1)).toBe(0);
});

it('a screw of 10 mm drawn with 20 N·m clamps with 10 kN: F = T/(K·d), K = 0.2 (Shigley’s Mechanical Engineering Design, from memory)', () => {
  expect(screwForceN(20, 0.01)).toBeCloseTo(10_000, 6);
});

describe('a base that is pressed on', () => {
  const none = { pullN: 0, shearN: 0, tipNm: 0, twistNm: 0 };
  const at = (mode: string, limits: ReturnType<typeof pressed>) => limits.find((l) => l.mode === mode)!;

  it('lifts when pull and couple outweigh the press (statics): 60 N on a half width of 3 cm hold 1.8 N·m, or 30 N and 0.9 N·m', () => {
    expect(at('lifts off', pressed({ ...none, tipNm: 1.8 }, 60, 0.03, 0.5)).demand).toBeCloseTo(60, 9);
    expect(at('lifts off', pressed({ ...none, pullN: 30, tipNm: 0.9 }, 60, 0.03, 0.5)).demand).toBeCloseTo(60, 9);
  });

  it('slides at what friction the pull leaves', () => {
    expect(at('slides', pressed({ ...none, pullN: 20 }, 60, 0.03, 0.5)).limit).toBeCloseTo(20, 9);
    expect(at('slides', pressed({ ...none, pullN: 80 }, 60, 0.03, 0.5)).limit).toBe(0);
  });
});

describe('suction', () => {
  const cup = {
    kind: 'suction',
    cups: 1,
    cupRadiusM: { value: 0.04, source: { kind: 'common practice' } },
    spacingM: 0,
  } as const;
  const three = { ...cup, cups: 3, spacingM: 0.16 };
  const glass: GripConditions = {
    surface: { material: 'glass', shape: 'flat' },
    state: 'clean',
    pressurePa: 101325,
    putOn: { pressurePa: 101325, temperatureC: 15 },
    curedH: 0,
    temperatureC: 15,
    alongTube: 0,
    hours: 0,
    weightN: 2,
    leverM: 0.06,
  };
  const pull = { pullN: 10, shearN: 0, tipNm: 0, twistNm: 0 };
  const first = (c: GripConditions, grip: typeof cup | typeof three = cup, load = pull) =>
    gripLimits(grip as typeof cup, load, c)[0]!;

  it('80 mm, four tenths of the air left: by where it was pressed on (ideal gas; pressures of ISO 2533; worked by hand)', () => {
    const at = (altitudeM: number, putOnM = altitudeM, temperatureC = 15) =>
      first({
        ...glass,
        temperatureC,
        pressurePa: standardAir(altitudeM).pressurePa,
        putOn: { pressurePa: standardAir(putOnM).pressurePa, temperatureC: 15 },
      }).limit;
    expect(at(0)).toBeCloseTo(305.6, 1);
    expect(at(3000, 0)).toBeCloseTo(148.7, 1);
    expect(at(3000)).toBeCloseTo(211.4, 1);
    expect(at(5000, 0)).toBeCloseTo(67.8, 1);
    expect(at(0, 0, 40)).toBeCloseTo(287.9, 1);
    // Taken higher still, the air that is left pushes it off.
    expect(at(8000, 0)).toBe(0);
  });

  it('two cups and more carry a moment as a couple, by its direction (statics)', () => {
    const load = { ...pull, pullN: 0, tipNm: 4.8 };
    const over = (aboutAheadNm: number, aboutAsideNm: number) => ({ ...load, tips: { aboutAheadNm, aboutAsideNm } });
    const two = { ...cup, cups: 2, spacingM: 0.12 };
    expect(first(glass, two as never, over(0, 4.8)).demand).toBeCloseTo(4.8 / 0.12, 9);
    // Over the line of the two each is held by its own rim alone.
    expect(first(glass, two as never, over(4.8, 0)).demand).toBeCloseTo(2 * (2.4 / 0.02), 9);
    // Onto two of three: each a half of the couple over the triangle's height; onto one: all of it.
    const heightM = (0.16 * Math.sqrt(3)) / 2;
    expect(first(glass, three, over(0, 4.8)).demand).toBeCloseTo(4.8 / heightM, 9);
    expect(first(glass, three, over(0, -4.8)).demand).toBeCloseTo(4.8 / heightM / 2, 9);
    expect(first(glass, three, over(4.8, 0)).demand).toBeCloseTo(4.8 / 0.16, 9);
    expect(first(glass, three, load).demand).toBeCloseTo(4.8 / heightM, 9);
    // One leaks once its edge is unloaded: the kern of a circle is a quarter of its radius (any text on eccentric loads).
    expect(first(glass, cup, load).demand).toBeCloseTo(4.8 / 0.01, 9);
  });

  it('dust, texture and hours take from it; on cloth there is none', () => {
    for (const state of ['dusty', 'wet', 'textured'] as const)
      expect(first({ ...glass, state }).limit).toBeLessThan(first(glass).limit);
    expect(first({ ...glass, hours: 5 }).limit).toBeLessThan(first(glass).limit);
    expect(vacuumShare({ material: 'fabric', shape: 'flat' }, 'clean')).toBe(0);
  });
});

describe('adhesive', () => {
  it('an eccentric load: 10 N that tips with 0.1 N·m on a pad of 50 × 36 mm: σ = N/A + M/W = 5.56 + 9.26 kPa (Shigley, combined stress)', () => {
    const { normal } = padStressPa({ pullN: 10, shearN: 0, tipNm: 0.1, twistNm: 0 }, 0.05, 0.036);
    expect(normal).toBeCloseTo(10 / 0.0018 + 0.1 / ((0.05 * 0.036 ** 2) / 6), 6);
    expect(normal / 1e3).toBeCloseTo(14.81, 2);
  });

  it('half of its hold after 20 minutes, nine tenths after a day, all but a twentieth after three (makers’ sheets of foam tapes, from memory)', () => {
    const warm = (hours: number) => wetted(21, hours) / wetted(21, 1e6);
    expect(warm(1 / 3)).toBeCloseTo(0.5, 1);
    expect(warm(24)).toBeCloseTo(0.9, 1);
    expect(warm(72)).toBeGreaterThan(0.93);
    expect(wetted(21, 0)).toBe(0);
  });

  it('cold and time count without a step, each more never less', () => {
    for (let c = -20; c < 45; c++) {
      for (const hours of [0.5, 3, 24]) {
        expect(wetted(c + 1, hours)).toBeGreaterThan(wetted(c, hours));
        expect(wetted(c + 1, hours) - wetted(c, hours)).toBeLessThan(0.06);
        expect(wetted(c, hours + 1)).toBeGreaterThan(wetted(c, hours));
      }
    }
  });

  it('a flat pad touches a tight curve along a strip only: the chord of a circle whose sagitta is the foam’s half', () => {
    // s = w²/(8R): R = 0.12 m and s = 0.55 mm give w = 23 mm.
    expect(contactShare(0.036, 0.0011, 0.12) * 0.036).toBeCloseTo(Math.sqrt(8 * 0.12 * 0.00055), 6);
    expect(contactShare(0.036, 0.0011, 100)).toBe(1);
  });
});

describe('a tether', () => {
  it('catches what fell its length with W(1 + √(1 + 2K/W)): the energy of the fall is that of the stretch', () => {
    const [mass, stretch, lengthM] = [0.17, 6000, 0.4];
    const force = tetherLoadN(mass, stretch);
    const x = (force * lengthM) / stretch;
    expect(mass * 9.80665 * (lengthM + x)).toBeCloseTo((force * x) / 2, 9);
    expect(tetherLoadN(mass, 0)).toBeCloseTo(2 * mass * 9.80665, 9);
  });

  it('beside something that turns is short, or not at all', () => {
    expect(tetherLimitM(0.5, 0.07)).toBeCloseTo(0.33, 9);
    expect(tetherLimitM(0.12, 0.07)).toBeNull();
    for (const cameraM of [0.03, 0.07, 0.15]) {
      expect(tetherLimitM(noTetherWithinM(cameraM) - 1e-6, cameraM)).toBeNull();
      expect(tetherLimitM(noTetherWithinM(cameraM) + 1e-6, cameraM)).toBeCloseTo(0.1, 5);
    }
  });
});

describe('every free body is in balance', () => {
  const envelope: LoadEnvelope = {
    airMps: 25,
    airKgM3: 1.2,
    pressurePa: 1e5,
    waterMps: 0,
    wetShare: 1,
    accelerationMS2: 60,
    sheltered: false,
  };

  it('what an interface hands on is what the next one takes, and the surface’s answer closes the sum (to 1e-9)', () => {
    const question = shakeAt('buggy', 'cage-front', {
      links: [link('stand-off-hook', 0.03), link('long-arm', 0.25, 50)],
    });
    const resolved = resolveSetUp(question.rig, question.setUp);
    const pose = poseStrut(resolved, poseRig(question.rig, SET_UP_STANCE_ID), poseRig(question.rig, 'cruise'));
    const pieces = loadedPieces(resolved, pose);
    const faces = interfacesOf(resolved, pose);
    fc.assert(
      fc.property(fc.constantFrom(...DIRECTIONS), fc.constantFrom(...DIRECTIONS), (acceleration, flow) => {
        const forces = pieceForces(pieces, envelope, acceleration, flow);
        for (let i = 0; i < faces.length; i++) {
          const [below, above] = [faces[i]!, faces[i + 1]];
          const own = below.beyond.filter((k) => !above?.beyond.includes(k));
          const mine = loadAt(below, pieces, forces);
          const next = above ? loadAt(above, pieces, forces) : { force: [0, 0, 0] as Vec3, moment: [0, 0, 0] as Vec3 };
          const between = above ? subtract(above.at, below.at) : ([0, 0, 0] as Vec3);
          // Own loads + what comes from beyond − what the interface below gives.
          const force = own.reduce((sum, k) => add(sum, forces[k]!), subtract(next.force, mine.force));
          const moment = own.reduce(
            (sum, k) => add(sum, cross(subtract(pieces[k]!.at, below.at), forces[k]!)),
            subtract(add(next.moment, cross(between, next.force)), mine.moment),
          );
          expect(length(force)).toBeLessThan(1e-9);
          expect(length(moment)).toBeLessThan(1e-9);
          const quick = loadsBeyond(below, pieces, envelope)(acceleration, flow);
          expect(length(subtract(quick.force, mine.force))).toBeLessThan(1e-9);
          expect(length(subtract(quick.moment, mine.moment))).toBeLessThan(1e-9);
        }
        const total = pieces.reduce((sum, _, k) => add(sum, forces[k]!), [0, 0, 0] as Vec3);
        expect(length(subtract(total, loadAt(faces[0]!, pieces, forces).force))).toBeLessThan(1e-9);
        expect(length(scale(total, 1))).toBeGreaterThan(0);
      }),
      { numRuns: 20, seed: 3 },
    );
  });
});

describe('a pair of rails between two plates', () => {
  const grip = {
    kind: 'rails',
    screwNm: { value: 0.8, source: { kind: 'common practice' } },
    screwM: 0.004,
    gaugeM: 0.044,
    lengthM: 0.03,
  } as const;
  const none = { pullN: 0, shearN: 0, tipNm: 0, twistNm: 0 };
  const at = (mode: RegExp, load = none, material: 'rail' | 'carbon' = 'rail') =>
    gripLimits(grip, load, {
      surface: { material, shape: 'rail', tubeDiameterM: 0.007 },
      state: 'clean',
      pressurePa: 101325,
      putOn: { pressurePa: 101325, temperatureC: 15 },
      curedH: 24,
      temperatureC: 20,
      alongTube: 0,
      hours: 3,
      weightN: 2,
      leverM: 0.1,
    } satisfies GripConditions).find((l) => mode.test(l.mode))!;

  it('an M4 drawn with 0.8 N·m presses with 1 kN: opened by 15 N·m over the half of 30 mm, or by 400 N and 9 N·m (statics)', () => {
    expect(at(/rocks/).limit).toBeCloseTo(1000, 6);
    expect(at(/rocks/, { ...none, tipNm: 15 }).demand).toBeCloseTo(1000, 6);
    expect(at(/rocks/, { ...none, pullN: 400, tipNm: 9 }).demand).toBeCloseTo(1000, 6);
  });

  it('slides against both plates, less what the pull takes; carbon is drawn less', () => {
    const free = at(/slides/).limit;
    expect(at(/slides/, { ...none, pullN: 1000 }).limit).toBeCloseTo(free / 2, 6);
    expect(at(/twists/).limit).toBeCloseTo((free * 0.044) / 2, 6);
    expect(at(/slides/, none, 'carbon').limit).toBeCloseTo(0.6 * free, 6);
  });
});

describe('a hand that holds it out', () => {
  it('half of the greatest force lasts about a minute, a fifth six, a seventh a quarter of an hour (Rohmert 1960, from memory)', () => {
    expect(enduranceMinutes(0.5)).toBeCloseTo(1.1, 6);
    expect(enduranceMinutes(0.2)).toBeCloseTo(6.5, 6);
    expect(enduranceMinutes(0.15)).toBe(15);
    expect(enduranceMinutes(0)).toBe(15);
    expect(enduranceMinutes(1.2)).toBe(0);
  });

  it('never lasts longer with more', () => {
    let before = Infinity;
    for (let share = 0; share <= 1.1; share += 0.01) {
      expect(enduranceMinutes(share)).toBeLessThanOrEqual(before);
      before = enduranceMinutes(share);
    }
    const grip = { kind: 'hand', forceN: { value: 80, source: { kind: 'common practice' } }, widthM: 0.08 } as const;
    expect(handMinutes(grip, { pullN: 0, shearN: 0, tipNm: 3.2, twistNm: 0 })).toBeCloseTo(1.1, 6);
  });
});

/** Facts of the trade as outcomes of the whole model. Each is common practice, no source, unless it says otherwise. */
import fc from 'fast-check';
import { BASES, CAMERAS, LINKS } from '../../../../catalog/index.generated';
import { link, shakeAt } from '../../../../testing/shakes';
import { advisedReport } from '../../../judging/advice/advisedReport';
import { schoolsOf } from '../../../judging/advice/schools';
import { placedSpots } from '../../../posing/rig/spots';
import { knownMachines, resolveRig } from '../../../posing/lookup/resolveRig';
import { baseRefusal } from '../../../posing/strut/baseRefusal';
import { landingOf } from './landing';
import { leftOf, steadinessOf } from '../picture/stabiliser';
import { atHigh, atLow, usual } from '../../../words/sourced/ends';
import { USUAL_ENDS } from '../ends/rangeEnds';
import { groundsFor } from '../../../posing/lookup/grounds';
import { shakeIn, shakeOf } from './shakeOf';
import { shakeScene, type ShakeQuestion } from './shakeScene';
import { flipping } from '../mount/play';
import { shakeRanges } from './shakeRange';
import { engineSweep, speedSweep, worstOf } from './sweeps';
import { figureVerdict, unsteadiness } from '../figures/figures';

const trouble = (question: ShakeQuestion) => unsteadiness(shakeOf(question));
const rough = { groundId: 'rooty-trail', speedMps: 6.5 };
const STANDARD = { stabiliserId: 'standard' };
/** What the strut adds to what its base does, pixels. */
const added = (question: ShakeQuestion) => {
  const { totalPx, stiffPx } = shakeOf(question);
  return Math.sqrt(Math.max(0, totalPx ** 2 - stiffPx ** 2));
};

describe('on a rough trail by mountain bike', () => {
  it.each([[{}], [STANDARD]])('the head is steadier than the chest, the chest than the frame (%o)', (over) => {
    const at = (spotId: string) => trouble(shakeAt('mountain-bike', spotId, over, rough));
    expect(at('helmet-top')).toBeLessThan(at('chest'));
    expect(at('chin-bar')).toBeLessThan(at('chest'));
    expect(at('chest')).toBeLessThan(at('head-tube-side'));
    expect(at('chest')).toBeLessThan(at('handlebar'));
  });

  it('a phone on the bars is unusable where the cube camera with its stabiliser gets through', () => {
    const ground = { groundId: 'hard-pack', speedMps: 5 };
    const phone = shakeOf(
      shakeAt('mountain-bike', 'handlebar', { cameraId: 'phone', modeId: 'main', stabiliserId: 'standard' }, ground),
    );
    const cube = shakeOf(shakeAt('mountain-bike', 'handlebar', STANDARD, ground));
    expect(figureVerdict('jelly', phone.jelly)).toBe('stop');
    expect(figureVerdict('jelly', cube.jelly)).not.toBe('stop');
    expect(figureVerdict('jump', cube.jump)).not.toBe('stop');
    expect(unsteadiness(phone)).toBeGreaterThan(5 * unsteadiness(cube));
  });

  it('a loose chest strap is worse than a tight one', () => {
    const chest = (fastening: 'tight' | 'loose') => trouble(shakeAt('mountain-bike', 'chest', { fastening }, rough));
    expect(chest('loose')).toBeGreaterThan(2 * chest('tight'));
  });

  it('taking out the stand-off hook helps', () => {
    const onHook = shakeAt('mountain-bike', 'handlebar', { links: [link('stand-off-hook', 0.03)] }, rough);
    expect(trouble(onHook)).toBeGreaterThan(1.5 * trouble(shakeAt('mountain-bike', 'handlebar', {}, rough)));
    const asked = { ...onHook, intentId: 'clear-ahead', horizonAt: null };
    expect(advisedReport(asked, { only: ['steady'] }).mends.map((m) => m.id)).toContain('without-0');
  });

  it('a landing from a drop swings a long arm further than a short one', () => {
    const swing = (lengthM: number) => {
      const scene = shakeScene(
        shakeAt('mountain-bike', 'chest', { links: [link('long-arm', lengthM)] }, { ...rough, dropM: 0.8 }),
      );
      return landingOf(shakeAt('mountain-bike', 'chest').rig, scene, shakeIn(scene))!;
    };
    expect(swing(0.24).swingPx).toBeGreaterThan(1.3 * swing(0.12).swingPx);
    expect(swing(0.12).peakG).toBeGreaterThan(2);
    const flat = shakeScene(shakeAt('mountain-bike', 'chest', {}, rough));
    expect(landingOf(shakeAt('mountain-bike', 'chest').rig, flat, shakeIn(flat))).toBeNull();
  });
});

it.each(['coupe', 'buggy', 'four-by-four'])(
  'doubling the arm on a %s makes what the strut adds much worse',
  (machineId) => {
    const spot = machineId === 'buggy' ? 'cage-front' : 'bonnet';
    const at = (lengthM: number) => added(shakeAt(machineId, spot, { links: [link('long-arm', lengthM, 60)] }));
    expect(at(0.24)).toBeGreaterThan(1.7 * at(0.12));
  },
);

it('above the front axle of a car it is smoother than on the tail’s overhang', () => {
  for (const [machineId, tail] of [
    ['coupe', 'rear-bumper'],
    ['four-by-four', 'spare-wheel'],
  ] as const) {
    const at = (spotId: string) =>
      shakeOf(shakeAt(machineId, spotId, {}, { groundId: 'patched-asphalt' })).accelerationMS2;
    expect(at(tail)).toBeGreaterThan(1.3 * at('bonnet'));
  }
});

it('grey glass turns jelly into blur, and together they stay', () => {
  const at = (ndStops: number) => shakeOf(shakeAt('road-bike', 'handlebar', { ndStops }, { groundId: 'setts' }));
  const [bare, dark] = [at(0), at(6)];
  expect(dark.jelly).toBeLessThan(bare.jelly);
  expect(dark.blur).toBeGreaterThan(3 * bare.blur);
  for (const shake of [bare, dark]) {
    expect(Math.hypot(shake.jump, shake.jelly, shake.blur) / shake.totalPx).toBeCloseTo(1, 1);
  }
});

describe('the schools on a small multirotor', () => {
  const carrying = (spotId: string) =>
    shakeAt('multirotor', spotId, { cameraId: 'thumb-camera', modeId: 'wide', baseId: 'screw-plate' });

  it('soft grommets that the camera hangs from are worse than locked solid', () => {
    const { locked, halfMeasure } = schoolsOf(carrying('belly'));
    expect(halfMeasure.unsteadiness).toBeGreaterThan(1.4 * locked.unsteadiness);
  });

  it('stiff ones in compression come out about equal', () => {
    const { winner } = schoolsOf(carrying('nose'));
    expect(winner).toBe('about equal');
  });
});

describe('stabilisers', () => {
  const strong = CAMERAS.find((c) => c.id === 'cube-camera')!.stabilisers.find((s) => s.id === 'strong')!;
  const gimbal = CAMERAS.find((c) => c.gimbal)!.gimbal!;

  it('one in a gimbal adds little to the gimbal’s own', () => {
    const walk = shakeAt('longboard', 'hand', { cameraId: 'pocket-gimbal', modeId: 'wide', stabiliserId: 'off' });
    const off = {
      ...walk,
      setUp: { ...walk.setUp, modeId: CAMERAS.find((c) => c.id === 'pocket-gimbal')!.modes[0]!.id },
    };
    const extra = { ...off, setUp: { ...off.setUp, stabiliserId: 'extra' } };
    const bare = shakeAt('longboard', 'hand');
    const saved = trouble(bare) - trouble(off);
    expect(saved).toBeGreaterThan(0);
    expect(trouble(off) - trouble(extra)).toBeLessThan(0.25 * saved);
  });

  it('leaves slow and fast movement, little of what lies between, and never less than nothing', () => {
    const { steadies } = strong;
    expect(leftOf(steadies!, 0.01, usual)).toBeCloseTo(1, 2);
    expect(leftOf(steadies!, 2, usual)).toBeLessThan(0.1);
    expect(leftOf(steadies!, 200, usual)).toBeCloseTo(1, 1);
    const none = steadinessOf({ name: 'Off', crop: strong.crop }, undefined, 60, usual);
    expect(none.before(3) * none.after(3)).toBe(1);
    expect(steadinessOf(strong, gimbal, 60, usual).levels.map((l) => l.name)).toEqual([
      'the gimbal',
      'the stabiliser (strong)',
    ]);
  });

  it('runs out where slow movement outgrows its crop, and then leaves more', () => {
    const bars = (groundId: string) =>
      shakeOf(shakeAt('mountain-bike', 'head-tube-side', STANDARD, { ...rough, groundId }));
    expect(bars('rock-garden').runsOut!.neededDeg).toBeGreaterThan(bars('rock-garden').runsOut!.reachDeg);
    expect(bars('hard-pack').runsOut).toBeNull();
    const off = (groundId: string) =>
      shakeOf(shakeAt('mountain-bike', 'head-tube-side', {}, { ...rough, groundId })).jump;
    expect(bars('rock-garden').jump / off('rock-garden')).toBeGreaterThan(
      1.5 * (bars('hard-pack').jump / off('hard-pack')),
    );
  });
});

it('there is a worst speed: corrugations meet a resonance, slower and faster are better', () => {
  const washboard = shakeAt(
    'four-by-four',
    'bonnet',
    { links: [link('long-arm', 0.2, 60)] },
    { groundId: 'washboard', speedMps: 9 },
  );
  const sweep = speedSweep(washboard);
  const worst = worstOf(sweep)!;
  expect(worst.at).toBeGreaterThan(sweep[0]!.at);
  expect(worst.at).toBeLessThan(sweep.at(-1)!.at);
  expect(worst.unsteadiness).toBeGreaterThan(1.3 * sweep[0]!.unsteadiness);
  expect(speedSweep(shakeAt('beside-the-course', 'tripod'))).toEqual([]);
});

it('there is a worst engine speed: its order meets the swing of the strut; where nothing turns there is none', () => {
  const sweep = engineSweep(shakeAt('motorcycle', 'handlebar', {}, { groundId: 'smooth-asphalt' }));
  const worst = worstOf(sweep)!;
  const quietest = Math.min(...sweep.map((s) => s.unsteadiness));
  expect(worst.unsteadiness).toBeGreaterThan(1.15 * quietest);
  expect(sweep.at(-1)!.at / sweep[0]!.at).toBeCloseTo(4, 6);
  expect(engineSweep(shakeAt('mountain-bike', 'handlebar'))).toEqual([]);
});

it('a camera on a tripod beside the course is steady', () => {
  const { jump, jelly, blur } = shakeOf(shakeAt('beside-the-course', 'tripod'));
  expect([figureVerdict('jump', jump), figureVerdict('jelly', jelly), figureVerdict('blur', blur)]).toEqual([
    'good',
    'good',
    'good',
  ]);
});

describe('monotone where physics says so', () => {
  const grounds = ['hard-pack', 'forest-track', 'rooty-trail', 'rock-garden'];
  it('rougher ground never shakes less, at any spot', () => {
    for (const spotId of ['chest', 'helmet-top', 'handlebar', 'boot']) {
      const px = grounds.map((groundId) => shakeOf(shakeAt('mountain-bike', spotId, {}, { groundId })).totalPx);
      expect(px).toEqual([...px].sort((a, b) => a - b));
    }
  });

  it('a longer exposure never has more jelly nor less blur; a slower readout never less jelly', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-4, max: 0.015, noNaN: true }),
        fc.double({ min: 1.05, max: 2, noNaN: true }),
        (shutterS, k) => {
          const [short, long] = [shutterS, shutterS * k].map((s) =>
            shakeOf(shakeAt('buggy', 'cage-side', { shutterS: s })),
          );
          expect(long!.jelly).toBeLessThanOrEqual(short!.jelly * 1.0001);
          expect(long!.blur).toBeGreaterThanOrEqual(short!.blur * 0.9999);
        },
      ),
      { numRuns: 8, seed: 4 },
    );
    const fast = shakeOf(shakeAt('buggy', 'cage-side', { modeId: 'action' }));
    expect(fast.jelly).toBeLessThan(shakeOf(shakeAt('buggy', 'cage-side')).jelly);
  });

  it('the ends of every range lie on both sides of the middle', () => {
    for (const question of [shakeAt('mountain-bike', 'chest', STANDARD), shakeAt('paramotor', 'cage-top')]) {
      const ranges = shakeRanges(question);
      const middle = shakeOf(question, { coarse: true });
      for (const figure of ['jump', 'jelly', 'blur'] as const) {
        expect(ranges[figure].low).toBeLessThan(middle[figure]);
        expect(ranges[figure].high).toBeGreaterThan(middle[figure]);
      }
    }
    const smooth = shakeOf(shakeAt('mountain-bike', 'handlebar'), { picks: { ...USUAL_ENDS, ground: atLow } });
    const rougher = shakeOf(shakeAt('mountain-bike', 'handlebar'), { picks: { ...USUAL_ENDS, ground: atHigh } });
    expect(rougher.totalPx).toBeGreaterThan(1.5 * smooth.totalPx);
  });

  it('slack falls over only when shaking outweighs gravity: P(|a| > g) of a normal distribution', () => {
    // Two-sided tail of the normal distribution at one and two standard deviations: 0.3173, 0.0455 (any table).
    expect(flipping(9.80665)).toBeCloseTo(0.3173, 4);
    expect(flipping(9.80665 / 2)).toBeCloseTo(0.0455, 4);
    expect(flipping(0)).toBe(0);
  });

  it('a third of the frequencies ranks as well as all of them', () => {
    for (const spotId of ['chest', 'handlebar', 'helmet-top', 'under-saddle']) {
      const question = shakeAt('mountain-bike', spotId, STANDARD);
      const [fine, coarse] = [shakeOf(question), shakeOf(question, { coarse: true })];
      expect(unsteadiness(coarse) / unsteadiness(fine)).toBeGreaterThan(0.8);
      expect(unsteadiness(coarse) / unsteadiness(fine)).toBeLessThan(1.25);
    }
  });
});

describe('finite for everything in the catalogue', () => {
  const finite = (question: ShakeQuestion) => {
    const { jump, jelly, blur, totalPx, accelerationMS2 } = shakeOf(question, { coarse: true });
    const figures = [jump, jelly, blur, totalPx, accelerationMS2];
    if (!figures.every((value) => Number.isFinite(value) && value >= 0)) expect(figures).toBe('figures');
  };

  it.each(knownMachines().map((m) => m.id))(
    '%s: every spot on every ground of its world, and all ends of its figures',
    (machineId) => {
      const { rig } = shakeAt(machineId, firstSpot(machineId));
      const { machine } = resolveRig(rig);
      for (const { spot } of placedSpots(rig)) {
        for (const ground of groundsFor(machine.world))
          finite(shakeAt(machineId, spot.id, {}, { groundId: ground.id }));
        for (const pick of [atLow, atHigh]) {
          const all = Object.fromEntries(Object.keys(USUAL_ENDS).map((k) => [k, pick])) as unknown as typeof USUAL_ENDS;
          expect(Number.isFinite(shakeOf(shakeAt(machineId, spot.id), { coarse: true, picks: all }).totalPx)).toBe(
            true,
          );
        }
      }
      finite(shakeAt(machineId, firstSpot(machineId), {}, { speedMps: 0 }));
      finite(
        shakeAt(machineId, firstSpot(machineId), {}, { speedMps: 120, rpm: 20000, dropM: 10, lightId: 'street-night' }),
      );
    },
  );

  it('every base, link and camera with all its modes and stabilisers', () => {
    for (const spotId of ['handlebar', 'chest', 'helmet-top']) {
      const { surface } = placedSpots(shakeAt('mountain-bike', spotId).rig).find((p) => p.spot.id === spotId)!.spot;
      for (const base of BASES.filter((b) => baseRefusal(b, surface) === null)) {
        for (const piece of LINKS) {
          finite(shakeAt('mountain-bike', spotId, { baseId: base.id, links: [link(piece.id, piece.lengthM.high)] }));
        }
      }
    }
    for (const camera of CAMERAS) {
      for (const mode of camera.modes) {
        for (const level of camera.stabilisers) {
          finite(
            shakeAt('motorcycle', 'helmet-side', { cameraId: camera.id, modeId: mode.id, stabiliserId: level.id }),
          );
        }
      }
    }
  });
});

function firstSpot(machineId: string): string {
  return { multirotor: 'nose', 'beside-the-course': 'tripod' }[machineId] ?? 'chest';
}

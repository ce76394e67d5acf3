/** Facts of the trade about holding and being in the way, as outcomes. Each is common practice, no source. */
import { BASES, CAMERAS, LINKS } from '../../../catalog/index.generated';
import { link, shakeAt } from '../../../testing/shakes';
import { advisedReport } from '../../judging/advice/advisedReport';
import { findingsOf } from '../../words/check/result';
import { foundBy, shotReport } from '../../judging/report/shotReport';
import { approaches } from '../clearance/strikes';
import { clearReport } from '../clearance/clearReport';
import { placedSpots } from '../../posing/rig/spots';
import { baseRefusal } from '../../posing/strut/baseRefusal';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { SetUp } from '../../words/setUp/setUp';
import { usualRide } from '../../posing/lookup/grounds';
import type { RideConditions } from '../../words/ride/rideConditions';
import { knownMachines, resolveRig } from '../../posing/lookup/resolveRig';
import { holdReport } from './holdReport';

const evaluated = (
  machineId: string,
  spotId: string,
  over: Partial<SetUp> = {},
  ride: Partial<RideConditions> = {},
  deep = false,
) => {
  const question = shakeAt(machineId, spotId, over, ride);
  return shotReport({ ...question, intentId: 'clear-ahead', horizonAt: null }, { columns: 16, quick: !deep });
};
const verdict = (report: ReturnType<typeof evaluated>, check: 'hold' | 'clear') =>
  report.checks.find((c) => c.check === check)!.verdict;
const finding = (report: ReturnType<typeof evaluated>, check: 'hold' | 'clear', id: RegExp) => {
  const found = report.checks.find((c) => c.check === check)!;
  return 'findings' in found ? found.findings.find((f) => id.test(f.id)) : undefined;
};
const margin = (...args: Parameters<typeof evaluated>) => foundBy(evaluated(...args), 'hold').weakest.margin;
const cage = { cameraId: 'cage-camera', modeId: 'wide', stabiliserId: 'off' };
const fast = { speedMps: 100 / 3.6, windMps: 5, groundId: 'worn-asphalt' };

describe('suction', () => {
  it('a cube camera on one clean cup inside a windscreen passes', () => {
    const report = evaluated('coupe', 'screen-inside', { baseId: 'suction-single' }, fast);
    expect(foundBy(report, 'hold').envelope.sheltered).toBe(true);
    expect(verdict(report, 'hold')).not.toBe('stop');
  });

  it('a cage camera on one cup outside at 100 km/h is stopped, and passes on three', () => {
    const one = evaluated('coupe', 'bonnet', { ...cage, baseId: 'suction-single' }, fast);
    expect(foundBy(one, 'hold').envelope.sheltered).toBe(false);
    expect(verdict(one, 'hold')).toBe('stop');
    expect(verdict(evaluated('coupe', 'bonnet', { ...cage, baseId: 'suction-triple' }, fast), 'hold')).not.toBe('stop');
  });

  it('outside an aircraft it is stopped whatever the margin, with what to do instead', () => {
    const report = evaluated('light-aircraft', 'strut', { baseId: 'suction-triple' });
    const stopped = finding(report, 'hold', /aircraft-outside-suction/)!;
    expect(stopped.verdict).toBe('stop');
    expect(`${stopped.label} ${stopped.because}`).toMatch(/fasten it physically.*licensed inspector/s);
    expect(finding(evaluated('light-aircraft', 'panel-top'), 'hold', /aircraft-outside-suction/)).toBeUndefined();
  });

  it('a long lever on a canopy is stopped, a short one is not', () => {
    const on = (links: SetUp['links']) => evaluated('glider', 'canopy-inside', { baseId: 'suction-single', links });
    expect(finding(on([link('long-arm', 0.3)]), 'hold', /lever/)!.verdict).toBe('stop');
    expect(finding(on([]), 'hold', /lever/)!.verdict).not.toBe('stop');
  });
});

it('interlocking tape holds a camera of about 50 g on a helmet; a cage camera is too much for it', () => {
  const tape = (camera: Partial<SetUp>) =>
    margin('road-bike', 'helmet-side', { baseId: 'interlocking-tape', ...camera });
  expect(tape({ cameraId: 'thumb-camera', modeId: 'wide', stabiliserId: 'off' })).toBeGreaterThan(1);
  expect(tape(cage)).toBeLessThan(1);
});

it('hook-and-loop tape is refused everywhere, and a set-up that has it is stopped, with what to take instead', () => {
  const tape = BASES.find((b) => b.id === 'hook-and-loop-tape')!;
  for (const machine of knownMachines()) {
    const rig = { machineId: machine.id, fit: {}, wornIds: machine.wearing, statureM: 1.75 };
    for (const { spot } of placedSpots(rig)) expect(baseRefusal(tape, spot.surface)).toMatch(/side to side/);
  }
  const asked = {
    ...shakeAt('road-bike', 'helmet-side', { baseId: tape.id }),
    intentId: 'clear-ahead',
    horizonAt: null,
  };
  const advised = advisedReport(asked, { only: ['hold'] });
  const stopped = findingsOf(advised.checks[0]!).find((f) => f.id === 'fits')!;
  expect(stopped).toMatchObject({ verdict: 'stop', because: expect.stringMatching(/side to side/) as string });
  expect(advised.mends.map((m) => m.text).join()).toMatch(/instead of the hook-and-loop tape/);
});

describe('a pole in the hand', () => {
  const held = (lengthM: number, bendDeg = 60) =>
    foundBy(
      evaluated('beside-the-course', 'hand', {
        links: [link(lengthM > 1 ? 'long-pole' : 'medium-pole', lengthM, bendDeg)],
      }),
      'hold',
    );

  it('is held out for minutes when short, for seconds when long, longer the steeper', () => {
    expect(held(0.3).handMinutes!).toBeGreaterThan(5);
    expect(held(2).handMinutes!).toBeLessThan(1);
    expect(held(1, 20).handMinutes!).toBeGreaterThan(held(1, 80).handMinutes!);
    expect(foundBy(evaluated('coupe', 'roof'), 'hold').handMinutes).toBeNull();
  });

  it('turns in its lock when something hangs beside its axis', () => {
    const { rig, setUp, actionStanceId, ride } = shakeAt('beside-the-course', 'hand', {
      ...cage,
      links: [link('medium-pole', 0.3, 90), { ...link('long-arm', 0.3, 90), turnDeg: 90 }],
    });
    const report = (links: SetUp['links']) =>
      holdReport({
        rig,
        setUp: { ...setUp, links },
        actionStanceId,
        ride,
        shakeRmsMS2: 12,
        shakeHz: 10,
        landingG: 0,
      }).interfaces.find((face) => /sections of the/.test(face.name))!;
    expect(report(setUp.links).worst.mode).toBe('turns in its lock');
    expect(report(setUp.links.slice(0, 1)).margin).toBeGreaterThan(2 * report(setUp.links).margin);
  });
});

it('a seat-rail clamp holds under the saddle of a mountain bike, and takes no oval rail of 10 mm', () => {
  expect(margin('mountain-bike', 'under-saddle', { baseId: 'seat-rail-clamp' })).toBeGreaterThan(2);
  const clamp = BASES.find((b) => b.id === 'seat-rail-clamp')!;
  expect(baseRefusal(clamp, { material: 'carbon', shape: 'rail', tubeDiameterM: 0.01 })).toMatch(/10 mm.*6 to 8 mm/);
});

describe('never holds better', () => {
  it('heavier, longer, faster, dirtier, higher', () => {
    const base = { baseId: 'suction-double' };
    const at = (over: Partial<SetUp> = {}, ride: Partial<RideConditions> = {}) =>
      margin('coupe', 'bonnet', { ...base, ...over }, ride);
    expect(at(cage)).toBeLessThan(at());
    let before = Infinity;
    for (const lengthM of [0.1, 0.15, 0.2, 0.3]) {
      const now = at({ links: [link('long-arm', lengthM, 30)] });
      expect(now).toBeLessThan(before);
      before = now;
    }
    expect(at({}, { speedMps: 60 })).toBeLessThan(at({}, { speedMps: 15 }));
    expect(at({ surfaceState: 'dusty' })).toBeLessThan(at());
    expect(at({}, { altitudeM: 3000 })).toBeLessThan(at({}, { altitudeM: 0, speedMps: 20 }));
    expect(margin('coupe', 'bonnet', { baseId: 'adhesive-pad', curedH: 1 })).toBeLessThan(
      margin('coupe', 'bonnet', { baseId: 'adhesive-pad' }),
    );
  });

  it('finite for every base, link and camera, and for every spot of every carrier', () => {
    const { surface } = placedSpots(shakeAt('coupe', 'bonnet').rig).find((p) => p.spot.id === 'bonnet')!.spot;
    const ok = (over: Partial<SetUp>) => {
      const q = shakeAt('coupe', 'bonnet', over);
      const { weakest, pullTest, tetherN } = holdReport({ ...q, shakeRmsMS2: 5, shakeHz: 10, landingG: 2 });
      for (const value of [weakest.margin, pullTest.newton, tetherN])
        expect(Number.isFinite(value) && value >= 0).toBe(true);
    };
    for (const base of BASES.filter((b) => baseRefusal(b, surface) === null)) {
      for (const piece of LINKS) ok({ baseId: base.id, links: [link(piece.id, piece.lengthM.high)] });
      for (const camera of CAMERAS) ok({ baseId: base.id, cameraId: camera.id, modeId: camera.modes[0]!.id });
    }
    for (const machine of knownMachines()) {
      const rig = { machineId: machine.id, fit: {}, wornIds: machine.wearing, statureM: 1.75 };
      for (const { spot } of placedSpots(rig)) {
        const { setUp } = shakeAt(machine.id, spot.id);
        const q = {
          rig,
          setUp,
          actionStanceId: machine.actionStanceId,
          ride: usualRide(machine),
          shakeRmsMS2: 3,
          shakeHz: 10,
          landingG: 0,
        };
        expect(Number.isFinite(holdReport(q).weakest.margin)).toBe(true);
      }
    }
  });
});

it('the pull test grows with what the ride does, and says the way to pull', () => {
  const slow = foundBy(evaluated('coupe', 'roof', {}, { speedMps: 8 }), 'hold').pullTest;
  const quick = foundBy(evaluated('coupe', 'roof', {}, { speedMps: 50 }), 'hold').pullTest;
  expect(quick.newton).toBeGreaterThan(slow.newton);
  expect(quick.factor).toBe(3);
  expect(quick.kgf).toBeCloseTo(quick.newton / 9.80665, 9);
  expect(quick.direction.length).toBeGreaterThan(8);
});

describe('in the way', () => {
  const clear = (machineId: string, spotId: string, over: Partial<SetUp> = {}, ride: Partial<RideConditions> = {}) => {
    const { rig, setUp, actionStanceId, ride: usual } = shakeAt(machineId, spotId, over, ride);
    return clearReport({ rig, setUp, actionStanceId, ride: usual });
  };

  it('a mount on top of a tall rider’s helmet is warned of branches', () => {
    const report = evaluated('mountain-bike', 'helmet-top', { links: [link('long-arm', 0.12)] }, {}, true);
    expect(finding(report, 'clear', /branches/)!.verdict).toBe('watch');
    expect(foundBy(report, 'clear').above!.byM).toBeGreaterThan(0.15);
  });

  it('beside a wheel or a chain a tether is warned of, with two fastenings or a tie in its place; farther off a short one will do', () => {
    for (const [spotId, beside] of [
      ['fork-leg', /front (rim|tyre|disc|spokes)/],
      ['swingarm', /rear (rim|tyre|disc|spokes)/],
    ] as const) {
      const report = evaluated('motorcycle', spotId, {}, {}, true);
      expect(foundBy(report, 'clear').turning).toMatchObject({
        partName: expect.stringMatching(beside) as string,
        tetherM: null,
      });
      const tether = finding(report, 'clear', /tether/)!;
      expect(tether.verdict).toBe('watch');
      expect(tether.because).toMatch(/two fastenings that hold each by itself/);
    }
    const fender = evaluated('motorcycle', 'rear-fender', {}, {}, true);
    expect(foundBy(fender, 'clear').turning!.tetherM!).toBeGreaterThan(0.1);
    expect(finding(fender, 'clear', /tether/)!.verdict).toBe('good');
  });

  it('a chain stays where it runs: under the saddle it is the rear wheel that is nearest of what turns', () => {
    const { turning } = clear('mountain-bike', 'under-saddle');
    expect(turning!.partName).toMatch(/rear (tyre|rim)/);
    expect(turning!.distanceM).toBeGreaterThan(0.12);
  });

  it('a kayak’s bow camera dips in waves and is loaded by water', () => {
    const calm = evaluated('kayak', 'bow-deck', {}, { groundId: 'glassy' }, true);
    const sea = evaluated('kayak', 'bow-deck', {}, { groundId: 'short-sea' }, true);
    expect(foundBy(calm, 'clear').water!.clearM).toBeGreaterThan(0);
    expect(finding(sea, 'clear', /water/)!.verdict).toBe('watch');
    expect(foundBy(sea, 'hold').dragN).toBeGreaterThan(3 * foundBy(calm, 'hold').dragN);
  });

  it('a camera on the dash before the driver hides more than one on the roof, which hides nothing', () => {
    expect(clear('coupe', 'roof').sight!.share).toBe(0);
    expect(clear('coupe', 'dash').sight!.share).toBeGreaterThanOrEqual(0);
    const chin = clear('mountain-bike', 'chin-bar').sight!;
    expect(chin.share).toBeGreaterThan(0);
  });

  it('on top of the head the neck tires sooner the heavier the camera; the chest asks nothing of it', () => {
    const light = clear('road-bike', 'helmet-top', {
      cameraId: 'thumb-camera',
      modeId: 'wide',
      stabiliserId: 'off',
    }).neck!.minutes;
    const heavy = clear('road-bike', 'helmet-top', cage).neck!.minutes;
    expect(light).toBeGreaterThan(heavy);
    expect(clear('road-bike', 'chest').neck).toBeNull();
  });

  it('bars that turn come near a camera beside the head tube, not near one under the saddle', () => {
    const near = (spotId: string) => {
      const { rig, setUp } = shakeAt('mountain-bike', spotId);
      return (
        approaches(rig, resolveSetUp(rig, setUp)).find((a) => a.sweeping?.name === 'handlebar and fork')?.distanceM ?? 9
      );
    };
    expect(near('head-tube-side')).toBeLessThan(0.12);
    expect(near('under-saddle')).toBeGreaterThan(0.3);
    expect(resolveRig(shakeAt('mountain-bike', 'chest').rig).machine.moving({}).length).toBeGreaterThan(3);
  });
});

it('interlocking tape is for a camera of about 50 g: a heavier one on it is a watch, whatever it bears at once', () => {
  const on = (cameraId: string, baseId = 'interlocking-tape', links: SetUp['links'] = []) => {
    const { modes, stabilisers } = CAMERAS.find(({ id }) => id === cameraId)!;
    const setUp = { baseId, cameraId, links, modeId: modes[0]!.id, stabiliserId: stabilisers[0]!.id };
    return finding(evaluated('road-bike', 'helmet-top', setUp), 'hold', /^heavy$/);
  };
  expect(on('thumb-camera')).toBeUndefined();
  expect(on('cube-camera')!.verdict).toBe('watch');
  expect(on('cube-camera')!.because).toMatch(/about 50 g, this one weighs 150 g/);
  expect(on('cube-camera', 'adhesive-pad')).toBeUndefined();
  // Without other hardware: an arm counts as if it were camera.
  expect(on('thumb-camera', 'interlocking-tape', [link('medium-pole', 0.4)])!.because).toMatch(
    /this one and its arm weigh/,
  );
});

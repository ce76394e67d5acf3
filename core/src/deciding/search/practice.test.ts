/** Facts of the trade about where cameras go, as outcomes of searches. Each is common practice, no source. */
import { asking, pieces } from '../../../testing/asking';
import { shakeAt } from '../../../testing/shakes';
import { poseRig } from '../../posing/rig/poseRig';
import { poseStrut } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { inStitchZone } from '../../physics/framing/stitchZone';
import { askedIntent } from '../../posing/lookup/askedIntent';
import { weightsOf } from './weights';
import { exactCandidate } from './exactCandidate';
import { rankCandidates } from './rankCandidates';
import { scoreOf } from './score';
import { searchSpot } from './searchSpot';
import type { SearchQuestion } from './searchQuestion';

const bestAt = (question: SearchQuestion, spotId: string) => {
  const weights = weightsOf(question.ask);
  const [best] = rankCandidates(searchSpot(question, { carrierId: 'c', spotId }).candidates, weights);
  return best;
};
const scoreAt = (question: SearchQuestion, spotId: string) => bestAt(question, spotId)?.score ?? 0;

describe('steady and hands, on a rough trail', () => {
  const question = asking('mountain-bike', 'hands-and-trail', {
    ask: { weights: { steady: 12 } },
    ride: { groundId: 'rooty-trail', speedMps: 6 },
  });
  it('the chin bar beats the chest, and both beat the bars', () => {
    const [chin, chest, bars] = ['chin-bar', 'chest', 'handlebar'].map((spotId) => scoreAt(question, spotId));
    expect(chin).toBeGreaterThan(chest!);
    expect(chest).toBeGreaterThan(bars!);
  });

  it('for hands the top of the helmet and the backpack strap never win', () => {
    const hands = asking('mountain-bike', 'hands-and-trail');
    const chest = scoreAt(hands, 'chest');
    expect(scoreAt(hands, 'helmet-top')).toBeLessThan(chest);
    expect(scoreAt(hands, 'pack-strap')).toBeLessThan(chest);
  });
});

it('low and fast: the board beats the top of the helmet', () => {
  const question = asking('longboard', 'low-and-fast');
  expect(Math.max(...['deck-nose', 'deck-tail'].map((spotId) => scoreAt(question, spotId)))).toBeGreaterThan(
    scoreAt(question, 'helmet-top'),
  );
});

it('on a pointed chin bar clamps are refused with the reason, and the strap-round base is offered', () => {
  const { rejections, candidates } = searchSpot(asking('mountain-bike', 'hands-and-trail'), {
    carrierId: 'c',
    spotId: 'chin-bar',
  });
  const jaw = rejections.find((r) => r.because.startsWith('Jaw clamp'))!;
  expect(jaw).toMatchObject({ check: 'fits', mend: expect.stringMatching(/goes on it/) as string });
  expect(candidates.map((c) => c.setUp.baseId)).toContain('strap-round-base');
  expect(candidates.map((c) => c.setUp.baseId)).not.toContain('jaw-clamp');
});

it('where the one camera takes no such pictures, that is the reason and not the bases', () => {
  const atNight = asking('coupe', 'night-streaks', { pieceIds: pieces({ cameras: ['phone'], links: [] }) });
  const [reason] = searchSpot(atNight, { carrierId: 'c', spotId: 'bonnet' }).rejections;
  expect(reason!.because).toMatch(/^the phone never takes stills at intervals with the shutter open for/);
});

it('a chest camera is set the higher the deeper the lean: touring, hoods, race crouch', () => {
  const tilt = (actionStanceId: string) => {
    const question = asking('road-bike', 'hands-and-trail');
    const [carrier] = question.carriers;
    return bestAt({ ...question, carriers: [{ ...carrier!, actionStanceId }] }, 'chest')!.candidate.setUp.angles
      .tiltDeg;
  };
  expect(tilt('hoods')).toBeGreaterThan(tilt('tops'));
  expect(tilt('crouch')).toBeGreaterThan(tilt('hoods'));
});

describe('what it must not show', () => {
  const light = (bearingDeg: number, spotId: string, heightDeg = 10) => {
    const question = asking('mountain-bike', 'clear-ahead', { ask: { sun: { bearingDeg, heightDeg } } });
    return bestAt(question, spotId)!.candidate.terms.find((t) => t.id === 'sun')!;
  };

  it('a low sun ahead looks into a lens on the helmet, one behind does not; high up it stays out', () => {
    expect(light(0, 'helmet-top').value).toBeLessThan(0.5);
    expect(light(0, 'helmet-top').text).toMatch(/looks in: .*crouch/);
    expect(light(180, 'helmet-top')).toMatchObject({ value: 1, text: expect.stringMatching(/stays out/) as string });
    expect(light(0, 'helmet-top', 85).value).toBe(1);
  });

  it('the exact pass says the same of the sun as the coarse one', () => {
    const question = asking('mountain-bike', 'clear-ahead', { ask: { sun: { bearingDeg: 0, heightDeg: 10 } } });
    const { candidate } = bestAt(question, 'chest')!;
    const exact = exactCandidate(question, candidate).candidate;
    expect(exact.terms.find((t) => t.id === 'sun')).toEqual(candidate.terms.find((t) => t.id === 'sun'));
  });

  it('cables kept out cost the head tube, where they cross the picture, and next to nothing on the helmet', () => {
    const picture = (spotId: string, without: readonly ['cables'] | readonly []) => {
      const { candidate } = bestAt(asking('mountain-bike', 'clear-ahead', { ask: { without } }), spotId)!;
      // Nobody told how the sun stands.
      expect(candidate.terms.some((t) => t.id === 'sun')).toBe(false);
      return candidate.terms.find((t) => t.id === 'picture')!.value;
    };
    expect(picture('head-tube-side', ['cables'])).toBeLessThan(picture('head-tube-side', []) - 0.05);
    expect(picture('helmet-top', ['cables'])).toBeGreaterThan(picture('helmet-top', []) - 0.05);
  });

  it('each thing kept out is one more want that bears next to nothing', () => {
    const question = asking('mountain-bike', 'clear-ahead', { ask: { without: ['cables', 'chest'] } });
    const added = askedIntent(question.ask).wants.filter((w) => w.id.startsWith('no-'));
    expect(added.map((w) => w.label)).toEqual(['cables', 'own chest and belly']);
    for (const { share } of added) expect(share[1]).toBeLessThan(0.01);
  });
});

it('what the quick search keeps is met by nothing in the stances', () => {
  const question = asking('road-bike', 'hands-and-trail', { pieceIds: pieces({ cameras: ['cube-camera'] }) });
  const { candidates } = searchSpot(question, { carrierId: 'c', spotId: 'handlebar' });
  expect(candidates.length).toBeGreaterThan(4);
  for (const candidate of candidates.slice(0, 4)) {
    const { stopped } = exactCandidate(question, candidate);
    expect(stopped?.because ?? '').not.toMatch(/strikes camera or strut in/);
  }
});

it('somebody far away picks the long lens, somebody near does not', () => {
  const width = (distanceM: number) => {
    const subject = { machineId: 'kayak', distanceM, bearingDeg: 0, headingDeg: 90, aboveM: 0 };
    const question = asking('beside-the-course', 'far-subject', { rig: { subject }, pieceIds: pieces({ links: [] }) });
    return bestAt(question, 'tripod')!.candidate.facts.horizontalFovDeg;
  };
  expect(width(60)).toBeLessThan(40);
  expect(width(5)).toBeGreaterThan(50);
});

it('a pole vanishes for a two-lens camera only in the plane between its lenses', () => {
  const { rig, setUp } = shakeAt('longboard', 'hand', { cameraId: 'two-lens-360', modeId: 'sphere' });
  const inPlane = (bendDeg: number) => {
    const resolved = resolveSetUp(rig, {
      ...setUp,
      modeId: 'sphere',
      links: [{ linkId: 'medium-pole', lengthM: 1, bendDeg, turnDeg: 0 }],
    });
    const pose = poseStrut(resolved, poseRig(rig, 'set-up'), poseRig(rig, 'set-up'));
    const way = [0, 1, 2].map((k) => pose.worldFromSpot.position[k]! - pose.worldFromCamera.position[k]!);
    const r = pose.worldFromCamera.rotation;
    const seen = [0, 1, 2].map((k) => r[k]! * way[0]! + r[3 + k]! * way[1]! + r[6 + k]! * way[2]!);
    return inStitchZone(resolved.camera.stitch!, seen as never, Math.hypot(...way));
  };
  const bends = Array.from({ length: 91 }, (_, i) => i * 2 - 90).filter(inPlane);
  expect(bends.length).toBeGreaterThan(0);
  expect(bends.length).toBeLessThan(15);
});

describe('what is searched and what comes of it', () => {
  const small = asking('road-bike', 'hands-and-trail', {
    pieceIds: pieces({ cameras: ['thumb-camera'], links: ['short-arm'] }),
  });
  const spots = ['chest', 'handlebar', 'helmet-top'];

  it('on a small kit the best is the same as when nothing is left out', () => {
    for (const spotId of spots) {
      const job = { carrierId: 'c', spotId };
      const weights = weightsOf(small.ask);
      const quick = rankCandidates(searchSpot(small, job).candidates, weights)[0];
      const whole = rankCandidates(searchSpot(small, job, { exhaustive: true }).candidates, weights)[0];
      expect([spotId, quick?.candidate.id]).toEqual([spotId, whole?.candidate.id]);
    }
  });

  it('with more kit the best is never worse, but for what the rough pass rounds', () => {
    for (const spotId of spots) {
      const more = {
        ...small,
        pieceIds: pieces({ cameras: ['thumb-camera', 'cube-camera'], links: ['short-arm', 'felt-pad'] }),
      };
      expect(scoreAt(more, spotId)).toBeGreaterThanOrEqual(scoreAt(small, spotId) - 0.01);
    }
    // A long camera in the box must not put the lens of a short one where its own would be.
    expect(scoreAt({ ...small, pieceIds: pieces() }, 'chest')).toBeGreaterThan(scoreAt(small, 'chest') - 0.06);
  });

  it('the same question gives the same answer', () => {
    const job = { carrierId: 'c', spotId: 'chest' };
    expect(searchSpot(small, job)).toEqual(searchSpot(small, job));
  });

  it('the exact pass confirms what the coarse one found, within a few hundredths', () => {
    const { candidate, score } = bestAt(small, 'chest')!;
    const exact = exactCandidate(small, candidate);
    expect(exact.stopped).toBeNull();
    expect(exact.checks.map((c) => c.check)).toEqual(['frame', 'steady', 'hold', 'clear', 'light', 'last']);
    expect(Math.abs(scoreOf(exact.candidate, weightsOf(small.ask)) - score)).toBeLessThan(0.05);
    expect(structuredClone(exact)).toEqual(exact);
  });

  it('asked for the other side, a symmetric carrier answers with the mirror image', () => {
    const at = (bearingDeg: number) =>
      bestAt(
        asking('kayak', 'far-subject', {
          rig: { subject: { machineId: 'kayak', distanceM: 8, bearingDeg, headingDeg: 0, aboveM: 0 } },
          pieceIds: pieces({ cameras: ['cube-camera'], links: [] }),
        }),
        'bow-deck',
      )!;
    const [left, right] = [at(-20), at(20)];
    // The lens sits beside the middle of the camera's body.
    expect(Math.abs(left.candidate.setUp.angles.panDeg + right.candidate.setUp.angles.panDeg)).toBeLessThan(2);
    expect(Math.abs(left.score - right.score)).toBeLessThan(0.03);
  });
});

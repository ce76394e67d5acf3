import { bikeRig, plainAt } from '../../../testing/rigs';
import { INTENTS } from '../../../catalog/index.generated';
import { newAsk } from '../../words/shot/ask';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig } from '../rig/poseRig';
import { poseStrut } from '../strut/kinematics';
import { resolveSetUp } from '../strut/resolveSetUp';
import { horizonAtCentre } from './horizon';
import { middleTiltDeg, nearestNotch } from './notches';
import { elevationOfHeightDeg, solveTiltForHorizon } from './solveAngles';
import { heightsInBand, intentAsked, wantedHorizon } from './wantedHorizon';

const rig = bikeRig();
const setUpRig = poseRig(rig, SET_UP_STANCE_ID);

describe('the tilt that is solved for', () => {
  it.each(
    ['chest', 'chin-bar', 'helmet-top', 'handlebar', 'under-stem'].flatMap((spotId) =>
      ['seated', 'crouch', 'steep', 'lean'].map((stanceId) => [spotId, stanceId] as const),
    ),
  )('from %s in %s puts the sky line where it is wanted', (spotId, stanceId) => {
    const action = poseRig(rig, stanceId);
    for (const wanted of [0.2, 0.36, 0.5, 0.7]) {
      const plain = plainAt(spotId, 0);
      const tiltDeg = solveTiltForHorizon(resolveSetUp(rig, plain), setUpRig, action, wanted);
      if (tiltDeg === null) continue;
      const resolved = resolveSetUp(rig, { ...plain, angles: { ...plain.angles, tiltDeg } });
      const { worldFromCamera } = poseStrut(resolved, setUpRig, action);
      const horizon = horizonAtCentre(resolved.lens, worldFromCamera.rotation, action.ground);
      expect(horizon.heightFraction).toBeCloseTo(wanted, 6);
      expect(horizon.inPicture).toBe(true);
    }
  });

  it('lifts the sky line when it is asked for higher: the lens goes down', () => {
    const action = poseRig(rig, 'crouch');
    const resolved = resolveSetUp(rig, plainAt('chest', 0));
    const tilts = [0.15, 0.3, 0.45, 0.6, 0.75].map((wanted) =>
      solveTiltForHorizon(resolved, setUpRig, action, wanted)!,
    );
    tilts.slice(1).forEach((tilt, i) => expect(tilt).toBeGreaterThan(tilts[i]!));
  });
});

describe('a height in the picture as an angle over the axis', () => {
  const { lens } = resolveSetUp(rig, plainAt('chest', 0));
  it('is nought in the middle, and as much up as down', () => {
    expect(elevationOfHeightDeg(lens, 0.5)).toBeCloseTo(0, 9);
    for (const off of [0.1, 0.3, 0.5])
      expect(elevationOfHeightDeg(lens, 0.5 - off)).toBeCloseTo(-elevationOfHeightDeg(lens, 0.5 + off), 9);
    expect(elevationOfHeightDeg(lens, 0)).toBeGreaterThan(20);
  });
  it('outside of what the lens has an image of is refused', () => {
    expect(() => elevationOfHeightDeg(lens, -30)).toThrow('outside the image circle');
  });
});

describe('a joint with notches', () => {
  const resolved = resolveSetUp(rig, plainAt('chest', 0));
  const step = resolved.head.notchDeg.value;
  it('holds the nearest one, never more than half a step off', () => {
    expect(step).toBeGreaterThan(0);
    for (let tilt = -60; tilt <= 60; tilt += 1.7) {
      const { notches, heldTiltDeg, restDeg } = nearestNotch(resolved, setUpRig, tilt);
      expect(Math.abs(restDeg)).toBeLessThanOrEqual(step / 2 + 1e-9);
      expect(heldTiltDeg - tilt).toBeCloseTo(restDeg, 9);
      expect(heldTiltDeg).toBeCloseTo(middleTiltDeg(resolved, setUpRig) + notches! * step, 9);
    }
  });
  it('stands in its middle where the spot itself looks', () => {
    const middle = middleTiltDeg(resolved, setUpRig);
    expect(nearestNotch(resolved, setUpRig, middle)).toMatchObject({ notches: 0, restDeg: 0 });
  });
  it('without notches holds whatever is asked', () => {
    const ball = resolveSetUp(rig, plainAt('chest', 0, { headId: 'ball-joint' }));
    expect(nearestNotch(ball, setUpRig, 12.34)).toEqual({ notches: null, heldTiltDeg: 12.34, restDeg: 0 });
  });
});

describe('where the sky line is wanted', () => {
  it('lies in the middle of the band unless a height is told', () => {
    for (const intent of INTENTS) {
      const wanted = wantedHorizon({ intentId: intent.id, horizonAt: null });
      if (!intent.horizonBand) expect(wanted).toBeNull();
      else {
        expect(wanted!.band).toEqual(intent.horizonBand);
        expect(wanted!.height).toBeCloseTo((intent.horizonBand[0] + intent.horizonBand[1]) / 2, 3);
        expect(wantedHorizon({ intentId: intent.id, horizonAt: 0.21 })!.height).toBe(0.21);
      }
    }
  });

  it('follows what was asked of the shot, and not what was asked of another kind', () => {
    const ask = { ...newAsk('clear-ahead', 'c'), horizonBand: [0.6, 0.8] as const };
    expect(wantedHorizon({ intentId: 'clear-ahead', horizonAt: null, ask })!.height).toBeCloseTo(0.7, 9);
    expect(wantedHorizon({ intentId: 'low-and-fast', horizonAt: null, ask })!.height).toBeCloseTo(0.48, 9);
    expect(wantedHorizon({ intentId: 'clear-ahead', horizonAt: null, ask: { ...ask, horizonBand: null } })).toBeNull();
    expect(intentAsked({ intentId: 'low-and-fast', ask }).id).toBe('low-and-fast');
  });

  it('is tried in the middle of a band first, then nearer its ends, always within', () => {
    expect(heightsInBand([0.2, 0.4])).toEqual([0.3, 0.24, 0.36]);
    for (const height of heightsInBand([0.32, 0.55])) {
      expect(height).toBeGreaterThan(0.32);
      expect(height).toBeLessThan(0.55);
    }
  });
});

import { shakeAt } from '../../../../testing/shakes';
import { frameSetUp } from '../../../physics/framing/frameSetUp';
import type { SetUp } from '../../../words/setUp/setUp';
import { craftSeen, faceSeen, neverWhole, seenFromWithin } from './viewpoint';

const stanceAt = (machineId: string, spotId: string, over: Partial<SetUp> = {}) => {
  const { rig, setUp, actionStanceId } = shakeAt(machineId, spotId, { headId: 'ball-joint', ...over });
  return frameSetUp(rig, setUp, actionStanceId, 24, actionStanceId).stances[0]!;
};
const sphere = { cameraId: 'two-lens-360', modeId: 'sphere', stabiliserId: 'off' } as const;

describe('a whole craft is seen from outside', () => {
  it('a sphere a metre over the rear of a buggy sees nose and tail; one on the bonnet of a closed car has the driver behind glass', () => {
    const pole = [{ linkId: 'medium-pole', lengthM: 1, bendDeg: 0, turnDeg: 0 }];
    const over = stanceAt('buggy', 'cage-side', { ...sphere, baseId: 'braced-pole-foot', links: pole });
    expect(over.lengthwise.bothEnds).toBe(true);
    expect(seenFromWithin(over)).toBeNull();
    const bonnet = stanceAt('coupe', 'bonnet', { ...sphere, links: [] });
    expect(bonnet.lengthwise.bothEnds).toBe(false);
    expect(seenFromWithin(bonnet)).toMatchObject({ verdict: 'stop' });
  });

  it('from a rider’s boot nose and tail lie nearly opposite; a lens at an end has no such angle', () => {
    const boot = stanceAt('road-bike', 'boot', { ...sphere, links: [] });
    expect(boot.lengthwise.spanDeg!).toBeGreaterThan(145);
    expect(seenFromWithin(boot)).toMatchObject({ verdict: 'stop' });
    expect(stanceAt('kayak', 'bow-deck', { ...sphere, links: [] }).lengthwise.spanDeg).toBeNull();
  });
});

it('worn at the hip, looking up past one’s own chest, no whole craft is seen; from a pole in the hand it is', () => {
  const hip = stanceAt('paramotor', 'hip', { ...sphere, links: [] });
  expect(hip.fromTrunkM!).toBeLessThan(0.5);
  expect(craftSeen(hip, 0.8)).toMatchObject({ verdict: 'stop' });
  expect(craftSeen(hip, 0.8).because.join()).toMatch(/0\.\d\d m from the rider’s own waist/);
  const links = [{ linkId: 'medium-pole', lengthM: 1, bendDeg: 0, turnDeg: 0 }];
  const hand = stanceAt('surfboard', 'hand', { ...sphere, links });
  expect(hand.fromTrunkM!).toBeGreaterThan(0.6);
  expect(craftSeen(hand, 0.8).because.join()).not.toContain('waist');
});

it('from where nose and tail lie opposite, or few ends are to be seen, no picture of the whole is ever taken; from a pole behind it is', () => {
  const open = {
    endsInFrame: 0.8,
    lengthwise: { bothEnds: true, spanDeg: 100 },
    riderBehindGlass: false,
    underRoof: false,
  };
  expect(neverWhole(open, 0.8)).toBeNull();
  expect(neverWhole({ ...open, lengthwise: { bothEnds: true, spanDeg: 160 } }, 0.8)).toMatch(/160° apart/);
  expect(neverWhole({ ...open, lengthwise: { bothEnds: false, spanDeg: 90 }, underRoof: true }, 0.8)).toMatch(/roof/);
  // Hidden alone is a blemish, as where people sit in the open.
  expect(neverWhole({ ...open, lengthwise: { bothEnds: false, spanDeg: 90 } }, 0.8)).toBeNull();
  expect(neverWhole({ ...open, endsInFrame: 0.4 }, 0.8)).toMatch(/hidden/);
});

describe('a face is seen from the front', () => {
  it('from the panel and the windscreen nearly level, from the chest up the chin, from behind the head not at all', () => {
    const from = (machineId: string, spotId: string) => {
      const stance = stanceAt(machineId, spotId, { ...sphere, links: [] });
      return { ...stance.faceFrom!, ...faceSeen(stance) };
    };
    expect(from('coupe', 'screen-inside')).toMatchObject({ verdict: 'good', because: '' });
    expect(from('coupe', 'screen-inside').counts).toBeGreaterThan(0.97);
    const chest = from('motorcycle', 'chest');
    expect(chest.upDeg).toBeLessThan(-60);
    expect(chest).toMatchObject({ verdict: 'stop' });
    expect(chest.because).toContain('below, up the chin');
    expect(from('coupe', 'headrest')).toMatchObject({ verdict: 'stop' });
    expect(from('coupe', 'headrest').asideDeg).toBeGreaterThan(105);
  });

  it('counts less the steeper it is, from what looks well to what is spoilt; nobody has no face', () => {
    const steep = (upDeg: number, awayM = 1) =>
      faceSeen({ ...stanceAt('multirotor', 'nose'), faceFrom: { upDeg, asideDeg: 0, awayM } });
    [-45, -52.5, -60, -90].forEach((deg, i) => expect(steep(-deg).counts).toBeCloseTo([1, 0.65, 0.3, 0.3][i]!, 12));
    // As steep from below it counts a tenth less, and half of that half as steep.
    expect(steep(-45).counts).toBeCloseTo(0.9, 12);
    expect(steep(-22.5).counts).toBeCloseTo(0.95, 12);
    expect(steep(22.5).counts).toBe(1);
    expect([45, 50, 60.1].map((deg) => steep(deg).verdict)).toEqual(['good', 'watch', 'stop']);
    expect(faceSeen(stanceAt('multirotor', 'nose')).counts).toBe(1);
    // An arm's length off it looks well; from a hand's breadth it is a nose.
    expect([0.5, 0.4, 0.1].map((awayM) => steep(0, awayM).verdict)).toEqual(['good', 'watch', 'stop']);
    expect(steep(0, 0.325).counts).toBeCloseTo(0.65, 12);
    expect(steep(0, 0.3).because).toContain('nose and chin look large from 0.30 m');
  });
});

import { asking } from '../../../testing/asking';
import { placedAt } from '../../posing/rig/spots';
import { frameScore } from '../../judging/checks/frame/frameScore';
import { frameSetUp } from '../../physics/framing/frameSetUp';
import { askedIntent } from '../../posing/lookup/askedIntent';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { exactCandidate } from './exactCandidate';
import { searchJobs } from './searchQuestion';
import { searchSpot } from './searchSpot';

const PIECES = ['thumb-camera', 'suction-single', 'finger-joint'];
const question = (share: readonly [number, number]) =>
  asking('coupe', 'strip-ahead', { ask: { shares: { machine: share } }, pieceIds: PIECES });
const foundOnBonnet = (share: readonly [number, number]) => {
  const asked = question(share);
  const [first] = searchSpot(
    asked,
    searchJobs(asked).find((job) => job.spotId === 'bonnet')!,
  ).candidates;
  return { first: first!, asked };
};
const pictureOf = (candidate: ReturnType<typeof foundOnBonnet>['first']) =>
  candidate.terms.find(({ id }) => id === 'picture')!.value;

it('a thin strip of bonnet is got by sliding, not by another piece, and the strip is what was asked', () => {
  const { first, asked } = foundOnBonnet([0.03, 0.05]);
  const { slideM } = first.setUp;
  expect(slideM).toBeDefined();
  // Farther forward less of the bonnet is before the lens.
  expect(slideM!).toBeLessThan(0);
  expect(first.setUp.links).toEqual([]);
  expect(first.facts.shares.machine!).toBeLessThan(0.075);
  const { zone } = placedAt(asked.carriers[0]!.rig, first.setUp)!.spot;
  expect(slideM!).toBeGreaterThanOrEqual(-zone!.nearerM);
});

it('it is no worse than the same strut at any place of the stretch that is tried one by one', () => {
  const { first, asked } = foundOnBonnet([0.03, 0.05]);
  const { rig, actionStanceId } = asked.carriers[0]!;
  const intent = askedIntent(asked.ask);
  const { zone } = placedAt(rig, first.setUp)!.spot;
  const scores = Array.from({ length: 9 }, (_, i) => {
    const slideM = (i / 8) * (zone!.nearerM + zone!.fartherM) - zone!.nearerM;
    const aimed = aimedSetUp(rig, { ...first.setUp, slideM }, intent, actionStanceId, first.horizonAt)!;
    return frameScore(frameSetUp(rig, aimed, actionStanceId), intent);
  });
  // What is found is held to the notches of the joint and looked up in a cube: within a few hundredths.
  expect(pictureOf(first)).toBeGreaterThan(Math.max(...scores) - 0.06);
});

it('on each base the strip is what was asked, as it is cast exactly: a cup of two lifts the lens, and it is slid less far forward', () => {
  const asked = asking('four-by-four', 'strip-ahead', {
    ask: { shares: { machine: [0.03, 0.05] } },
    pieceIds: ['thumb-camera', 'suction-single', 'suction-double', 'adhesive-pad', 'finger-joint'],
  });
  const { candidates } = searchSpot(
    asked,
    searchJobs(asked).find((job) => job.spotId === 'bonnet')!,
  );
  const firstOn = (baseId: string) => candidates.find(({ setUp }) => setUp.baseId === baseId && setUp.slideM)!;
  const [pad, double] = [firstOn('adhesive-pad'), firstOn('suction-double')];
  for (const candidate of [pad, double]) {
    const { candidate: exact } = exactCandidate(asked, candidate);
    const [coarse, cast] = [candidate, exact].map(({ facts }) => facts.shares.machine!) as [number, number];
    expect(Math.abs(cast - coarse)).toBeLessThan(0.025);
    expect(cast).toBeGreaterThan(0.01);
    expect(cast).toBeLessThan(0.1);
  }
  expect(double.setUp.slideM!).toBeGreaterThan(pad.setUp.slideM!);
});

it('nothing is slid for a picture that its usual place gives as well', () => {
  const asked = question([0.1, 0.22]);
  const { candidates } = searchSpot(
    asked,
    searchJobs(asked).find((job) => job.spotId === 'bonnet')!,
  );
  const made = ({ setUp: { slideM, angles, ...rest } }: (typeof candidates)[number]) => {
    void [slideM, angles];
    return JSON.stringify(rest);
  };
  for (const slid of candidates.filter(({ setUp }) => setUp.slideM)) {
    for (const usual of candidates.filter((c) => !c.setUp.slideM && made(c) === made(slid)))
      expect(pictureOf(slid)).toBeGreaterThan(pictureOf(usual));
  }
  expect(Math.max(...candidates.filter(({ setUp }) => !setUp.slideM).map(pictureOf))).toBeGreaterThan(0.95);
});

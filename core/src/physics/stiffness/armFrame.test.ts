import { link, shakeAt } from '../../../testing/shakes';
import { minutesToFit } from '../../posing/strut/minutesToFit';
import { strutMassKg } from '../../posing/strut/strutMass';
import { armsRefusal } from '../../posing/strut/armsRefusal';
import { standingArms } from '../../posing/strut/furtherArms';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { poseRig } from '../../posing/rig/poseRig';
import { poseStrut } from '../../posing/strut/kinematics';
import type { FurtherArm, SetUp } from '../../words/setUp/setUp';
import { usual } from '../../words/sourced/ends';
import { holdReport } from '../holding/holdReport';
import { USUAL_ENDS } from '../shaking/ends/rangeEnds';
import { playTurn2 } from '../shaking/mount/play';
import { strutSwing } from '../shaking/mount/strutSwing';
import { armFrame } from './armFrame';
import { steadiestArm } from './steadiestArm';

const arm = (alongM: number, acrossM: number, linkId = 'long-arm'): FurtherArm => ({
  alongM,
  acrossM,
  baseId: 'suction-single',
  linkId,
});
/** A full-size camera in its cage on a car's door, on one cup and a stiff arm. */
const onDoor = (over: Partial<SetUp> = {}) =>
  shakeAt('coupe', 'door', {
    cameraId: 'cage-camera',
    modeId: 'wide',
    stabiliserId: 'off',
    baseId: 'suction-single',
    links: [link('stiff-arm', 0.15, 10)],
    ...over,
  });
function stood(over: Partial<SetUp> = {}) {
  const { rig, setUp, actionStanceId } = onDoor(over);
  const resolved = resolveSetUp(rig, setUp);
  return { resolved, pose: poseStrut(resolved, poseRig(rig, 'set-up'), poseRig(rig, actionStanceId)) };
}
const swingHz = (over: Partial<SetUp> = {}) => {
  const { resolved, pose } = stood(over);
  return strutSwing(resolved, pose).frequencyHz;
};
const least = (over: Partial<SetUp> = {}) => {
  const question = onDoor(over);
  const ride = { ...question.ride, speedMps: 130 / 3.6 };
  return holdReport({ ...question, ride, shakeRmsMS2: 4, shakeHz: 20, landingG: 0 });
};

const SPREAD = [arm(0.15, 0.15), arm(0.12, -0.08)];

it('what the arms take of a load adds up to the load (equilibrium)', () => {
  const { resolved, pose } = stood({ furtherArms: SPREAD });
  const { shares } = armFrame(resolved, pose, usual)!;
  expect(shares).toHaveLength(3);
  for (let i = 0; i < 6; i++)
    for (let j = 0; j < 6; j++) expect(shares.reduce((sum, s) => sum + s[i]![j]!, 0)).toBeCloseTo(i === j ? 1 : 0, 6);
});

it('no arm ever makes it softer, and spread out as a tripod they make it several times as stiff', () => {
  const [one, two, three] = [[], SPREAD.slice(0, 1), SPREAD].map((furtherArms) => swingHz({ furtherArms }));
  expect(two!).toBeGreaterThan(one!);
  expect(three! / one!).toBeGreaterThan(3);
});

it('in one line they leave the swing across it: a tripod is stiffer (common practice, no source)', () => {
  expect(swingHz({ furtherArms: SPREAD })).toBeGreaterThan(
    1.5 * swingHz({ furtherArms: [arm(0.15, 0), arm(-0.15, 0)] }),
  );
});

it('a heavy camera on a door at 130 km/h: one cup lets go, three with an arm each bear several times as much', () => {
  const [one, three] = [least(), least({ furtherArms: SPREAD })];
  expect(one.weakest.margin).toBeLessThan(0.5);
  expect(three.weakest.margin / one.weakest.margin).toBeGreaterThan(3);
  expect(three.interfaces.filter(({ id }) => id === 'surface').map(({ name }) => name)).toEqual([
    'suction cup, single on the surface',
    'second arm’s suction cup, single on the surface',
    'third arm’s suction cup, single on the surface',
  ]);
  // All of it is weighed, and pulled at as one.
  expect(three.weightN).toBeGreaterThan(one.weightN);
  expect(three.pullTest.newton).toBeGreaterThanOrEqual(one.pullTest.newton);
});

it('the arm that is found by itself is no worse than those set by hand', () => {
  const { rig, setUp } = onDoor();
  const found = steadiestArm(rig, setUp)!;
  const gives = (furtherArm: FurtherArm) => {
    const { resolved, pose } = stood({ furtherArms: [furtherArm] });
    const { together } = armFrame(resolved, pose, usual)!;
    return [0, 1, 2].reduce((sum, i) => sum + together[i]![i]!, 0);
  };
  for (const by of SPREAD) expect(gives(found)).toBeLessThanOrEqual(gives(by) * 1.02);
  expect(steadiestArm(rig, { ...setUp, furtherArms: SPREAD })).toBeNull();
});

describe('an arm that does not go says why', () => {
  const refusal = (over: Partial<SetUp>) => {
    const { rig, setUp } = onDoor(over);
    return armsRefusal(rig, resolveSetUp(rig, setUp));
  };
  it('too far, too near, on nothing, past a damper, on a camera with one screw point', () => {
    expect(refusal({ furtherArms: SPREAD })).toBeNull();
    expect(refusal({ furtherArms: [arm(0.4, 0)] })).toMatch(
      /the second arm has to be \d+ mm long, the .* is 100 mm to 300 mm: put its base nearer/,
    );
    expect(refusal({ furtherArms: [arm(0.03, 0.03, 'medium-pole')] })).toMatch(/farther away/);
    expect(refusal({ furtherArms: [arm(0, 2)] })).toMatch(/second arm: there is no surface there/);
    expect(refusal({ furtherArms: SPREAD, links: [link('stiff-arm', 0.15, 10), link('damper-plate', 0.04)] })).toMatch(
      /takes its effect away/,
    );
    // By another spot of the same car; and not by what moves against it, nor through its sheet.
    const by = (spotId: string, linkId = 'medium-pole') => refusal({ furtherArms: [{ ...arm(0, 0, linkId), spotId }] });
    expect(by('sill')).toBeNull();
    expect(by('dash', 'long-pole')).toMatch(/would go through the/);
    expect(by('chest')).toMatch(/move against each other/);
    expect(by('gone')).toMatch(/is not on this carrier now/);
    expect(refusal({ furtherArms: SPREAD, cameraId: 'cube-camera' })).toMatch(/one screw point/);
  });

  it('and Hold stops it', () => {
    expect(least({ furtherArms: [arm(0.4, 0)] }).refusal).toMatch(/has to be/);
  });
});

it('weighs and takes what its pieces do', () => {
  const [one, three] = [stood(), stood({ furtherArms: SPREAD })].map(({ resolved }) => resolved);
  const added = three!.furtherArms.reduce(
    (sum, { base, link }) => sum + base.massKg.value + link.massKg.value + three!.head.massKg.value,
    0,
  );
  expect(strutMassKg(three!) - strutMassKg(one!)).toBeCloseTo(added, 9);
  expect(minutesToFit(three!)).toBeGreaterThan(minutesToFit(one!) + 5);
});

it('drawn tight against each other the arms leave the play of one joint', () => {
  const [one, three] = [stood(), stood({ furtherArms: SPREAD })].map(({ resolved }) =>
    playTurn2(resolved, 20, USUAL_ENDS),
  );
  expect(three!).toBeLessThan(one!);
  expect(three!).toBeGreaterThan(0);
});

it('stands on the part’s own surface, and reaches the cage with both ends', () => {
  const { resolved, pose } = stood({ furtherArms: SPREAD });
  const standing = standingArms(resolved, pose);
  // Two arms never share a screw point.
  expect(new Set(standing.map(({ to }) => to.map((v) => v.toFixed(4)).join())).size).toBe(2);
  for (const { lengthM, worldFromBase } of standing) {
    expect(lengthM).toBeGreaterThan(0.1);
    // A door faces outward, to the left.
    expect(worldFromBase.rotation[7]).toBeLessThan(-0.8);
  }
});

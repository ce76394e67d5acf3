import { ridgeLoop } from '../../../../testing/outings';
import { mutated } from '../../../../testing/mutations';
import { rigOfShot } from '../../../deciding/outing/outing';
import { newCarrier } from '../../../deciding/outing/newOuting';
import { changeProblem } from '../../../deciding/outing/changeProblem';
import type { Outing } from '../../../deciding/outing/records/outingRecord';
import { shotQuestion } from '../../../deciding/outing/shotQuestion';
import { poseRig } from '../../../posing/rig/poseRig';
import { lostSpots, placedSpots, whyUnplaced } from '../../../posing/rig/spots';
import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { meshBounds } from '../../../mathematics/geometry/mesh';
import { surfacePoint } from '../../../mathematics/geometry/surfacePoint';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import { newAsk } from '../../../words/shot/ask';
import type { SetUp } from '../../../words/setUp/setUp';
import type { ShotQuestion } from '../../../words/shot/shotQuestion';
import { shotReport } from '../../../judging/report/shotReport';
import { sideElevation } from '../../drawing/sideElevation';
import { cardContent } from '../../card/cardContent';
import { parseOuting, readOuting, serialiseOuting } from './parseOuting';
import { parseSetUpFile, setUpFileOf } from './setUpFile';

/** So many of each; npm run endure asks for more. */
const ROUNDS = Number(process.env.FUZZ ?? 40);
jest.setTimeout(60_000 + ROUNDS * 500);

const first = ridgeLoop();
/** Where a ray from above meets the top tube, in the tube's own frame. */
const tube = poseRig(rigOfShot(first, first.shots[0]!), SET_UP_STANCE_ID).byId.get('topTube')!;
const { min, max } = meshBounds(tube.mesh);
const onTube = surfacePoint(tube.mesh, [(min[0] + max[0]) / 2, 5, (min[2] + max[2]) / 2], [0, -1, 0])!;

/** All of it somebody's own. */
const ownSetUp: SetUp = {
  ...first.shots[0]!.setUp,
  spotId: 'own-s',
  baseId: 'own-b',
  cameraId: 'own-c',
  modeId: 'own',
  stabiliserId: 'off',
  links: [{ linkId: 'own-l', lengthM: 0.2, bendDeg: 10, turnDeg: 0 }],
};
/** With something of every kind in it. */
const full: Outing = {
  ...first,
  carriers: [
    {
      ...first.carriers[0]!,
      rig: {
        ...first.carriers[0]!.rig,
        fit: { wheelbase: 1.2 },
        subject: { machineId: 'kayak', distanceM: 6, bearingDeg: 20, headingDeg: 0, aboveM: 0 },
        ownSpots: [
          { id: 'own-s', name: 'Top of the tube', partId: 'topTube', point: onTube.point, normal: onTube.normal, surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.035 } },
        ],
      },
      spotLogs: [{ id: 'log', spotId: 'chest', fileName: 'a.csv', at: '2027-02-14T10:00:00Z', seconds: 60, sampleHz: 200, bands: [{ lowHz: 10, highHz: 20, ratio: 1.4 }], used: true }],
    },
    newCarrier('second', 'kayak', 1.7),
  ],
  ownKit: {
    cameras: [{ id: 'own-c', name: 'Mine', projection: 'equidistant', fovDeg: 120, fovAcross: 'horizontal', widthPx: 3840, heightPx: 2160, framesPerSecond: 50, depthM: 0.03, heightM: 0.04, widthM: 0.06, massKg: 0.13, closestFocusM: 0.3 }],
    links: [{ id: 'own-l', name: 'Stick', lowM: 0.1, highM: 0.3, thicknessM: 0.02, massKg: 0.1 }],
    bases: [{ id: 'own-b', name: 'Wedge', kind: 'strap', shapes: ['tube', 'bar'], tubeLowM: 0.02, tubeHighM: 0.06, heightM: 0.02, massKg: 0.05 }],
  },
  supplies: { cameras: [{ cameraId: 'cube-camera', batteries: 3, cardGb: 64, worn: true, drawFactor: 1.2 }], bays: 2, eveningH: 3 },
  where: { latDeg: 50, lonDeg: -3, timeZone: 'UTC' },
  shots: [first.shots[0]!, { ...first.shots[0]!, id: 's2', setUp: ownSetUp }].map((shot) => ({
    ...shot,
    ask: { ...newAsk(shot.intentId, shot.carrierId), shares: { hands: [0.02, 0.3] }, sun: { bearingDeg: 30, heightDeg: 20 }, light: 'front' },
    hour: { at: '16:20', headingDeg: 210 },
    use: { takes: 4, hours: 5, stintMin: 30, start: 'button', offBetween: true, preRecord: true, screenOn: true, feed: 'power bank', foam: true, recorder: true, mostKg: 0.4, fromC: 2 },
    stanceShares: { crouch: 0.5, seated: 0 },
    setUp: { ...shot.setUp, shutterS: 0.001, ndStops: 2, fastening: 'tight', putOn: { altitudeM: 120, temperatureC: 4 } },
    clips: [{ id: 'clip', at: '2027-02-14T10:00:00Z', marks: { left: [0, 0.5], right: [1, 0.5] }, measuredTiltDeg: 3, measuredRollDeg: 1, tiltByDeg: -3, rollByDeg: -1, applied: true }],
    log: [{ id: 'e', at: '2027-02-14T11:00:00Z', done: true, usable: 'yes', held: 'held', note: 'fine' }],
    pullTests: [{ at: '2027-02-14T09:00:00Z', newton: 60, held: true }],
  })),
}; // prettier-ignore

let opened = 0;

/** All that the sheets of a shot ask of the computation. */
function openEverySheet(question: ShotQuestion): void {
  if (whyUnplaced(question.rig, question.setUp.spotId) !== null) return;
  // A range is 128 reports of Steady.
  const report = shotReport(question, { columns: 12, ranges: ++opened % 10 === 0 });
  for (const check of report.checks) {
    if (check.verdict !== "can't say")
      for (const finding of check.findings) expect(finding.because).not.toMatch(/NaN|undefined/);
  }
  sideElevation(question.rig, question.setUp);
}

const open = (outing: Outing) => {
  for (const carrier of outing.carriers) {
    const rig = rigOfShot(outing, { carrierId: carrier.id });
    placedSpots(rig);
    lostSpots(rig);
  }
  for (const shot of outing.shots) {
    openEverySheet(shotQuestion(outing, shot));
    if (whyUnplaced(rigOfShot(outing, shot), shot.setUp.spotId) === null) cardContent(outing, shot, 'imperial');
  }
};

function through<Read>(
  text: string,
  seed: number,
  parse: (text: string) => { ok: boolean; value?: Read; problems?: readonly string[] },
  use: (read: Read) => void,
) {
  const random = seededNumbers(seed);
  let accepted = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const changed = mutated(text, random);
    const parsed = parse(changed);
    if (!parsed.ok) {
      expect(parsed.problems!.join(' ')).toMatch(/\w{3}/);
      expect(parsed.problems!.join(' ')).not.toMatch(/Cannot read|is not a function|undefined \(/);
      continue;
    }
    accepted++;
    try {
      use(parsed.value as Read);
    } catch (error) {
      throw new Error(`round ${round} was taken and then threw: ${(error as Error).stack}\n${changed.slice(0, 6000)}`);
    }
  }
  return accepted;
}

it('whatever is done to an outing, it is refused with a reason, or opens on every sheet and is written and read again', () => {
  const accepted = through(serialiseOuting(full), 5, parseOuting, (outing) => {
    open(outing);
    expect(parseOuting(serialiseOuting(outing))).toEqual({ ok: true, value: outing });
  });
  expect(accepted).toBeGreaterThan(ROUNDS / 80);
  expect(accepted).toBeLessThan(ROUNDS);
});

it('whatever is done to a set-up file, it is refused with a reason or can be worked out', () => {
  const accepted = through(JSON.stringify(setUpFileOf(full, 's1')), 11, parseSetUpFile, openEverySheet);
  expect(accepted).toBeGreaterThan(ROUNDS / 80);
  expect(accepted).toBeLessThan(ROUNDS);
});

it('what is changed is whole before: both its shots can be worked out', () => {
  const parsed = parseOuting(serialiseOuting(full));
  expect(parsed).toEqual({ ok: true, value: full });
  for (const shot of full.shots) expect(whyUnplaced(rigOfShot(full, shot), shot.setUp.spotId)).toBeNull();
  open(full);
});

it('whatever edit goes through can be read back, and whatever is held up could not, but for ids', () => {
  const random = seededNumbers(31);
  const text = serialiseOuting(full);
  let [through, held] = [0, 0];
  for (let round = 0; round < ROUNDS * 4; round++) {
    let edited: Outing;
    try {
      edited = {
        ...full,
        ...(JSON.parse(mutated(text, random)) as Outing),
        format: full.format,
        version: full.version,
      };
    } catch {
      continue;
    }
    if (!Array.isArray(edited.shots) || !Array.isArray(edited.carriers) || edited.shots.some((s) => s == null))
      continue;
    const problem = changeProblem(full, edited);
    const { ok } = readOuting(edited as unknown as Record<string, unknown>);
    if (problem === null) {
      through++;
      expect(ok).toBe(true);
    } else {
      held++;
      // Ids that are missing or doubled are made anew in reading.
      if (!/\bid\b|carrierIds/.test(problem)) expect([problem, ok]).toEqual([problem, false]);
    }
  }
  expect(Math.min(through, held)).toBeGreaterThan(ROUNDS / 4);
});

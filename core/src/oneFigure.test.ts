/** One question, one figure: whatever sheet asks, mass, swing, pull test, tilt and distance are the same. 200 random set-ups, seeded. */
import { isParticular } from './words/rule/rule';
import { CARRIERS, INTENTS } from '../catalog/index.generated';
import { newCarrier, newOuting } from './deciding/outing/newOuting';
import type { Outing } from './deciding/outing/records/outingRecord';
import type { Shot } from './deciding/outing/records/shotRecord';
import { shotQuestion } from './deciding/outing/shotQuestion';
import { candidateOf } from './deciding/search/candidateOf';
import { judgedBy } from './deciding/search/judgeStrut';
import { foundBy, reportIn } from './judging/report/shotReport';
import { shotScene } from './judging/scene/shotScene';
import { seededNumbers } from './mathematics/numbers/seededNumbers';
import { resolveRig } from './posing/lookup/resolveRig';
import { kitWith } from './posing/lookup/kit';
import { placedSpots } from './posing/rig/spots';
import { baseRefusal } from './posing/strut/baseRefusal';
import { tiltWords } from './mathematics/units/tiltWords';
import { cardContent, pullWords, smallLength } from './showing/card/cardContent';
import { forceElevation } from './showing/drawing/forceElevation';
import { sideElevation } from './showing/drawing/sideElevation';

const random = seededNumbers(41);
const pick = <Item>(items: readonly Item[]): Item => items[Math.floor(random() * items.length)]!;
const machines = CARRIERS.filter((c) => c.kind === 'machine').map((c) => c.id);
const kit = kitWith();

/** Any camera on any base that goes on any spot, with up to two links, pointed anywhere. */
function randomShot(i: number): { outing: Outing; shot: Shot } | null {
  const carrier = newCarrier('c', pick(machines), pick([1.6, 1.9]));
  const { spot } = pick(placedSpots(carrier.rig));
  const bases = kit.bases.filter((b) => baseRefusal(b, spot.surface) === null);
  if (bases.length === 0) return null;
  const camera = pick(kit.cameras);
  const links = Array.from({ length: Math.floor(random() * 3) }, () => {
    const { id, lengthM, bendLimitDeg } = pick(kit.links);
    const length = lengthM.low + random() * (lengthM.high - lengthM.low);
    return {
      linkId: id,
      lengthM: length,
      bendDeg: (2 * random() - 1) * bendLimitDeg,
      turnDeg: Math.floor(random() * 360) - 180,
    };
  });
  const shot: Shot = {
    id: `s${i}`,
    name: `Shot ${i}`,
    carrierId: 'c',
    intentId: pick(INTENTS).id,
    note: '',
    seconds: 10,
    actionStanceId: resolveRig(carrier.rig).machine.actionStanceId,
    horizonAt: null,
    clips: [],
    log: [],
    acknowledged: [],
    pullTests: [],
    setUp: {
      spotId: spot.id,
      baseId: pick(bases).id,
      links,
      headId: pick(kit.heads).id,
      cameraId: camera.id,
      modeId: pick(camera.modes).id,
      stabiliserId: pick(camera.stabilisers).id,
      mounting: 'upright',
      angles: { panDeg: 0, tiltDeg: Math.round(random() * 120 - 60), rollDeg: 0 },
    },
  };
  return { outing: { ...newOuting('o', '2027-02-14T08:00:00.000Z'), carriers: [carrier], shots: [shot] }, shot };
}

const rigOf = ({ outing }: { outing: Outing }): string => JSON.stringify(outing.carriers[0]!.rig);
/** Those of one rig follow each other, so that its scene is built once. */
const shots = Array.from({ length: 200 }, (_, i) => randomShot(i))
  .flatMap((s) => s ?? [])
  .sort((a, b) => rigOf(a).localeCompare(rigOf(b)));

it('makes some two hundred', () => expect(shots.length).toBeGreaterThan(180));

it.each(
  shots.map(
    ({ outing, shot }, i) =>
      [`${i}: ${outing.carriers[0]!.rig.machineId}, ${shot.setUp.spotId}`, outing, shot, i] as const,
  ),
)('%s', (_, outing, shot, i) => {
  const question = shotQuestion(outing, shot);
  const scene = shotScene(question);
  const report = reportIn(scene);
  const hold = foundBy(report, 'hold');
  const steady = foundBy(report, 'steady');
  // Mass: bench, Hold and Find.
  expect(report.massKg).toBeCloseTo(
    hold.pieces.reduce((sum, p) => sum + p.massKg, 0),
    9,
  );
  expect(hold.weightN).toBeCloseTo(report.massKg * 9.80665, 6);
  const found = judgedBy([], scene, { all: true });
  const candidate = candidateOf({ carrierId: 'c', onlyIn: null }, scene, found);
  expect(candidate.facts.massKg).toBeCloseTo(report.massKg, 12);
  expect(found.terms.find((t) => t.id === 'mass')!.text).toContain(`${Math.round(report.massKg * 1000)} g`);
  // Swing: bench and Steady.
  expect(report.swing.frequencyHz).toBe(steady.modes[0]!.frequencyHz);
  // Shaking: Steady and what Hold throws the camera by.
  expect(steady.accelerationMS2).toBe(scene.shaken().shake.accelerationMS2);
  // Tilt, pull test, reach and height: card, bench, drawing.
  // Every fourth card asks the question itself.
  const card = cardContent(outing, shot, 'metric', i % 4 === 0 ? undefined : report);
  const number = (label: string) => card.numbers.find((n) => n.label === label)!.value;
  // A picture that is turned afterwards tells its body and its view apart.
  const { reads, onPole, viewAfterwards } = report.level;
  expect(viewAfterwards ?? reads).toEqual(shot.setUp.angles);
  expect(card.level.tilt).toBe(onPole ? 'straight on its pole' : tiltWords(reads.tiltDeg, 'up', 'down', 'level'));
  if (viewAfterwards) expect(card.level.beside).toContain(tiltWords(viewAfterwards.tiltDeg, 'up', 'down', 'level'));
  expect(number('Pull test')).toBe(`${pullWords(hold.pullTest)}, ${hold.pullTest.direction}`);
  expect(number('Reach along the surface')).toBe(smallLength(report.reachM, 'metric'));
  expect(number('Height off the surface')).toBe(smallLength(report.heightM, 'metric'));
  // Verdicts: card and report, check by check; rules too.
  expect(card.checks.map((c) => c.verdict)).toEqual(report.checks.map((c) => c.verdict));
  // What counts for every ride stands on the sheet of Hold alone.
  for (const rule of hold.rules.filter(isParticular)) expect(card.cautions.join(' ')).toContain(rule.text);
  // The forces that are drawn are those that are reckoned with.
  const drawn = forceElevation(question.rig, shot.setUp, shot.actionStanceId, hold);
  const weight = drawn.forces.find((f) => f.name === 'weight');
  expect(weight!.newton).toBeCloseTo(hold.weightN, 6);
  expect(sideElevation(question.rig, shot.setUp).joints).toHaveLength(shot.setUp.links.length + 2);
});

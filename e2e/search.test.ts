import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { INTENTS, newCarrier, newOuting, newShot } from '@strut-spot/core';

const ROOT = join(__dirname, '..');
const TRIP = join(ROOT, 'web/src/demo/skerra.json');

/** As npm run search does, the server's programs being built already. */
const search = (...rest: readonly string[]) =>
  spawnSync(process.execPath, ['server/dist/search.js', ...rest], { cwd: ROOT, encoding: 'utf8' });

/** A flight with two shots, few spots to search. */
function flight(): string {
  const carrier = newCarrier('drone', 'multirotor', 1.75);
  const shots = ['clear-ahead', 'who-follows'].map((id) =>
    newShot(id, carrier, carrier.rig, { intent: INTENTS.find((intent) => intent.id === id)! }),
  );
  const file = join(mkdtempSync(join(tmpdir(), 'search-')), 'flight.json');
  writeFileSync(
    file,
    JSON.stringify({ ...newOuting('flight', '2027-02-14T08:00:00.000Z'), name: 'Flight', carriers: [carrier], shots }),
  );
  return file;
}

it('searches the shots of an outing from the command line, the same in one thread as in two', () => {
  const trip = flight();
  const [one, two] = ['1', '2'].map((jobs) => search(trip, '--shot', 'who-follows', '--jobs', jobs));
  expect([one!.status, two!.status]).toEqual([0, 0]);
  expect(two!.stdout).toBe(one!.stdout);
  const { shots } = JSON.parse(one!.stdout) as {
    shots: { id: string; places: { score: number; stopped: boolean; verdicts: Record<string, string> }[] }[];
  };
  expect(shots.map(({ id }) => id)).toEqual(['who-follows']);
  const { places } = shots[0]!;
  expect(places.length).toBeGreaterThan(1);
  places.slice(1).forEach(({ score }, i) => expect(score).toBeLessThanOrEqual(places[i]!.score));
  expect(Object.keys(places[0]!.verdicts)).toEqual(['frame', 'steady', 'hold', 'clear', 'light', 'last']);
});

it.each([
  [[], /Which outing/],
  [['nowhere.json'], /Cannot read/],
  [[join(ROOT, 'package.json')], /package\.json:/],
  [[TRIP, '--jobs', '0'], /whole number from 1/],
  [[TRIP, '--shot', 'none'], /No shot "none"/],
  [[TRIP, '--faster'], /faster/],
])('with %j it says what is wrong', (rest, said) => {
  const { status, stderr, stdout } = search(...rest);
  expect([status, stdout]).toEqual([1, '']);
  expect(stderr).toMatch(said);
});

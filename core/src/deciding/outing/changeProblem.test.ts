import { ridgeLoop } from '../../../testing/outings';
import { parseOuting, serialiseOuting } from '../../showing/formats/outingJson/parseOuting';
import { newAsk } from '../../words/shot/ask';
import { changeProblem } from './changeProblem';
import type { Outing } from './records/outingRecord';
import { OUTING_LIMITS } from './records/schemaParts';
import type { Shot } from './records/shotRecord';

const outing = ridgeLoop();
const [shot] = outing.shots;
const [carrier] = outing.carriers;
const shots = (all: readonly Shot[]): Outing => ({ ...outing, shots: all });
const edited = (over: Partial<Shot>): Outing => shots([{ ...shot!, ...over }]);
const many = <T extends object>(count: number, one: T) =>
  Array.from({ length: count }, (_, i) => ({ ...one, id: `n${i}` }));
const entry = { id: 'e', at: '2027-02-14T10:00:00Z', done: true, usable: 'yes', held: 'held', note: '' } as const;
const pull = { at: '2027-02-14T10:00:00Z', newton: 60, held: true };
const ride = (over: object): Outing => ({
  ...outing,
  carriers: [{ ...carrier!, ride: { ...carrier!.ride, ...over } }],
});

it('what is within the limits goes through', () => {
  expect(changeProblem(outing, edited({ note: 'x'.repeat(OUTING_LIMITS.noteLength), seconds: 12 }))).toBeNull();
  expect(changeProblem(outing, shots(many(OUTING_LIMITS.shots, shot!)))).toBeNull();
  expect(changeProblem(outing, { ...outing, name: 'x'.repeat(OUTING_LIMITS.nameLength) })).toBeNull();
});

it.each([
  ['the 201st shot', shots(many(201, shot!)), /at most 200 shots/],
  ['the 25th carrier', { ...outing, carriers: many(25, carrier!) }, /at most 24 carriers/],
  ['too long a note of a shot', edited({ note: 'x'.repeat(4001) }), /note is longer than 4000/],
  ['too long a note of the outing', { ...outing, note: 'x'.repeat(4001) }, /^note is longer/],
  ['too long a name', edited({ name: 'x'.repeat(121) }), /name is longer than 120/],
  ['the 501st log entry', edited({ log: many(501, entry) }), /log has more than 500 entries/],
  [
    'the 101st pull',
    edited({ pullTests: many(101, pull).map(({ at, newton, held }) => ({ at, newton, held })) }),
    /pullTests has more than 100/,
  ],
  [
    'a share from high to low',
    edited({ ask: { ...newAsk('clear-ahead', 'carrier'), shares: { way: [0.004, 0] } } }),
    /ask.shares/,
  ],
  ['no number', edited({ seconds: NaN }), /seconds is not a number/],
  ['a drop higher than it may be', ride({ dropM: 10.0003 }), /ride.dropM is above 10/],
  ['a day that is none', { ...outing, date: '' }, /date is not a day/],
] as const)('%s is held up, with the reason', (_, after, says) => {
  expect(changeProblem(outing, after)).toMatch(says);
});

it('what it lets through is read back, what it holds up is refused', () => {
  const edits: readonly Outing[] = [
    edited({ seconds: 36000, horizonAt: 1 }),
    edited({ seconds: 36001 }),
    edited({ horizonAt: -0.1 }),
    edited({ name: '' }),
    edited({ setUp: { ...shot!.setUp, shutterS: 0.004, ndStops: 3, curedH: 12, fastening: 'tight' } }),
    edited({ setUp: { ...shot!.setUp, ndStops: 13 } }),
    { ...outing, carriers: [] },
    ride({ windMps: 50, temperatureC: -40, rpm: null }),
    ride({ rpm: 5 }),
    { ...outing, startsAt: '24:00' },
    { ...outing, where: { latDeg: 91, lonDeg: 0, timeZone: 'UTC' } },
    { ...outing, where: { latDeg: 9, lonDeg: 0, timeZone: 'Nowhere/Else' } },
    { ...outing, shots: outing.shots.map((s) => ({ ...s, hour: { at: '25:00', headingDeg: null } })) },
  ];
  for (const after of edits) {
    expect([after.shots[0]?.seconds, changeProblem(outing, after) === null]).toEqual([
      after.shots[0]?.seconds,
      parseOuting(serialiseOuting(after)).ok,
    ]);
  }
});

it('what was not touched is not looked at: one bad thing that lies there keeps nobody from editing the rest', () => {
  const bad = { ...shot!, id: 'bad', seconds: -5 };
  const before = shots([shot!, bad]);
  expect(changeProblem(before, { ...before, shots: [{ ...shot!, note: 'new' }, bad] })).toBeNull();
});

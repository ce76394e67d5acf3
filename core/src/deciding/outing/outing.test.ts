import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  parseOuting,
  parseSetUpFile,
  serialiseOuting,
  setUpFileOf,
} from '../../showing/formats/outingJson/parseOuting';
import { cardContent } from '../../showing/card/cardContent';
import { convexHull, sideElevation } from '../../showing/drawing/sideElevation';
import { INTENTS } from '../../../catalog/index.generated';
import { OUTING_MIGRATIONS, migrateOuting } from './migrations';
import { newAsk, type Ask } from '../../words/shot/ask';
import { newOuting, newShot } from './newOuting';
import { OUTING_VERSION, rigOfCarrier, type Outing } from './outing';

const now = '2027-02-14T08:00:00.000Z';
const empty = newOuting('o1', now);
const rig = rigOfCarrier(empty, empty.carriers[0]!);
const outing: Outing = {
  ...empty,
  name: 'Ridge loop',
  shots: [
    newShot(
      's1',
      empty.carriers[0]!,
      rig,
      INTENTS.find((i) => i.id === 'hands-and-trail')!,
    ),
  ],
};
const stored = readFileSync(join(__dirname, 'fixtures/outing-v1.json'), 'utf8');

const problemsOf = (text: string): string => {
  const parsed = parseOuting(text);
  if (parsed.ok) throw new Error('was taken');
  return parsed.problems.join(' ');
};
const changed = (edit: (o: Record<string, unknown>) => void): string => {
  const copy = JSON.parse(serialiseOuting(outing)) as Record<string, unknown>;
  edit(copy);
  return JSON.stringify(copy);
};

describe('an outing as a file', () => {
  it('comes back the same', () => {
    expect(parseOuting(serialiseOuting(outing))).toEqual({ ok: true, value: outing });
  });

  describe('what was asked of a shot', () => {
    const asked = (edit: Partial<Ask>): Outing => ({
      ...outing,
      shots: outing.shots.map((shot) => ({ ...shot, ask: { ...newAsk(shot.intentId, shot.carrierId), ...edit } })),
    });
    it('comes back with what must not show and where the sun stands', () => {
      const whole = asked({ without: ['cables', 'legs'], sun: { bearingDeg: -45, heightDeg: 12 }, horizonBand: null });
      expect(parseOuting(serialiseOuting(whole))).toEqual({ ok: true, value: whole });
    });

    it.each([
      ['a thing nobody has', { without: ['wings' as 'legs'] }, /ask.without\[0\] must be one of/],
      ['a sun under the ground', { sun: { bearingDeg: 0, heightDeg: -5 } }, /ask.sun.heightDeg is below 0/],
      ['a sun from nowhere', { sun: { heightDeg: 5 } as never }, /ask.sun.bearingDeg/],
    ] as const)('%s is refused', (_, edit, says) => {
      const parsed = parseOuting(serialiseOuting(asked(edit)));
      expect(parsed.ok ? '' : parsed.problems.join(' ')).toMatch(says);
    });
  });

  it.each([
    ['cut off', serialiseOuting(outing).slice(0, 300), /not whole JSON.*export it again/],
    ['a list', '[]', /holds no document/],
    ['foreign', '{"format":"somebody/else","version":1}', /format is "somebody\/else", wanted "strut-spot\/outing"/],
    ['newer', changed((o) => (o.version = 99)), /version 99, newer than this program reads \(5\)/],
    ['too long a name', changed((o) => (o.name = 'x'.repeat(500))), /name is longer than 120/],
    [
      'an impossible tilt',
      changed((o) => ((o.shots as { setUp: { angles: { tiltDeg: number } } }[])[0]!.setUp.angles.tiltDeg = 900)),
      /shots\[0\].setUp.angles.tiltDeg is above 180/,
    ],
    [
      'an unknown camera',
      changed((o) => ((o.shots as { setUp: { cameraId: string } }[])[0]!.setUp.cameraId = 'pinhole')),
      /shots\[0\].setUp.*no camera "pinhole".*cube-camera/,
    ],
    [
      'an unknown machine',
      changed((o) => ((o.carriers as { rig: { machineId: string } }[])[0]!.rig.machineId = 'sledge')),
      /no machine "sledge"/,
    ],
    [
      'an unknown stance',
      changed((o) => ((o.shots as { actionStanceId: string }[])[0]!.actionStanceId = 'flying')),
      /no stance "flying"/,
    ],
    [
      'a shot from a carrier that is not there',
      changed((o) => ((o.shots as { carrierId: string }[])[0]!.carrierId = 'balloon')),
      /no carrier "balloon"/,
    ],
    [
      'an own camera that cannot be',
      changed((o) => ((o.ownKit as { cameras: unknown[] }).cameras = [{ id: 'own-1', name: 'x', fovDeg: 900 }])),
      /ownKit\.cameras\[0\]/,
    ],
    ['a strange field', changed((o) => (o.surprise = 1)), /unknown fields: surprise/],
  ])('%s is refused with what is wrong', (_name, text, message) => {
    expect(problemsOf(text)).toMatch(message);
  });

  it('a file over the limit is refused before it is read', () => {
    expect(problemsOf(`"${'x'.repeat(5_000_001)}"`)).toMatch(/at most 5,000,000/);
  });
});

describe('migrations', () => {
  it('there is one for every older version', () => {
    expect(Object.keys(OUTING_MIGRATIONS).map(Number)).toEqual(
      Array.from({ length: OUTING_VERSION - 1 }, (_, i) => i + 1),
    );
  });

  it('the outing stored by version 1 is read today, nothing lost', () => {
    const parsed = parseOuting(stored);
    if (!parsed.ok) throw new Error(parsed.problems.join());
    const { rig: oldRig, ...rest } = JSON.parse(stored) as { rig: object };
    expect(parsed.value).toMatchObject({ ...rest, version: OUTING_VERSION, startsAt: '09:00' });
    // What was the one rig is the first carrier, and every shot is filmed from it.
    expect(parsed.value.carriers.map((c) => c.rig)).toEqual([oldRig]);
    expect(parsed.value.shots.every((s) => s.carrierId === parsed.value.carriers[0]!.id)).toBe(true);
    expect(parsed.value.shots[0]!.horizonAt).toBeNull();
    // The speed of the outing became the first carrier's, on its usual ground.
    expect(parsed.value.carriers[0]!.ride).toMatchObject({ speedMps: 6, groundId: 'rooty-trail' });
  });

  it('an ask stored by version 4 keeps its weights, lightness by its present name', () => {
    const ask = { intentId: 'clear-ahead', weights: { light: 7, steady: 2 } };
    const migrated = migrateOuting({ version: 4, shots: [{ id: 's', ask }, { id: 't' }] });
    expect(migrated.shots).toEqual([{ id: 's', ask: { ...ask, weights: { mass: 7, steady: 2 } } }, { id: 't' }]);
  });

  it('a present document is left alone', () => {
    expect(migrateOuting({ version: OUTING_VERSION, a: 1 })).toEqual({ version: OUTING_VERSION, a: 1 });
  });
});

describe('a set-up file', () => {
  it('comes back the same, and a foreign one is refused', () => {
    const file = setUpFileOf(outing, 's1');
    expect(parseSetUpFile(JSON.stringify(file))).toEqual({ ok: true, value: file });
    expect(parseSetUpFile(serialiseOuting(outing))).toMatchObject({ ok: false });
  });
});

describe('the card', () => {
  it('says what the level must read, the spot and the cautions that belong to it', () => {
    const shot = {
      ...outing.shots[0]!,
      setUp: { ...outing.shots[0]!.setUp, angles: { panDeg: 0, tiltDeg: 47.3, rollDeg: -3 } },
    };
    const card = cardContent(outing, shot, 'metric');
    expect(card.level).toEqual({ tilt: '47.5° up', roll: '3° left side low', pan: 'straight ahead' });
    expect(card.where).toBe('Chin bar');
    expect(card.cautions.join(' ')).toMatch(/blow/);
    expect(card.steps.join(' ')).toMatch(/Tether/);
    expect(JSON.stringify(card)).not.toMatch(/\bsafe\b/i);
    expect(cardContent(outing, shot, 'imperial').numbers[0]!.value).toMatch(/ in$/);
  });
});

describe('the side elevation', () => {
  it('draws the lens where the chain puts it and the axis at the set tilt', () => {
    const setUp = { ...outing.shots[0]!.setUp, angles: { panDeg: 0, tiltDeg: 40, rollDeg: 0 } };
    const drawing = sideElevation(rig, setUp);
    expect(drawing.view).toBe('side');
    expect(drawing.axisDeg).toBeCloseTo(40, 9);
    expect(drawing.joints[0]![0]).toBeCloseTo(0, 12);
    expect(drawing.body.length).toBeGreaterThanOrEqual(4);
  });

  it('a surface that faces sideways is drawn from above', () => {
    expect(sideElevation(rig, { ...outing.shots[0]!.setUp, spotId: 'helmet-side', baseId: 'adhesive-pad' }).view).toBe(
      'above',
    );
  });

  it('the outline of a square with points inside is the square', () => {
    expect(
      convexHull([
        [0, 0],
        [1, 0],
        [0.5, 0.5],
        [1, 1],
        [0, 1],
        [0.2, 0.7],
      ]),
    ).toHaveLength(4);
  });
});

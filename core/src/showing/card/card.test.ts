import { ridgeLoop } from '../../../testing/outings';
import { bikeRig, plainAt } from '../../../testing/rigs';
import { newCarrier, newOuting } from '../../deciding/outing/newOuting';
import type { Outing } from '../../deciding/outing/records/outingRecord';
import type { Shot } from '../../deciding/outing/records/shotRecord';
import type { SetUp } from '../../words/setUp/setUp';
import { tiltWords } from '../../mathematics/units/tiltWords';
import { cardContent, pullWords, smallLength } from './cardContent';

const carrier = { ...newCarrier('bike', 'mountain-bike', 1.75), rig: bikeRig() };
const card = (setUp: SetUp, units: 'metric' | 'imperial' = 'metric') => {
  const shot: Shot = {
    id: 's',
    name: 'Over the stem',
    carrierId: 'bike',
    intentId: 'hands-and-trail',
    actionStanceId: 'crouch',
    setUp,
    horizonAt: null,
    seconds: 10,
    note: '',
    clips: [],
    log: [],
  } as unknown as Shot;
  const outing: Outing = { ...newOuting('o', '2027-02-14T08:00:00.000Z'), carriers: [carrier], shots: [shot] };
  return cardContent(outing, shot, units);
};
const said = (lines: readonly { label: string; value: string }[], label: string) =>
  lines.find((line) => line.label === label)?.value;

describe('the card for the trailhead', () => {
  it('says what the level must read, and which way', () => {
    expect(card(plainAt('helmet-top', 12)).level).toMatchObject({
      tilt: '12° up',
      beside: 'sideways level, pan straight ahead',
    });
    expect(card(plainAt('helmet-top', -7.5)).level.tilt).toBe('7.5° down');
    const turned = plainAt('helmet-top', 0, { angles: { panDeg: -20, tiltDeg: 0, rollDeg: 3 } });
    expect(card(turned).level).toMatchObject({ beside: 'sideways 3° right side low, pan 20° to the left' });
  });

  it('gives the same lengths in millimetres and in inches of 25.4 mm', () => {
    const setUp = plainAt('helmet-top', 10);
    for (const label of ['Reach along the surface', 'Height off the surface']) {
      const [mm, inches] = (['metric', 'imperial'] as const).map((units) =>
        Number.parseFloat(said(card(setUp, units).numbers, label)!),
      );
      expect(Math.abs(mm! - inches! * 25.4)).toBeLessThan(0.5 + 0.005 * 25.4);
    }
  });

  it('says where on its stretch a spot lies, by tape, in its head and where the base is put on', () => {
    const { where, steps } = card(plainAt('chest', 20, { slideM: 0.05 }));
    expect(where).toMatch(/^Chest, 13[01] mm below the collar$/);
    expect(steps.find(({ id }) => id === 'put')!.words).toContain('mm below the collar');
    expect(card(plainAt('chest', 20), 'imperial').where).toMatch(/^Chest, 3\.\d\d in below the collar$/);
    expect(card(plainAt('helmet-top', 20)).where).toBe('Helmet, top');
  });

  it('names the chain from the surface outward, and the notch of its joint', () => {
    const { chain, numbers } = card(plainAt('helmet-top', 20));
    expect(chain.at(-1)).toBe('Cube camera');
    expect(chain.length).toBeGreaterThanOrEqual(3);
    expect(said(numbers, 'Joint')).toMatch(/notch(es)? (up|down) from the middle|middle notch/);
  });

  it('has the pull test among its numbers and its steps, and what to mind at the end', () => {
    const { numbers, steps, cautions } = card(plainAt('helmet-top', 10));
    const pull = said(numbers, 'Pull test')!.split(',')[0]!;
    expect(pull).toMatch(/^\d+ N \(\d+\.\d kgf\)$/);
    expect(steps.some(({ words }) => words.includes(pull))).toBe(true);
    expect(cautions.at(-1)).toMatch(/local rules/);
    expect(cautions.join(' ')).not.toMatch(/\bsafe\b/i);
  });

  it('speaks of a gimbal only where there is one', () => {
    const label = 'Gimbal keeps the lens';
    expect(said(card(plainAt('chest', 5)).numbers, label)).toBeUndefined();
    const gimbal = plainAt('chest', 5, {
      cameraId: 'pocket-gimbal',
      modeId: 'main',
      stabiliserId: 'off',
      gimbalTiltDeg: -6,
    });
    expect(said(card(gimbal).numbers, label)).toMatch(/^6° down/);
  });
});

it('half degrees are as fine as a level is read', () => {
  const words = (deg: number) => tiltWords(deg, 'up', 'down', 'level');
  expect([words(0.2), words(-0.2), words(0.3), words(-3.4), words(10.26)]).toEqual([
    'level',
    'level',
    '0.5° up',
    '3.5° down',
    '10.5° up',
  ]);
});

it('small lengths and pulls keep the digits that can be set and read', () => {
  expect([smallLength(0.0524, 'metric'), smallLength(0.0508, 'imperial')]).toEqual(['52 mm', '2.00 in']);
  expect(pullWords({ newton: 35, kgf: 3.569 } as Parameters<typeof pullWords>[0])).toBe('35 N (3.6 kgf)');
});

it('says what the level must read, the spot and the cautions that belong to it', () => {
  const outing = ridgeLoop();
  const shot = {
    ...outing.shots[0]!,
    setUp: { ...outing.shots[0]!.setUp, angles: { panDeg: 0, tiltDeg: 47.3, rollDeg: -3 } },
  };
  const card = cardContent(outing, shot, 'metric');
  expect(card.level).toMatchObject({
    caption: 'Level reads, standing upright astride, bike level',
    tilt: '47.5° up',
    beside: 'sideways 3° left side low, pan straight ahead',
  });
  expect(card.steps.find(({ id }) => id === 'level')!.words).toContain('standing upright astride, bike level');
  expect(card.where).toBe('Chin bar');
  expect(card.cautions.join(' ')).toMatch(/blow/);
  expect(card.steps.map(({ words }) => words).join(' ')).toMatch(/Tether/);
  expect(JSON.stringify(card)).not.toMatch(/\bsafe\b/i);
  const imperial = cardContent(outing, shot, 'imperial');
  expect(imperial.numbers[0]!.value).toMatch(/ in$/);
  expect(JSON.stringify(imperial)).not.toMatch(/\d (mm|cm|m|km\/h|kg|kgf|°C)\b/);
});

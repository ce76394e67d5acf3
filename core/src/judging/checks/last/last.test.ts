import { shotAt } from '../../../../outcomes/ask';
import { advisedReport } from '../../advice/advisedReport';
import { foundBy, shotReport } from '../../report/shotReport';
import { CAMERAS } from '../../../../catalog/index.generated';
import { findingsOf } from '../../../words/check/result';
import { newAsk } from '../../../words/shot/ask';
import type { ShotQuestion } from '../../../words/shot/shotQuestion';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { poseRig } from '../../../posing/rig/poseRig';
import { newCarrier } from '../../../deciding/outing/newOuting';
import { knownMachines } from '../../../posing/lookup/resolveRig';
import { wheelsOf } from '../../../physics/lasting/wheels';

const checked = (question: ShotQuestion) => shotReport(question, { only: ['last'] }).checks[0]!;
const foundAt = (question: ShotQuestion) => foundBy(shotReport(question, { only: ['last'] }), 'last');
const told = (question: ShotQuestion, id: string) => findingsOf(checked(question)).find((f) => f.id === id);

const chest = (ride = {}) => shotAt('mountain-bike', 'chest', 'hands-and-trail', { ride });

describe('battery and card', () => {
  it('a few takes are no matter; a day of running is told with how many batteries, and with cards', () => {
    expect(checked(chest()).verdict).toBe('good');
    const day = { ...chest(), use: { hours: 6, start: 'running' } } as const;
    expect(told(day, 'batteries')).toMatchObject({ verdict: 'watch', limit: [null, 1] });
    expect(told(day, 'card')!.mend!.text).toMatch(/cards of 128 GB, and one spare/);
    const enough = { ...day, supplies: { cameras: [{ cameraId: 'cube-camera', batteries: 8, cardGb: 512 }] } };
    expect([told(enough, 'batteries')!.verdict, told(enough, 'card')!.verdict]).toEqual(['good', 'good']);
  });

  it('one battery that does not reach the next stop stops the shot, and changing the way it is run mends it', () => {
    const far = { ...chest(), use: { hours: 5, stintMin: 150, start: 'running' } } as const;
    expect(told(far, 'stint')!.verdict).toBe('stop');
    const { mends } = advisedReport(far, { only: ['last'] });
    const use = mends.find((m) => m.use)!.use!;
    expect(told({ ...far, use }, 'stint')).toBeUndefined();
  });

  it('spare batteries are kept warm on the body in the cold', () => {
    const cold = { ...chest({ temperatureC: -8 }), use: { hours: 3, start: 'running' } } as const;
    expect(told(cold, 'batteries')!.mend!.text).toMatch(/warm on your body/);
  });

  it('fed with its door open in the wet it is told, dry it is not', () => {
    const fed = (weatherId: 'rain' | 'dry') => ({ ...chest({ weatherId }), use: { feed: 'power bank' } }) as const;
    expect(told(fed('rain'), 'door')!.verdict).toBe('watch');
    expect(told(fed('dry'), 'door')).toBeUndefined();
  });
});

it('a cable’s way is told: short from the dash to the screen, long from the pocket to a helmet, and what moves between its ends', () => {
  const fed = (question: ShotQuestion, feed: 'machine' | 'power bank') => ({ ...question, use: { feed } });
  const dash = told(fed(shotAt('coupe', 'screen-inside', 'clear-ahead'), 'machine'), 'cable')!;
  const helmet = told(fed(shotAt('mountain-bike', 'helmet-top', 'clear-ahead'), 'power bank'), 'cable')!;
  expect(dash.value).toBeGreaterThan(0.1);
  expect(helmet.value).toBeGreaterThan(0.7);
  expect(helmet.value).toBeLessThan(2);
  const bars = fed(shotAt('motorcycle', 'handlebar', 'clear-ahead'), 'machine');
  expect(told(bars, 'cable-moves')!.because).toMatch(/handlebar, which moves/);
  expect(told(chest(), 'cable')).toBeUndefined();
});

it('a hand that holds the paddle films for seconds, one that is free all the ride films on', () => {
  const paddler = told(shotAt('kayak', 'hand', 'low-and-fast'), 'hand')!;
  expect(paddler).toMatchObject({ verdict: 'watch', unit: '%' });
  expect(paddler.value).toBeGreaterThan(80);
  expect(told(shotAt('longboard', 'hand', 'low-and-fast'), 'hand')).toBeUndefined();
  expect(told(chest(), 'hand')).toBeUndefined();
});

describe('damp and cold', () => {
  it('colder than the dew point of the air it mists until it has warmed; warm out of the pocket it does not', () => {
    const warm = chest({ temperatureC: 25, humidityPct: 70 });
    const misty = told({ ...warm, use: { fromC: 4 } }, 'mist')!;
    expect(misty.verdict).toBe('watch');
    expect(misty.value).toBeGreaterThan(1);
    expect(misty.value).toBeLessThan(60);
    expect(told({ ...warm, use: { fromC: 24 } }, 'mist')).toBeUndefined();
  });

  it('breath settles on a chin camera in frost, not on one at the chest, and not in summer', () => {
    const at = (spotId: string, temperatureC: number) =>
      told(shotAt('mountain-bike', spotId, 'hands-and-trail', { ride: { temperatureC } }), 'breath');
    expect(at('chin-bar', -3)).toBeDefined();
    expect(at('chest', -3)).toBeUndefined();
    expect(at('chin-bar', 20)).toBeUndefined();
  });
});

describe('on the glass', () => {
  it('dry it stays clean; in rain what looks ahead is hit, what looks back under cover is not', () => {
    expect(foundAt(chest()).dirt).toEqual([]);
    const rain = (spotId: string, intentId: string) =>
      foundAt(shotAt('mountain-bike', spotId, intentId, { ride: { weatherId: 'rain' } })).lookMin;
    expect(rain('handlebar', 'clear-ahead')).toBeLessThan(5);
    expect(rain('under-saddle', 'who-follows')).toBeGreaterThan(100);
  });

  it('behind glass nothing comes, over water the lower place is sprayed sooner', () => {
    expect(foundAt(shotAt('four-by-four', 'dash', 'clear-ahead', { ride: { weatherId: 'muddy' } })).dirt).toEqual([]);
    const spray = (spotId: string) => foundAt(shotAt('kayak', spotId, 'clear-ahead')).lookMin;
    expect(spray('fore-deck')).toBeLessThan(spray('chest'));
  });

  it('what dips, and all that goes out through the waves, is washed over again and again; a lens above them is not', () => {
    const first = (machineId: string, spotId: string) =>
      foundAt(shotAt(machineId, spotId, 'clear-ahead')).dirt?.[0]?.kind;
    expect(first('surfboard', 'mouth')).toBe('wash');
    expect(first('kayak', 'stern-deck')).toBe('wash');
    expect(first('kayak', 'chest')).toBe('spray');
    const minutes = (spotId: string) => foundAt(shotAt('surfboard', spotId, 'clear-ahead')).lookMin;
    expect(minutes('hip')).toBeLessThan(minutes('mouth'));
  });

  it('wheels are found by what rolls on the ground: two on bikes, four on cars, none on what has none', () => {
    const count = (id: string) => {
      const { rig } = newCarrier('c', id, 1.75);
      return wheelsOf(rig, poseRig(rig, resolveRig(rig).machine.actionStanceId)).length;
    };
    const wheels = Object.fromEntries(knownMachines().map(({ id }) => [id, count(id)]));
    expect(wheels).toMatchObject({ 'mountain-bike': 2, 'road-bike': 2, motorcycle: 2, coupe: 4, buggy: 4, kayak: 0 });
    expect(wheels.glider).toBe(0);
  });
});

describe('sound, reach and attention', () => {
  const talks = (question: ShotQuestion): ShotQuestion => ({
    ...question,
    ask: { ...newAsk(question.intentId, 'c'), talking: true },
  });

  it('nothing is said of the voice unless one talks; a recorder at the collar helps where wind covers it', () => {
    const bars = shotAt('road-bike', 'handlebar', 'clear-ahead');
    expect(told(bars, 'talk')).toBeUndefined();
    const asked = talks(bars);
    expect(told(asked, 'talk')!.verdict).toBe('watch');
    const helped = told({ ...asked, use: { recorder: true } }, 'talk')!;
    expect(helped.value).toBeGreaterThan(told(asked, 'talk')!.value + 5);
    expect(told({ ...asked, use: { foam: false } }, 'talk')!.value).toBeLessThan(told(asked, 'talk')!.value - 5);
  });

  it('a ball of foam stays out of a wide picture, and comes into one that is tall and wide; without foam nothing is said', () => {
    const wide = (modeId: string, stabiliserId: string) =>
      told(
        { ...talks(shotAt('mountain-bike', 'chest', 'hands-and-trail', { setUp: { modeId, stabiliserId } })) },
        'foam',
      );
    expect(wide('straight', 'strong')!.verdict).toBe('good');
    expect(wide('tallest', 'off')!.value).toBeCloseTo(wide('straight', 'strong')!.value, 9);
    expect(wide('tallest', 'off')!.margin).toBeLessThan(wide('straight', 'strong')!.margin - 10);
    expect(told(chest(), 'foam')).toBeUndefined();
  });

  it('out of reach it runs through, in reach it is started by its button; who drives touches nothing', () => {
    expect(foundAt(chest()).start).toBe('button');
    expect(foundAt(shotAt('buggy', 'rear-tube', 'who-follows')).reach.arms).toBeGreaterThan(1);
    expect(foundAt(shotAt('coupe', 'dash', 'clear-ahead')).start).toBe('running');
    const pressed = { ...shotAt('coupe', 'dash', 'clear-ahead'), use: { start: 'button' } } as const;
    expect(['watch', 'good']).toContain(told(pressed, 'attention')!.verdict);
    expect(told({ ...pressed, use: { start: 'voice' } }, 'attention')!.verdict).toBe('good');
  });
});

it('a camera that is to stay dry is stopped on a surfboard, one that bears a dip is not', () => {
  const on = (cameraId: string) => {
    const camera = CAMERAS.find((c) => c.id === cameraId)!;
    const question = shotAt('surfboard', 'board-nose', 'look-back-at-the-face');
    return told(
      { ...question, setUp: { ...question.setUp, cameraId, modeId: camera.modes[0]!.id, stabiliserId: 'off' } },
      'water',
    );
  };
  expect(on('compact')!.verdict).toBe('stop');
  expect(on('cube-camera')).toBeUndefined();
});

it('drag is felt by a rider on a pole, hardly on the chest, and a glider loses glide outside, none inside', () => {
  const glide = (spotId: string, intentId: string) => told(shotAt('glider', spotId, intentId), 'drag')!.value;
  expect(glide('wing-left', 'whole-craft')).toBeGreaterThan(0.2);
  expect(glide('panel-top', 'over-the-shoulder')).toBe(0);
  expect(told(chest(), 'drag')!.value).toBeLessThan(2);
  expect(told({ ...chest(), use: { mostKg: 0.1 } }, 'grams')!.verdict).toBe('watch');
  expect(told({ ...chest(), use: { mostKg: 1 } }, 'grams')!.verdict).toBe('good');
});

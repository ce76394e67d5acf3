import { ridgeLoop } from '../../../../testing/outings';
import { newAsk } from '../../../words/shot/ask';
import { serialiseOuting } from './parseOuting';
import { parseSetUpFile, setUpFileOf } from './setUpFile';

const outing = ridgeLoop();
const file = setUpFileOf(outing, 's1');
const problemsOf = (over: object): string => {
  const parsed = parseSetUpFile(JSON.stringify({ ...file, ...over }));
  if (parsed.ok) throw new Error('was taken');
  return parsed.problems.join(' ');
};

it('comes back the same, with what was asked', () => {
  expect(parseSetUpFile(JSON.stringify(file))).toEqual({ ok: true, value: file });
  const asked = { ...file, ask: newAsk(file.intentId, 'carrier') };
  expect(parseSetUpFile(JSON.stringify(asked))).toEqual({ ok: true, value: asked });
});

it('what clips taught goes along', () => {
  const lesson = { machineId: 'mountain-bike', partId: 'torso', spotId: 'chest', pitchDeg: 5, rollDeg: -1, used: true };
  const taught = setUpFileOf({ ...outing, lessons: [{ id: 'l', at: '2027-02-13T09:00:00Z', ...lesson }] }, 's1');
  expect(taught.rig.learnt).toHaveLength(2);
  expect(parseSetUpFile(JSON.stringify(taught))).toEqual({ ok: true, value: taught });
});

it('how bases held goes along, and what is no such list is refused', () => {
  const shots = outing.shots.map((shot) => ({
    ...shot,
    log: [
      { id: 'e', at: '2027-02-14T10:00:00Z', done: true, usable: 'yes' as const, held: 'slipped' as const, note: '' },
    ],
  }));
  const logged = setUpFileOf({ ...outing, shots }, 's1');
  expect(logged.heldBefore).toContainEqual(expect.objectContaining({ spotId: logged.setUp.spotId, moved: 1 }));
  expect(parseSetUpFile(JSON.stringify(logged))).toEqual({ ok: true, value: logged });
  expect(problemsOf({ heldBefore: [{ spotId: 'chest' }] })).toMatch(/heldBefore\[0\]/);
});

it('one of before there was a ride is read', () => {
  const { ride, measured, ...old } = file;
  expect([ride, measured]).not.toContain(undefined);
  expect(parseSetUpFile(JSON.stringify(old))).toEqual({ ok: true, value: old });
});

it.each([
  ['a number for a name', { name: 12 }, /name is not text/],
  ['junk in the ask', { ask: { weights: 'many' } }, /"Hands and trail": ask\./i],
  ['an ask that is none', { ask: 5 }, /ask/],
  ['text for a height', { rig: { ...file.rig, statureM: '1.8' } }, /rig.statureM is not a number/],
  ['text for a sky line', { horizonAt: 'middle' }, /horizonAt is not a number/],
  ['a sky line outside the picture', { horizonAt: 1.2 }, /horizonAt is above 1/],
  ['an intent that is none', { intentId: 'fireworks' }, /intentId: no intent "fireworks"/],
  ['a list for an intent', { intentId: ['clear-ahead'] }, /intentId is not text/],
  ['an unknown stance', { actionStanceId: 'flying' }, /actionStanceId: no stance "flying"/],
  ['an unknown base', { setUp: { ...file.setUp, baseId: 'glue' } }, /setUp: no base "glue"/],
  ['a strange field', { extra: 1 }, /unknown fields: extra/],
  ['a newer version', { version: 2 }, /version 2, newer than this program reads \(1\)/],
  ['an older version than there was', { version: 0 }, /version is below 1/],
])('%s is refused with the place and the shot', (_, over, says) => {
  const problems = problemsOf(over);
  expect(problems).toMatch(says);
  expect(problems).not.toMatch(/resolve[A-Z]|bodySegments|is not a function/);
});

it('one whose spot is lost is refused with the reason: nothing can be worked out there', () => {
  const spot = {
    id: 'own-1', name: 'Far off', partId: 'downTube', point: [0, 9, 0], normal: [0, 1, 0],
    surface: { material: 'alloy', shape: 'flat' },
  }; // prettier-ignore
  const over = { rig: { ...file.rig, ownSpots: [spot] }, setUp: { ...file.setUp, spotId: 'own-1' } };
  expect(problemsOf(over)).toMatch(/your spot "Far off" is lost/);
});

it('an outing is no set-up file, and a shot that is not there cannot be written', () => {
  expect(parseSetUpFile(serialiseOuting(outing))).toMatchObject({ ok: false });
  expect(() => setUpFileOf(outing, 'none')).toThrow('no shot "none"');
});

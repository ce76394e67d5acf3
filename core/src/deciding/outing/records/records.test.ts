import { isDay } from './schemaParts';
import { migrateOuting, OUTING_VERSION } from './outingRecord';

it.each([
  ['2027-02-14', true],
  ['2028-02-29', true],
  ['2027-02-29', false],
  ['2000-02-29', true],
  ['1900-02-29', false],
  ['2027-04-31', false],
  ['2027-12-31', true],
  ['2027-13-01', false],
  ['2027-00-10', false],
  ['2027-1-01', false],
  ['', false],
])('%s is a day of the calendar: %s (Gregorian leap years: ISO 8601)', (text, is) => {
  expect(isDay(text)).toBe(is);
});

describe('bringing an outing up to date', () => {
  it('leaves a present one alone', () => {
    expect(migrateOuting({ version: OUTING_VERSION, a: 1 })).toEqual({ version: OUTING_VERSION, a: 1 });
  });

  it('keeps the weights of an ask of version 4, lightness by its present name', () => {
    const ask = { intentId: 'clear-ahead', weights: { light: 7, steady: 2 } };
    const migrated = migrateOuting({ version: 4, shots: [{ id: 's', ask }, { id: 't' }] });
    expect(migrated.shots).toEqual([{ id: 's', ask: { ...ask, weights: { mass: 7, steady: 2 } } }, { id: 't' }]);
  });

  it.each([1, 2, 3, 4, 5])('does not stumble over what version %i never wrote', (version) => {
    for (const odd of [
      null,
      [null],
      'text',
      7,
      {},
      [[]],
      [{ rig: null }],
      [{ ask: null }, { ask: { weights: null } }],
    ]) {
      expect(migrateOuting({ version, carriers: odd, shots: odd, rig: odd, speedMps: odd }).version).toBe(
        OUTING_VERSION,
      );
    }
  });

  it.each([0, -1, 1.5, NaN])('stops at version %d, which there never was', (version) => {
    expect(migrateOuting({ version }).version).toBe(version);
  });
});

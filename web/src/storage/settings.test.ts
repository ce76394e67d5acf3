import { database, STANDARD_SETTINGS } from './database';
import { changeSettings, readSettings } from './settings';

beforeEach(() => database.settings.clear());

it('what was chosen is there again; what was not stays the usual', async () => {
  expect(await readSettings()).toEqual(STANDARD_SETTINGS);
  await changeSettings({ units: 'imperial' });
  await changeSettings({ theme: 'dark' });
  expect(await readSettings()).toEqual({ ...STANDARD_SETTINGS, units: 'imperial', theme: 'dark' });
});

it('what makes no sense in the store counts as the usual, and the rest is kept', async () => {
  const ids = ['clear-ahead', 'no such shot'];
  await database.settings.put({
    key: 'settings',
    units: 'furlongs',
    theme: 'sun',
    demoPlaced: 1,
    stories: [{ id: 's', name: 'Short', seconds: 30, intentIds: ids }, { id: 't' }, null],
  } as never);
  expect(await readSettings()).toEqual({
    key: 'settings',
    units: 'metric',
    theme: 'sun',
    demoPlaced: true,
    stories: [{ id: 's', name: 'Short', seconds: 30, intentIds: ['clear-ahead'] }],
  });
});

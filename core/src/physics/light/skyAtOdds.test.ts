import { LIGHTS } from '../../words/ride/lights';
import { WEATHERS } from '../../words/ride/weather';
import { skyAtOdds } from './skyAtOdds';

it('rain and snow come from clouds, and the light of rain comes with rain', () => {
  expect(skyAtOdds({ weatherId: 'rain', lightId: 'bright-sun' })).toEqual({ lightId: 'rain' });
  expect(skyAtOdds({ weatherId: 'snowfall', lightId: 'hazy-sun' })).toEqual({ lightId: 'overcast' });
  expect(skyAtOdds({ lightId: 'rain' })).toEqual({ weatherId: 'rain' });
  expect(skyAtOdds({ weatherId: 'rain', lightId: 'broken-clouds' })).toBeNull();
  expect(skyAtOdds({ lightId: 'bright-sun' })).toBeNull();
});

it('what it proposes is at odds with nothing', () => {
  for (const { id: weatherId } of WEATHERS)
    for (const { id: lightId } of LIGHTS) {
      const told = { weatherId, lightId };
      expect(skyAtOdds({ ...told, ...skyAtOdds(told) })).toBeNull();
    }
});

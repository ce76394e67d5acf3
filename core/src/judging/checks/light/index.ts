import type { Check } from '../../check/check';
import { judgeLight, BRIGHT_STOPS, DARK_STOPS, GROUND_STOPS, MET, sunWords } from './judgeLight';
import { lightFound, type LightFound } from './lightFound';
import type { Ask } from '../../../words/shot/ask';
import type { Term } from '../../check/candidate';
import { WISH_WORDS, wishMet } from './lightWish';
import { attemptsAt } from './lightAttempts';
import { SHADOW } from './limits';

const COMMON = 'common practice';
/** Shares within 1.1 points of those of 160 columns (docs/models.md, Light). */
const SHADOW_COLUMNS = 40;

function termsOf(found: LightFound, ask: Ask): Term[] {
  const wish = ask.sun ? 'out' : ask.light;
  const value = wish ? wishMet(found, wish) : null;
  if (!wish || value === null || !found.met) return [];
  const text =
    wish === 'out' || wish === 'in' ? sunWords(found.met) : `${WISH_WORDS[wish]}: ${Math.round(value * 100)} %`;
  return [{ id: 'sun', value, text }];
}

/** Whether there is light enough, from the right side, and what the sun does to the picture. */
export const light: Check<LightFound> = {
  id: 'light',
  name: 'Light',
  question: 'Is there enough light, from the right side, and no sun or shadow in the way?',
  units: ['%', 'stops', '°', 's'],
  limits: [
    {
      what: 'of the ride with the sun in the picture where it was to stay out',
      value: MET.stop * 100,
      unit: '%',
      source: COMMON,
    },
    { what: 'stops of gain over what looks good', value: DARK_STOPS.stop, unit: 'stops', source: COMMON },
    { what: 'stops too much at a held shutter', value: BRIGHT_STOPS.stop, unit: 'stops', source: COMMON },
    { what: 'stops by which the sky may darken the way', value: GROUND_STOPS, unit: 'stops', source: COMMON },
    { what: 'of the picture in its own shadow', value: SHADOW.share * 100, unit: '%', source: COMMON },
  ],
  report: (scene) => lightFound(scene, SHADOW_COLUMNS),
  judge: judgeLight,
  searchTerm: {
    cost: 'cheap',
    judge(scene) {
      // The rough pass of a search has no time for shadows; the exact one says all that the bench says.
      const found = lightFound(scene, scene.sightlines === null ? SHADOW_COLUMNS : null);
      const result = judgeLight(found, scene);
      return {
        verdict: result.verdict === "can't say" ? 'good' : result.verdict,
        rejection: null,
        terms: termsOf(found, scene.ask),
      };
    },
  },
  mend: attemptsAt,
};

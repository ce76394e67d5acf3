import type { Check } from '../../check/check';
import { judgeLight } from './judgeLight';
import { lightFound, type LightFound } from './found/lightFound';
import { sunWords } from './findings/sunFindings';
import type { Ask } from '../../../words/shot/ask';
import type { Term } from '../../check/candidate';
import { WISH_WORDS, wishMet } from './lightWish';
import { attemptsAt } from './lightAttempts';
import {
  BRIGHT_STOPS,
  CHANGES_STOPS,
  DARK_STOPS,
  FLICKER_SWING,
  GROUND_STOPS,
  MET,
  MIRROR_SHARE,
  SHADOW,
  SKY_WHITE,
} from './limits';

const COMMON = 'common practice';
/** Shares within 1.1 points of those of 160 columns (docs/models.md, Light). */
const SHADOW_COLUMNS = 40;

function termsOf(found: LightFound, ask: Ask): Term[] {
  const wish = ask.sun ? 'out' : ask.light;
  const value = wish ? wishMet(found, wish) : null;
  if (!wish || value === null) return [];
  const text =
    wish === 'out' || wish === 'in' ? sunWords(found.ways) : `${WISH_WORDS[wish]}: ${Math.round(value * 100)} %`;
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
    { what: 'stops over white that a sky may lie', value: SKY_WHITE.stops, unit: 'stops', source: COMMON },
    { what: 'stops by which the light may jump', value: CHANGES_STOPS, unit: 'stops', source: COMMON },
    { what: 'of swing in the light of lamps', value: FLICKER_SWING * 100, unit: '%', source: COMMON },
    { what: 'of the picture veiled by what glass mirrors', value: MIRROR_SHARE * 100, unit: '%', source: COMMON },
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

import { worstFirst, type CheckResult } from '../../../words/check/result';
import type { Check } from '../../check/check';
import { sunMet, type SunMet } from './sunMet';

/** Of the ride: more than the first and it is seen, more than the second and the shot is spoilt. Common practice, no source. */
const MET = { watch: 0, stop: 0.5 } as const;

const sunWords = ({ stanceNames }: SunMet): string =>
  stanceNames.length > 0 ? `the sun looks in: ${stanceNames.join(', ')}` : 'the sun stays out of the picture';

const judge = (met: SunMet | null): CheckResult | null =>
  met &&
  worstFirst('light', [
    {
      id: 'sun',
      label: 'sun in the picture',
      verdict: met.share > MET.stop ? 'stop' : met.share > MET.watch ? 'watch' : 'good',
      value: met.share * 100,
      unit: '%',
      limit: [null, MET.watch * 100],
      margin: (MET.watch - met.share) * 100,
      because: `${sunWords(met)}, as it was told to stand`,
      mend: null,
    },
  ]);

/** So far the sun alone, where it was told how it stands. */
export const light: Check<SunMet | null> = {
  id: 'light',
  name: 'Light',
  question: 'Does the sun look into the lens?',
  units: ['%'],
  limits: [
    { what: 'of the ride with the sun in the picture', value: MET.stop * 100, unit: '%', source: 'common practice' },
  ],
  report: sunMet,
  judge,
  searchTerm: {
    cost: 'cheap',
    judge(scene) {
      const met = sunMet(scene);
      const verdict = judge(met)?.verdict ?? 'good';
      return {
        verdict: verdict === "can't say" ? 'good' : verdict,
        rejection: null,
        terms: met ? [{ id: 'sun', value: 1 - met.share, text: sunWords(met) }] : [],
      };
    },
  },
  mend: () => [],
};

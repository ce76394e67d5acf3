import type { CheckResult } from '../../words/check/result';
import type { ProvedMend } from './mends';

/** The best proved mend of each check, beside the finding that decides it; what a check says itself stays where nothing was proved. */
export const withMends = (results: readonly CheckResult[], mends: readonly ProvedMend[]): readonly CheckResult[] =>
  results.map((result): CheckResult => {
    if (result.verdict === "can't say" || result.verdict === 'good') return result;
    const best = mends.find(({ check, setUp }) => check === result.check && setUp);
    const [worst, ...rest] = result.findings;
    if (!best?.setUp || !worst || worst.mend?.tiltDeg !== undefined) return result;
    const text = best.loses ? `${best.text}; but ${best.loses}` : best.text;
    return {
      ...result,
      findings: [{ ...worst, mend: { text, setUp: best.setUp, ...(best.use ? { use: best.use } : {}) } }, ...rest],
    };
  });

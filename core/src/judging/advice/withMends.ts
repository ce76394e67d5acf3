import type { CheckResult, Finding } from '../../words/check/result';
import type { ProvedMend } from './mends';

/** The best proved mend of each check beside the finding that decides it, and of single findings beside those; what a check says itself stays where nothing was proved. */
export const withMends = (results: readonly CheckResult[], mends: readonly ProvedMend[]): readonly CheckResult[] =>
  results.map((result): CheckResult => {
    if (result.verdict === "can't say" || result.verdict === 'good') return result;
    const proved = mends.filter(({ check, setUp }) => check === result.check && setUp);
    const mended = (finding: Finding, i: number): Finding => {
      const best =
        proved.find((mend) => mend.finding === finding.id) ??
        (i === 0 ? proved.find((mend) => mend.finding === undefined) : undefined);
      if (!best?.setUp || finding.mend?.tiltDeg !== undefined) return finding;
      const text = best.loses ? `${best.text}; but ${best.loses}` : best.text;
      return {
        ...finding,
        mend: {
          text,
          setUp: best.setUp,
          ...(best.use ? { use: best.use } : {}),
          ...(best.hour ? { hour: best.hour } : {}),
        },
      };
    };
    return { ...result, findings: result.findings.map(mended) };
  });

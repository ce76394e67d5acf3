import { checkName, worstCheck, type CheckResult } from '@strut-spot/core';
import { VerdictMark } from './VerdictMark';

/** The worst verdict of all checks and which check it is: the same on every sheet. */
export function WorstVerdict({ checks }: { checks: readonly CheckResult[] }) {
  const worst = worstCheck(checks);
  if (!worst) return null;
  return (
    <span className="inline-flex flex-col leading-tight" data-testid="worst">
      <VerdictMark verdict={worst.verdict} />
      {worst.verdict !== 'good' && <span className="caption text-[0.68rem]">{checkName(worst.check)}</span>}
    </span>
  );
}

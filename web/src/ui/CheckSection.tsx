import { checkName, type CheckResult } from '@strut-spot/core';
import { FindingRow } from './FindingRow';
import { useInUnits } from './useInUnits';
import { VerdictMark } from './VerdictMark';

/** What is not good yet, with its mend; what is good is a line that opens. */
export function CheckSection({ check }: { check: CheckResult }) {
  const inUnits = useInUnits();
  const findings = check.verdict === "can't say" ? [] : check.findings;
  const open = findings.filter((f) => f.verdict !== 'good');
  const good = findings.filter((f) => f.verdict === 'good');
  return (
    <section aria-label={checkName(check.check)}>
      <h2 className="flex items-baseline justify-between border-b border-hair-strong pb-0.5 text-[1.1rem] font-[680]">
        <span>{checkName(check.check)}</span>
        <span aria-live="polite">
          <VerdictMark verdict={check.verdict} />
        </span>
      </h2>
      {check.verdict === "can't say" && <p>{inUnits(check.missing)}</p>}
      <ul>
        {open.map((finding) => (
          <FindingRow key={finding.id} finding={finding} />
        ))}
      </ul>
      {good.length > 0 && (
        <details className="py-1">
          <summary className="flex min-h-[24px] items-center gap-2 leading-tight">
            <VerdictMark verdict="good" size={13} word={false} />
            <span className="min-w-0 flex-1 text-ink-2">{good.map((f) => f.label).join(', ')}</span>
          </summary>
          <ul className="pl-2">
            {good.map((finding) => (
              <FindingRow key={finding.id} finding={finding} />
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

import type { ShotQuestion, ShotReport } from '@strut-spot/core';
import { CheckSection } from '../../ui/CheckSection';
import { judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { useRested } from '../../workers/useRested';

const REST_MS = 700;

/** The checks with their reasons and what would mend them. Distances and other spots are looked at once the hand rests. */
export function CheckPanel({ report, question }: { report: ShotReport | undefined; question: ShotQuestion }) {
  const key = JSON.stringify(question);
  const rested = useRested(key, REST_MS);
  const deep = useLatest(rested, async () => ({
    key,
    report: await judging.advise(question),
  }));
  const checks = (deep.value?.key === key ? deep.value.report : report)?.checks ?? [];
  return (
    <div
      className="min-h-0 overflow-y-auto px-3 py-1.5"
      tabIndex={0}
      role="region"
      aria-label="Checks"
      data-testid="checks"
    >
      {checks.map((check) => (
        <CheckSection key={check.check} check={check} />
      ))}
    </div>
  );
}

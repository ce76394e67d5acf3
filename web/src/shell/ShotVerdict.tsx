import { useShot } from '../state/useShot';
import { VerdictMark } from '../ui/VerdictMark';
import { WorstVerdict } from '../ui/WorstVerdict';
import { judging } from '../workers/core';
import { useLatest } from '../workers/useLatest';
import { useRested } from '../workers/useRested';

/** All checks are asked once the hand rests. */
const REST_MS = 500;

/** What the checks say of the open shot, in the title block of each of its sheets. */
export function ShotVerdict() {
  const { question } = useShot();
  const key = JSON.stringify(question);
  const rested = useRested(key, REST_MS);
  const report = useLatest(rested, async () => ({ key, checks: (await judging.report(question)).checks }));
  const present = report.value?.key === key ? report.value.checks : [];
  return (
    <div className="flex min-w-20 flex-col justify-center border-r border-hair px-3" aria-live="polite">
      {present.length > 0 ? (
        <WorstVerdict checks={present} />
      ) : report.problem ? (
        <VerdictMark verdict="can't say" />
      ) : (
        <span className="caption text-[0.65rem]">Checking…</span>
      )}
    </div>
  );
}

import type { CheckResult } from '@strut-spot/core';

type AnyVerdict = CheckResult['verdict'];

const WORDS: Record<AnyVerdict, string> = { good: 'good', watch: 'watch', stop: 'stop', "can't say": "can't say" };

/** Own shapes, so that meaning never hangs on colour: full, half, barred, open. */
export function VerdictMark({
  verdict,
  size = 16,
  word = true,
}: {
  verdict: AnyVerdict;
  size?: number;
  word?: boolean;
}) {
  return (
    <span className="inline-flex items-center gap-1.5 font-[640] whitespace-nowrap">
      <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden="true" className="shrink-0">
        <path
          d="M8 1.2 14.8 8 8 14.8 1.2 8Z"
          fill={verdict === 'good' ? 'currentColor' : 'none'}
          stroke="currentColor"
          strokeWidth="1.6"
          strokeDasharray={verdict === "can't say" ? '2.4 2' : undefined}
        />
        {verdict === 'watch' && <path d="M1.2 8h13.6L8 14.8Z" fill="currentColor" />}
        {verdict === 'stop' && <path d="M2.5 8h11M5 5.4h6M5 10.6h6" stroke="currentColor" strokeWidth="1.9" />}
      </svg>
      {word ? <span>{WORDS[verdict]}</span> : <span className="sr-only">{WORDS[verdict]}</span>}
    </span>
  );
}

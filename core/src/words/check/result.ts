import type { SetUp } from '../setUp/setUp';
import type { ShotHour } from '../shot/moment';
import type { ShotUse } from '../shot/use';

/** Which check: by the id of its record (judging/checks). */
export type CheckId = string;

export type Verdict = 'good' | 'watch' | 'stop';

export const UNITS = [
  '%',
  '°',
  'm',
  'px',
  'N',
  'N·m',
  'kPa',
  'N/mm',
  'min',
  's',
  'stops',
  'g',
  'kg',
  'km/h',
  'GB',
  '°C',
  'dB',
  '',
] as const;
export type Unit = (typeof UNITS)[number];

/** What would mend a finding: a change of the set-up that the interface can apply, or words alone. */
export interface Mend {
  readonly text: string;
  readonly tiltDeg?: number;
  readonly spotId?: string;
  /** The whole set-up as it would be. */
  readonly setUp?: SetUp;
  /** How the camera is run, as it would be. */
  readonly use?: ShotUse;
  /** When or which way, as it would be. */
  readonly hour?: Partial<Pick<ShotHour, 'at' | 'headingDeg'>>;
}

/** One thing that a check looked at. */
export interface Finding {
  readonly id: string;
  readonly label: string;
  readonly verdict: Verdict;
  readonly value: number;
  readonly unit: Unit;
  /** The range wanted, in the same unit; null on a side without limit. */
  readonly limit: readonly [number | null, number | null];
  /** Distance from the nearer limit, in the same unit: positive inside, negative outside. */
  readonly margin: number;
  readonly because: string;
  readonly mend: Mend | null;
}

export type CheckResult =
  | {
      readonly check: CheckId;
      readonly verdict: Verdict;
      /** The finding that decides, first; the rest in order of concern. */
      readonly findings: readonly Finding[];
    }
  | { readonly check: CheckId; readonly verdict: "can't say"; readonly missing: string };

const RANK: Readonly<Record<Verdict, number>> = { good: 0, watch: 1, stop: 2 };

/** Whether one verdict is worse than another. */
export const worseThan = (a: Verdict, b: Verdict): boolean => RANK[a] > RANK[b];

/** The worse of two verdicts. */
export const worseOf = (a: Verdict, b: Verdict): Verdict => (worseThan(b, a) ? b : a);

/** The check that decides for a shot: the worst, the earliest of equals; one that can't say comes before one that is good. */
export const worstCheck = (checks: readonly CheckResult[]): CheckResult | undefined =>
  checks.reduce<CheckResult | undefined>((worst, c) => (!worst || rankOf(c) > rankOf(worst) ? c : worst), undefined);
const rankOf = ({ verdict }: CheckResult): number => (verdict === "can't say" ? 0.5 : RANK[verdict]);

/** Findings of a check; none where it can't say. */
export const findingsOf = (check: CheckResult): readonly Finding[] =>
  check.verdict === "can't say" ? [] : check.findings;

/** Puts the worst finding first and takes its verdict for the whole. */
export function worstFirst(check: CheckId, findings: readonly Finding[]): CheckResult {
  const sorted = [...findings].sort((a, b) => RANK[b.verdict] - RANK[a.verdict]);
  const [worst] = sorted;
  if (!worst) return { check, verdict: "can't say", missing: 'the shot asks for nothing yet' };
  return { check, verdict: worst.verdict, findings: sorted };
}

/** Signed distance of a value from the nearer end of a range, positive inside. */
export function rangeMargin(value: number, [low, high]: readonly [number | null, number | null]): number {
  return Math.min(low === null ? Infinity : value - low, high === null ? Infinity : high - value);
}

import { VerdictMark } from './VerdictMark';

const SAID = [
  ['good', 'passes this check'],
  ['watch', 'works, with a caution: read it first'],
  ['stop', 'spoils the shot, or comes off: mend it first'],
  ["can't say", 'something it needs is not known'],
] as const;

/** What the marks of the checks mean. */
export function VerdictLegend() {
  return (
    <ul className="flex flex-wrap gap-x-5 gap-y-1 text-[0.9rem]" aria-label="Marks of the checks">
      {SAID.map(([verdict, meaning]) => (
        <li key={verdict} className="flex items-center gap-1.5">
          <VerdictMark verdict={verdict} size={12} /> <span className="text-ink-2">{meaning}</span>
        </li>
      ))}
    </ul>
  );
}

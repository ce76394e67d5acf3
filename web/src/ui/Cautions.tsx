import type { RuleDefinition } from '@strut-spot/core';
import { TriangleAlert } from 'lucide-react';
import { useInUnits } from './useInUnits';

/** More are not read beside a choice; all of them stand on the sheet of Hold and on the card. */
const MOST = 3;

/** What has to be minded with a choice, beside the choice; whom to ask. */
export function Cautions({
  rules,
  also = [],
}: {
  readonly rules: readonly RuleDefinition[];
  readonly also?: readonly string[];
}) {
  if (rules.length + also.length === 0) return null;
  const first = also.slice(0, MOST - Math.min(1, rules.length));
  return (
    <ul className="space-y-0.5 text-[0.9rem] leading-tight" aria-label="Mind" data-testid="cautions">
      {first.map((text) => (
        <Caution key={text} text={text} />
      ))}
      {rules.slice(0, MOST - first.length).map(({ id, text, because, ask }) => (
        <Caution key={id} text={text} title={because} ask={ask.length > 0 ? `Ask ${ask.join(', ')}.` : ''} />
      ))}
    </ul>
  );
}

function Caution({ text, title, ask = '' }: { readonly text: string; readonly title?: string; readonly ask?: string }) {
  const inUnits = useInUnits();
  return (
    <li className="flex gap-1.5" title={title}>
      <TriangleAlert size={14} aria-hidden className="mt-0.5 shrink-0 text-hivis-ink" />
      <span>
        {inUnits(text)} {ask && <span className="text-ink-2">{ask}</span>}
      </span>
    </li>
  );
}

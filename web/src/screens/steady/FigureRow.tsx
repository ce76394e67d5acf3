import { FIGURE_SCALES, figureVerdict, figureWord, pxWords, type Figure, type FigureRange } from '@strut-spot/core';
import { Explained } from '../../ui/words/Explained';
import { VerdictMark } from '../../ui/VerdictMark';

const WHAT: Readonly<Record<Figure, string>> = {
  jump: 'from picture to picture',
  jelly: 'line against line',
  blur: 'within an exposure',
};

/** Position on the ruler: the root spreads the small figures out. */
const at = (px: number, spoilt: number): number => Math.min(100, 100 * Math.sqrt(px / (3 * spoilt)));

/** One of the three figures on a ruler with the two limits and the range of the estimate. */
export function FigureRow({ figure, px, range }: { figure: Figure; px: number; range: FigureRange | null }) {
  const { noticed, spoilt } = FIGURE_SCALES[figure];
  return (
    <div className="border-b border-hair py-1" data-testid={`figure-${figure}`}>
      <div className="flex items-baseline gap-2">
        <VerdictMark verdict={figureVerdict(figure, px)} size={13} word={false} />
        <span className="font-[680]">
          <Explained id={figure}>{figure}</Explained>
        </span>
        <span className="min-w-0 flex-1 leading-snug text-[0.9rem] text-ink-2">{WHAT[figure]}</span>
        <span className="label">{figureWord(figure, px)}</span>
        <span className="reading w-16 text-right text-[1.1rem] whitespace-nowrap">{pxWords(px)}</span>
      </div>
      <svg viewBox="0 0 100 7" preserveAspectRatio="none" className="mt-0.5 h-2.5 w-full" aria-hidden>
        <line
          x1="0"
          x2="100"
          y1="3.5"
          y2="3.5"
          stroke="var(--hair-strong)"
          strokeWidth="0.8"
          vectorEffect="non-scaling-stroke"
        />
        {[noticed, spoilt].map((limit) => (
          <line
            key={limit}
            x1={at(limit, spoilt)}
            x2={at(limit, spoilt)}
            y1="0"
            y2="7"
            stroke="var(--ink)"
            strokeWidth="1"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        {range && (
          <rect
            x={at(range.low, spoilt)}
            width={Math.max(0.6, at(range.high, spoilt) - at(range.low, spoilt))}
            y="2.2"
            height="2.6"
            fill="var(--ink)"
            opacity="0.28"
          />
        )}
        <rect x={Math.max(0, at(px, spoilt) - 0.5)} width="1" y="0.5" height="6" fill="var(--hivis)" />
      </svg>
      <p className="text-[0.84rem] text-ink-2">
        {range ? `${pxWords(range.low)} to ${pxWords(range.high)} (estimate); ` : ''}seen from {pxWords(noticed)},
        spoils from {pxWords(spoilt)}
      </p>
    </div>
  );
}

import { whyNot, type Ranked, type SpotResult, type Weights } from '@strut-spot/core';
import { useState } from 'react';
import { termName } from '../../searching/candidateWords';
import { useInUnits } from '../../ui/useInUnits';

/** Click any spot and read what stopped it, or what it gives away. */
export function WhyNotPanel({
  spots,
  best,
  weights,
  onPick,
}: {
  spots: readonly SpotResult[];
  best: Ranked | undefined;
  weights: Weights;
  onPick: (id: string) => void;
}) {
  const inUnits = useInUnits();
  const [asked, setAsked] = useState<string | null>(null);
  const keyOf = (s: SpotResult) => `${s.carrierId}/${s.spotId}`;
  const spot = spots.find((s) => keyOf(s) === asked);
  const answer = spot ? whyNot(spot, best, weights) : null;
  return (
    <section aria-labelledby="why-not" data-testid="why-not">
      <h2 id="why-not" className="caption mb-1 border-b-2 border-ink pb-0.5">
        Why not there?
      </h2>
      <ul className="flex flex-wrap gap-x-2 gap-y-0.5">
        {spots.map((s) => (
          <li key={keyOf(s)}>
            <button
              type="button"
              aria-expanded={asked === keyOf(s)}
              className={`min-h-[24px] px-1 text-left underline underline-offset-2 ${asked === keyOf(s) ? 'bg-ink text-paper' : ''} ${s.candidates.length === 0 ? 'decoration-dotted text-ink-2' : ''}`}
              onClick={() => setAsked(asked === keyOf(s) ? null : keyOf(s))}
            >
              {s.spotName}
            </button>
          </li>
        ))}
      </ul>
      {spot && answer && (
        <div className="mt-1 border-t border-hair pt-1" aria-live="polite">
          <p className="font-[660]">{spot.spotName}</p>
          {answer.kind === 'best' && <p>It is the best one.</p>}
          {answer.kind === 'rejected' && (
            <>
              <p>Nothing passes there:</p>
              <Reasons reasons={answer.reasons} />
            </>
          )}
          {answer.kind === 'behind' && (
            <>
              <p>
                {Math.round(answer.lost * 100)} points behind with its best;{' '}
                <button
                  type="button"
                  className="min-h-[24px] font-[620] underline underline-offset-2"
                  onClick={() => onPick(answer.own.candidate.id)}
                >
                  look at it
                </button>
                . It gives away:
              </p>
              <ul className="text-[0.93rem]">
                {answer.terms.map((t) => (
                  <li key={t.id} className="border-b border-hair leading-snug">
                    <span className="font-[620]">{termName(t.id)}</span>{' '}
                    <span className="reading">−{(t.lost * 100).toFixed(1)}</span>{' '}
                    <span className="text-ink-2">{inUnits(`${t.text}; the best: ${t.against}`)}</span>
                  </li>
                ))}
              </ul>
              {answer.stopped.length > 0 && <Reasons reasons={answer.stopped} />}
            </>
          )}
        </div>
      )}
    </section>
  );
}

function Reasons({ reasons }: { reasons: readonly { because: string; mend: string | null; times?: number }[] }) {
  const inUnits = useInUnits();
  return (
    <ul className="text-[0.9rem]">
      {reasons.map(({ because, mend }) => (
        <li key={because} className="border-b border-hair leading-snug">
          <b>Stopped: </b>
          {inUnits(because)}
          {mend && <span className="text-ink-2">; {inUnits(mend)}</span>}
        </li>
      ))}
    </ul>
  );
}

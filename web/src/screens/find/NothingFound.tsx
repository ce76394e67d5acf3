import { whyNothing, type SpotResult } from '@strut-spot/core';
import { Search } from 'lucide-react';
import { useInUnits } from '../../ui/useInUnits';

/** Said in place of a sheet: what stands in the way, and what may help. @param onEverything null where all kit has been looked through */
export function NothingFound({
  spots,
  onEverything,
}: {
  spots: readonly SpotResult[];
  onEverything: (() => void) | null;
}) {
  const inUnits = useInUnits();
  const why = whyNothing(spots);
  // A kind of shot that makes no sense here is given by no kit.
  const never = why?.reason.bars === 'any kit' && why.places === why.of;
  if (never)
    return (
      <p className="max-w-[65ch] p-4" data-testid="nothing-found">
        <b>There is no such shot here</b>: {inUnits(why.reason.because)}.
      </p>
    );
  return (
    <div className="max-w-[65ch] space-y-2 p-4" data-testid="nothing-found">
      <p>
        <b>Nothing in this kit shows it.</b>
        {why && (
          <>
            {' '}
            {why.places === why.of ? 'At every place' : `At ${why.places} of ${why.of} places`}:{' '}
            {inUnits(why.reason.because)}.{why.reason.mend && <> What helps: {inUnits(why.reason.mend)}.</>}
          </>
        )}
      </p>
      <p className="text-ink-2">
        <b>Why not there?</b> tells it of each place; {onEverything ? 'more kit or ' : ''}wider shares may help.
      </p>
      {onEverything && (
        <button type="button" className="action" onClick={onEverything}>
          <Search size={15} aria-hidden /> Look through all kit there is
        </button>
      )}
    </div>
  );
}

import { whyNothing, type SpotResult } from '@strut-spot/core';
import { useInUnits } from '../../ui/useInUnits';

/** Said in place of a sheet: what stands in the way, and where to read on. */
export function NothingFound({ spots }: { spots: readonly SpotResult[] }) {
  const inUnits = useInUnits();
  const why = whyNothing(spots);
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
        <b>Why not there?</b> tells it of each place; more kit or wider shares may help.
      </p>
    </div>
  );
}

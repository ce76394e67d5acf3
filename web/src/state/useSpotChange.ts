import { useEffect, useRef } from 'react';
import { toast } from 'sonner';
import { useShot } from './useShot';
import { computing } from '../workers/core';

/**
 * Moves the camera to another spot: plainest strut there, aimed for the shot, camera and mode kept; ridden so that what carries it is free. The answer takes a moment:
 * it is dropped when the set-up was changed meanwhile (another spot, an undo), so that the last thing done holds.
 */
export function useSpotChange() {
  const { shot, change, question } = useShot();
  const present = useRef(shot.setUp);
  const asked = useRef(0);
  useEffect(() => {
    present.current = shot.setUp;
  }, [shot.setUp]);
  return (spotId: string) => {
    if (spotId === shot.setUp.spotId) return;
    const before = shot.setUp;
    const mine = ++asked.current;
    void computing.startAt(question, spotId).then(
      (there) => {
        if (mine !== asked.current || present.current !== before) return;
        if (!there) {
          toast('No base in the kit goes on this spot.');
          return;
        }
        const { setUp, onlyIn } = there;
        change((s) => ({
          ...s,
          setUp,
          ...(onlyIn ? { actionStanceId: onlyIn.stanceId, stanceShares: onlyIn.stanceShares } : {}),
        }));
        if (onlyIn) toast(`The whole take is ridden in “${onlyIn.name}”: otherwise that hand holds on.`);
      },
      (error: Error) => toast(`The camera was not moved: ${error.message}`),
    );
  };
}

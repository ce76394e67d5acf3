import type { HeldBefore } from '../../../words/learning/heldBefore';
import type { Finding, Verdict } from '../../../words/check/result';
import type { SetUp } from '../../../words/setUp/setUp';

/** Before anything was logged: half a slip in ten takes, one in twenty. Common practice, no source. */
const PRIOR = { slips: 0.5, takes: 10 } as const;
/** Chance of slipping in the next take: more is told, and more is too much. Common practice, no source. */
export const SLIP_CHANCE = { watch: 0.1, stop: 0.25 } as const;

/** What the log says of this base at this place; null where it was not filmed from there. */
export const slipsAt = (
  heldBefore: readonly HeldBefore[] | undefined,
  { spotId, baseId }: Pick<SetUp, 'spotId' | 'baseId'>,
): HeldBefore | null => heldBefore?.find((one) => one.spotId === spotId && one.baseId === baseId) ?? null;

/** Chance that it slips in the next take: the mean of a beta distribution after so many (closed form); what came off counts twice. */
export const slipChance = ({ takes, moved, lost }: Pick<HeldBefore, 'takes' | 'moved' | 'lost'>): number =>
  Math.min(1, (moved + lost + PRIOR.slips) / (takes + PRIOR.takes));

const times = (n: number): string => (n === 1 ? 'once' : `${n} times`);

/** Whether it held here before. */
export function slipsFinding(past: HeldBefore | null): Finding | null {
  if (!past || past.moved === 0) return null;
  const chance = slipChance(past);
  const verdict: Verdict = chance > SLIP_CHANCE.stop ? 'stop' : chance > SLIP_CHANCE.watch ? 'watch' : 'good';
  return {
    id: 'slips',
    label: 'slipped here before',
    verdict,
    value: chance * 100,
    unit: '%',
    limit: [null, SLIP_CHANCE.watch * 100],
    margin: (SLIP_CHANCE.watch - chance) * 100,
    because: `learnt from the log: it moved ${times(past.moved)} in ${past.takes} ${past.takes === 1 ? 'take' : 'takes'} here${past.lost > 0 ? `, and came off ${times(past.lost)}` : ''}; the next take has about ${Math.round(chance * 100)} chances in 100 of it`,
    mend:
      verdict === 'good'
        ? null
        : { text: 'another base, or clean the place, press longer and pull harder before the ride' },
  };
}

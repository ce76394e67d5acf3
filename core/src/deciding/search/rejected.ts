import type { Rejection } from '../../judging/check/candidate';

/** Why struts were not taken at one spot: each reason once, with how often it was met. */
export class Rejected {
  private readonly known = new Map<string, Rejection & { times: number }>();

  /** @param simplest whether the simplest strut of the box met it: its lightest camera straight on a base */
  readonly add = (rejection: Rejection, simplest = false): void => {
    const met = this.known.get(rejection.because);
    this.known.set(rejection.because, {
      ...(met ?? rejection),
      ...(simplest && { simplest }),
      times: (met?.times ?? 0) + 1,
    });
  };

  /**
   * What one would name first: that nothing at all is shown or can be built, then what stopped struts, then the bases that do not go on the place.
   * Of struts first what stops the simplest, as what long arms and heavy cameras meet says little where not even that would do; the commonest first.
   */
  all(): readonly (Rejection & { readonly times: number })[] {
    return [...this.known.values()].sort(
      (a, b) => rank(a) - rank(b) || b.times - a.times || a.because.localeCompare(b.because),
    );
  }
}

const rank = ({ bars, check, simplest }: Rejection): number => (bars ? 0 : check === 'fits' ? 3 : simplest ? 1 : 2);

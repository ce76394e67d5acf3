import type { Rejection } from '../../judging/check/candidate';

/** Why struts were not taken at one spot: each reason once, with how often it was met. */
export class Rejected {
  private readonly known = new Map<string, Rejection & { times: number }>();

  readonly add = (rejection: Rejection): void => {
    const met = this.known.get(rejection.because);
    if (met) met.times++;
    else this.known.set(rejection.because, { ...rejection, times: 1 });
  };

  /** What one would name first: that nothing at all is shown or can be built, then what stopped struts, the commonest first, then the bases that do not go on the place. */
  all(): readonly (Rejection & { readonly times: number })[] {
    return [...this.known.values()].sort(
      (a, b) => rank(a) - rank(b) || b.times - a.times || a.because.localeCompare(b.because),
    );
  }
}

const rank = ({ bars, check }: Rejection): number => (bars ? 0 : check === 'fits' ? 2 : 1);

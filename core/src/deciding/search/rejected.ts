import type { Rejection } from '../../judging/check/candidate';

/** Why struts were not taken at one spot: each reason once, with how often it was met. */
export class Rejected {
  private readonly known = new Map<string, Rejection & { times: number }>();

  readonly add = (rejection: Rejection): void => {
    const met = this.known.get(rejection.because);
    if (met) met.times++;
    else this.known.set(rejection.because, { ...rejection, times: 1 });
  };

  /** The commonest first. */
  all(): readonly (Rejection & { readonly times: number })[] {
    return [...this.known.values()].sort((a, b) => b.times - a.times || a.because.localeCompare(b.because));
  }
}

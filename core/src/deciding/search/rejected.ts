import type { Rejection } from '../../judging/check/candidate';
import type { LinkUse } from '../../words/setUp/setUp';

/** Why struts were not taken at one spot: each reason once, with how often it was met. */
export class Rejected {
  private readonly known = new Map<string, Rejection & { times: number }>();

  /** @param links between base and camera of the strut that met it; none where it is about the place as a whole */
  readonly add = (rejection: Rejection, links?: readonly LinkUse[]): void => {
    const met = this.known.get(rejection.because);
    const plain = links?.length === 0 || met?.plain === true;
    this.known.set(rejection.because, { ...rejection, ...(plain && { plain }), times: (met?.times ?? 0) + 1 });
  };

  /**
   * What one would name first: that nothing at all is shown or can be built, then what stopped struts, then the bases that do not go on the place.
   * Of struts first what stops the camera straight on its base, as what long arms meet says little where not even that would do; the commonest first.
   */
  all(): readonly (Rejection & { readonly times: number })[] {
    return [...this.known.values()].sort(
      (a, b) => rank(a) - rank(b) || b.times - a.times || a.because.localeCompare(b.because),
    );
  }
}

const rank = ({ bars, check, plain }: Rejection): number => (bars ? 0 : check === 'fits' ? 3 : plain ? 1 : 2);

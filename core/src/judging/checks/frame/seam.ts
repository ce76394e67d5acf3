import type { PartInFrame } from '../../../physics/framing/measureFrame';
import type { FramedSetUp, StanceFrame } from '../../../physics/framing/stanceFrame';
import type { Finding } from '../../../words/check/result';
import type { IntentDefinition, Want } from '../../../words/shot/intent';
import { counts, wantsHere } from './wants';

/** What of a want lies in the seam. */
interface Taken {
  /** How much of what is seen of it, 0 to 1. */
  readonly within: number;
  /** Its parts that are lost most, most first. */
  readonly names: readonly string[];
}

/** So many parts are named. */
const MOST_NAMED = 3;

/** What carries the camera lies along the strut, in the seam by its nature. */
function taken(want: Want, { resolved, working }: FramedSetUp, { measures, stitched }: StanceFrame): Taken {
  const carriedBy = resolved.placed.spot.partId;
  const parts = measures.parts.filter((part) => part.id !== carriedBy && counts(want, part, working));
  const seen = parts.reduce((sum, { share }) => sum + share, 0);
  const lost = ({ id, share }: PartInFrame) => share * (stitched.find((part) => part.id === id)?.within ?? 0);
  const most = parts.filter((part) => lost(part) > 0).sort((a, b) => lost(b) - lost(a));
  return {
    within: seen > 0 ? most.reduce((sum, part) => sum + lost(part), 0) / seen : 0,
    names: most.slice(0, MOST_NAMED).map(({ name }) => name.toLowerCase()),
  };
}

/** Small things that are missed even where most of what is wanted lies beside the seam. */
export const MISSED_IN_SEAM: readonly string[] = ['hands', 'face', 'subject'];
/** Shares of what is wanted that the seam may take: beyond the first it is told, beyond the second the shot is spoilt. Estimates 0.05 to 0.2 and 0.4 to 0.6. */
const SEAM = { watch: 0.1, stop: 0.5 } as const;

const peopleWanted = (
  { wants }: IntentDefinition,
  { id, group }: { readonly id: string; readonly group: string },
  { resolved }: FramedSetUp,
): boolean =>
  MISSED_IN_SEAM.includes(group) &&
  id !== resolved.placed.spot.partId &&
  wants.some((want) => want.share[0] > 0 && (want.of.groups as readonly string[] | undefined)?.includes(group));

/** What the shot wants must not lie in the seam of a two-lens camera. */
export function seamFinding(framed: FramedSetUp, intent: IntentDefinition, action: StanceFrame): Finding | null {
  if (!framed.resolved.camera.stitch) return null;
  const { within, names } = wantsHere(intent, framed)
    .filter((w) => w.share[0] > 0)
    .map((w) => taken(w, framed, action))
    .reduce<Taken>((worst, each) => (each.within > worst.within ? each : worst), { within: 0, names: [] });
  const people = action.stitched.find((part) => part.within > SEAM.stop && peopleWanted(intent, part, framed));
  return {
    id: 'seam',
    label: 'seam between the lenses',
    verdict: within > SEAM.stop ? 'stop' : within > SEAM.watch || people ? 'watch' : 'good',
    value: within * 100,
    unit: '%',
    limit: [null, SEAM.watch * 100],
    margin: (SEAM.watch - within) * 100,
    because:
      within > SEAM.watch
        ? `${Math.round(within * 100)} % of what the shot wants lies in the seam in ${action.name.toLowerCase()} (${names.join(', ')}): near things are blurred or missing there`
        : people
          ? `${Math.round(people.within * 100)} % of the ${people.name} lies in the seam in ${action.name.toLowerCase()}: near things are blurred or missing there`
          : 'next to nothing that the shot wants lies in the seam',
    mend:
      within > SEAM.watch || people
        ? { text: 'turn the camera so that the seam comes over the pole, not over the subject' }
        : null,
  };
}

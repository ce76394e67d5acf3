import type { FrameMeasures, PartInFrame } from '../../../physics/framing/measureFrame';
import type { FramedSetUp } from '../../../physics/framing/stanceFrame';
import type { IntentDefinition, Want } from '../../../words/shot/intent';

/** Who looks out of a cabin looks through glass with more than this of the picture. Estimate 0.4 to 0.8. */
const BEHIND_GLASS = 0.5;

type Here = Pick<FramedSetUp, 'held' | 'aboard' | 'stances' | 'actionStanceId'>;

/** What a kind of shot asks of this carrier as it is ridden, and of this place on it. */
export const wantsHere = ({ wants }: IntentDefinition, on: Here): readonly Want[] => {
  const asked = ({ whereHeld, aboard }: Want) => (on.held || !whereHeld) && (aboard ?? on.aboard) === on.aboard;
  const here = wants.every(asked) ? wants : wants.filter(asked);
  const action = on.stances.find(({ stanceId }) => stanceId === on.actionStanceId);
  // Roof tubes alone are no cabin.
  const inside = action !== undefined && action.underRoof && action.throughGlass > BEHIND_GLASS;
  if (!inside || here.every(({ shareInside }) => shareInside === undefined)) return here;
  return here.map((want) => (want.shareInside ? { ...want, share: want.shareInside } : want));
};

/** Whether a want names a part: as one that works, or by its id. */
const names = ({ of }: Want, { id }: PartInFrame, working: readonly string[]): boolean =>
  (of.working === true && working.includes(id)) || of.parts?.some((begins) => id.startsWith(begins)) === true;

/** Whether a part that is seen counts for a want. */
export const counts = (want: Want, part: PartInFrame, working: readonly string[]): boolean =>
  names(want, part, working) || (want.of.groups as readonly string[] | undefined)?.includes(part.group) === true;

/** Share and height of a want's parts and groups in one stance. @param working ids of the machine's working parts */
export function measureWant(
  want: Want,
  measures: FrameMeasures,
  working: readonly string[],
): { share: number; height: number | null; extent: number } {
  const groups = (want.of.groups ?? []).reduce((sum, group) => sum + measures.shares[group], 0);
  const parts = measures.parts.filter((p) => counts(want, p, working));
  const named = parts.filter((p) => names(want, p, working)).reduce((sum, p) => sum + p.share, 0);
  const seen = parts.reduce((sum, p) => sum + p.share, 0);
  const height = seen > 0 ? parts.reduce((sum, p) => sum + p.share * p.centroidV, 0) / seen : null;
  // Parts of one thing lie in a row: together they reach at least as far as the greatest of them.
  const extent = parts.reduce((most, p) => Math.max(most, p.extent), 0);
  return { share: groups + named, height, extent };
}

/** How near the nearest of what a want names is, metres; null where nothing of it is seen. */
export function nearestOf(want: Want, measures: FrameMeasures, working: readonly string[]): number | null {
  const seen = measures.parts.filter((p) => counts(want, p, working));
  return seen.length > 0 ? Math.min(...seen.map((p) => p.nearestM)) : null;
}

/** What lies so near to the left or right edge is not made out any more, as a share of the width. Estimate 0.02 to 0.06. */
const AT_EDGE = 0.04;

/** The smaller share of the two sides of what a want names, so far as it is made out. */
export function smallerSide(want: Want, measures: FrameMeasures, working: readonly string[]): number {
  const seen = measures.parts.filter((p) => counts(want, p, working) && Math.abs(p.centroidU - 0.5) <= 0.5 - AT_EDGE);
  const side = (name: string) => seen.reduce((sum, { id, share }) => sum + (id.endsWith(name) ? share : 0), 0);
  return Math.min(side('Left'), side('Right'));
}

/**
 * How far what is asked of the action stance by itself falls short of its least share there: 0 = it does not, 1 = none of it is seen. Bars that come
 * into the picture only when the rider bends down are not in the shot. Common practice, no source.
 */
export const shortInAction = (want: Want, measures: FrameMeasures, working: readonly string[]): number =>
  want.inAction && want.share[0] > 0 ? Math.max(0, 1 - measureWant(want, measures, working).share / want.share[0]) : 0;

/** Names of a want's parts that run out of the picture. */
export const cutParts = (want: Want, measures: FrameMeasures, working: readonly string[]): string[] =>
  measures.parts.filter((p) => p.cut && counts(want, p, working)).map((p) => p.name);

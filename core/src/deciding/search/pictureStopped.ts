import { sceneAt } from './sceneAt';
import type { FramedSketch, Spotted } from './spotted';

/** Whether what is known of its picture says that a check stops it, whatever the others say. */
export function pictureStopped(spotted: Spotted, { sightlines, framed, resolved, horizonAt }: FramedSketch): boolean {
  const scene = sceneAt(spotted, resolved.setUp, horizonAt, { framed, sightlines });
  return spotted.checks.some(({ searchTerm }) => searchTerm.pictureStops?.(scene));
}

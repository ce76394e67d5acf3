import type { CameraDefinition } from '../../words/kit/camera';

/** What a head carries under way, whatever holds it. Common practice, no source. */
export const HEAD_BEARS = { massKg: 0.25, lengthM: 0.14 } as const;

/** Why a camera is not worn on a head at all; null where it may be. */
export function headBurden({
  name,
  massKg,
  bodyM,
}: Pick<CameraDefinition, 'name' | 'massKg' | 'bodyM'>): string | null {
  const longM = Math.max(...bodyM);
  if (massKg.value > HEAD_BEARS.massKg)
    return `the ${name.toLowerCase()} weighs ${massKg.value.toFixed(2)} kg: too much for a head, which it tears round in a fall`;
  if (longM > HEAD_BEARS.lengthM)
    return `the ${name.toLowerCase()} is ${Math.round(longM * 1000)} mm long: on a head it catches wind, branches and whoever stands near`;
  return null;
}

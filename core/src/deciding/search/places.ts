import type { BaseDefinition } from '../../words/kit/base';
import type { LinkDefinition } from '../../words/kit/link';
import type { LinkUse } from '../../words/setUp/setUp';

/** Directions that an arm is tried in, seen from the spot: straight off, and leaning to the four sides; a pole that is held as a whole also level with the surface. */
const LEAN_DEG = 55;
export const LEVEL_DEG = 90;
const TURNS_DEG = [0, 90, 180, 270] as const;
/** Longer than this an arm is tried at two lengths. */
const LONG_M = 0.25;

/** Ways of getting away from the surface: nothing between, and every arm of the kit in five directions and a pole that can be held as a whole in nine. */
export function placesWith(
  links: readonly LinkDefinition[],
  bases: readonly BaseDefinition[],
): readonly (readonly LinkUse[])[] {
  const asOne = bases.some(({ holdsPole }) => holdsPole === 'any way');
  const arms = links.filter(({ kind }) => kind === 'arm' || kind === 'pole' || kind === 'goose neck');
  return [
    [],
    ...arms.flatMap(({ id, kind, lengthM: { low, high }, bendLimitDeg }) => {
      const leans = asOne && kind === 'pole' ? [LEAN_DEG, LEVEL_DEG] : [LEAN_DEG];
      const middle = Math.round(((low + high) / 2) * 100) / 100;
      const lengths = high > LONG_M ? [middle, high] : [middle];
      return lengths.flatMap((lengthM) =>
        [
          { bendDeg: 0, turnDeg: 0 },
          ...leans.flatMap((lean) => TURNS_DEG.map((turnDeg) => ({ bendDeg: Math.min(lean, bendLimitDeg), turnDeg }))),
        ]
          .filter(({ bendDeg }, i) => i === 0 || bendDeg > 0)
          .map((way): readonly LinkUse[] => [{ linkId: id, lengthM, ...way }]),
      );
    }),
  ];
}

export const isPole =
  (links: readonly LinkDefinition[]) =>
  ({ linkId }: Pick<LinkUse, 'linkId'>): boolean =>
    links.some(({ id, kind }) => id === linkId && kind === 'pole');

/** Soft pieces that go under the camera. */
export const softLinks = (links: readonly LinkDefinition[]): readonly LinkUse[] =>
  links
    .filter(({ kind }) => kind === 'damper' || kind === 'pad')
    .map(({ id, lengthM: { low, high } }) => ({
      linkId: id,
      lengthM: Math.round(((low + high) / 2) * 1000) / 1000,
      bendDeg: 0,
      turnDeg: 0,
    }));

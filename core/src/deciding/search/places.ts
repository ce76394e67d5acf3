import type { LinkDefinition } from '../../words/kit/link';
import type { LinkUse } from '../../words/setUp/setUp';

/** Directions that an arm is tried in, seen from the spot: straight off, and leaning to the four sides. */
const LEAN_DEG = 55;
const TURNS_DEG = [0, 90, 180, 270] as const;
/** Longer than this an arm is tried at two lengths. */
const LONG_M = 0.25;

/** Ways of getting away from the surface: nothing between, and every arm of the kit in five directions. */
export function placesWith(links: readonly LinkDefinition[]): readonly (readonly LinkUse[])[] {
  const arms = links.filter(({ kind }) => kind === 'arm' || kind === 'pole' || kind === 'goose neck');
  return [
    [],
    ...arms.flatMap(({ id, lengthM: { low, high }, bendLimitDeg }) => {
      const middle = Math.round(((low + high) / 2) * 100) / 100;
      const lengths = high > LONG_M ? [middle, high] : [middle];
      return lengths.flatMap((lengthM) =>
        [
          { bendDeg: 0, turnDeg: 0 },
          ...TURNS_DEG.map((turnDeg) => ({ bendDeg: Math.min(LEAN_DEG, bendLimitDeg), turnDeg })),
        ]
          .filter(({ bendDeg }, i) => i === 0 || bendDeg > 0)
          .map((way): readonly LinkUse[] => [{ linkId: id, lengthM, ...way }]),
      );
    }),
  ];
}

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

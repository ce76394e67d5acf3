import type { ShotScene } from '../scene/shotScene';
import type { Attempt } from './check';

const SCREWS = { effort: 1.5, costs: 'a minute with a screwdriver' } as const;
/** A length this much over its shortest is worth shortening. */
const LONGER_BY = 1.15;

/** Each link of a strut at its shortest, and the camera straight on its base: what most checks may gain from. */
export const shorterAttempts = ({ question: { setUp }, resolved }: ShotScene): readonly Attempt[] => [
  ...resolved.links.flatMap(({ use, definition: { kind, name, lengthM } }, i): Attempt[] =>
    use.lengthM > lengthM.low * LONGER_BY && kind !== 'damper' && kind !== 'pad' && kind !== 'hook'
      ? [
          {
            id: `shorter-${i}`,
            text: `shorten the ${name.toLowerCase()} to ${Math.round(lengthM.low * 1000)} mm`,
            setUp: { ...setUp, links: setUp.links.map((l, k) => (k === i ? { ...l, lengthM: lengthM.low } : l)) },
            ...SCREWS,
          },
        ]
      : [],
  ),
  ...(setUp.links.length > 0
    ? [
        {
          id: 'nothing-between',
          text: 'straight on its base, nothing between',
          setUp: { ...setUp, links: [], furtherArms: undefined },
          ...SCREWS,
        },
      ]
    : []),
];

import type { SetUp } from './setUp';

/** What a set-up is mounted with, bases and links in their order: one strut stands and shakes alike wherever it is used. */
export const strutOf = ({ baseId, links, furtherArms = [] }: Pick<SetUp, 'baseId' | 'links' | 'furtherArms'>): string =>
  [baseId, ...links.map(({ linkId }) => linkId), ...furtherArms.flatMap((arm) => [arm.baseId, arm.linkId])].join(' + ');

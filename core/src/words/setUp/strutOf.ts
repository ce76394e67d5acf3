import type { SetUp } from './setUp';

/** What a set-up is mounted with, base and links in their order: one strut stands and shakes alike wherever it is used. */
export const strutOf = ({ baseId, links }: Pick<SetUp, 'baseId' | 'links'>): string =>
  [baseId, ...links.map(({ linkId }) => linkId)].join(' + ');

import { BASES, CAMERAS, HEADS, LINKS } from '../../catalog/index.generated';
import type { BaseDefinition, CameraDefinition, HeadDefinition, LinkDefinition } from './definitions';
import { NO_OWN_KIT, ownBase, ownCamera, ownLink, type OwnKit } from './ownKit';

/** Everything that a strut can be made of: the catalogue and what the user added. */
export interface Kit {
  readonly cameras: readonly CameraDefinition[];
  readonly bases: readonly BaseDefinition[];
  readonly links: readonly LinkDefinition[];
  readonly heads: readonly HeadDefinition[];
}

const kits = new WeakMap<OwnKit, Kit>();

export function kitWith(own: OwnKit = NO_OWN_KIT): Kit {
  const known = kits.get(own);
  if (known) return known;
  const kit: Kit = {
    cameras: [...CAMERAS, ...own.cameras.map(ownCamera)],
    bases: [...BASES, ...own.bases.map(ownBase)],
    links: [...LINKS, ...own.links.map(ownLink)],
    heads: HEADS,
  };
  kits.set(own, kit);
  return kit;
}

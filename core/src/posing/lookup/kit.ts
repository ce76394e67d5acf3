import { BASES, CAMERAS, HEADS, LINKS } from '../../../catalog/index.generated';
import type { BaseDefinition } from '../../words/kit/base';
import type { CameraDefinition } from '../../words/kit/camera';
import type { HeadDefinition } from '../../words/kit/head';
import type { LinkDefinition } from '../../words/kit/link';
import { NO_OWN_KIT, type OwnKit } from '../../words/kit/ownKit';
import { ownBase, ownCamera, ownLink } from '../building/ownKit';

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

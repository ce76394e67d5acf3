import { bodySpots } from '../../../src/body/bodySpots';
import type { WornDefinition } from '../../../src/rig/definitions';

/** The body itself with nothing on the back: under a harness, in a seat. */
const plainBody: WornDefinition = {
  kind: 'worn',
  id: 'plain-body',
  name: 'Body, no backpack',
  place: 'body',
  parts: () => [],
  spots: (body) => bodySpots(body, 'ribcage'),
};

export default plainBody;

import { bodySpots } from '../../../src/posing/building/bodySpots';
import type { WornDefinition } from '../../../src/words/carrier/worn';

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

import { INTENTS } from '../../../catalog/index.generated';
import type { IntentDefinition } from '../../words/shot/intent';

/** @throws RangeError for an id that the catalogue lacks */
export function intentOf(intentId: string): IntentDefinition {
  const intent = INTENTS.find((candidate) => candidate.id === intentId);
  if (!intent)
    throw new RangeError(`intentOf: no intent "${intentId}" (there are ${INTENTS.map((i) => i.id).join(', ')})`);
  return intent;
}

import { intentOf } from './intentOf';
import type { IntentDefinition, Want } from '../../words/shot/intent';
import { type Ask, OWN_THINGS } from '../../words/shot/ask';

export const feelOf = (ask: Ask): number | null => (ask.feel === undefined ? intentOf(ask.intentId).feel : ask.feel);

const HANDS: Want = {
  id: 'hands',
  label: 'hands',
  of: { groups: ['hands'] },
  share: [0.02, 0.35],
  weight: 3,
};
/** As little as nobody sees, and what it counts. */
const NOTHING_OF_IT = { share: [0, 0.004], weight: 3 } as const;
/** As little as makes no difference. */
const NO_HANDS = [0, 0.008] as const;

/** A share that somebody set is asked everywhere. */
function withShare(want: Want, share: Want['share'] | undefined): Want {
  if (!share) return want;
  const { whereHeld, shareInside, ...asked } = want;
  void [whereHeld, shareInside];
  return { ...asked, share };
}

const known = new WeakMap<Ask, { readonly intent: IntentDefinition; readonly asked: IntentDefinition }>();

/** The intent with what the ask changes in it: this is what pictures are held against. Kept with the ask. @throws RangeError for an unknown intent */
export function askedIntent(ask: Ask): IntentDefinition {
  const intent = intentOf(ask.intentId);
  const kept = known.get(ask);
  if (kept?.intent === intent) return kept.asked;
  const asked = changed(intent, ask);
  known.set(ask, { intent, asked });
  return asked;
}

function changed(intent: IntentDefinition, ask: Ask): IntentDefinition {
  const had = intent.wants.some((w) => w.id === 'hands');
  const hands: Want =
    ask.hands === 'without'
      ? { ...HANDS, share: NO_HANDS }
      : {
          ...HANDS,
          ...(had && intent.wants.find((w) => w.id === 'hands')!.share[0] > 0
            ? intent.wants.find((w) => w.id === 'hands')!
            : {}),
        };
  const wants =
    ask.hands === 'as the intent'
      ? intent.wants
      : had
        ? intent.wants.map((w) => (w.id === 'hands' ? hands : w))
        : [...intent.wants, hands];
  const without = OWN_THINGS.filter(({ id }) => ask.without?.includes(id)).map(({ id, name, parts }): Want => ({
    id: `no-${id}`,
    label: name,
    of: { parts },
    ...NOTHING_OF_IT,
  }));
  return {
    ...intent,
    feel: feelOf(ask),
    horizonBand: ask.horizonBand === undefined ? intent.horizonBand : ask.horizonBand,
    wants: [...wants, ...without].map((want) => withShare(want, ask.shares?.[want.id])),
  };
}

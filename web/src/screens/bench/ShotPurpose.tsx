import { INTENTS, resolveRig, SET_UP_STANCE_ID } from '@strut-spot/core';
import { useId } from 'react';
import { useShot } from '../../state/useShot';
import { StanceShares } from '../../ui/StanceShares';
import { ChoiceField } from '../../ui/ChoiceField';

export function ShotPurpose() {
  const { shot, change, rig } = useShot();
  const id = useId();
  const { machine } = resolveRig(rig);
  const stances = machine.stances.filter((s) => s.id !== SET_UP_STANCE_ID);
  return (
    <div className="space-y-0.5 border-t border-hair px-3 py-2">
      <div className="flex items-baseline gap-2">
        <label htmlFor={id} className="label w-20 shrink-0 text-ink-2">
          Shot
        </label>
        <input
          id={id}
          className="field min-w-0 flex-1"
          maxLength={120}
          value={shot.name}
          onChange={(event) => change((s) => ({ ...s, name: event.target.value }), 'shot-name')}
        />
      </div>
      <ChoiceField
        label="Shows"
        value={shot.intentId}
        choices={INTENTS}
        onChange={(intentId) =>
          change(({ ask, lightId, ...s }) => {
            // What was asked, and the light, belong to the intent before.
            void ask;
            void lightId;
            return { ...s, intentId, horizonAt: null };
          })
        }
      />
      <ChoiceField
        label="Ridden in"
        value={shot.actionStanceId}
        choices={stances}
        onChange={(actionStanceId) => change((s) => ({ ...s, actionStanceId }))}
      />
      <details>
        <summary className="label cursor-pointer py-1 text-ink-2">
          Time in each stance: {shot.stanceShares ? 'of this shot' : 'as on the carrier’s sheet'}
        </summary>
        <StanceShares
          machine={machine}
          asUsual={!shot.stanceShares}
          usual="As on the carrier’s sheet"
          onChange={(shares) =>
            change(({ stanceShares, ...s }) => {
              void stanceShares;
              return shares ? { ...s, stanceShares: shares } : s;
            }, 'stance-shares')
          }
        />
      </details>
    </div>
  );
}

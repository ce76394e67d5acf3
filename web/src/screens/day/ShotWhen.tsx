import type { Shot } from '@strut-spot/core';
import { useId } from 'react';
import { useOuting } from '../../state/OutingProvider';
import { ChoiceField } from '../../ui/ChoiceField';

type Only = NonNullable<Shot['only']>;
const WHY = ['', 'tide', 'lift', 'wind', 'road closed', 'booked'] as const;

const wordsOf = ({ only }: Shot, first: string | undefined): string =>
  [
    ...(only ? [`${only.from} to ${only.to}${only.why ? `, ${only.why}` : ''}`] : []),
    ...(first ? [`after ${first}`] : []),
  ].join('; ') || 'possible at any hour';

/** Hours within which a shot is possible at all, and what must be filmed before it. */
export function ShotWhen({ shot }: { readonly shot: Shot }) {
  const id = useId();
  const { outing, change } = useOuting();
  const edit = (next: (s: Shot) => Shot) =>
    change((o) => ({ ...o, shots: o.shots.map((s) => (s.id === shot.id ? next(s) : s)) }), `when-${shot.id}`);
  const only: Only = shot.only ?? { from: '09:00', to: '17:00', why: '' };
  const day = shot.hour?.day ?? 1;
  const others = outing.shots.filter((s) => s.id !== shot.id && (s.hour?.day ?? 1) === day);
  const time = (end: 'from' | 'to', name: string) => (
    <div className="flex items-baseline gap-2">
      <label htmlFor={`${id}-${end}`} className="label w-20 shrink-0 text-ink-2">
        {name}
      </label>
      <input
        id={`${id}-${end}`}
        type="time"
        className="field reading"
        value={only[end]}
        onChange={(event) => {
          const at = event.target.value;
          if (/^\d{2}:\d{2}$/.test(at)) edit((s) => ({ ...s, only: { ...only, [end]: at } }));
        }}
      />
    </div>
  );
  return (
    <details className="text-[0.95rem]">
      <summary className="min-h-[24px] text-ink-2 max-lg:min-h-touch">
        <span className="sr-only">When {shot.name} is possible: </span>
        {wordsOf(shot, others.find((s) => s.id === shot.after)?.name)}
      </summary>
      <div className="max-w-80 space-y-1 pb-2">
        <ChoiceField
          label="Possible"
          value={shot.only ? 'only' : 'any'}
          choices={[
            { id: 'any', name: 'at any hour' },
            { id: 'only', name: 'only within hours' },
          ]}
          onChange={(choice) =>
            edit(({ only: gone, ...s }) => {
              void gone;
              return choice === 'only' ? { ...s, only } : s;
            })
          }
        />
        {shot.only && (
          <>
            {time('from', 'From')}
            {time('to', 'To')}
            <ChoiceField
              label="Because of"
              value={only.why}
              choices={[...new Set([...WHY, only.why])].map((why) => ({ id: why, name: why || 'no reason given' }))}
              onChange={(why) => edit((s) => ({ ...s, only: { ...only, why } }))}
            />
          </>
        )}
        <ChoiceField
          label="After"
          value={others.some((s) => s.id === shot.after) ? shot.after! : ''}
          choices={[{ id: '', name: 'no other shot' }, ...others.map((s) => ({ id: s.id, name: s.name }))]}
          onChange={(first) =>
            edit(({ after: gone, ...s }) => {
              void gone;
              return first ? { ...s, after: first } : s;
            })
          }
        />
      </div>
    </details>
  );
}

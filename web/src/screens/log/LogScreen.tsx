import { yupResolver } from '@hookform/resolvers/yup';
import { OUTING_LIMITS, type LogEntry } from '@strut-spot/core';
import { format, parseISO } from 'date-fns';
import { Trash2 } from 'lucide-react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { boolean, object, string } from 'yup';
import { changeLater, putBack } from '../../state/changeLater';
import { newId, nowIso } from '../../state/newId';
import { useDraft } from '../../state/useDraft';
import { useShot } from '../../state/useShot';

const schema = object({
  done: boolean().defined(),
  usable: string()
    .oneOf(['yes', 'partly', 'no'] as const)
    .defined(),
  held: string()
    .oneOf(['held', 'slipped', 'lost'] as const)
    .defined(),
  note: string().defined().max(OUTING_LIMITS.noteLength, `at most ${OUTING_LIMITS.noteLength} characters`),
});

const USABLE = { yes: 'Yes', partly: 'Partly', no: 'No' } as const;
const HELD = { held: 'Held', slipped: 'Slipped', lost: 'Lost' } as const;

export function LogScreen() {
  const { outing, shot, change } = useShot();
  const [draft, setDraft] = useDraft(`log-${shot.id}`);
  const { register, handleSubmit, reset, formState } = useForm({
    resolver: yupResolver(schema),
    defaultValues: { done: true, usable: 'yes' as const, held: 'held' as const, note: draft },
  });
  const add = handleSubmit((values) => {
    const entry: LogEntry = { id: newId(), at: nowIso(), ...values };
    change((s) => ({ ...s, log: [...s.log, entry] }));
    setDraft('');
    reset({ done: true, usable: 'yes', held: 'held', note: '' });
  });
  const remove = (entry: LogEntry) => {
    const at = shot.log.indexOf(entry);
    change((s) => ({ ...s, log: s.log.filter((e) => e.id !== entry.id) }));
    toast('The entry is deleted.', {
      action: {
        label: 'Undo',
        onClick: () =>
          void changeLater(outing.id, (o) => ({
            ...o,
            shots: o.shots.map((s) => (s.id === shot.id ? { ...s, log: putBack(s.log, entry, at) } : s)),
          })),
      },
    });
  };
  return (
    <main className="mx-auto grid max-w-5xl gap-8 px-4 py-6 md:grid-cols-[20rem_minmax(0,1fr)]">
      <form onSubmit={(event) => void add(event)} className="space-y-4">
        <h1 className="text-3xl leading-none font-[700] [font-stretch:72%]">Log</h1>
        <label className="flex items-center gap-3 text-lg max-md:min-h-12">
          <input type="checkbox" className="size-5 accent-[var(--hivis)]" {...register('done')} /> Filmed
        </label>
        <Choice legend="Usable" name="usable" options={USABLE} register={register} />
        <Choice legend="The mount" name="held" options={HELD} register={register} />
        <div>
          <label htmlFor="log-note" className="caption">
            Note
          </label>
          <textarea
            id="log-note"
            rows={4}
            className="field w-full border border-hair-strong px-2"
            {...register('note', { onChange: (event: { target: { value: string } }) => setDraft(event.target.value) })}
          />
          {formState.errors.note && <p role="alert">{formState.errors.note.message}</p>}
        </div>
        <button type="submit" className="action action-main">
          Add to the log
        </button>
      </form>
      <section aria-labelledby="entries">
        <h2 id="entries" className="caption border-b-2 border-ink pb-1">
          {shot.name}
        </h2>
        {shot.log.length === 0 ? (
          <p className="py-4 text-ink-2">
            Nothing logged yet. After the take: was it filmed, is it usable, did the mount hold?
          </p>
        ) : (
          <ol>
            {[...shot.log].reverse().map((entry) => (
              <li key={entry.id} className="flex items-start gap-4 border-b border-hair py-2">
                <time dateTime={entry.at} className="reading w-36 shrink-0 text-ink-2">
                  {format(parseISO(entry.at), 'd MMM yyyy HH:mm')}
                </time>
                <div className="min-w-0 flex-1">
                  <p className="font-[620]">
                    {entry.done ? 'Filmed' : 'Not filmed'}, usable: {USABLE[entry.usable].toLowerCase()}, mount{' '}
                    {HELD[entry.held].toLowerCase()}
                  </p>
                  {entry.note && <p className="whitespace-pre-wrap">{entry.note}</p>}
                </div>
                <button
                  type="button"
                  className="action action-quiet"
                  aria-label="Delete this entry"
                  onClick={() => remove(entry)}
                >
                  <Trash2 size={16} aria-hidden />
                </button>
              </li>
            ))}
          </ol>
        )}
      </section>
    </main>
  );
}

type Register = ReturnType<
  typeof useForm<{ done: boolean; usable: 'yes' | 'partly' | 'no'; held: 'held' | 'slipped' | 'lost'; note: string }>
>['register'];

function Choice({
  legend,
  name,
  options,
  register,
}: {
  legend: string;
  name: 'usable' | 'held';
  options: Record<string, string>;
  register: Register;
}) {
  return (
    <fieldset>
      <legend className="caption mb-1">{legend}</legend>
      <div className="flex">
        {Object.entries(options).map(([value, label]) => (
          <label
            key={value}
            className="-ml-px flex min-h-9 flex-1 cursor-pointer items-center justify-center border border-hair-strong px-3 font-[600] first:ml-0 has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-2 has-focus-visible:outline-offset-2 max-md:min-h-12"
          >
            <input type="radio" value={value} className="sr-only" {...register(name)} />
            {label}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

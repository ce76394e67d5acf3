import { yupResolver } from '@hookform/resolvers/yup';
import { LENS_AFTER, OUTING_LIMITS, WHY_NOT, WHY_NOT_WORDS, type LogEntry } from '@strut-spot/core';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useForm, useWatch, type UseFormRegisterReturn } from 'react-hook-form';
import { toast } from 'sonner';
import { array, boolean, number, object, string } from 'yup';
import { changeLater, putBack } from '../../state/changeLater';
import { newId, nowIso } from '../../state/newId';
import { useDraft } from '../../state/useDraft';
import { useShot } from '../../state/useShot';
import { dropStill, keepStill } from '../../storage/stills';
import { StillOf } from '../../ui/StillOf';
import { StillField, type SmallStill } from './StillField';
import { momentWords } from '../../words/dates';

/** A number that may be left out. */
const maybe = (low: number, high: number) =>
  number()
    .transform((value: number, text: unknown) => (text === '' || text == null ? undefined : value))
    .typeError('a number, or nothing')
    .min(low, `at least ${low}`)
    .max(high, `at most ${high}`)
    .optional();

const schema = object({
  done: boolean().defined(),
  usable: string()
    .oneOf(['yes', 'partly', 'no'] as const)
    .defined(),
  held: string()
    .oneOf(['held', 'slipped', 'lost'] as const)
    .defined(),
  whyNot: array().of(string().oneOf(WHY_NOT).defined()).defined(),
  usableS: maybe(0, 36000),
  lap: maybe(1, 999).integer('a whole number'),
  lens: string()
    .oneOf(['', ...LENS_AFTER] as const)
    .defined(),
  batteryPct: maybe(0, 100),
  note: string().defined().max(OUTING_LIMITS.noteLength, `at most ${OUTING_LIMITS.noteLength} characters`),
});

const USABLE = { yes: 'Yes', partly: 'Partly', no: 'No' } as const;
const HELD = { held: 'Held', slipped: 'Slipped', lost: 'Lost' } as const;

const LENS = { clean: 'clean', drops: 'drops', dirt: 'dirt', mist: 'mist' } as const;
const EMPTY = {
  done: true,
  usable: 'yes' as const,
  held: 'held' as const,
  whyNot: [] as (typeof WHY_NOT)[number][],
  usableS: undefined,
  lap: undefined,
  lens: '' as const,
  batteryPct: undefined,
  note: '',
};
const FIGURES = [
  ['lap', 'Take'],
  ['usableS', 'Usable, s'],
  ['batteryPct', 'Battery left, %'],
] as const;

/** What came of the takes of one shot. */
export function LogScreen() {
  const { outing, shot, change } = useShot();
  const [draft, setDraft] = useDraft(`log-${shot.id}`);
  const { register, handleSubmit, reset, control, formState } = useForm({
    resolver: yupResolver(schema),
    defaultValues: { ...EMPTY, note: draft },
  });
  const [still, setStill] = useState<SmallStill | null>(null);
  const usable = useWatch({ control, name: 'usable' });
  const add = handleSubmit(({ whyNot, usableS, lap, lens, batteryPct, ...values }) => {
    const entry: LogEntry = {
      id: newId(),
      at: nowIso(),
      ...values,
      ...(values.usable !== 'yes' && whyNot.length > 0 ? { whyNot } : {}),
      ...(usableS === undefined ? {} : { usableS }),
      ...(lap === undefined ? {} : { lap }),
      ...(lens === '' ? {} : { lens }),
      ...(batteryPct === undefined ? {} : { batteryPct }),
    };
    change((s) => ({ ...s, log: [...s.log, entry] }));
    if (still) void keepStill({ id: entry.id, outingId: outing.id, bytes: still.bytes });
    setStill(null);
    setDraft('');
    reset(EMPTY);
  });
  const remove = (entry: LogEntry) => {
    const at = shot.log.indexOf(entry);
    change((s) => ({ ...s, log: s.log.filter((e) => e.id !== entry.id) }));
    const dropped = dropStill(entry.id);
    toast('The entry is deleted.', {
      action: {
        label: 'Undo',
        onClick: () => {
          void dropped.then((row) => row && keepStill(row));
          void changeLater(outing.id, (o) => ({
            ...o,
            shots: o.shots.map((s) => (s.id === shot.id ? { ...s, log: putBack(s.log, entry, at) } : s)),
          }));
        },
      },
    });
  };
  return (
    <main className="mx-auto grid max-w-5xl gap-8 px-4 py-6 md:grid-cols-[20rem_minmax(0,1fr)]">
      <form onSubmit={(event) => void add(event)} className="space-y-4">
        <h1 className="text-3xl leading-none font-[700] [font-stretch:72%]">Log</h1>
        <label className="flex items-center gap-3 text-lg max-md:min-h-touch">
          <input type="checkbox" className="size-5 accent-[var(--hivis)]" {...register('done')} /> Filmed
        </label>
        <Choice legend="Usable" options={USABLE} field={register('usable')} />
        {usable !== 'yes' && (
          <fieldset>
            <legend className="caption mb-1">Why not</legend>
            <div className="grid grid-cols-2 gap-x-3">
              {WHY_NOT.map((why) => (
                <label key={why} className="flex items-center gap-2 leading-tight max-md:min-h-touch">
                  <input type="checkbox" value={why} className="size-4 accent-[var(--hivis)]" {...register('whyNot')} />
                  {WHY_NOT_WORDS[why].name}
                </label>
              ))}
            </div>
          </fieldset>
        )}
        <Choice legend="The mount" options={HELD} field={register('held')} />
        <div className="grid grid-cols-3 gap-2">
          {FIGURES.map(([name, label]) => (
            <label key={name} className="block">
              <span className="caption">{label}</span>
              <input inputMode="decimal" className="field reading w-full" {...register(name)} />
              {formState.errors[name] && <span role="alert">{formState.errors[name].message}</span>}
            </label>
          ))}
        </div>
        <label className="flex items-center gap-3">
          <span className="caption">Lens afterwards</span>
          <select className="field flex-1" {...register('lens')}>
            <option value="">not looked at</option>
            {LENS_AFTER.map((lens) => (
              <option key={lens} value={lens} className="bg-sheet text-ink">
                {LENS[lens]}
              </option>
            ))}
          </select>
        </label>
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
        <StillField still={still} onStill={setStill} />
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
                  {momentWords(entry.at)}
                </time>
                <div className="min-w-0 flex-1">
                  <p className="font-[620]">
                    {entry.done ? 'Filmed' : 'Not filmed'}, usable: {USABLE[entry.usable].toLowerCase()}, mount{' '}
                    {HELD[entry.held].toLowerCase()}
                  </p>
                  {factsOf(entry) && <p className="text-ink-2">{factsOf(entry)}</p>}
                  {entry.note && <p className="whitespace-pre-wrap">{entry.note}</p>}
                </div>
                <StillOf entryId={entry.id} />
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

/** The figures of a take, in a line. */
const factsOf = ({ lap, usableS, whyNot, lens, batteryPct }: LogEntry): string =>
  [
    lap === undefined ? '' : `take ${lap}`,
    usableS === undefined ? '' : `${usableS} s usable`,
    ...(whyNot ?? []).map((why) => WHY_NOT_WORDS[why].name),
    lens === undefined ? '' : `lens ${LENS[lens]}`,
    batteryPct === undefined ? '' : `battery ${batteryPct} %`,
  ]
    .filter(Boolean)
    .join(', ');

function Choice({
  legend,
  options,
  field,
}: {
  legend: string;
  options: Record<string, string>;
  field: UseFormRegisterReturn;
}) {
  return (
    <fieldset>
      <legend className="caption mb-1">{legend}</legend>
      <div className="flex">
        {Object.entries(options).map(([value, label]) => (
          <label
            key={value}
            className="-ml-px flex min-h-9 flex-1 cursor-pointer items-center justify-center border border-hair-strong px-3 font-[600] first:ml-0 has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-2 has-focus-visible:outline-offset-2 max-md:min-h-touch"
          >
            <input type="radio" value={value} className="sr-only" {...field} />
            {label}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

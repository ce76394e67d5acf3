import { yupResolver } from '@hookform/resolvers/yup';
import { OUTING_LIMITS } from '@strut-spot/core';
import { useEffect } from 'react';
import { useForm } from 'react-hook-form';
import { object, string } from 'yup';
import { useOuting } from '../../state/OutingProvider';

const name = () => string().defined().max(OUTING_LIMITS.nameLength, `at most ${OUTING_LIMITS.nameLength} characters`);

const schema = object({
  name: name().required('an outing needs a name'),
  place: name(),
  date: string()
    .defined()
    .matches(/^\d{4}-\d{2}-\d{2}$/, 'a date is needed'),
  startsAt: string()
    .defined()
    .matches(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time is needed'),
  riderName: name(),
  note: string().defined().max(OUTING_LIMITS.noteLength, `at most ${OUTING_LIMITS.noteLength} characters`),
});

const FIELDS = [
  ['name', 'Name', 'text'],
  ['place', 'Place', 'text'],
  ['date', 'Date', 'date'],
  ['startsAt', 'Start', 'time'],
  ['riderName', 'Rider', 'text'],
] as const;

/** Saved as it is typed; what isn't right yet stays in the field with its reason and changes nothing. */
export function OutingDetails() {
  const { outing, change } = useOuting();
  const { name, place, date, startsAt, riderName, note } = outing;
  const { register, reset, trigger, getValues, formState } = useForm({
    resolver: yupResolver(schema),
    mode: 'onChange',
    defaultValues: { name, place, date, startsAt, riderName, note },
  });

  // Undo and redo come from outside the form.
  useEffect(() => {
    const now = getValues();
    if (
      name !== now.name ||
      place !== now.place ||
      date !== now.date ||
      startsAt !== now.startsAt ||
      riderName !== now.riderName ||
      note !== now.note
    ) {
      reset({ name, place, date, startsAt, riderName, note });
    }
  }, [name, place, date, startsAt, riderName, note, getValues, reset]);

  const keep = async (field: keyof typeof schema.fields) => {
    if (await trigger(field)) change((o) => ({ ...o, [field]: getValues(field) }), `detail-${field}`);
  };
  return (
    <section aria-labelledby="details">
      <h2 id="details" className="caption mb-1 border-b-2 border-ink pb-1">
        Outing
      </h2>
      <div className="space-y-0.5">
        {FIELDS.map(([field, label, type]) => {
          const problem = formState.errors[field]?.message;
          return (
            <div key={field}>
              <div className="flex items-baseline gap-2">
                <label htmlFor={`detail-${field}`} className="label w-16 text-ink-2">
                  {label}
                </label>
                <input
                  id={`detail-${field}`}
                  type={type}
                  className="field min-w-0 flex-1"
                  aria-invalid={Boolean(problem)}
                  {...register(field, { onChange: () => void keep(field) })}
                />
              </div>
              {problem && (
                <p role="alert" className="text-right text-[0.85rem] font-[600]">
                  {problem}
                </p>
              )}
            </div>
          );
        })}
        <label htmlFor="detail-note" className="label block pt-1 text-ink-2">
          Note
        </label>
        <textarea
          id="detail-note"
          rows={3}
          className="field w-full border border-hair"
          aria-invalid={Boolean(formState.errors.note)}
          {...register('note', { onChange: () => void keep('note') })}
        />
        {formState.errors.note && (
          <p role="alert" className="font-[600]">
            {formState.errors.note.message}: what is over is not kept
          </p>
        )}
      </div>
    </section>
  );
}

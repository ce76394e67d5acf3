import { yupResolver } from '@hookform/resolvers/yup';
import { OUTING_LIMITS } from '@strut-spot/core';
import { useEffect } from 'react';
import { useForm } from 'react-hook-form';
import { object, string } from 'yup';
import { useOuting } from '../../state/OutingProvider';

const name = () => string().defined().max(OUTING_LIMITS.nameLength, `at most ${OUTING_LIMITS.nameLength} characters`);

const fields = {
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
};
const schema = object(fields);

type Kept = keyof typeof fields;
const KEPT = Object.keys(fields) as Kept[];

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
  const { register, setValue, getValues, formState } = useForm({
    resolver: yupResolver(schema),
    mode: 'onChange',
    defaultValues: schema.cast(outing, { stripUnknown: true }),
  });
  const { errors } = formState;

  // Undo, redo and other windows come from outside the form; what is refused stays to be mended.
  useEffect(() => {
    for (const field of KEPT) {
      const value = getValues(field);
      if (outing[field] !== value && fields[field].isValidSync(value)) setValue(field, outing[field]);
    }
  }, [outing, getValues, setValue]);

  // At once: were it awaited, another window's change could come in between and take the letter with it.
  const keep = (field: Kept) => {
    const value = getValues(field);
    if (fields[field].isValidSync(value)) change((o) => ({ ...o, [field]: value }), `detail-${field}`);
  };
  return (
    <section aria-labelledby="details">
      <h2 id="details" className="caption mb-1 border-b-2 border-ink pb-1">
        Outing
      </h2>
      <div className="space-y-0.5">
        {FIELDS.map(([field, label, type]) => {
          const problem = errors[field]?.message;
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
                  {...register(field, { onChange: () => keep(field) })}
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
          aria-invalid={Boolean(errors.note)}
          {...register('note', { onChange: () => keep('note') })}
        />
        {errors.note && (
          <p role="alert" className="font-[600]">
            {errors.note.message}: what is over is not kept
          </p>
        )}
      </div>
    </section>
  );
}

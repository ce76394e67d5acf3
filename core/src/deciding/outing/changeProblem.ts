import { ValidationError, type Schema } from 'yup';
import { carrierSchema } from './records/carrierRecord';
import { outingSchema, type Outing } from './records/outingRecord';
import { OUTING_LIMITS } from './records/schemaParts';
import { shotSchema } from './records/shotRecord';

const restSchema = outingSchema.omit(['carriers', 'shots']);

/** What keeps a changed outing from being read back, in words; null when nothing does. Only what was touched is looked at, so that it follows a hand. */
export function changeProblem(before: Outing, after: Outing): string | null {
  const { carriers, shots, ...rest } = after;
  if (shots.length > OUTING_LIMITS.shots) return `An outing has at most ${OUTING_LIMITS.shots} shots: begin another.`;
  if (carriers.length === 0) return 'An outing keeps at least one carrier.';
  if (carriers.length > OUTING_LIMITS.carriers) return `An outing has at most ${OUTING_LIMITS.carriers} carriers.`;
  for (const shot of shots) {
    const problem = before.shots.includes(shot) ? null : problemBy(shotSchema, shot);
    if (problem) return `"${String(shot.name).slice(0, 40)}": ${problem}`;
  }
  for (const carrier of carriers) {
    const problem = before.carriers.includes(carrier) ? null : problemBy(carrierSchema, carrier);
    if (problem) return `Carrier ${carriers.indexOf(carrier) + 1}: ${problem}`;
  }
  return problemBy(restSchema, rest);
}

function problemBy(schema: Schema, value: unknown): string | null {
  try {
    schema.validateSync(value, { strict: true });
    return null;
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return `${error.message}.`;
  }
}

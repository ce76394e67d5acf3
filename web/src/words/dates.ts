import dayjs from 'dayjs';

/** A day written as the browser's language writes it, "Fri, Feb 19, 2027"; what is no day stays as it is. @param date yyyy-mm-dd */
export function dayWords(date: string): string {
  const day = dayjs(`${date}T00:00:00Z`);
  // The 31st of February is read as the 3rd of March.
  if (!day.isValid() || !day.toISOString().startsWith(date)) return date;
  return day.toDate().toLocaleDateString([], {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  });
}

/** A moment in the browser's own time and way of writing, "Feb 19, 2027, 10:40 AM". @param at ISO 8601 */
export const momentWords = (at: string): string =>
  dayjs(at).toDate().toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });

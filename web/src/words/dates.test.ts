import { dayWords, momentWords } from './dates';

it('a day stands in the browser’s own form, on the same day in every time zone', () => {
  expect(dayWords('2027-02-19')).toBe(
    new Intl.DateTimeFormat(undefined, {
      weekday: 'short',
      day: 'numeric',
      month: 'short',
      year: 'numeric',
      timeZone: 'UTC',
    }).format(Date.UTC(2027, 1, 19)),
  );
  expect(dayWords('2027-02-19')).toMatch(/19/);
});

it('what is no day stays as it was written', () => expect(dayWords('some day')).toBe('some day'));

it('a moment has its day and its minute', () => {
  const words = momentWords('2027-02-19T10:40:00');
  expect(words).toMatch(/19/);
  expect(words).toMatch(/10.40/);
});

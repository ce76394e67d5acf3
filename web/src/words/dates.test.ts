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

it.each(['some day', '2027-02-31'])('what is no day stays as it was written: %s', (date) =>
  expect(dayWords(date)).toBe(date),
);

it('a moment has its day and its minute', () => {
  const words = momentWords('2027-02-19T10:40:00');
  expect(words).toMatch(/19/);
  expect(words).toMatch(/10.40/);
});

/** A length of time in words: seconds under one minute, hours from an hour and a half on. */
export function durationWords(minutes: number): string {
  if (minutes >= 90) return `${(minutes / 60).toFixed(1)} h`;
  return minutes < 1 ? `${Math.max(1, Math.round(minutes * 60))} s` : `${Math.round(minutes)} min`;
}

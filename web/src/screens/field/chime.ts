let context: AudioContext | null = null;

/** Two short rising notes, to be heard through a helmet; silent where the browser plays nothing. */
export function chime(): void {
  if (typeof AudioContext === 'undefined') return;
  context ??= new AudioContext();
  const from = context.currentTime;
  for (const [i, frequency] of [880, 1320].entries()) {
    const [note, loudness] = [context.createOscillator(), context.createGain()];
    note.frequency.value = frequency;
    loudness.gain.setValueAtTime(0.25, from + i * 0.11);
    loudness.gain.exponentialRampToValueAtTime(0.001, from + i * 0.11 + 0.1);
    note.connect(loudness).connect(context.destination);
    note.start(from + i * 0.11);
    note.stop(from + i * 0.11 + 0.11);
  }
}

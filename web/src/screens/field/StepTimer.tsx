import { Timer } from 'lucide-react';
import { useEffect, useState } from 'react';
import { chime } from './chime';

const clock = (seconds: number) =>
  seconds >= 60 ? `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}` : `${seconds} s`;

/** Counts something down that takes its time, and is heard when it is over. */
export function StepTimer({ seconds, name }: { readonly seconds: number; readonly name: string }) {
  const [endsAt, setEndsAt] = useState<number | null>(null);
  const [left, setLeft] = useState(seconds);
  useEffect(() => {
    if (endsAt === null) return;
    const tick = setInterval(() => {
      const now = Math.max(0, Math.ceil((endsAt - performance.now()) / 1000));
      setLeft(now);
      if (now > 0) return;
      setEndsAt(null);
      navigator.vibrate?.([80, 80, 80]);
      chime();
    }, 250);
    return () => clearInterval(tick);
  }, [endsAt]);
  const over = endsAt === null && left === 0;
  return (
    <button
      type="button"
      className={`action min-h-touch ${endsAt === null ? '' : 'action-main'}`}
      onClick={() => {
        setLeft(seconds);
        setEndsAt(endsAt === null ? performance.now() + seconds * 1000 : null);
      }}
    >
      <Timer size={17} aria-hidden />
      <span role="timer">{over ? `${name}: over` : `${name}: ${clock(left)}`}</span>
    </button>
  );
}

import { damped, flatReading, putRight, upInDevice, type DeviceAngles } from '@strut-spot/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { withLocalStore } from '../../storage/localStore';

type Up = readonly [number, number, number];
const FLAT_KEY = 'strut-spot-level-flat';

const isUp = (value: unknown): value is Up =>
  Array.isArray(value) && value.length === 3 && value.every((n) => Number.isFinite(n)) && Math.hypot(...value) > 0.5;

/** What this telephone reads while it lies flat, as far as it was found out. */
function storedFlat(): Up | null {
  const text = withLocalStore((store) => store.getItem(FLAT_KEY), null);
  try {
    const value: unknown = text === null ? null : JSON.parse(text);
    return isUp(value) ? value : null;
  } catch {
    return null;
  }
}

/** Some browsers only give their sensors away after a question that the person answers. */
interface AskingSensor {
  readonly requestPermission?: () => Promise<'granted' | 'denied'>;
}

/** So long no reading came: this machine has no such sensor. */
const SILENT_MS = 1500;
/** Readings come up to sixty times a second; the page is drawn anew so often at most. */
const DRAWN_EVERY_MS = 60;

export type LevelState = 'off' | 'starting' | 'reading' | 'refused' | 'no sensor';

/** The telephone as a level: up in its axes, damped and put right by its calibration. */
export function usePhoneLevel() {
  const [state, setState] = useState<LevelState>('off');
  const [up, setUp] = useState<Up | null>(null);
  const [flat, setFlat] = useState<Up | null>(storedFlat);
  const first = useRef<Up | null>(null);
  const [halfway, setHalfway] = useState(false);
  const raw = useRef<{ up: Up; at: number; drawn: number } | null>(null);

  /** A reading from wherever it comes. */
  const take = useCallback(({ betaDeg, gammaDeg }: DeviceAngles) => {
    const now = performance.now();
    const last = raw.current;
    const next = damped(last?.up ?? null, upInDevice({ betaDeg, gammaDeg }), last ? (now - last.at) / 1000 : 0);
    const draw = !last || now - last.drawn > DRAWN_EVERY_MS;
    raw.current = { up: next, at: now, drawn: draw ? now : last.drawn };
    if (draw) setUp(next);
    setState('reading');
  }, []);

  useEffect(() => {
    if (state !== 'starting' && state !== 'reading') return;
    const heard = ({ beta, gamma }: DeviceOrientationEvent) => {
      if (beta !== null && gamma !== null) take({ betaDeg: beta, gammaDeg: gamma });
    };
    window.addEventListener('deviceorientation', heard);
    return () => window.removeEventListener('deviceorientation', heard);
  }, [state, take]);
  useEffect(() => {
    if (state !== 'starting') return;
    const silent = setTimeout(() => setState('no sensor'), SILENT_MS);
    return () => clearTimeout(silent);
  }, [state]);

  const start = async () => {
    if (typeof DeviceOrientationEvent === 'undefined') {
      setState('no sensor');
      return;
    }
    const { requestPermission } = DeviceOrientationEvent as AskingSensor;
    try {
      if (requestPermission && (await requestPermission.call(DeviceOrientationEvent)) !== 'granted') {
        setState('refused');
        return;
      }
      setState('starting');
    } catch {
      setState('refused');
    }
  };
  const stop = () => {
    raw.current = null;
    setUp(null);
    setState('off');
  };
  /** First on a table, then turned half round on the same place. */
  const calibrate = () => {
    if (!raw.current) return;
    if (!first.current) {
      first.current = raw.current.up;
      setHalfway(true);
      return;
    }
    const found = flatReading(first.current, raw.current.up);
    withLocalStore((store) => store.setItem(FLAT_KEY, JSON.stringify(found)), undefined);
    first.current = null;
    setHalfway(false);
    setFlat(found);
  };
  return {
    state,
    up: up && (flat ? putRight(up, flat) : up),
    start,
    stop,
    take,
    calibrate,
    halfway,
    calibrated: flat !== null,
  };
}

import { LAYINGS, levelReading, levelTurn, tiltWords, type LayingId } from '@strut-spot/core';
import { Ruler, Square } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { usePhoneLevel } from './usePhoneLevel';
import { useStandInLevel } from '../../devices/standInLevel';
import { ChoiceField } from '../../ui/ChoiceField';
import { Tick } from '../../ui/Tick';
import { NumberField } from '../../ui/NumberField';
import { chime } from './chime';

interface LevelPanelProps {
  readonly wanted: { readonly tiltDeg: number; readonly rollDeg: number };
  readonly setUpFile: () => string;
}

const SCALE_PX = 11;
const HALF = 100;
const within = (px: number) => Math.max(-HALF + 12, Math.min(HALF - 12, px));

/** The telephone laid on the camera: what it reads against what is wanted, seen, heard and felt. */
export function LevelPanel({ wanted, setUpFile }: LevelPanelProps) {
  const level = usePhoneLevel();
  const standIn = useStandInLevel(level.take);
  const [laying, setLaying] = useState<LayingId>('on-top');
  const [typed, setTyped] = useState<{ tiltDeg: number; rollDeg: number } | null>(null);
  const [sound, setSound] = useState(true);
  const read = level.up ? levelReading(level.up, laying) : typed;
  const turn = read && levelTurn(wanted, read);
  const right = read !== null && turn === null;
  const was = useRef(false);
  useEffect(() => {
    if (right && !was.current && level.up) {
      navigator.vibrate?.(80);
      if (sound) chime();
    }
    was.current = right;
  }, [right, sound, level.up]);
  const stop = () => {
    standIn.stop();
    level.stop();
  };
  const running = level.state === 'reading' || level.state === 'starting' || standIn.running;

  return (
    <div className="border-2 border-ink bg-sheet p-3" data-testid="level-panel">
      <div className="flex items-center gap-3">
        <svg viewBox={`${-HALF} ${-HALF} ${2 * HALF} ${2 * HALF}`} className="size-36 shrink-0" aria-hidden="true">
          <rect
            x={-HALF + 1}
            y={-HALF + 1}
            width={2 * HALF - 2}
            height={2 * HALF - 2}
            className="fill-paper stroke-ink"
          />
          <path d={`M${-HALF} 0H-22M22 0H${HALF}M0 -14V14M-14 0H14`} className="stroke-ink" strokeWidth="3" />
          {read && (
            <g
              transform={`rotate(${(read.rollDeg - wanted.rollDeg).toFixed(2)}) translate(0 ${within((wanted.tiltDeg - read.tiltDeg) * SCALE_PX).toFixed(1)})`}
            >
              <path d="M-92 0H92" className="stroke-hivis" strokeWidth={right ? 9 : 5} />
              <path d="M-92 -9V9M92 -9V9" className="stroke-hivis" strokeWidth="3" />
            </g>
          )}
        </svg>
        <div className="min-w-0 flex-1" aria-live="polite">
          <p className="caption">Reads now</p>
          <p className="text-3xl leading-none font-[720] [font-stretch:72%]" data-testid="level-now">
            {read ? `${Math.abs(read.tiltDeg).toFixed(1)}° ${read.tiltDeg >= 0 ? 'up' : 'down'}` : '–'}
          </p>
          <p className="mt-2 text-lg leading-tight font-[620]" data-testid="level-turn">
            {read ? (turn ? `Turn: ${turn}` : 'Right. Tighten it, and look again.') : WORDS[level.state]}
          </p>
        </div>
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        {running ? (
          <button type="button" className="action" onClick={stop}>
            <Square size={15} aria-hidden /> Stop
          </button>
        ) : (
          <>
            <button type="button" className="action action-main" onClick={() => void level.start()}>
              <Ruler size={16} aria-hidden /> Use this phone as a level
            </button>
            <button type="button" className="action" onClick={() => standIn.start(setUpFile())}>
              Practise with the stand-in level
            </button>
          </>
        )}
        {level.state === 'reading' && !standIn.running && (
          <button type="button" className="action" onClick={level.calibrate}>
            {level.halfway ? 'Turned half round: take it' : level.calibrated ? 'Calibrate anew' : 'Calibrate'}
          </button>
        )}
      </div>
      {level.halfway && (
        <p role="status" className="mt-1">
          Leave it on the table, turn it half round on the same place, then press again.
        </p>
      )}
      {standIn.problem && (
        <p role="alert" className="mt-1">
          The stand-in level does not answer: {standIn.problem.message}
        </p>
      )}
      <div className="mt-2 space-y-1 border-t border-hair pt-2">
        <ChoiceField
          label="The phone lies"
          value={laying}
          choices={LAYINGS}
          onChange={(id) => setLaying(LAYINGS.find((one) => one.id === id)?.id ?? 'on-top')}
        />
        <p className="text-ink-2">{LAYINGS.find((one) => one.id === laying)!.how}</p>
        <Tick label="Sound and vibration when it is right" checked={sound} onChange={setSound} />
        {!running && (
          <NumberField
            label="Read off another level: tilt"
            value={typed?.tiltDeg ?? 0}
            unit="°"
            step={0.5}
            digits={1}
            min={-90}
            max={90}
            onChange={(tiltDeg) => setTyped({ tiltDeg, rollDeg: wanted.rollDeg })}
          />
        )}
      </div>
      <p className="mt-1 text-ink-2">
        Wanted: {tiltWords(wanted.tiltDeg, 'up', 'down', 'level')}, sideways{' '}
        {tiltWords(wanted.rollDeg, 'right side low', 'left side low', 'level')}.
      </p>
    </div>
  );
}

const WORDS: Readonly<Record<ReturnType<typeof usePhoneLevel>['state'], string>> = {
  off: 'Lay the phone on the camera.',
  starting: 'Waiting for the sensor…',
  reading: '',
  refused: 'This browser was told to keep its sensors shut: allow motion sensors for this page, or read another level.',
  'no sensor': 'There is no tilt sensor here: read another level, and type what it says.',
};

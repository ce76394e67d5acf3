import {
  calibrationWords,
  hertzWords,
  LOG_LIMITS,
  type DominantLine,
  type LogColumns,
  type LogHead,
  type SpotLog,
} from '@strut-spot/core';
import { FileDown, FileUp, X } from 'lucide-react';
import { useRef, useState } from 'react';
import { download } from '../../devices/download';
import { newId, nowIso } from '../../state/newId';
import { useShot } from '../../state/useShot';
import { useStandInLog } from '../../devices/standInLogger';
import { computing } from '../../workers/core';
import { readLogFile } from '../../workers/readLog';
import { LogColumnsForm } from './LogColumnsForm';

interface Found {
  readonly fileName: string;
  readonly notes: readonly string[];
  readonly lines: readonly DominantLine[];
  readonly words: readonly string[];
  readonly sampleHz: number;
  readonly seconds: number;
}

/** A log from this spot in place of the model: read, named, compared, and kept with the carrier. */
export function MeasuredLogPanel() {
  const { shot, question, carrier, changeCarrier, setUpFile } = useShot();
  const input = useRef<HTMLInputElement>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [found, setFound] = useState<Found | null>(null);
  const [asking, setAsking] = useState<{ file: File; head: LogHead } | null>(null);
  const standIn = useStandInLog();
  const { spotId } = shot.setUp;
  const logs = carrier.spotLogs.filter((log) => log.spotId === spotId);

  const read = async (file: File, columns: LogColumns | null) => {
    setProblems([]);
    setFound(null);
    setAsking(null);
    if (file.size > LOG_LIMITS.bytes) {
      setProblems([
        `${file.name} has ${Math.round(file.size / 1e6)} MB; at most ${LOG_LIMITS.bytes / 1e6} MB are read. Cut out the part that matters, or write it at a lower rate.`,
      ]);
      return;
    }
    setProgress(0);
    try {
      const { result, head } = await readLogFile(file, columns, setProgress);
      if (!result.ok) {
        setProblems(result.problems);
        if (head.rows.length > 0) setAsking({ file, head });
        return;
      }
      const { log } = result;
      const { lines, bands } = await computing.compareLog(question, log);
      setFound({
        fileName: file.name,
        notes: log.notes,
        lines,
        words: calibrationWords(bands),
        sampleHz: log.sampleHz,
        seconds: log.seconds,
      });
      const kept: SpotLog = {
        id: newId(),
        spotId,
        fileName: file.name.slice(0, 120),
        at: nowIso(),
        seconds: log.seconds,
        sampleHz: log.sampleHz,
        bands: bands.map((band) => ({ ...band })),
        used: true,
      };
      changeCarrier((c) => ({
        ...c,
        spotLogs: [...c.spotLogs.map((l) => (l.spotId === spotId ? { ...l, used: false } : l)), kept],
      }));
    } catch (error) {
      setProblems([`${file.name} was not read: ${(error as Error).message}`]);
    } finally {
      setProgress(null);
    }
  };
  const take = async () => {
    try {
      const text = await standIn.mutateAsync(setUpFile());
      await read(new File([text], 'stand-in-logger.csv', { type: 'text/csv' }), null);
    } catch (error) {
      setProblems([`The stand-in logger did not answer: ${(error as Error).message}`]);
    }
  };
  const setUsed = (id: string, used: boolean) =>
    changeCarrier((c) => ({
      ...c,
      spotLogs: c.spotLogs.map((l) => (l.spotId === spotId ? { ...l, used: l.id === id ? used : false } : l)),
    }));

  return (
    <section aria-labelledby="measured">
      <h2 id="measured" className="caption mb-1 border-b-2 border-ink pb-0.5">
        Measured at this spot
      </h2>
      <input
        ref={input}
        type="file"
        accept=".csv,.txt,text/csv,text/plain"
        className="sr-only"
        aria-label="Log file with time, acceleration and rotation rate"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void read(file, null);
        }}
      />
      <div className="flex flex-wrap gap-1.5">
        <button type="button" className="action" onClick={() => input.current?.click()} disabled={progress !== null}>
          <FileUp size={15} aria-hidden /> Read a log
        </button>
        <button
          type="button"
          className="action action-quiet"
          onClick={() => void take()}
          disabled={progress !== null || standIn.isPending}
          title="A simulated logger ships with the program"
        >
          Try the stand-in logger
        </button>
        <button
          type="button"
          className="action action-quiet"
          aria-label="Save a sample log as CSV"
          title="Save a sample log as CSV"
          onClick={() =>
            void standIn
              .mutateAsync(setUpFile())
              .then((text) => download('sample-log.csv', text, 'text/csv'))
              .catch((error: Error) => setProblems([error.message]))
          }
        >
          <FileDown size={15} aria-hidden />
        </button>
      </div>
      {progress !== null && (
        <p role="status" className="pt-1">
          Reading… <span className="reading">{Math.round(progress * 100)} %</span>
        </p>
      )}
      {problems.map((problem) => (
        <p key={problem} role="alert" className="pt-1 font-[600]">
          {problem}
        </p>
      ))}
      {asking && <LogColumnsForm head={asking.head} onRead={(columns) => void read(asking.file, columns)} />}
      {found && (
        <div className="pt-1" data-testid="log-found">
          <p>
            {found.fileName}: <span className="reading">{found.seconds.toFixed(0)} s</span> at{' '}
            <span className="reading">{Math.round(found.sampleHz)} Hz</span>.{' '}
            {found.words.map((w) => `It ${w}.`).join(' ')}
          </p>
          {found.lines.length > 0 && (
            <ul>
              {found.lines.map((line) => (
                <li key={line.frequencyHz} className="border-b border-hair leading-tight">
                  <span className="reading">{hertzWords(line.frequencyHz)}</span>:{' '}
                  {line.name ?? 'nothing known: a resonance of this spot or of something near it'}
                </li>
              ))}
            </ul>
          )}
          {found.notes.map((note) => (
            <p key={note} className="text-[0.9rem] text-ink-2">
              {note}
            </p>
          ))}
        </div>
      )}
      {logs.length > 0 && (
        <ul className="pt-1" aria-label="Logs kept with this carrier">
          {logs.map((log) => (
            <li key={log.id} className="flex items-center gap-2">
              <label className="flex min-w-0 flex-1 items-center gap-2">
                <input type="checkbox" checked={log.used} onChange={(event) => setUsed(log.id, event.target.checked)} />
                <span className="truncate">follow {log.fileName}</span>
              </label>
              <button
                type="button"
                className="action action-quiet"
                aria-label={`Take ${log.fileName} away`}
                onClick={() => changeCarrier((c) => ({ ...c, spotLogs: c.spotLogs.filter((l) => l.id !== log.id) }))}
              >
                <X size={14} aria-hidden />
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

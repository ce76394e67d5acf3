import { foundBy, cameraOf, measuredWatts, suppliesOf, type ShotReport } from '@strut-spot/core';
import { BatteryCharging, Square } from 'lucide-react';
import { useStandInBattery } from '../../devices/standInBattery';
import { useOuting } from '../../state/OutingProvider';
import { useShot } from '../../state/useShot';
import { judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';

/** Less of a difference, in the logarithm, is not worth a word. */
const TOLD_FROM = 0.05;

/** A camera tried on the table, and the reckoning set right by what its battery showed. */
export function PowerMeter({ report }: { readonly report: ShotReport }) {
  const { change } = useOuting();
  const { outing, rig, shot, setUpFile } = useShot();
  const { start, stop, running, readings, problem } = useStandInBattery();
  const { cameraId } = shot.setUp;
  const camera = cameraOf(rig.ownKit, shot.setUp);
  const { drawFactor } = suppliesOf(outing.supplies, cameraId);
  const { power } = foundBy(report, 'last');
  const fromLog = useLatest(JSON.stringify([outing.shots, outing.supplies, cameraId]), () =>
    judging.drawFromLog(outing, cameraId),
  ).value;
  const latest = readings.at(-1);
  const watts = measuredWatts(readings, power.usableWh);
  // Over what was reckoned before anything was measured.
  const factor = watts === null ? null : watts / (power.recordingW / (drawFactor ?? 1));
  const take = (taken: number | null) =>
    change((o) => {
      const others = (o.supplies?.cameras ?? []).filter((c) => c.cameraId !== cameraId);
      const { drawFactor: old, ...mine } = suppliesOf(o.supplies, cameraId);
      void old;
      return {
        ...o,
        supplies: { ...o.supplies, cameras: [...others, taken === null ? mine : { ...mine, drawFactor: taken }] },
      };
    });
  return (
    <section aria-labelledby="meter" className="space-y-1">
      <h2 id="meter" className="caption border-b-2 border-ink pb-0.5">
        Measured on the table
      </h2>
      <p className="text-ink-2">
        {drawFactor === undefined
          ? `Nothing measured yet: ${camera.name.toLowerCase()}s are reckoned alike. A stand-in camera records a minute a second.`
          : `This camera draws ${drawFactor.toFixed(2)} times what its kind is reckoned to; that is counted everywhere.`}
      </p>
      <div className="flex flex-wrap gap-2">
        {running ? (
          <button type="button" className="action" onClick={stop}>
            <Square size={14} aria-hidden /> Stop
          </button>
        ) : (
          <button type="button" className="action" onClick={() => start(setUpFile())}>
            <BatteryCharging size={15} aria-hidden /> Record and watch its battery
          </button>
        )}
        {factor !== null && (
          <button
            type="button"
            className="action action-main"
            onClick={() => {
              take(Math.round(Math.min(3, Math.max(0.3, factor)) * 100) / 100);
              stop();
            }}
          >
            Count with {watts!.toFixed(1)} W
          </button>
        )}
        {drawFactor !== undefined && !running && (
          <button type="button" className="action action-quiet" onClick={() => take(null)}>
            Discard it
          </button>
        )}
      </div>
      {fromLog && Math.abs(Math.log(fromLog.factor / (drawFactor ?? 1))) > TOLD_FROM && (
        <p data-testid="draw-from-log">
          Learnt from {fromLog.takes} {fromLog.takes === 1 ? 'take' : 'takes'} in the log: it draws{' '}
          <span className="reading">{fromLog.factor.toFixed(2)}</span> times as much.{' '}
          <button type="button" className="action" onClick={() => take(Math.round(fromLog.factor * 100) / 100)}>
            Use this figure
          </button>
        </p>
      )}
      <p className="reading" aria-live="polite" data-testid="battery-shown">
        {latest && `${Math.floor(latest.recordedMin)} min: ${latest.percent} %`}
        {latest && watts === null && ', too little gone yet'}
        {watts !== null && `, ${watts.toFixed(1)} W`}
      </p>
      {problem && <p role="alert">{problem.message}</p>}
    </section>
  );
}

import {
  cameraOf,
  HEADS,
  foundBy,
  levelWords,
  resolveRig,
  SET_UP_STANCE_ID,
  tiltWords,
  turnedAfterwards,
  wantedHorizon,
  type ShotReport,
} from '@strut-spot/core';
import { useLearnt } from '../../state/useLearnt';
import { useShot } from '../../state/useShot';
import { NumberField } from '../../ui/NumberField';
import { Explained } from '../../ui/words/Explained';

/** The one figure that is taken to the trailhead: what the level must read, standing upright. */
export function LevelReading({ report }: { report: ShotReport | undefined }) {
  const { shot, change, changeSetUp, rig } = useShot();
  const { angles, headId, modeId } = shot.setUp;
  const camera = cameraOf(rig.ownKit, shot.setUp);
  const mode = camera.modes.find((m) => m.id === modeId)!;
  const { machine } = resolveRig(rig);
  const stanceName = (id: string) => machine.stances.find((s) => s.id === id)?.name.toLowerCase() ?? id;
  const note = machine.stances.find((s) => s.id === SET_UP_STANCE_ID)?.note.split(':')[0];
  const framed = report && foundBy(report, 'frame');
  const solved = framed?.solved ?? null;
  const off = solved ? solved.tiltDeg - angles.tiltDeg : 0;
  const notch = report?.notch;
  // Of a picture that is turned afterwards the report knows how the body stands; else the angles themselves are read, at once.
  // A report of the camera before says nothing of this one.
  const turned = turnedAfterwards({ camera, mode }) && report?.level.viewAfterwards ? report.level : null;
  const toSet = turned ? { ...turned, viewAfterwards: angles } : { reads: angles, onPole: false, viewAfterwards: null };
  const afterwards = turned !== null;
  const level = levelWords(toSet);
  // Known without the report, so that nothing below moves when that comes.
  const wantedHeight = wantedHorizon(shot)?.height ?? null;
  const { tilt: learnt } = useLearnt();
  const step = HEADS.find((h) => h.id === headId)!.notchDeg.value;
  return (
    <div className="border-b border-hair px-3 pt-1.5 pb-2">
      <div className="caption">
        {toSet.onPole ? (
          level.caption
        ) : (
          <>
            <Explained id="level">Level reads</Explained>, {note}
          </>
        )}
      </div>
      <div className="flex items-baseline justify-between gap-2">
        <output
          className="text-[2.5rem] leading-[1.1] font-[720] [font-stretch:70%]"
          data-testid="level-reading"
          aria-live="polite"
        >
          {level.tilt}
        </output>
        {!afterwards && angles.rollDeg !== 0 && (
          <span>{tiltWords(angles.rollDeg, 'right side low', 'left side low', 'level')}</span>
        )}
      </div>
      <p className="min-h-[2.8em] leading-[1.4] text-ink-2">
        {afterwards && level.beside}
        {!afterwards && notch && notch.notches !== null && <Explained id="notch">Joint</Explained>}
        {!afterwards &&
          notch &&
          (notch.notches === null
            ? 'Ball joint: holds anywhere.'
            : `: ${notch.notches === 0 ? 'middle notch' : `${Math.abs(notch.notches)} × ${step}° ${notch.notches > 0 ? 'up' : 'down'} from the middle`}${Math.abs(notch.restDeg) < 0.25 ? '' : `, holds ${tiltWords(notch.heldTiltDeg, 'up', 'down', 'level')}`}.`)}
      </p>
      {learnt && (
        <p className="leading-[1.3] text-ink-2" data-testid="bench-learnt">
          {learnt}
        </p>
      )}
      <div className="mt-1 flex items-center justify-between gap-2">
        <p>
          {solved
            ? Math.abs(off) < 0.26
              ? `Solved for ${stanceName(shot.actionStanceId)}.`
              : `For ${stanceName(shot.actionStanceId)}: ${tiltWords(solved.tiltDeg, 'up', 'down', 'level')}.`
            : report
              ? `No tilt brings it there in ${stanceName(shot.actionStanceId)}.`
              : ''}
        </p>
        <button
          type="button"
          className={`action ${solved && Math.abs(off) >= 0.26 ? 'action-main' : ''}`}
          disabled={!solved || Math.abs(off) < 0.26}
          onClick={() =>
            solved &&
            changeSetUp({
              angles: solved,
              ...(framed?.solvedGimbalTiltDeg != null ? { gimbalTiltDeg: framed.solvedGimbalTiltDeg } : {}),
            })
          }
        >
          Set the solved angle
        </button>
      </div>
      {wantedHeight !== null && (
        <NumberField
          label="Horizon wanted, from the top"
          value={wantedHeight * 100}
          unit="%"
          step={1}
          digits={0}
          min={2}
          max={98}
          onChange={(value) => change((s) => ({ ...s, horizonAt: value / 100 }), 'horizon-at')}
        />
      )}
    </div>
  );
}

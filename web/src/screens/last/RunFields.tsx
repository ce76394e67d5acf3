import {
  cameraOf,
  OUNCES_PER_KG,
  resolveRig,
  STARTS,
  USUAL_USE,
  type Feed,
  type ShotUse,
  type Start,
} from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { useSettings } from '../../storage/settings';
import { ChoiceField } from '../../ui/ChoiceField';
import { NumberField } from '../../ui/NumberField';
import { Tick } from '../../ui/Tick';

const START_NAMES: Readonly<Record<Start, string>> = {
  button: 'Its button',
  remote: 'A remote or phone',
  voice: 'Voice',
  running: 'Runs from stop to stop',
};

/** How the camera is run over the shot: takes, hours, how it is started and fed. */
export function RunFields({ start, hours }: { readonly start: Start | undefined; readonly hours: number | undefined }) {
  const { shot, rig, change, changeUse } = useShot();
  const { machine } = resolveRig(rig);
  const perKg = useSettings().units === 'metric' ? 1000 : OUNCES_PER_KG;
  const camera = cameraOf(rig.ownKit, shot.setUp);
  const use: ShotUse = shot.use ?? {};
  const without = (field: keyof ShotUse) =>
    change(({ use: old, ...s }) => {
      const { [field]: gone, ...rest } = old ?? {};
      void gone;
      return Object.keys(rest).length > 0 ? { ...s, use: rest } : s;
    }, `use-${field}`);
  const starts = STARTS.filter((id) => id === 'button' || id === 'running' || camera.lasting.startedBy.includes(id));
  const runs = start === 'running';
  const feeds = [
    { id: 'own', name: 'Its own battery' },
    { id: 'power bank', name: 'A power bank', refused: camera.lasting.fed === 'none' ? 'it cannot be fed' : null },
    {
      id: 'machine',
      name: 'The machine',
      refused:
        camera.lasting.fed === 'none' ? 'it cannot be fed' : machine.noise ? null : 'it has no engine to feed from',
    },
  ];
  return (
    <section aria-labelledby="run">
      <h2 id="run" className="caption mb-1 border-b-2 border-ink pb-0.5">
        Starting and stopping
      </h2>
      <div className="space-y-0.5">
        <ChoiceField
          label="Started by"
          value={start ?? 'button'}
          choices={starts.map((id) => ({ id, name: START_NAMES[id] }))}
          onChange={(id) => changeUse({ start: id as Start })}
        />
        {(!runs || use.hours === undefined) && (
          <NumberField
            label="Takes"
            value={use.takes ?? USUAL_USE.takes}
            unit=""
            step={1}
            digits={0}
            min={1}
            max={500}
            onChange={(takes) => changeUse({ takes })}
          />
        )}
        <NumberField
          label="Out for"
          value={hours ?? 0}
          unit="h"
          step={0.5}
          min={0.1}
          max={24}
          onChange={(hours) => changeUse({ hours })}
        />
        <NumberField
          label="Stop every"
          value={use.stintMin ?? USUAL_USE.stintMin}
          unit="min"
          step={5}
          digits={0}
          min={1}
          max={720}
          onChange={(stintMin) => changeUse({ stintMin })}
        />
        <ChoiceField
          label="Fed by"
          value={use.feed ?? 'own'}
          choices={feeds}
          onChange={(id) => (id === 'own' ? without('feed') : changeUse({ feed: id as Feed }))}
        />
        {!runs && (
          <Tick
            label="Switched off between takes"
            checked={use.offBetween ?? false}
            onChange={(offBetween) => changeUse({ offBetween })}
          />
        )}
        {!runs && camera.lasting.preRecords && (
          <Tick
            label="Keeps half a minute before the press"
            checked={use.preRecord ?? false}
            onChange={(preRecord) => changeUse({ preRecord })}
          />
        )}
        <NumberField
          label="Weight limit"
          value={(use.mostKg ?? 0) * perKg}
          unit={perKg === 1000 ? 'g' : 'oz'}
          step={perKg === 1000 ? 10 : 0.5}
          digits={perKg === 1000 ? 0 : 1}
          min={0}
          max={Math.floor(20 * perKg)}
          onChange={(v) => (v / perKg < 0.01 ? without('mostKg') : changeUse({ mostKg: v / perKg }))}
        />
        <Tick label="Screen left on" checked={use.screenOn ?? false} onChange={(screenOn) => changeUse({ screenOn })} />
        <Tick
          label="Foam on its microphone"
          checked={use.foam ?? shot.ask?.talking ?? false}
          onChange={(foam) => changeUse({ foam })}
        />
        <Tick
          label="Recorder in the pocket"
          checked={use.recorder ?? false}
          onChange={(recorder) => changeUse({ recorder })}
        />
      </div>
    </section>
  );
}

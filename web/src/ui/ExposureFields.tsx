import { cameraOf, exposureWords, filtersFor, kitWith, openingOf, polariserOf, type SetUp } from '@strut-spot/core';
import { useShot } from '../state/useShot';
import { ChoiceField } from './ChoiceField';
import { Tick } from './Tick';

/** Seconds. */
const SHUTTERS = [...[8000, 4000, 2000, 1000, 500, 240, 120, 100, 60, 50, 30, 15, 8, 4, 2].map((n) => 1 / n), 1, 2, 4];
const OPENINGS = [1.4, 2, 2.8, 4, 5.6, 8, 11, 16, 22];
const GAINS = [200, 400, 800, 1600, 3200, 6400, 12800, 25600];
const BY_HAND = [2, 1, 0.5, 0, -0.5, -1, -1.5, -2];
const AUTO = 'auto';

type Optional = 'ndStops' | 'polariser' | 'shutterS' | 'apertureN' | 'isoMost' | 'compensation' | 'exposureLock';

/** A list of choices with the present value in it, wherever it came from. */
const withPresent = (list: readonly number[], present: number | undefined): readonly number[] =>
  present === undefined || list.includes(present) ? list : [...list, present];

function useExposure() {
  const { shot, rig, change, changeSetUp } = useShot();
  const kit = kitWith(rig.ownKit);
  const camera = cameraOf(rig.ownKit, shot.setUp);
  /** Leaves a field out of the set-up where it says nothing. */
  const set = (field: Optional, value: SetUp[Optional]) =>
    value === undefined || value === false || value === 0
      ? change((s) => {
          const rest = { ...s.setUp };
          delete rest[field];
          return { ...s, setUp: rest };
        })
      : changeSetUp({ [field]: value });
  return { setUp: shot.setUp, kit, camera, mode: camera.modes.find((m) => m.id === shot.setUp.modeId)!, set };
}

/** What sits before the lens, and how long it opens: what is set against jelly as much as against too much light. */
export function GlassAndShutter() {
  const { setUp, kit, camera, mode, set } = useExposure();
  const fitting = filtersFor(kit, camera);
  const grey = fitting.filter(({ mirrorLeft }) => mirrorLeft === undefined);
  const now = setUp.ndStops ?? 0;
  const held = setUp.shutterS;
  return (
    <>
      {fitting.length > 0 || now > 0 ? (
        <ChoiceField
          label="ND filter"
          value={String(now)}
          choices={[
            { id: '0', name: 'None' },
            ...grey.map(({ stops, colour }) => ({
              id: String(stops),
              name: `ND${2 ** stops}, ${colour}: ${stops} stops`,
            })),
            ...(now > 0 && grey.every(({ stops }) => stops !== now)
              ? [{ id: String(now), name: `ND${Math.round(2 ** now)}, not in the kit` }]
              : []),
          ]}
          onChange={(id) => set('ndStops', Number(id))}
        />
      ) : (
        <p className="text-[0.9rem] text-ink-2">No filter goes before this camera&apos;s lens.</p>
      )}
      {(fitting.includes(polariserOf(kit)) || setUp.polariser) && (
        <Tick
          label="Polarising filter, against what glass and water mirror"
          checked={setUp.polariser === true}
          onChange={(on) => set('polariser', on)}
        />
      )}
      <ChoiceField
        label="Shutter"
        value={held === undefined ? AUTO : String(held)}
        choices={[
          { id: AUTO, name: 'Automatic' },
          ...withPresent(SHUTTERS, held)
            .filter((s) => s * mode.framesPerSecond <= 1 + 1e-9 || s === held)
            .map((s) => ({ id: String(s), name: exposureWords(s) })),
        ]}
        onChange={(id) => set('shutterS', id === AUTO ? undefined : Number(id))}
      />
    </>
  );
}

/** The rest of how it is exposed: opening, gain, by how much by hand, and whether it is locked. */
export function GainAndLock() {
  const { setUp, camera, set } = useExposure();
  const widest = camera.apertureN.value;
  const smallest = camera.apertureToN;
  return (
    <>
      {smallest !== undefined && (
        <ChoiceField
          label="Opening"
          value={setUp.apertureN === undefined ? AUTO : String(openingOf(camera, setUp))}
          choices={[
            { id: AUTO, name: `As wide as it goes, f/${widest}` },
            ...withPresent(
              OPENINGS.filter((n) => n > widest && n <= smallest),
              setUp.apertureN === undefined ? undefined : openingOf(camera, setUp),
            ).map((n) => ({ id: String(n), name: `f/${Number(n.toFixed(1))}` })),
          ]}
          onChange={(id) => set('apertureN', id === AUTO ? undefined : Number(id))}
        />
      )}
      <ChoiceField
        label="Gain at most"
        value={setUp.isoMost === undefined ? AUTO : String(setUp.isoMost)}
        choices={[
          { id: AUTO, name: `All that it has, ISO ${camera.mostIso.value}` },
          ...withPresent(
            GAINS.filter((n) => n < camera.mostIso.value),
            setUp.isoMost,
          ).map((n) => ({ id: String(n), name: `ISO ${n}` })),
        ]}
        onChange={(id) => set('isoMost', id === AUTO ? undefined : Number(id))}
      />
      <ChoiceField
        label="By hand"
        value={String(setUp.compensation ?? 0)}
        choices={withPresent(BY_HAND, setUp.compensation).map((n) => ({
          id: String(n),
          name:
            n === 0
              ? 'As it meters'
              : `${Math.abs(n)} ${Math.abs(n) <= 1 ? 'stop' : 'stops'} ${n > 0 ? 'more' : 'less'}`,
        }))}
        onChange={(id) => set('compensation', Number(id))}
      />
      <Tick
        label="Exposure locked on the way ahead"
        checked={setUp.exposureLock === true}
        onChange={(on) => set('exposureLock', on)}
      />
    </>
  );
}

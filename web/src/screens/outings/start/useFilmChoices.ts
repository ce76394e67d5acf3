import { CARRIER_FAMILIES, kitWith, type MachineDefinition, type OwnKit } from '@strut-spot/core';
import { useMemo } from 'react';
import { useKnownMachines } from '../../../storage/shapes';
import { drawing } from '../../../workers/core';
import { useLatest } from '../../../workers/useLatest';
import { carrierAsked, type FilmQuestion } from './filmQuestion';
import type { PicturedChoice } from '../../../ui/Drawn';
import { intentChoices } from '../../../ui/intentChoices';

const WIDE_PX = 288;
const HIGH_PX = 192;
const CARRIER = { widthPx: WIDE_PX, heightPx: HIGH_PX, aroundDeg: 52, aboveDeg: 12, land: true } as const;
const PIECE = { widthPx: WIDE_PX, heightPx: HIGH_PX, aroundDeg: 38, aboveDeg: 22, land: false } as const;

interface FilmChoices {
  readonly machines: readonly PicturedChoice[];
  readonly intents: readonly PicturedChoice[];
  readonly cameras: readonly PicturedChoice[];
}

const byFamily = (machines: readonly MachineDefinition[]): readonly MachineDefinition[] =>
  CARRIER_FAMILIES.flatMap((family) => machines.filter((machine) => machine.family === family));

/** What can be chosen, each with a picture of it; what a shot shows is drawn on the carrier that was chosen. */
export function useFilmChoices(film: FilmQuestion, own: OwnKit): FilmChoices {
  const known = useKnownMachines();
  const { machineId } = film;
  const refused = useLatest(machineId, () => drawing.notOffered(carrierAsked(film).rig)).value;
  return useMemo(
    () => ({
      machines: byFamily(known).map((machine) => ({
        id: machine.id,
        name: machine.name,
        note: machine.note,
        pictureKey: `carrier ${machine.id}`,
        picture: () =>
          drawing.carrierPortrait(carrierAsked({ machineId: machine.id }).rig, machine.actionStanceId, CARRIER),
      })),
      intents: intentChoices(carrierAsked({ machineId }).rig, machineId, refused),
      cameras: kitWith(own).cameras.map((camera) => ({
        id: camera.id,
        name: camera.name,
        note: `${Math.round(camera.massKg.value * 1000)} g`,
        pictureKey: `camera ${camera.id}`,
        picture: () => drawing.kitPortrait(own, 'cameras', camera.id, PIECE),
      })),
    }),
    [known, own, machineId, refused],
  );
}

import { CARRIER_FAMILIES, INTENTS, kitWith, type MachineDefinition, resolveRig, type OwnKit } from '@strut-spot/core';
import { useMemo } from 'react';
import { useKnownMachines } from '../../../storage/shapes';
import { drawing } from '../../../workers/core';
import { useLatest } from '../../../workers/useLatest';
import { carrierAsked, type FilmQuestion } from './filmQuestion';
import type { Choice } from './PictureChoice';

const WIDE_PX = 288;
const HIGH_PX = 192;
const CARRIER = { widthPx: WIDE_PX, heightPx: HIGH_PX, aroundDeg: 52, aboveDeg: 12, land: true } as const;
const PIECE = { widthPx: WIDE_PX, heightPx: HIGH_PX, aroundDeg: 38, aboveDeg: 22, land: false } as const;

interface FilmChoices {
  readonly machines: readonly Choice[];
  readonly intents: readonly Choice[];
  readonly cameras: readonly Choice[];
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
      intents: INTENTS.map((intent) => ({
        id: intent.id,
        name: intent.name,
        note: intent.purpose,
        ...(refused?.[intent.id] ? { never: refused[intent.id]! } : {}),
        pictureKey: `${machineId} ${intent.id}`,
        picture: async () => {
          // The best frame alone: what else counts is found out when places are looked for.
          const { rig } = carrierAsked({ machineId });
          const { actionStanceId } = resolveRig(rig).machine;
          const [best] = await drawing.rank(rig, intent.id, actionStanceId);
          if (!best) throw new RangeError(`${intent.name}: nothing of it can be shown`);
          return drawing.picture({
            rig,
            setUp: best.setUp,
            stanceId: actionStanceId,
            widthPx: WIDE_PX,
            uncropped: false,
          });
        },
      })),
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

import { INTENTS, litFor, resolveRig, usualRide, type RigSpec } from '@strut-spot/core';
import { drawing } from '../workers/core';
import type { PicturedChoice } from './Drawn';

const WIDE_PX = 288;

/**
 * Kinds of shots, each drawn as it looks on a carrier from the place that shows most of it: what else counts is found out when places are looked for.
 * @param key what the rig is told by @param refused why a kind makes no sense on it, by its id
 */
export const intentChoices = (
  rig: RigSpec,
  key: string,
  refused: Readonly<Record<string, string>> | undefined,
): readonly PicturedChoice[] =>
  INTENTS.map((intent) => ({
    id: intent.id,
    name: intent.name,
    note: intent.purpose,
    ...(refused?.[intent.id] ? { never: refused[intent.id]! } : {}),
    pictureKey: `${key} ${intent.id}`,
    picture: async () => {
      const { machine } = resolveRig(rig);
      const { actionStanceId } = machine;
      const setUp = await drawing.bestShown(rig, intent.id, actionStanceId);
      if (!setUp) throw new RangeError(`${intent.name}: nothing of it can be shown`);
      return drawing.picture({
        rig,
        setUp,
        stanceId: actionStanceId,
        widthPx: WIDE_PX,
        uncropped: false,
        light: { ride: litFor(usualRide(machine), intent) },
      });
    },
  }));

import type { Picture, PictureLight, RigSpec, SetUp } from '@strut-spot/core';
import { drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { useRested } from '../../workers/useRested';

const COARSE_PX = 144;
const FINE_PX = 896;
const REST_MS = 160;

/** The picture: coarse at once while something moves, fine when it rests. */
export function useLensPicture(
  rig: RigSpec,
  setUp: SetUp,
  stanceId: string,
  light: PictureLight,
): { picture: Picture | undefined; fine: boolean } {
  const key = JSON.stringify([rig, setUp, stanceId, light]);
  const ask = (widthPx: number, hasty: boolean) => ({
    rig,
    setUp,
    stanceId,
    widthPx,
    uncropped: true,
    light: { ...light, hasty },
  });
  const coarse = useLatest(key, () => drawing.picture(ask(COARSE_PX, true)));
  const fine = useLatest(useRested(key, REST_MS), async () => ({
    key,
    picture: await drawing.picture(ask(FINE_PX, false)),
  }));
  const isFine = fine.value?.key === key;
  return { picture: isFine ? fine.value?.picture : coarse.value, fine: isFine };
}

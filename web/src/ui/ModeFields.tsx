import { cameraOf } from '@strut-spot/core';
import { useShot } from '../state/useShot';
import { ChoiceField } from './ChoiceField';

/** Mode and stabiliser of the camera in use, each stabiliser with how much of the picture it keeps. */
export function ModeFields() {
  const { shot, rig, changeSetUp } = useShot();
  const { modeId, stabiliserId } = shot.setUp;
  const camera = cameraOf(rig.ownKit, shot.setUp);
  return (
    <>
      <ChoiceField label="Mode" value={modeId} choices={camera.modes} onChange={(id) => changeSetUp({ modeId: id })} />
      <ChoiceField
        label="Stabiliser"
        value={stabiliserId}
        choices={camera.stabilisers.map(({ id, name, crop }) => ({
          id,
          name: crop.value < 1 ? `${name}, keeps ${Math.round(crop.value * 100)} %` : name,
        }))}
        onChange={(id) => changeSetUp({ stabiliserId: id })}
      />
    </>
  );
}

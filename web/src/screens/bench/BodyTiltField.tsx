import { cameraOf, kitWith, straightOnPole } from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { NumberField } from '../../ui/NumberField';

/** Under a view that is turned afterwards: how the body with its two lenses is tilted, which says where the seam comes to lie. */
export function BodyTiltField() {
  const { shot, changeSetUp, rig } = useShot();
  const { setUp } = shot;
  const camera = cameraOf(rig.ownKit, setUp);
  const mode = camera.modes.find(({ id }) => id === setUp.modeId)!;
  const { links } = kitWith(rig.ownKit);
  const used = setUp.links.map((use) => ({ use, definition: links.find(({ id }) => id === use.linkId)! }));
  const onPole = straightOnPole({ camera, mode, links: used });
  return (
    <>
      {!onPole && (
        <NumberField
          label="Body of the camera, tilt"
          value={setUp.bodyTiltDeg ?? 0}
          unit="°"
          step={1}
          min={-90}
          max={90}
          onChange={(tiltDeg) => changeSetUp({ bodyTiltDeg: tiltDeg === 0 ? undefined : tiltDeg }, 'body-tilt')}
        />
      )}
      <p className="text-[0.86rem] text-ink-2">
        {onPole
          ? 'Tilt, pan and roll turn the view afterwards; the body stands straight on its pole.'
          : 'Tilt, pan and roll turn the view afterwards. The tilt of the body moves the seam between its two lenses.'}
      </p>
    </>
  );
}

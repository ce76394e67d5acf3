import { WHOLE_SPHERE } from '../../mathematics/lens/projection';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { wantedHorizon, type WantedHorizon } from '../../posing/aiming/wantedHorizon';
import { kitWith } from '../../posing/lookup/kit';
import type { CameraDefinition, CameraMode } from '../../words/kit/camera';
import type { SetUp } from '../../words/setUp/setUp';
import { suitsIntent, type IntentDefinition } from '../../words/shot/intent';
import type { ShotScene } from '../scene/shotScene';
import type { Attempt } from './check';

/** Ways of looking of one camera that are tried: as it is switched on, as wide as it goes, and with straight lines. */
function usualModes({ modes }: CameraDefinition, intent: IntentDefinition): readonly CameraMode[] {
  const fitting = modes.filter((mode) => suitsIntent(mode, intent) && mode.lens.projection !== WHOLE_SPHERE);
  const widest = fitting.reduce<CameraMode | null>((a, b) => (a && a.lens.fovDeg >= b.lens.fovDeg ? a : b), null);
  const straight = fitting.find(({ lens }) => lens.projection === 'rectilinear');
  return [...new Set([...fitting.slice(0, 1), ...(widest ? [widest] : []), ...(straight ? [straight] : [])])];
}

/** So much of its mass another camera must save to be proposed for that. Estimate 0.1 to 0.4. */
const LIGHTER = 0.2;

/** Cameras that weigh clearly less than the one that is there. */
export const lighterCameras = (scene: ShotScene): readonly Attempt[] =>
  cameraAttempts(scene, ({ massKg }) => massKg.value <= (1 - LIGHTER) * scene.resolved.camera.massKg.value);

/** The same place with another camera of the kit that suits, aimed for what is asked. */
export function cameraAttempts(scene: ShotScene, suits: (camera: CameraDefinition) => boolean): readonly Attempt[] {
  const { setUp, rig } = scene.question;
  const wanted = wantedHorizon(scene.question);
  return kitWith(rig.ownKit)
    .cameras.filter((camera) => camera.id !== setUp.cameraId && suits(camera))
    .flatMap((camera) =>
      usualModes(camera, scene.intent).flatMap((mode): readonly Attempt[] => {
        const { addOnIds, furtherArms, ...strut } = setUp;
        void [addOnIds, furtherArms];
        const other: SetUp = {
          ...strut,
          cameraId: camera.id,
          modeId: mode.id,
          // Switched on as people leave it; lights drawn out are not steadied.
          stabiliserId: (camera.stabilisers[mode.stills ? 0 : 1] ?? camera.stabilisers[0]!).id,
          mounting: camera.mounting.includes(setUp.mounting) ? setUp.mounting : camera.mounting[0]!,
        };
        return [
          {
            id: `camera-${camera.id}-${mode.id}`,
            alike: 'camera',
            text: `${camera.name.toLowerCase()}, ${mode.name.toLowerCase()}`,
            setUp: aimedFor(scene, other, wanted) ?? other,
            // What is knocked about and rained on is not filmed with a phone where another does it.
            effort: camera.lasting.water === 'dips' || camera.lasting.water === 'rain' ? 4 : 8,
            costs: 'another camera',
          },
        ];
      }),
    );
}

/** A set-up aimed for what the shot asks; null where no tilt gives it. */
export const aimedFor = ({ question, intent }: ShotScene, setUp: SetUp, wanted: WantedHorizon | null): SetUp | null =>
  aimedSetUp(question.rig, setUp, keepPan(intent, setUp), question.actionStanceId, wanted?.height ?? null);

/** A camera panned by hand keeps its pan when the tilt is solved for the sky line. */
const keepPan = (intent: IntentDefinition, setUp: SetUp): IntentDefinition =>
  intent.aim.kind === 'horizon' ? { ...intent, aim: { kind: 'horizon', panDeg: setUp.angles.panDeg } } : intent;

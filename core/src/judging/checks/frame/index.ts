import { aimedSetUp } from '../../../posing/aiming/aimedSetUp';
import { wantedHorizon, type WantedHorizon } from '../../../posing/aiming/wantedHorizon';
import type { FramedSetUp } from '../../../physics/framing/stanceFrame';
import { suitsIntent, type IntentDefinition } from '../../../words/shot/intent';
import { WHOLE_SPHERE } from '../../../mathematics/lens/projection';
import { kitWith } from '../../../posing/lookup/kit';
import type { CameraDefinition, CameraMode } from '../../../words/kit/camera';
import type { SetUp } from '../../../words/setUp/setUp';
import { findingsOf } from '../../../words/check/result';
import type { AddOnDefinition } from '../../../words/kit/addOn';
import { addOnAttempts, withoutAddOns } from '../../check/addOnAttempts';
import type { Attempt, Check } from '../../check/check';
import type { ShotScene } from '../../scene/shotScene';
import { frameTerm } from './frameTerm';
import { BAND_TOLERANCE, judgeFrame, ROLL_NOTICED_DEG, ROLL_WRONG_DEG } from './judgeFrame';
import { MISSED } from './limits';

/** What is seen in every stance, and the angles that would bring what is wanted. */
export interface FrameReport extends Omit<FramedSetUp, 'resolved'> {
  /** Where the sky line is wanted; null where it does not matter. */
  readonly wanted: WantedHorizon | null;
  /** Set-up angles solved for the intent in the action stance; null where no tilt gives it. */
  readonly solved: SetUp['angles'] | null;
  /** What a powered gimbal's lens keeps then; null without one. */
  readonly solvedGimbalTiltDeg: number | null;
}

export const frame: Check<FrameReport> = {
  id: 'frame',
  name: 'Frame',
  question: 'Does the picture show what the shot is for, in every stance?',
  units: ['%', '°', 'm'],
  limits: [
    { what: 'of a wanted share, below it the shot is missed', value: MISSED * 100, unit: '%', source: 'estimate' },
    { what: 'of the height, sky line outside its band', value: BAND_TOLERANCE * 100, unit: '%', source: 'estimate' },
    { what: 'lean to the side that is noticed', value: ROLL_NOTICED_DEG, unit: '°', source: 'common practice' },
    { what: 'lean to the side that is wrong', value: ROLL_WRONG_DEG, unit: '°', source: 'common practice' },
  ],
  report(scene) {
    const { resolved, ...plain } = scene.framed();
    void resolved;
    const wanted = wantedHorizon(scene.question);
    const aimed = aimedAgain(scene, wanted);
    return {
      ...plain,
      wanted,
      solved: aimed?.angles ?? null,
      solvedGimbalTiltDeg: aimed?.gimbalTiltDeg ?? null,
    };
  },
  judge: ({ solved }, scene) => judgeFrame(scene.framed(), scene.intent, solved?.tiltDeg ?? null, scene.zone),
  searchTerm: frameTerm,
  mend(scene, result) {
    const { setUp } = scene.question;
    const tries: Attempt[] = [];
    const blurred = findingsOf(result).find(({ id, verdict }) => id === 'focus' && verdict !== 'good');
    if (blurred) tries.push(...addOnAttempts(scene, nearLens, 'all that is far gets soft'));
    if (findingsOf(result).some(({ id }) => id === 'focus-far'))
      tries.push({
        id: 'no-close-up',
        text: 'take the close-up lens off',
        setUp: withoutAddOns(scene, nearLens)!,
        effort: 1,
        costs: 'a turn',
      });
    const aimed = aimedAgain(scene, wantedHorizon(scene.question));
    if (aimed)
      tries.push({ id: 'aim', text: 'aim it anew', setUp: { ...setUp, ...aimed }, effort: 1, costs: 'a turn' });
    for (const mode of scene.resolved.camera.modes) {
      if (mode.id === setUp.modeId || !suitsIntent(mode, scene.intent)) continue;
      const changed = { ...setUp, modeId: mode.id };
      const other = aimedFor(scene, changed, wantedHorizon(scene.question)) ?? changed;
      tries.push({ id: `mode-${mode.id}`, text: `mode ${mode.name}`, setUp: other, effort: 1, costs: 'a setting' });
    }
    tries.push(...otherCameras(scene));
    return tries;
  },
};

/** Ways of looking of one camera that are tried: as it is switched on, as wide as it goes, and with straight lines. */
function usualModes({ modes }: CameraDefinition, intent: IntentDefinition): readonly CameraMode[] {
  const fitting = modes.filter((mode) => suitsIntent(mode, intent) && mode.lens.projection !== WHOLE_SPHERE);
  const widest = fitting.reduce<CameraMode | null>((a, b) => (a && a.lens.fovDeg >= b.lens.fovDeg ? a : b), null);
  const straight = fitting.find(({ lens }) => lens.projection === 'rectilinear');
  return [...new Set([...fitting.slice(0, 1), ...(widest ? [widest] : []), ...(straight ? [straight] : [])])];
}

/** The same place with another camera of the kit, aimed for what is asked. */
function otherCameras(scene: ShotScene): readonly Attempt[] {
  const { setUp, rig } = scene.question;
  const wanted = wantedHorizon(scene.question);
  return kitWith(rig.ownKit)
    .cameras.filter(({ id }) => id !== setUp.cameraId)
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

const nearLens = ({ lens }: AddOnDefinition): boolean => (lens?.dioptres ?? 0) > 0;

const aimedFor = ({ question, intent }: ShotScene, setUp: SetUp, wanted: WantedHorizon | null): SetUp | null =>
  aimedSetUp(question.rig, setUp, keepPan(intent, setUp), question.actionStanceId, wanted?.height ?? null);

const aimedAgain = (scene: ShotScene, wanted: WantedHorizon | null): SetUp | null =>
  aimedFor(scene, scene.question.setUp, wanted);

/** A camera panned by hand keeps its pan when the tilt is solved for the sky line. */
const keepPan = (intent: IntentDefinition, setUp: SetUp): IntentDefinition =>
  intent.aim.kind === 'horizon' ? { ...intent, aim: { kind: 'horizon', panDeg: setUp.angles.panDeg } } : intent;

import { intentAsked } from '../../posing/aiming/wantedHorizon';
import { usualRide } from '../../posing/lookup/grounds';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { RiderZone } from '../../posing/rig/riderZone';
import { spotZone } from '../../posing/rig/spotZone';
import { carrierScene, type CarrierScene } from '../../posing/scene/carrierScene';
import { poseStrut, type StrutPose } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import { frameSetUp } from '../../physics/framing/frameSetUp';
import type { Sightlines } from '../../physics/framing/sightlines';
import { MEASURE_COLUMNS, type FramedSetUp } from '../../physics/framing/stanceFrame';
import { lowestSunDeg } from '../../physics/light/sunCourse';
import { landingOf, type Landing } from '../../physics/shaking/whole/landing';
import { shakeIn, type Shake } from '../../physics/shaking/whole/shakeOf';
import { shakeScene, type ShakeQuestion, type ShakeScene } from '../../physics/shaking/whole/shakeScene';
import type { MachineDefinition } from '../../words/carrier/machine';
import type { RideConditions } from '../../words/ride/rideConditions';
import { newAsk, type Ask } from '../../words/shot/ask';
import type { IntentDefinition } from '../../words/shot/intent';
import type { ShotQuestion } from '../../words/shot/shotQuestion';

/** How the camera is shaken and thrown. */
export interface Shaken {
  readonly scene: ShakeScene;
  readonly shake: Shake;
  readonly landing: Landing | null;
}

/** One set-up with everything that checks may ask about it. What is dear is found when first asked for, once, and shared by all checks. */
export interface ShotScene {
  readonly question: ShotQuestion;
  readonly ride: RideConditions;
  readonly machine: MachineDefinition;
  readonly ask: Ask;
  readonly intent: IntentDefinition;
  readonly carrier: CarrierScene;
  readonly resolved: ResolvedSetUp;
  /** The strut in the action stance. */
  readonly pose: StrutPose;
  /** Where on the rider it sits; null on the machine or beside the course. */
  readonly zone: RiderZone | null;
  /** What is seen from there, in the rough pass of a search; null where every picture is cast ray by ray. */
  readonly sightlines: Sightlines | null;
  readonly framed: () => FramedSetUp;
  readonly shaken: () => Shaken;
}

interface SceneOptions {
  /** Columns of the pictures that shares are read from. */
  readonly columns?: number;
  /** A third of the frequencies: good enough to compare by. */
  readonly coarse?: boolean;
  /** Pictures and sightlines that a search has already; without them pictures are cast. */
  readonly looked?: { readonly framed: FramedSetUp; readonly sightlines: Sightlines };
}

/** What shaking hangs on of a shot. */
export const shakeQuestionOf = ({
  rig,
  setUp,
  actionStanceId,
  ride,
  measured,
  moment,
}: ShotQuestion): ShakeQuestion => ({
  rig,
  setUp,
  actionStanceId,
  ride: ride ?? usualRide(resolveRig(rig).machine),
  ...(measured && measured.length > 0 ? { measured } : {}),
  ...(moment ? { sunHeightDeg: lowestSunDeg(moment) } : {}),
});

/** @throws RangeError for a machine, intent, spot or piece that nobody knows */
export function shotScene(question: ShotQuestion, options: SceneOptions = {}): ShotScene {
  const { rig, setUp, actionStanceId, intentId } = question;
  const resolved = resolveSetUp(rig, setUp);
  return sceneOf(question, resolved, {
    carrier: carrierScene(rig, actionStanceId),
    ask: question.ask?.intentId === intentId ? question.ask : newAsk(intentId, ''),
    intent: intentAsked(question),
    options,
  });
}

/** The same with what a search has found for a whole spot already. */
export function sceneOf(
  question: ShotQuestion,
  resolved: ResolvedSetUp,
  { carrier, ask, intent, options }: Pick<ShotScene, 'carrier' | 'ask' | 'intent'> & { options: SceneOptions },
): ShotScene {
  const { rig, actionStanceId } = question;
  const { machine } = resolveRig(rig);
  const action = carrier.ridden[0];
  if (!action) throw new RangeError(`shotScene: no stance "${actionStanceId}" on a ${machine.name}`);
  const shakes = shakeQuestionOf(question);
  let framed: FramedSetUp | null = options.looked?.framed ?? null;
  let shaken: Shaken | null = null;
  return {
    question,
    ride: shakes.ride,
    machine,
    ask,
    intent,
    carrier,
    resolved,
    pose: poseStrut(resolved, carrier.setUpRig, action.rig),
    zone: spotZone(rig, resolved.placed.spot),
    sightlines: options.looked?.sightlines ?? null,
    framed: () => (framed ??= frameSetUp(rig, question.setUp, actionStanceId, options.columns ?? MEASURE_COLUMNS)),
    shaken() {
      if (shaken) return shaken;
      const scene = shakeScene(shakes, { coarse: options.coarse ?? false });
      const shake = shakeIn(scene);
      return (shaken = { scene, shake, landing: landingOf(rig, scene, shake) });
    },
  };
}

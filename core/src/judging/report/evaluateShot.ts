import { frameCheck } from '../checks/frame/frameCheck';
import { heightsInBand } from '../../posing/aiming/wantedHorizon';
import type { IntentDefinition } from '../../words/shot/intent';
import { intentOf } from '../../posing/lookup/intentOf';
import type { CheckResult } from '../../words/check/result';
import { fieldOfViewDeg } from '../../mathematics/lens/lens';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig } from '../../posing/rig/poseRig';
import { askedIntent } from '../../posing/lookup/askedIntent';
import { bestSpotByWant, rankSpots } from '../advice/rankSpots';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { reachAndHeight } from '../../posing/strut/kinematics';
import { middleTiltDeg, nearestNotch, type NotchReading } from '../../posing/aiming/notches';
import type { SetUp } from '../../words/setUp/setUp';
import { strutSwing, type StrutSwing } from '../../physics/shaking/mount/strutSwing';
import { holdClear, type HoldClearReport } from './holdClear';
import type { ShotQuestion } from '../../words/shot/shotQuestion';
import { steadyReport, type SteadyReport } from './steadyReport';
import { frameSetUp } from '../../physics/framing/frameSetUp';
import { MEASURE_COLUMNS, type FramedSetUp } from '../../physics/framing/stanceFrame';

/** All that is computed for one shot: plain data, so that it can cross to and from a worker. */
export interface ShotReport extends Omit<FramedSetUp, 'resolved'> {
  readonly checks: readonly CheckResult[];
  /** Set-up angles solved for the intent in the action stance; null where no tilt gives it. */
  readonly solved: SetUp['angles'] | null;
  /** What a powered gimbal's lens keeps then; null without one. */
  readonly solvedGimbalTiltDeg: number | null;
  /** The joint's nearest holding position to the tilt as set. */
  readonly notch: NotchReading;
  /** Level reading with the joint in its middle notch. */
  readonly middleTiltDeg: number;
  /** Row wanted for the sky line, fraction from the top. */
  readonly wantedHeight: number | null;
  readonly spotName: string;
  readonly reachM: number;
  readonly heightM: number;
  readonly massKg: number;
  readonly steady: SteadyReport;
  readonly hold: HoldClearReport;
  /** How the camera swings on its strut; an estimate with its range. */
  readonly swing: StrutSwing;
  readonly fieldOfViewDeg: { readonly horizontal: number; readonly vertical: number };
}

export interface EvaluateOptions {
  readonly columns?: number;
  /** Whether to look for what would mend it, other spots among them, and for how far estimates may lie off; slower. */
  readonly deep?: boolean;
  /** Where the pictures are there already. */
  readonly framed?: FramedSetUp;
}

export function evaluateShot(question: ShotQuestion, options: EvaluateOptions = {}): ShotReport {
  const { rig, setUp, intentId, actionStanceId } = question;
  const intent = question.ask ? askedIntent(question.ask) : intentOf(intentId);
  const wantedHeight = intent.horizonBand ? (question.horizonAt ?? heightsInBand(intent.horizonBand)[0]!) : null;
  const framed = options.framed ?? frameSetUp(rig, setUp, actionStanceId, options.columns ?? MEASURE_COLUMNS);
  const { resolved, ...plain } = framed;
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  const aimed = aimedSetUp(rig, setUp, keepPan(intent, setUp), actionStanceId, wantedHeight);
  const solved = aimed?.angles ?? null;
  const { cameraId, modeId, stabiliserId } = setUp;
  const steady = steadyReport(question, { deep: options.deep ?? false });
  const held = holdClear(question, steady, { deep: options.deep ?? false });
  const solvedTiltDeg = solved?.tiltDeg ?? null;
  // Other spots are looked at only where this one lacks something.
  const lacks = options.deep && frameCheck(framed, intent, { solvedTiltDeg, betterSpots: {} }).verdict !== 'good';
  const ranked = lacks ? rankSpots(rig, intent, { cameraId, modeId, stabiliserId }, actionStanceId) : [];
  const check = frameCheck(framed, intent, {
    solvedTiltDeg,
    betterSpots: bestSpotByWant(
      ranked.filter((r) => r.spotId !== setUp.spotId),
      intent,
    ),
  });
  return {
    ...plain,
    checks: [check, steady.check, ...held.checks],
    hold: held,
    solved,
    solvedGimbalTiltDeg: aimed?.gimbalTiltDeg ?? null,
    notch: nearestNotch(resolved, setUpRig, setUp.angles.tiltDeg),
    middleTiltDeg: middleTiltDeg(resolved, setUpRig),
    wantedHeight,
    spotName: resolved.placed.spot.name,
    ...reachAndHeight(resolved, setUpRig),
    massKg: resolved.links.reduce(
      (sum, { definition }) => sum + definition.massKg.value,
      resolved.base.massKg.value + resolved.head.massKg.value + resolved.camera.massKg.value,
    ),
    steady,
    swing: strutSwing(resolved),
    fieldOfViewDeg: {
      horizontal: fieldOfViewDeg(resolved.lens, 'horizontal'),
      vertical: fieldOfViewDeg(resolved.lens, 'vertical'),
    },
  };
}

/** A camera panned by hand keeps its pan when the tilt is solved for the sky line. */
const keepPan = (intent: IntentDefinition, setUp: SetUp): IntentDefinition =>
  intent.aim.kind === 'horizon' ? { ...intent, aim: { kind: 'horizon', panDeg: setUp.angles.panDeg } } : intent;

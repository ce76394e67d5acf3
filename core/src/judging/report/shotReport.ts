import { levelToSet, type LevelToSet } from '../../posing/aiming/levelToSet';
import { fieldOfViewDeg } from '../../mathematics/lens/lens';
import { middleTiltDeg, nearestNotch, type NotchReading } from '../../posing/aiming/notches';
import { reachAndHeight } from '../../posing/strut/kinematics';
import { strutMassKg } from '../../posing/strut/strutMass';
import { strutSwing, type StrutSwing } from '../../physics/shaking/mount/strutSwing';
import type { CheckId, CheckResult } from '../../words/check/result';
import type { ShotQuestion } from '../../words/shot/shotQuestion';
import type { Check } from '../check/check';
import { CHECKS, type Findings } from '../checks';
import { shotScene, type ShotScene } from '../scene/shotScene';

/** All that is computed for one shot: plain data, so that it can cross to and from a worker. */
export interface ShotReport {
  /** In the order of the list of checks; those that were left out or not asked for are missing. */
  readonly checks: readonly CheckResult[];
  /** What each check found out, by its id. */
  readonly found: Partial<Findings> & Readonly<Record<CheckId, unknown>>;
  /** The joint's nearest holding position to the tilt as set. */
  readonly notch: NotchReading;
  /** What the level must read, and what is turned afterwards. */
  readonly level: LevelToSet;
  /** Level reading with the joint in its middle notch. */
  readonly middleTiltDeg: number;
  readonly spotName: string;
  readonly reachM: number;
  readonly heightM: number;
  readonly massKg: number;
  /** How the camera swings on its strut; an estimate with its range. */
  readonly swing: StrutSwing;
  readonly fieldOfViewDeg: { readonly horizontal: number; readonly vertical: number };
}

export interface ReportOptions {
  readonly columns?: number;
  /** Leaves out the checks that are too dear to follow a hand. */
  readonly quick?: boolean;
  /** These checks alone, by id; none = all. */
  readonly only?: readonly CheckId[];
  /** With how far estimates may lie off. */
  readonly ranges?: boolean;
  /** With densities for charts. */
  readonly spectra?: boolean;
  /** The house's own checks, or others. */
  readonly checks?: readonly Check[];
}

/** Everything about one shot: each question worked out once, whoever asks. @throws RangeError for what nobody knows */
export const shotReport = (question: ShotQuestion, options: ReportOptions = {}): ShotReport =>
  reportIn(shotScene(question, options.columns === undefined ? {} : { columns: options.columns }), options);

/** The same for a scene that stands already, as a search's finalists do. */
export function reportIn(scene: ShotScene, options: ReportOptions = {}): ShotReport {
  const { quick = false, only, ranges = false, spectra = false } = options;
  const { resolved, carrier, question } = scene;
  const found: Record<CheckId, unknown> = {};
  const checks: CheckResult[] = [];
  for (const check of options.checks ?? CHECKS) {
    if ((quick && check.waits) || (only && !only.includes(check.id))) continue;
    found[check.id] = check.report(scene, { ranges, spectra });
    const result = check.judge(found[check.id], scene);
    if (result) checks.push(result);
  }
  return {
    checks,
    found,
    level: levelToSet(resolved, carrier.setUpRig),
    notch: nearestNotch(resolved, carrier.setUpRig, question.setUp.angles.tiltDeg),
    middleTiltDeg: middleTiltDeg(resolved, carrier.setUpRig),
    spotName: resolved.placed.spot.name,
    ...reachAndHeight(resolved, carrier.setUpRig),
    massKg: strutMassKg(resolved),
    swing: strutSwing(resolved, scene.pose),
    fieldOfViewDeg: {
      horizontal: fieldOfViewDeg(resolved.lens, 'horizontal'),
      vertical: fieldOfViewDeg(resolved.lens, 'vertical'),
    },
  };
}

/** What one check of the house found. @throws RangeError where the report left it out */
export function foundBy<Id extends keyof Findings>({ found }: Pick<ShotReport, 'found'>, id: Id): Findings[Id] {
  if (!(id in found)) throw new RangeError(`foundBy: this report left "${id}" out`);
  return found[id] as Findings[Id];
}

/** What the workers answer, in the test's own thread: screens are tested with what is really computed. */
import {
  advisedReport,
  cardContent,
  correctFromClip,
  parseOuting,
  poseRig,
  resolveSetUp,
  SET_UP_STANCE_ID,
  shotReport,
  sideElevation,
  type Outing,
  type ReportOptions,
  type RigSpec,
  type SetUp,
  type Shot,
  type ShotQuestion,
  type UnitSystem,
} from '@strut-spot/core';
import { modelling } from '../src/workers/answers/modelling';
import { picturing } from '../src/workers/answers/picturing';
import { rideChecks } from '../src/workers/answers/rideChecks';
import { searching as searchAnswers } from '../src/workers/answers/searching';
import { settingUp } from '../src/workers/answers/settingUp';

const answers = {
  ...picturing,
  ...modelling,
  ...settingUp,
  ...rideChecks,
  ...searchAnswers,
  registerShapes: () => undefined,
  report: (question: ShotQuestion, options: ReportOptions = {}) => shotReport(question, options),
  advise: (question: ShotQuestion, options: ReportOptions = {}) => advisedReport(question, options),
  card: (outing: Outing, shot: Shot, units: UnitSystem) => cardContent(outing, shot, units),
  parseOuting: (text: string) => parseOuting(text),
  sideElevation: (rig: RigSpec, setUp: SetUp) => sideElevation(rig, setUp),
  correct: (
    { rig, setUp, actionStanceId, horizonAt }: ShotQuestion,
    marks: { left: { u: number; v: number }; right: { u: number; v: number } },
  ) =>
    correctFromClip(
      resolveSetUp(rig, setUp),
      poseRig(rig, SET_UP_STANCE_ID),
      poseRig(rig, actionStanceId),
      marks,
      horizonAt,
    ),
};

/** Each answer as a promise, like a worker's; pictures small, since nobody looks at them here. */
const worker = new Proxy(answers, {
  get:
    (all, name: keyof typeof answers) =>
    (...asked: unknown[]) =>
      Promise.resolve().then(() => (all[name] as (...a: unknown[]) => unknown)(...smaller(asked))),
});

/** Whatever asks for a picture gets a small one. */
const smaller = (asked: unknown[]): unknown[] =>
  asked.map((one) =>
    typeof one === 'object' && one !== null && 'widthPx' in one
      ? { ...one, widthPx: 32, ...('heightPx' in one ? { heightPx: 20 } : {}) }
      : one,
  );

export const drawing = worker;
export const refining = worker;
export const judging = worker;
export const computing = worker;
export const searching = () => [worker];
export const registerShapes = () => Promise.resolve();

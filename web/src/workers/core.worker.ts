import { expose } from 'comlink';
import {
  correctFromClip,
  advisedReport,
  shotReport,
  poseRig,
  registerOwnShapes,
  type OwnShape,
  resolveSetUp,
  SET_UP_STANCE_ID,
  sideElevation,
  cardContent,
  lightOfDay,
  parseOuting,
  type ReportOptions,
  type Outing,
  type Shot,
  type UnitSystem,
  type RigSpec,
  type SetUp,
  type ShotQuestion,
} from '@strut-spot/core';
import { modelling } from './answers/modelling';
import { picturing } from './answers/picturing';
import { searching } from './answers/searching';
import { settingUp } from './answers/settingUp';
import { rideChecks } from './answers/rideChecks';

const api = {
  ...searching,
  ...picturing,
  ...modelling,
  ...settingUp,
  ...rideChecks,

  registerShapes: (shapes: readonly OwnShape[]) => registerOwnShapes(shapes),

  report: (question: ShotQuestion, options: ReportOptions = {}) => shotReport(question, options),

  /** With ranges, and mends that were tried. */
  advise: (question: ShotQuestion, options: ReportOptions = {}) => advisedReport(question, options),

  /** What the light does to a shot, half hour by half hour. */
  lightOfDay: (question: ShotQuestion) => lightOfDay(question),

  card: (outing: Outing, shot: Shot, units: UnitSystem) => cardContent(outing, shot, units),

  parseOuting: (text: string) => parseOuting(text),

  sideElevation: (rig: RigSpec, setUp: SetUp) => sideElevation(rig, setUp),

  correct(question: ShotQuestion, marks: { left: { u: number; v: number }; right: { u: number; v: number } }) {
    const { rig, setUp, actionStanceId, horizonAt } = question;
    return correctFromClip(
      resolveSetUp(rig, setUp),
      poseRig(rig, SET_UP_STANCE_ID),
      poseRig(rig, actionStanceId),
      marks,
      horizonAt,
    );
  },
};

export type CoreWorker = typeof api;

expose(api);

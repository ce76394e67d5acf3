import { expose } from 'comlink';
import { registerOwnShapes, type OwnShape } from '@strut-spot/core';
import { days } from './answers/days';
import { modelling } from './answers/modelling';
import { picturing } from './answers/picturing';
import { rideChecks } from './answers/rideChecks';
import { searching } from './answers/searching';
import { settingUp } from './answers/settingUp';
import { shots } from './answers/shots';

const api = {
  ...searching,
  ...picturing,
  ...modelling,
  ...settingUp,
  ...rideChecks,
  ...shots,
  ...days,

  registerShapes: (shapes: readonly OwnShape[]) => registerOwnShapes(shapes),
};

export type CoreWorker = typeof api;

expose(api);

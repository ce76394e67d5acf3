import { expose } from 'comlink';
import { logReading } from './answers/logReading';

export type LogWorker = typeof logReading;

expose(logReading);

import { Told, useTold } from '../told/Told';

/** Why no worker could be started; null: one answers. */
const failure = new Told<string | null>(null);

export const tellFailure = (words: string | null): void => failure.set(words);
export const useWorkerFailure = (): string | null => useTold(failure);

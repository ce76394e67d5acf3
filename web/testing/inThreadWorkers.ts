/** What the workers answer, in the test's own thread: screens are tested with what is really computed. */
import { days } from '../src/workers/answers/days';
import { modelling } from '../src/workers/answers/modelling';
import { picturing } from '../src/workers/answers/picturing';
import { rideChecks } from '../src/workers/answers/rideChecks';
import { searching as searchAnswers } from '../src/workers/answers/searching';
import { settingUp } from '../src/workers/answers/settingUp';
import { shots } from '../src/workers/answers/shots';

const answers = {
  ...picturing,
  ...modelling,
  ...settingUp,
  ...rideChecks,
  ...searchAnswers,
  ...shots,
  ...days,
  registerShapes: () => undefined,
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
export const judging = worker;
export const computing = worker;
export const searching = () => [worker];
export const registerShapes = () => Promise.resolve();

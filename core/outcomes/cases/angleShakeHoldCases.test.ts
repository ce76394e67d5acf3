import { theseHold } from '../theseHold';
import { ANGLE_SHAKE_HOLD_CASES } from './angleShakeHoldCases';

describe('what practice expects', () => theseHold(ANGLE_SHAKE_HOLD_CASES));

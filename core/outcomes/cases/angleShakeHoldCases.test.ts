import { theseHold } from '../../testing/heldCases';
import { ANGLE_SHAKE_HOLD_CASES } from './angleShakeHoldCases';

describe('what practice expects', () => theseHold(ANGLE_SHAKE_HOLD_CASES));

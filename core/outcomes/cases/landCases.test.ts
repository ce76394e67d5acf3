import { theseHold } from '../../testing/heldCases';
import { LAND_CASES } from './landCases';

describe('what practice expects', () => theseHold(LAND_CASES));

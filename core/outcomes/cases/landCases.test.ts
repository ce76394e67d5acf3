import { theseHold } from '../theseHold';
import { LAND_CASES } from './landCases';

describe('what practice expects', () => theseHold(LAND_CASES));

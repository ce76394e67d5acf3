import { theseHold } from '../theseHold';
import { WATER_AND_AIR_CASES } from './waterAndAirCases';

describe('what practice expects', () => theseHold(WATER_AND_AIR_CASES));

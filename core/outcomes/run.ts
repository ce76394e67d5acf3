import type { OutcomeCase } from './case';
import { ANGLE_SHAKE_HOLD_CASES } from './cases/angleShakeHoldCases';
import { LAND_CASES } from './cases/landCases';
import { WATER_AND_AIR_CASES } from './cases/waterAndAirCases';

export const CASES: readonly OutcomeCase[] = [...LAND_CASES, ...WATER_AND_AIR_CASES, ...ANGLE_SHAKE_HOLD_CASES];

const line = (text: string) => process.stdout.write(`${text}\n`);

/** Prints case, expected, found, pass or fail, and the count. @returns how many that must hold do not */
export function runCases(only: readonly string[]): number {
  let [passed, failed, notYet] = [0, 0, 0];
  for (const { id, asked, expected, find, notYet: reason } of CASES) {
    if (only.length > 0 && !only.some((o) => id.startsWith(o))) continue;
    const { holds, found } = find();
    if (holds) passed++;
    else if (reason) notYet++;
    else failed++;
    line(`${holds ? 'pass' : reason ? 'not yet' : 'FAIL'}  ${id}: ${asked}`);
    if (!holds || only.length > 0)
      line(`      wanted: ${expected}\n      found:  ${found}${reason ? `\n      reason: ${reason}` : ''}`);
    if (holds && reason) line('      holds by now: take its reason out');
  }
  line(`\n${passed} of ${passed + failed + notYet} cases hold, ${notYet} do not yet, ${failed} fail`);
  return failed;
}

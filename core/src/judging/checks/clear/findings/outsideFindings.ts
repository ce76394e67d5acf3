import { millimetres } from '../../../../mathematics/units/millimetres';
import { PLANTS_M, type ClearReport } from '../../../../physics/clearance/clearReport';
import type { WorldId } from '../../../../words/carrier/land';
import type { Finding } from '../../../../words/check/result';
import { finding } from '../../../check/finding';

/** What is worn stands no farther off than on a low base. Common practice, no source. Metres. */
export const STANDS_OFF_M = 0.1;
/**
 * Farther than this over or beside the head it catches branches that the head passes by, as one ducks for that; a roof or a cage does not duck. Common
 * practice, no source.
 */
export const STANDS_OVER_M = { head: 0.04, machine: 0 } as const;
const PAST_SIDES_M = 0.02;

/** Lower than this nothing hangs over a road, metres: gates of car parks are from about 1.9 m on. Common practice, no source. */
const GATES_M = 1.9;

/** Whether branches or gates are at what stands over a head or a machine: trails are grown in, roads are clear up to some height. */
export const hangsOver = (what: 'head' | 'machine', topM: number, world: WorldId): boolean =>
  what === 'head' || world === 'trail' || topM > GATES_M;

/** What branches, gates, plants and water find of it. */
export function outsideFindings(report: ClearReport, world: WorldId): readonly Finding[] {
  const found: Finding[] = [];
  if (report.above !== null && report.topM !== null && report.above.byM > -0.1) {
    const { what, byM } = report.above;
    const met = hangsOver(what, report.topM, world);
    const bears = STANDS_OVER_M[what];
    const verdict = met && byM > bears ? 'watch' : 'good';
    found.push(
      finding({
        id: 'branches',
        label: `height over the ${what}`,
        verdict,
        value: met ? byM : report.topM,
        unit: 'm',
        limit: [null, met ? bears : GATES_M],
        because: `it stands ${millimetres(Math.abs(byM))} ${byM < 0 ? 'under the top of' : 'over'} the ${what}, ${report.topM.toFixed(2)} m over the ground${verdict === 'watch' ? `: branches${what === 'head' ? ', and duck by so much more' : ' and gateways'}` : ''}`,
      }),
    );
  }
  if (report.besideHeadM !== null && report.topM !== null && report.besideHeadM > 0) {
    const verdict = report.besideHeadM > STANDS_OVER_M.head ? 'watch' : 'good';
    found.push(
      finding({
        id: 'branches-beside',
        label: 'width beside the head',
        verdict,
        value: report.besideHeadM,
        unit: 'm',
        limit: [null, STANDS_OVER_M.head],
        because: `it stands ${millimetres(report.besideHeadM)} out beside head and helmet${verdict === 'watch' ? ': branches and door frames catch it' : ''}`,
      }),
    );
  }
  if (report.pastSidesM > -0.15) {
    found.push(
      finding({
        id: 'sides',
        label: 'width past the sides',
        verdict: report.pastSidesM > PAST_SIDES_M ? 'watch' : 'good',
        value: report.pastSidesM,
        unit: 'm',
        limit: [null, PAST_SIDES_M],
        because:
          report.pastSidesM > 0
            ? `it sticks out ${millimetres(report.pastSidesM)} further than rider and machine`
            : 'it stays within rider and machine',
      }),
    );
  }
  if (report.standsOffM !== null && report.standsOffM > STANDS_OFF_M) {
    found.push(
      finding({
        id: 'off',
        label: 'off the body',
        verdict: 'watch',
        value: report.standsOffM,
        unit: 'm',
        limit: [null, STANDS_OFF_M],
        because: `it stands ${millimetres(report.standsOffM)} off what it is worn on: it catches, and is a lever in a fall`,
        mend: 'a shorter strut, or straight on its base',
      }),
    );
  }
  if (report.water) {
    const { clearM, nearestIn } = report.water;
    found.push(
      finding({
        id: 'water',
        label: 'over the water',
        verdict: clearM < 0 ? 'watch' : 'good',
        value: clearM,
        unit: 'm',
        limit: [0, null],
        because:
          clearM < 0
            ? `it dips ${millimetres(-clearM)} under the waves in ${nearestIn.toLowerCase()}: water loads it about 800 times as much as air`
            : `it stays ${millimetres(clearM)} over the waves, least in ${nearestIn.toLowerCase()}`,
      }),
    );
  }
  if (report.wornLowM !== null) {
    found.push(
      finding({
        id: 'plants',
        label: 'worn low',
        verdict: 'watch',
        value: report.wornLowM,
        unit: 'm',
        limit: [PLANTS_M, null],
        because: `worn ${millimetres(report.wornLowM)} over the ground, where plants rip it out: take it off after the take`,
      }),
    );
  }
  return found;
}

import type { School, Schools } from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { useRested } from '../../workers/useRested';
import { useInUnits } from '../../ui/useInUnits';

const REST_MS = 500;

const winnerWords = ({ winner, halfMeasure, locked, damped, dampedIn100 }: Schools): string => {
  const best = winner === 'damped' ? damped : locked;
  if (winner === 'neither') return 'Here neither saves the picture: another place or another camera.';
  const half =
    halfMeasure.unsteadiness > 1.3 * best.unsteadiness
      ? ' Avoid the half measure.'
      : ' Here even the half measure does no harm.';
  return winner === 'about equal'
    ? `Here both come out about equal.${half}`
    : `Here ${winner === 'locked' ? 'locked solid' : 'the damper'} wins, steadier in ${winner === 'locked' ? 100 - dampedIn100 : dampedIn100} of 100 cases.${half}`;
};

/** Both schools of mounting worked out for this case, with the half measure between them. */
export function SchoolsTable() {
  const { question, changeSetUp } = useShot();
  const inUnits = useInUnits();
  const rested = useRested(JSON.stringify(question), REST_MS);
  const schools = useLatest(rested, () => judging.steadySchools(question)).value;
  if (!schools) return <p className="caption">Both schools…</p>;
  const row = (school: School) => (
    <tr key={school.id} className="border-b border-hair align-baseline leading-tight">
      <th scope="row" className="py-0.5 text-left font-normal">
        <button
          type="button"
          className="text-left underline decoration-hair underline-offset-2"
          onClick={() => changeSetUp(school.setUp)}
          title="Mount it so"
        >
          {school.name}
        </button>
        <span className="block text-[0.84rem] text-ink-2">{inUnits(school.text)}</span>
      </th>
      {[school.jump, school.jelly, school.blur].map((px, i) => (
        <td key={i} className="reading w-11 text-right">
          {px < 9.95 ? px.toFixed(1) : Math.round(px)}
        </td>
      ))}
    </tr>
  );
  return (
    <div>
      <table className="w-full text-[0.93rem]">
        <caption className="caption text-left">Locked or damped, px: jump, jelly, blur</caption>
        <tbody>{[schools.locked, schools.damped, schools.halfMeasure].map(row)}</tbody>
      </table>
      <p className="pt-1 font-[620]">{winnerWords(schools)}</p>
    </div>
  );
}

import { findingsOf, type CheckResult } from '../../../words/check/result';
import type { ShotUse } from '../../../words/shot/use';
import { addOnAttempts, withoutAddOns } from '../../check/addOnAttempts';
import type { Attempt } from '../../check/check';
import type { ShotScene } from '../../scene/shotScene';
import { unfitAddOns } from './wornFinding';

/** What of the way it is run may mend it; other places are tried by themselves. */
export function attemptsAt(scene: ShotScene, result: CheckResult): readonly Attempt[] {
  const { resolved, question, machine } = scene;
  const { setUp, camera, mode } = resolved;
  const use: ShotUse = question.use ?? {};
  const troubles = new Set(findingsOf(result).flatMap(({ verdict, id }) => (verdict === 'good' ? [] : [id])));
  const has = (...ids: string[]) => ids.some((id) => troubles.has(id));
  const run = (change: ShotUse, attempt: Pick<Attempt, 'id' | 'text' | 'costs'> & { effort?: number }): Attempt => ({
    effort: 1,
    ...attempt,
    use: { ...use, ...change },
  });
  const attempts: Attempt[] = [];
  if (has('batteries', 'stint', 'heat')) {
    if (use.preRecord)
      attempts.push(
        run({ preRecord: false }, { id: 'no-pre', text: 'keep nothing from before the press', costs: 'press in time' }),
      );
    if (use.screenOn)
      attempts.push(run({ screenOn: false }, { id: 'dark', text: 'leave its screen dark', costs: 'nothing' }));
    if (!use.offBetween && use.start !== 'running')
      attempts.push(
        run({ offBetween: true }, { id: 'off', text: 'switch it off between takes', costs: 'seconds to wake it' }),
      );
    for (const start of camera.lasting.startedBy)
      if (use.start === undefined || use.start === 'running')
        attempts.push(
          run(
            { start },
            {
              id: `by-${start}`,
              text: `start each take by ${start === 'voice' ? 'voice' : 'a remote'}`,
              costs: start === 'voice' ? 'a loud word' : 'a remote on the bar or wrist',
              effort: 2,
            },
          ),
        );
    for (const cooler of camera.modes.filter(
      (m) =>
        m.stills === mode.stills &&
        m.powerW.value < mode.powerW.value &&
        m.lens.projection === mode.lens.projection &&
        m.lens.fovDeg === mode.lens.fovDeg,
    ))
      attempts.push({
        id: `mode-${cooler.id}`,
        text: `film in ${cooler.name}`,
        setUp: { ...setUp, modeId: cooler.id },
        effort: 1,
        costs: 'pictures a second',
      });
  }
  if (has('batteries', 'stint') && camera.lasting.fed !== 'none') {
    if (machine.noise && machine.shake.rider)
      attempts.push(
        run(
          { feed: 'machine' },
          {
            id: 'machine',
            text: 'feed it from the machine',
            costs: 'a cable, tied down clear of what moves, with a loop against pulling',
            effort: 2,
          },
        ),
      );
    attempts.push(
      run(
        { feed: 'power bank' },
        { id: 'bank', text: 'feed it from a power bank', costs: 'a cable and a pocket', effort: 2 },
      ),
    );
  }
  if (has('talk')) {
    if (use.foam === false)
      attempts.push(
        run({ foam: true }, { id: 'foam', text: 'foam over its microphone', costs: 'tucked in, out of the picture' }),
      );
    if (!use.recorder)
      attempts.push(
        run(
          { recorder: true },
          {
            id: 'recorder',
            text: 'a recorder in the pocket, its microphone at the collar',
            costs: 'a clap to join them afterwards',
            effort: 3,
          },
        ),
      );
  }
  if (has('reach', 'attention'))
    attempts.push(
      run(
        { start: 'running' },
        { id: 'running', text: 'let it run from one stop to the next', costs: 'battery and card' },
      ),
    );
  if (has('water')) attempts.push(...addOnAttempts(scene, ({ housing }) => housing !== undefined, 'voice and cable'));
  if (has('add-on-fits'))
    attempts.push({
      id: 'no-add-on',
      text: 'go without what does not fit',
      setUp: withoutAddOns(scene, (addOn) => unfitAddOns(question.rig, setUp).includes(addOn))!,
      effort: 1,
      costs: 'nothing',
    });
  if (has('door')) {
    const { feed, ...rest } = use;
    void feed;
    attempts.push({
      id: 'unfed',
      text: 'take batteries in place of the cable',
      use: rest,
      effort: 1,
      costs: 'batteries',
    });
  }
  return attempts;
}

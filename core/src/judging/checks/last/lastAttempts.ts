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
  const run = (id: string, text: string, change: ShotUse, costs: string, effort = 1): Attempt => ({
    id,
    text,
    use: { ...use, ...change },
    costs,
    effort,
  });
  const attempts: Attempt[] = [];
  if (has('batteries', 'stint', 'heat')) {
    if (use.preRecord)
      attempts.push(run('no-pre', 'keep nothing from before the press', { preRecord: false }, 'press in time'));
    if (use.screenOn) attempts.push(run('dark', 'leave its screen dark', { screenOn: false }, 'nothing'));
    if (!use.offBetween && use.start !== 'running')
      attempts.push(run('off', 'switch it off between takes', { offBetween: true }, 'seconds to wake it'));
    for (const start of camera.lasting.startedBy)
      if (use.start === undefined || use.start === 'running')
        attempts.push(
          run(
            `by-${start}`,
            `start each take by ${start === 'voice' ? 'voice' : 'a remote'}`,
            { start },
            start === 'voice' ? 'a loud word' : 'a remote on the bar or wrist',
            2,
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
          'machine',
          'feed it from the machine',
          { feed: 'machine' },
          'a cable, tied down clear of what moves, with a loop against pulling',
          2,
        ),
      );
    attempts.push(run('bank', 'feed it from a power bank', { feed: 'power bank' }, 'a cable and a pocket', 2));
  }
  if (has('talk')) {
    if (use.foam === false)
      attempts.push(run('foam', 'foam over its microphone', { foam: true }, 'tucked in, out of the picture'));
    if (!use.recorder)
      attempts.push(
        run(
          'recorder',
          'a recorder in the pocket, its microphone at the collar',
          { recorder: true },
          'a clap to join them afterwards',
          3,
        ),
      );
  }
  if (has('reach', 'attention'))
    attempts.push(run('running', 'let it run from one stop to the next', { start: 'running' }, 'battery and card'));
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

import { shotAt } from '../../../../outcomes/ask';
import { advisedReport } from '../../advice/advisedReport';
import { findingsOf } from '../../../words/check/result';
import { shotScene } from '../../scene/shotScene';
import { holdOffAttempts } from './holdOffAttempts';

it('a lens that leans into an arm is held off on a short piece, among what would help', () => {
  const { checks, mends } = advisedReport(shotAt('paramotor', 'harness-arm', 'look-back-at-the-face'), {
    only: ['frame'],
  });
  expect(findingsOf(checks[0]!)[0]).toMatchObject({ id: 'sunk', verdict: 'stop' });
  const off = mends.find(({ id }) => id.startsWith('hold-off-'))!;
  expect(off.text).toMatch(/^hold it off on the (riser|short arm), \d+ mm: /);
  expect(off.setUp!.links).toHaveLength(1);
});

it('it is tried on short pieces only, within what each can be', () => {
  const scene = shotScene(shotAt('kayak', 'hip', 'look-back-at-the-face'), { columns: 16 });
  const tried = holdOffAttempts(scene);
  expect(tried.length).toBeGreaterThan(1);
  for (const { setUp } of tried) {
    const { lengthM } = setUp!.links.at(-1)!;
    expect(lengthM).toBeGreaterThanOrEqual(0.015);
    expect(lengthM).toBeLessThanOrEqual(0.08);
  }
});

import { shakeAt } from '../../../../testing/shakes';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import { tetherAnchors, tetherLengthM } from '../../../posing/strut/tethering';
import { findingsOf } from '../../../words/check/result';
import type { SetUp } from '../../../words/setUp/setUp';
import { hold } from '../hold';
import { shotScene } from '../../scene/shotScene';
import { clear } from '.';

const at = (machineId: string, spotId: string, over: Partial<SetUp> = {}) => ({
  ...shakeAt(machineId as never, spotId, { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off', ...over }),
  intentId: 'clear-ahead',
  horizonAt: null,
});
const said = (question: ReturnType<typeof at>) => {
  const scene = shotScene(question as never, { coarse: true });
  const of = (check: typeof clear | typeof hold, ids: readonly string[]) =>
    findingsOf(check.judge(check.report(scene, {} as never) as never, scene)!).filter(({ id }) => ids.includes(id));
  return { clear: of(clear, ['tether', 'tethered']), hold: of(hold, ['tether-bears']) };
};

describe('beside a wheel', () => {
  const stay = at('road-bike', 'seat-stay');
  const anchors = tetherAnchors(stay.rig, resolveSetUp(stay.rig, stay.setUp));
  const tied = (lengthM: number, partId = anchors[0]!.partId!) =>
    at('road-bike', 'seat-stay', { tether: { tetherId: 'cord', partId, lengthM } });

  it('a long one lets the camera into the spokes, and is stopped', () => {
    const {
      clear: [finding],
    } = said(tied(0.6));
    expect(finding).toMatchObject({ id: 'tethered', verdict: 'stop' });
    expect(finding!.because).toMatch(/gets into the rear (tyre|spokes|rim|wheel)/);
  });
  it('too short a one does not reach', () => {
    const {
      clear: [finding],
    } = said(tied(0.01));
    expect(finding!.because).toMatch(/too short/);
  });
  it('what it was tied to may be gone', () => {
    const {
      clear: [finding],
    } = said(tied(0.2, 'nothing'));
    expect(finding).toMatchObject({ verdict: 'stop' });
    expect(finding!.because).toMatch(/not on this carrier now/);
  });
});

it('a cord bears a caught cube camera, a wire tie hardly; on a helmet a weak link is wanted, and lets go first', () => {
  const on = (machineId: string, spotId: string, tetherId: string) => {
    const plain = at(machineId, spotId);
    const [anchor] = tetherAnchors(plain.rig, resolveSetUp(plain.rig, plain.setUp));
    const lengthM = tetherLengthM({ lengthM: { low: 0.02, high: 1 } } as never, anchor!);
    const tether = { tetherId, lengthM, ...(anchor!.partId ? { partId: anchor!.partId } : {}) };
    return said(at(machineId, spotId, { tether })).hold[0]!;
  };
  expect(on('buggy', 'cage-front', 'safety-strap').verdict).toBe('good');
  expect(on('buggy', 'cage-front', 'wire-tie').verdict).toBe('watch');
  expect(on('mountain-bike', 'chest', 'safety-strap')).toMatchObject({ verdict: 'watch' });
  expect(on('mountain-bike', 'chest', 'weak-link-cord')).toMatchObject({ verdict: 'good' });
});

it('a pad is no anchor where it does not stick: on a tube it is told as gone', () => {
  const onTube = said(at('buggy', 'cage-front', { tether: { tetherId: 'cord', lengthM: 0.2 } }));
  expect(onTube.clear[0]).toMatchObject({ id: 'tethered', verdict: 'stop' });
  const onRoof = said(at('coupe', 'roof', { tether: { tetherId: 'cord', lengthM: 0.2 } }));
  expect(onRoof.clear[0]).toMatchObject({ verdict: 'good' });
  expect(onRoof.hold[0]!.because).toMatch(/stick-on pad with a ring bears about 110 N/);
});

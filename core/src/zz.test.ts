import { shakeAt } from '../testing/shakes';
import { evaluateShot } from './evaluation/evaluateShot';
import { clearReport } from './clearance/clearReport';
import { knownMachines, resolveRig } from './rig/resolveRig';
import { placedSpots } from './rig/spots';
it('x', () => {
  const out: string[] = [];
  for (const [m, s] of [
    ['mountain-bike', 'chin-bar'],
    ['mountain-bike', 'helmet-top'],
    ['mountain-bike', 'helmet-side'],
    ['mountain-bike', 'chest'],
    ['mountain-bike', 'handlebar'],
    ['road-bike', 'handlebar'],
    ['coupe', 'screen-inside'],
    ['coupe', 'headrest'],
    ['glider', 'panel-top'],
    ['glider', 'canopy-inside'],
    ['light-aircraft', 'panel-top'],
    ['kayak', 'deck'],
    ['beach-catamaran', 'boom-end'],
    ['buggy', 'cage'],
  ] as const) {
    try {
      const q = shakeAt(m, s);
      const t = Date.now();
      const r = evaluateShot({ ...q, intentId: 'clear-ahead', horizonAt: null }, { columns: 16, deep: true });
      const c = r.checks.find((k) => k.check === 'clear')!;
      out.push(`== ${m} ${s} ${c.verdict} ${Date.now() - t} ms`);
      if ('findings' in c)
        for (const f of c.findings) out.push(`   ${f.verdict} ${f.label} ${f.value.toFixed(3)} ${f.because}`);
    } catch (e) {
      out.push(`== ${m} ${s} ${(e as Error).message.slice(0, 300)}`);
    }
  }
  console.log(out.join('\n'));
});

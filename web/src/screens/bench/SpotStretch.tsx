import { capital, fromMarkM, metresToInches, type SpotZone } from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { useSettings } from '../../storage/settings';
import { NumberField } from '../../ui/NumberField';

/** Where on its stretch the chosen spot lies, as a tape held to the mark shows it. */
export function SpotStretch({ zone }: { zone: SpotZone }) {
  const { shot, changeSetUp } = useShot();
  const { units } = useSettings();
  const metric = units === 'metric';
  const perUnit = metric ? 1000 : metresToInches(1);
  const fromM = fromMarkM(zone, shot.setUp.slideM ?? 0);
  const [minM, maxM] = [zone.usualM - zone.nearerM, zone.usualM + zone.fartherM];
  return (
    <div className="shrink-0 border-t border-hair px-3 py-1">
      <NumberField
        label={capital(zone.mark)}
        value={fromM * perUnit}
        unit={metric ? 'mm' : 'in'}
        step={metric ? 10 : 0.5}
        digits={metric ? 0 : 1}
        min={Number((minM * perUnit).toFixed(1))}
        max={Number((maxM * perUnit).toFixed(1))}
        onChange={(value) => changeSetUp({ slideM: Number((value / perUnit - zone.usualM).toFixed(4)) }, 'slide')}
      />
    </div>
  );
}

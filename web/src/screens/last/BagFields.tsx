import { cameraOf, suppliesOf, USUAL_SUPPLIES, type CameraSupplies, type Supplies } from '@strut-spot/core';
import { useOuting } from '../../state/OutingProvider';
import { useShot } from '../../state/useShot';
import { NumberField } from '../../ui/NumberField';
import { Tick } from '../../ui/Tick';

/** Batteries, cards and chargers; for all shots with that camera. */
export function BagFields() {
  const { outing, change } = useOuting();
  const { shot, rig } = useShot();
  const { cameraId } = shot.setUp;
  const camera = cameraOf(rig.ownKit, shot.setUp);
  const own = suppliesOf(outing.supplies, cameraId);
  const setOuting = (edit: Partial<Supplies>) =>
    change(
      (o) => ({ ...o, supplies: { cameras: [], ...o.supplies, ...edit } }),
      `supplies-${Object.keys(edit).join()}`,
    );
  const setOwn = (edit: Partial<CameraSupplies>) =>
    change(
      (o) => {
        const others = (o.supplies?.cameras ?? []).filter((c) => c.cameraId !== cameraId);
        const mine = { ...suppliesOf(o.supplies, cameraId), ...edit };
        return { ...o, supplies: { ...o.supplies, cameras: [...others, mine] } };
      },
      `supplies-${cameraId}-${Object.keys(edit).join()}`,
    );
  return (
    <section aria-labelledby="bag">
      <h2 id="bag" className="caption mb-1 border-b-2 border-ink pb-0.5">
        In the bag
      </h2>
      <p className="label text-ink-2">{camera.name}, in all its shots</p>
      <div className="space-y-0.5">
        <NumberField
          label="Batteries"
          value={own.batteries}
          unit=""
          step={1}
          digits={0}
          min={1}
          max={99}
          onChange={(batteries) => setOwn({ batteries })}
        />
        <NumberField
          label="Card"
          value={own.cardGb}
          unit="GB"
          step={64}
          digits={0}
          min={1}
          max={4096}
          onChange={(cardGb) => setOwn({ cardGb })}
        />
        <Tick label="Batteries some years old" checked={own.worn ?? false} onChange={(worn) => setOwn({ worn })} />
      </div>
      <p className="label mt-1 text-ink-2">In the evening</p>
      <div className="space-y-0.5">
        <NumberField
          label="Charge at once"
          value={outing.supplies?.bays ?? USUAL_SUPPLIES.bays}
          unit=""
          step={1}
          digits={0}
          min={1}
          max={40}
          onChange={(bays) => setOuting({ bays })}
        />
        <NumberField
          label="Time for it"
          value={outing.supplies?.eveningH ?? USUAL_SUPPLIES.eveningH}
          unit="h"
          step={0.5}
          min={0}
          max={24}
          onChange={(eveningH) => setOuting({ eveningH })}
        />
      </div>
    </section>
  );
}

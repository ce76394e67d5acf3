import { groundById, newCarrier, resolveRig, rigOfCarrier } from '@strut-spot/core';
import { Ruler, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { newId } from '../../state/newId';
import { useOuting } from '../../state/OutingProvider';
import { useKnownMachines } from '../../storage/shapes';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';

/** What the outing films from; each is fitted on its own sheet. */
export function OutingCarriers() {
  const { outing, change } = useOuting();
  const [next, setNext] = useState('');
  const machines = useKnownMachines();
  const add = (machineId: string) =>
    change((o) => ({
      ...o,
      carriers: [...o.carriers, newCarrier(newId(), machineId, o.carriers[0]?.rig.statureM ?? 1.75)],
    }));
  const remove = (id: string, name: string) => {
    const used = outing.shots.filter((s) => s.carrierId === id).map((s) => `"${s.name}"`);
    if (used.length > 0) return void toast(`${name} is in use by ${used.join(', ')}.`);
    if (outing.carriers.length === 1) return void toast('An outing keeps at least one carrier.');
    change((o) => ({ ...o, carriers: o.carriers.filter((c) => c.id !== id) }));
  };
  return (
    <section aria-labelledby="carriers">
      <div className="mb-1 flex items-end justify-between border-b-2 border-ink pb-1">
        <h2 id="carriers" className="caption">
          Carriers
        </h2>
        <Link
          to="trainer"
          className="min-h-6 text-[0.95rem] font-[620] underline underline-offset-2 max-lg:min-h-touch"
        >
          Guess the tilt
        </Link>
      </div>
      <ul>
        {outing.carriers.map((carrier) => {
          const { machine, worn } = resolveRig(carrier.rig);
          const helmet = worn.find((w) => w.place === 'head')?.name.toLowerCase();
          return (
            <li key={carrier.id} className="flex items-center gap-2 border-b border-hair py-1">
              <Portrait rigKey={JSON.stringify(carrier.rig)} carrierId={carrier.id} />
              <Link to={`carrier/${carrier.id}`} className="min-w-0 flex-1 hover:bg-paper-2">
                <span className="block font-[620] underline decoration-hair underline-offset-4">{machine.name}</span>
                <span className="block leading-snug text-[0.9rem] text-ink-2">
                  {helmet ?? (machine.wearing.length > 0 ? 'bare head' : 'nobody on board')}
                  {machine.shake.ride.kind !== 'still' && `, ${groundById(carrier.ride.groundId).name.toLowerCase()}`}
                </span>
              </Link>
              <Link to={`carrier/${carrier.id}`} className="action action-quiet" aria-label={`Fit ${machine.name}`}>
                <Ruler size={16} aria-hidden />
              </Link>
              <button
                type="button"
                className="action action-quiet"
                aria-label={`Take ${machine.name} out of the outing`}
                onClick={() => remove(carrier.id, machine.name)}
              >
                <Trash2 size={16} aria-hidden />
              </button>
            </li>
          );
        })}
      </ul>
      <form
        className="mt-2 flex items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (next) add(next);
          setNext('');
        }}
      >
        <label htmlFor="add-carrier" className="sr-only">
          Another carrier
        </label>
        <select
          id="add-carrier"
          className="field min-w-0 flex-1"
          value={next}
          onChange={(event) => setNext(event.target.value)}
        >
          <option value="">another carrier…</option>
          {machines.map(({ id, name }) => (
            <option key={id} value={id} className="bg-sheet text-ink">
              {name}
            </option>
          ))}
        </select>
        <button type="submit" className="action" disabled={next === ''}>
          Add
        </button>
      </form>
    </section>
  );
}

function Portrait({ carrierId, rigKey }: { carrierId: string; rigKey: string }) {
  const { outing } = useOuting();
  const carrier = outing.carriers.find((c) => c.id === carrierId);
  const picture = useLatest(carrier ? `${rigKey} ${carrier.ride?.groundId}` : null, () => {
    const rig = rigOfCarrier(outing, carrier!);
    const view = { widthPx: 128, heightPx: 84, aroundDeg: 52, aboveDeg: 12, land: true };
    return drawing.carrierPortrait(rig, resolveRig(rig).machine.actionStanceId, view, carrier!.ride);
  });
  return <PictureCanvas picture={picture.value} label="" className="h-10 w-16 shrink-0 bg-paper-2 object-cover" />;
}

import type { MachineDefinition } from '@strut-spot/core';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { toast } from 'sonner';
import { NotFound } from '../../ui/Trouble';
import { outingsUsing, removeShape, useKnownMachines } from '../../storage/shapes';
import { StanceChoice } from '../../ui/StanceChoice';
import { SpotTable } from '../../ui/SpotTable';
import { catalogueRig } from './catalogueRig';
import { FactSheet } from './FactSheet';

const CarrierView = lazy(() => import('../../scene/CarrierView'));

/** One carrier of the catalogue: in the round, in every stance, with its spots, measures and what moves. */
export function CarrierPage() {
  const { machineId } = useParams();
  const machine = useKnownMachines().find((c) => c.id === machineId);
  return machine ? <Page key={machine.id} machine={machine} /> : <NotFound what="carrier" />;
}

function Page({ machine }: { machine: MachineDefinition }) {
  const [stanceId, setStanceId] = useState(machine.actionStanceId);
  const [chosen, setChosen] = useState<string | null>(null);
  const rig = catalogueRig(machine);
  const navigate = useNavigate();
  const forget = async () => {
    const used = await outingsUsing(machine.id);
    if (used.length > 0) {
      toast(`It is in use by ${used.map((n) => `"${n}"`).join(', ')}: take it out there first.`);
      return;
    }
    await removeShape(machine.id);
    await navigate('/carriers');
  };
  return (
    <main className="grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-2.75rem)] lg:grid-cols-[minmax(0,1fr)_24rem]">
      <section aria-label="Carrier in the round" className="flex min-h-0 flex-col">
        <div className="flex items-baseline gap-4 px-3 pt-2">
          <h1 className="text-2xl leading-none font-[700] [font-stretch:72%]">{machine.name}</h1>
          <Link to="/carriers" className="label underline underline-offset-4">
            all carriers
          </Link>
        </div>
        <div className="h-80 min-h-0 lg:h-auto lg:flex-1">
          <Suspense fallback={<p className="caption p-4">Carrier…</p>}>
            <CarrierView
              rig={rig}
              stanceId={stanceId}
              description={`${machine.name}, ${machine.note}. Drag to turn; the spots are in the list.`}
              chosenSpotId={chosen ?? ''}
              onPick={setChosen}
            />
          </Suspense>
        </div>
        <StanceChoice machine={machine} chosen={stanceId} onChoose={setStanceId} />
      </section>
      <div className="min-h-0 space-y-4 overflow-y-auto border-hair px-3 py-3 max-lg:border-t lg:border-l">
        <SpotTable rig={rig} chosen={chosen} onChoose={setChosen} />
        <FactSheet machine={machine} />
        {machine.family === 'own' && (
          <button type="button" className="action" onClick={() => void forget()}>
            Delete this shape
          </button>
        )}
      </div>
    </main>
  );
}

import { resolveRig, rigOfCarrier, SET_UP_STANCE_ID, type OutingCarrier, type RideConditions } from '@strut-spot/core';
import { Download } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { useParams } from 'react-router';
import { toast } from 'sonner';
import { download } from '../../devices/download';
import { newId } from '../../state/newId';
import { useOuting } from '../../state/OutingProvider';
import { NotFound } from '../../ui/Trouble';
import type { SurfacePlace } from '../../scene/CarrierScene';
import { computing } from '../../workers/core';
import { Ask } from '../../ui/Ask';
import { RideFields } from '../../ui/RideFields';
import { StanceShares } from '../../ui/StanceShares';
import { StanceChoice } from '../../ui/StanceChoice';
import { CarrierFit } from './CarrierFit';
import { OwnSpotForm } from './OwnSpotForm';
import { SpotTable } from '../../ui/SpotTable';
import { strandedShots } from './strandedShots';

const CarrierView = lazy(() => import('../../scene/CarrierView'));

/** One carrier of the outing: fitted to rider and machine, seen in every stance, with the user's own spots. */
export function CarrierScreen() {
  const { carrierId = '' } = useParams();
  const { outing } = useOuting();
  const carrier = outing.carriers.find((c) => c.id === carrierId);
  return carrier ? <Carrier key={carrier.id} carrier={carrier} /> : <NotFound what="carrier" />;
}

function Carrier({ carrier }: { carrier: OutingCarrier }) {
  const { outing, change } = useOuting();
  const { rig } = carrier;
  const { machine } = resolveRig(rig);
  const [stanceId, setStanceId] = useState(machine.actionStanceId);
  const [chosen, setChosen] = useState<string | null>(null);
  const [placing, setPlacing] = useState(false);
  const [place, setPlace] = useState<SurfacePlace | null>(null);
  const [moving, setMoving] = useState<string | null>(null);
  const [asked, setAsked] = useState<{ names: readonly string[]; then: () => void } | null>(null);
  const whole = rigOfCarrier(outing, carrier);

  const applyRig = (edit: Partial<OutingCarrier['rig']>, key: string) =>
    change(
      (o) => ({
        ...o,
        carriers: o.carriers.map((c) => (c.id === carrier.id ? { ...c, rig: withoutEmpty({ ...c.rig, ...edit }) } : c)),
      }),
      `${carrier.id}-${key}`,
    );
  /** A change that would leave cameras without their spot is asked about first. */
  const setRig = (edit: Partial<OutingCarrier['rig']>, key: string) => {
    const shots = outing.shots.filter((s) => s.carrierId === carrier.id);
    const own = shots.map((s) => s.setUp.spotId).filter((id) => rig.ownSpots?.some((spot) => spot.id === id));
    if (own.length === 0) return applyRig(edit, key);
    void computing.strandedBy(whole, { ...whole, ...edit }, own).then((ids) => {
      const names = shots.filter((s) => ids.includes(s.setUp.spotId)).map((s) => s.name);
      if (names.length === 0) applyRig(edit, key);
      else setAsked({ names, then: () => applyRig(edit, key) });
    });
  };
  const setRide = (edit: Partial<RideConditions>) =>
    change(
      (o) => ({
        ...o,
        carriers: o.carriers.map((c) => (c.id === carrier.id ? { ...c, ride: { ...c.ride, ...edit } } : c)),
      }),
      `ride-${carrier.id}-${Object.keys(edit).join()}`,
    );
  const removeSpot = (id: string) => {
    const next = { ...rig, ownSpots: (rig.ownSpots ?? []).filter((s) => s.id !== id) };
    const names = strandedShots(outing, carrier.id, next);
    if (names.length > 0) {
      toast(`A camera sits there. Move the camera of ${names.map((n) => `"${n}"`).join(', ')} first.`);
      return;
    }
    applyRig({ ownSpots: next.ownSpots }, 'own-spots');
  };
  const moveSpot = (id: string) => {
    setMoving(id);
    setPlacing(true);
    setPlace(null);
  };
  const saveGlb = async () => {
    try {
      const { rigAsGlb } = await import('../../formats/glb/rigAsGlb');
      download(`${machine.id}-${stanceId}.glb`, await rigAsGlb(whole, stanceId), 'model/gltf-binary');
    } catch (error) {
      toast(`The model was not written: ${(error as Error).message}`);
    }
  };

  return (
    <main className="grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-2.75rem)] lg:grid-cols-[20rem_minmax(0,1fr)_21rem]">
      <h1 className="sr-only">Carrier: {machine.name}</h1>
      <div className="min-h-0 overflow-y-auto border-hair px-3 py-3 max-lg:order-2 lg:border-r">
        <CarrierFit
          rig={rig}
          onChange={setRig}
          stranded={(edit) => strandedShots(outing, carrier.id, { ...rig, ...edit })}
        />
        <h2 className="caption mt-4 mb-1 border-b-2 border-ink pb-1">Time in each stance</h2>
        <StanceShares
          machine={machine}
          asUsual={!rig.stanceShares}
          usual="As it is usually ridden"
          onChange={(stanceShares) => setRig({ stanceShares }, 'stance-shares')}
        />
        <h2 className="caption mt-4 mb-1 border-b-2 border-ink pb-1">Ridden on</h2>
        <RideFields machine={machine} ride={carrier.ride} onChange={setRide} />
      </div>
      <section aria-label="Carrier in the round" className="flex min-h-0 flex-col">
        <div className="h-80 min-h-0 lg:h-auto lg:flex-1">
          <Suspense fallback={<p className="caption p-4">Carrier…</p>}>
            <CarrierView
              rig={whole}
              stanceId={placing ? SET_UP_STANCE_ID : stanceId}
              description={`${machine.name} in ${machine.stances.find((s) => s.id === stanceId)?.name.toLowerCase()}. Drag to turn; the spots are in the list.`}
              chosenSpotId={chosen ?? ''}
              onPick={setChosen}
              onSurface={placing ? setPlace : undefined}
            />
          </Suspense>
        </div>
        <StanceChoice machine={machine} chosen={stanceId} onChoose={setStanceId} />
      </section>
      <div className="min-h-0 overflow-y-auto border-hair px-3 py-3 max-lg:order-3 lg:border-l">
        <SpotTable rig={whole} chosen={chosen} onChoose={setChosen} onRemoveOwn={removeSpot} onMoveOwn={moveSpot} />
        <OwnSpotForm
          rig={whole}
          key={moving}
          anew={rig.ownSpots?.find((s) => s.id === moving) ?? null}
          placing={placing}
          place={place}
          onPlacing={(on) => {
            setPlacing(on);
            setPlace(null);
            if (!on) setMoving(null);
          }}
          onAdd={(spot) => {
            const others = (rig.ownSpots ?? []).filter((s) => s.id !== moving);
            applyRig({ ownSpots: [...others, { ...spot, id: moving ?? `own-${newId()}` }] }, 'own-spots');
            setMoving(null);
            setPlacing(false);
            setPlace(null);
          }}
        />
        <button type="button" className="action mt-4" onClick={() => void saveGlb()}>
          <Download size={15} aria-hidden /> Save this stance as GLB
        </button>
      </div>
      {asked && (
        <Ask
          title="Some cameras would lose their spot"
          yes="Change it"
          no="Keep it"
          onNo={() => setAsked(null)}
          onYes={() => {
            asked.then();
            setAsked(null);
          }}
        >
          With this, the spot of {asked.names.map((n) => `"${n}"`).join(', ')} is no longer there. The shots are kept,
          and nothing can be said of them until the camera is moved or the spot put anew.
        </Ask>
      )}
    </main>
  );
}

/** What is not there is left out, so that stored documents stay plain. */
const withoutEmpty = (rig: OutingCarrier['rig']): OutingCarrier['rig'] => {
  const { subject, stanceShares, ...rest } = rig;
  return { ...rest, ...(subject ? { subject } : {}), ...(stanceShares ? { stanceShares } : {}) };
};

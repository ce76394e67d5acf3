import { resolveRig, rigOfCarrier, type Shot } from '@strut-spot/core';
import { Ban, Plus } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { newId } from '../../state/newId';
import { useOuting } from '../../state/OutingProvider';
import { computing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { ChoiceField } from '../../ui/ChoiceField';
import { Drawn } from '../../ui/Drawn';
import { intentChoices } from '../../ui/intentChoices';
import { Coverage } from './Coverage';
import { OutingDetails } from './OutingDetails';
import { OutingCarriers } from './OutingCarriers';
import { KitShort } from './KitShort';
import { ShotList } from './ShotList';

export function ShotsScreen() {
  const { outing, change } = useOuting();
  const [searching, setSearching] = useState<string | null>(null);
  const [fromId, setFromId] = useState('');
  const carrier = outing.carriers.find((c) => c.id === fromId) ?? outing.carriers[0]!;

  const rig = rigOfCarrier(outing, carrier);
  const rigKey = JSON.stringify(carrier.rig);
  const refused = useLatest(rigKey, () => computing.notOffered(rig)).value;

  const kinds = intentChoices(rig, rigKey, refused);

  const add = async (intentId: string) => {
    setSearching(intentId);
    try {
      const shot: Shot = await computing.newShot(newId(), carrier, rig, intentId);
      change((o) => ({ ...o, shots: [...o.shots, shot] }));
    } catch (error) {
      toast(`No shot was added: ${(error as Error).message}`);
    } finally {
      setSearching(null);
    }
  };

  return (
    <main className="mx-auto grid max-w-7xl grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 px-4 py-5 lg:grid-cols-[19rem_minmax(0,1fr)]">
      <div className="space-y-6 max-lg:order-last">
        <OutingDetails />
        <OutingCarriers />
      </div>
      <div className="min-w-0">
        <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
          <h1 className="text-3xl leading-none font-[700] [font-stretch:72%]">Shots</h1>
          <Coverage shots={outing.shots} />
        </div>
        <ShotList />
        <KitShort outing={outing} />
        <section aria-labelledby="add-shot" className="mt-6">
          <div className="mb-1 flex flex-wrap items-end justify-between gap-x-6">
            <h2 id="add-shot" className="caption">
              Add a shot: what should it show?
            </h2>
            {outing.carriers.length > 1 && (
              <div className="w-72">
                <ChoiceField
                  label="Filmed from"
                  value={carrier.id}
                  choices={outing.carriers.map((c) => ({ id: c.id, name: resolveRig(c.rig).machine.name }))}
                  onChange={setFromId}
                />
              </div>
            )}
          </div>
          <ul className="grid grid-cols-2 border-t border-l border-hair md:grid-cols-3 xl:grid-cols-4">
            {kinds.map((intent) => (
              // What turns out not to make sense stays in its place: cards that move would be pressed by mistake.
              <li key={intent.id} className="border-r border-b border-hair bg-sheet">
                {intent.never === undefined ? (
                  <button
                    type="button"
                    className="flex h-full w-full flex-col text-left hover:bg-paper-2 disabled:opacity-60"
                    disabled={searching !== null}
                    onClick={() => void add(intent.id)}
                  >
                    <Drawn key={intent.pictureKey} choice={intent} className="aspect-video w-full" whole />
                    <span className="block p-2 leading-tight">
                      <span className="flex gap-1.5 font-[620]">
                        <Plus size={16} aria-hidden className="mt-px shrink-0" />
                        {intent.name}
                      </span>
                      <span className="block text-[0.93rem] text-ink-2">
                        {searching === intent.id ? 'Trying every spot…' : intent.note}
                      </span>
                    </span>
                  </button>
                ) : (
                  <>
                    <span className="flex aspect-video w-full items-center justify-center bg-paper-2 text-ink-2">
                      <Ban size={20} aria-hidden />
                    </span>
                    <span className="block p-2 leading-tight text-ink-2">
                      <span className="block font-[620]">{intent.name}</span>
                      <span className="block text-[0.93rem]">{intent.never}</span>
                    </span>
                  </>
                )}
              </li>
            ))}
          </ul>
          <p aria-live="polite" className="mt-2 text-ink-2">
            {searching
              ? 'Trying every spot in every mode, over all stances: two or three seconds.'
              : 'The camera is put on the spot whose frame suits the shot best, and aimed for the riding posture.'}
          </p>
        </section>
      </div>
    </main>
  );
}

import { CARRIER_FAMILIES, type CarrierFamily, type MachineDefinition } from '@strut-spot/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { SearchBar } from '../../ui/SearchBar';
import { drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { useKnownMachines } from '../../storage/shapes';
import { catalogueRig } from './catalogueRig';
import { ShapeReader } from './ShapeReader';

const FAMILY_NAMES: Record<CarrierFamily, string> = {
  board: 'Boards and skis',
  bike: 'Bikes',
  car: 'Cars',
  boat: 'Boats',
  aircraft: 'Aircraft',
  beside: 'Beside the course',
  own: 'Your own',
};

/** Every carrier that can be filmed from, as it rides. */
export function CarriersScreen() {
  const [words, setWords] = useState('');
  const [family, setFamily] = useState<CarrierFamily | 'all'>('all');
  const shown = useKnownMachines().filter(
    (m) =>
      (family === 'all' || m.family === family) &&
      `${m.name} ${m.note} ${FAMILY_NAMES[m.family]}`.toLowerCase().includes(words.trim().toLowerCase()),
  );
  return (
    <main className="mx-auto max-w-7xl px-4 py-5">
      <h1 className="mb-3 text-3xl leading-none font-[700] [font-stretch:72%]">Carriers</h1>
      <SearchBar
        what="carriers"
        words={words}
        onWords={setWords}
        filters={[{ id: 'all', name: 'All' }, ...CARRIER_FAMILIES.map((id) => ({ id, name: FAMILY_NAMES[id] }))]}
        filter={family}
        onFilter={(id) => setFamily(id as CarrierFamily | 'all')}
        found={shown.length}
      />
      <ul className="grid grid-cols-[minmax(0,1fr)] border-t border-l border-hair sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
        {shown.map((machine) => (
          <li key={machine.id} className="border-r border-b border-hair bg-sheet">
            <Link to={`/carriers/${machine.id}`} className="block h-full p-2 hover:bg-paper-2">
              <Portrait machine={machine} />
              <span className="mt-1 block font-[640]">{machine.name}</span>
              <span className="block text-[0.93rem] text-ink-2">{machine.note}</span>
            </Link>
          </li>
        ))}
      </ul>
      {shown.length === 0 && (
        <p className="border border-dashed border-hair-strong p-6 text-ink-2">Nothing has that in its name.</p>
      )}
      <ShapeReader />
    </main>
  );
}

function Portrait({ machine }: { machine: MachineDefinition }) {
  const picture = useLatest(machine.id, () =>
    drawing.carrierPortrait(catalogueRig(machine), machine.actionStanceId, {
      widthPx: 288,
      heightPx: 192,
      aroundDeg: 52,
      aboveDeg: 12,
      land: true,
    }),
  );
  return (
    <PictureCanvas
      picture={picture.value}
      label={`${machine.name} from ahead`}
      className="aspect-[3/2] w-full bg-paper-2 object-cover"
    />
  );
}

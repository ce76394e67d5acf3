import { SET_UP_STANCE_ID, slides, smallLength, type RigSpec } from '@strut-spot/core';
import { MapPin, Trash2 } from 'lucide-react';
import { useSettings } from '../storage/settings';
import { computing } from '../workers/core';
import { useLatest } from '../workers/useLatest';
import { IconAction } from './IconAction';
import { surfaceWords } from './surfaceWords';

interface SpotTableProps {
  readonly rig: RigSpec;
  readonly chosen: string | null;
  readonly onChoose: (spotId: string) => void;
  readonly onRemoveOwn?: (spotId: string) => void;
  /** Puts a spot of one's own anew. */
  readonly onMoveOwn?: (spotId: string) => void;
}

/** Every spot with its surface; the chosen one opened: what people say of it and what to mind. */
export function SpotTable({ rig, chosen, onChoose, onRemoveOwn, onMoveOwn }: SpotTableProps) {
  const { units } = useSettings();
  const places = useLatest(JSON.stringify(rig), () => computing.spotPlaces(rig, SET_UP_STANCE_ID));
  const lost = useLatest(rig.ownSpots?.length ? JSON.stringify(rig) : null, () => computing.lostSpots(rig));
  const ownActions = (id: string, name: string) => (
    <>
      {onMoveOwn && (
        <IconAction
          name="Put it anew"
          label={`Put the spot ${name} anew`}
          icon={<MapPin size={15} aria-hidden />}
          onClick={() => onMoveOwn(id)}
        />
      )}
      {onRemoveOwn && (
        <IconAction
          name="Take it away"
          label={`Take the spot ${name} away`}
          icon={<Trash2 size={15} aria-hidden />}
          onClick={() => onRemoveOwn(id)}
        />
      )}
    </>
  );
  return (
    <section aria-labelledby="spots">
      <h2 id="spots" className="caption mb-1 border-b-2 border-ink pb-1">
        Spots
      </h2>
      <ol>
        {(places.value ?? []).map((spot, i) => (
          <li key={spot.id} className="border-b border-hair">
            <div className="flex items-center">
              <button
                type="button"
                aria-expanded={spot.id === chosen}
                className="flex min-h-7 flex-1 items-baseline gap-2 text-left hover:bg-paper-2 max-lg:min-h-touch max-lg:items-center"
                onClick={() => onChoose(spot.id)}
              >
                <span
                  className={`reading w-7 border border-transparent text-center text-[0.85rem] ${spot.id === chosen ? 'border-ink bg-hivis text-on-hivis' : 'text-ink-2'}`}
                >
                  {i + 1}
                </span>
                <span className={spot.id === chosen ? 'font-[640]' : ''}>{spot.name}</span>
              </button>
              {spot.id.startsWith('own-') && ownActions(spot.id, spot.name)}
            </div>
            {spot.id === chosen && (
              <div className="space-y-1 pb-2 pl-9 text-[0.93rem]">
                <p>{spot.note}</p>
                <p className="text-ink-2">{surfaceWords(spot.surface)}</p>
                {spot.zone && slides(spot.zone) && (
                  <p>
                    Anywhere from {smallLength(spot.zone.usualM - spot.zone.nearerM, units)} to{' '}
                    {smallLength(spot.zone.usualM + spot.zone.fartherM, units)} {spot.zone.mark}.
                  </p>
                )}
                <ul className="list-disc pl-4">
                  {spot.cautions.map((caution) => (
                    <li key={caution}>{caution}</li>
                  ))}
                </ul>
              </div>
            )}
          </li>
        ))}
        {(rig.ownSpots?.length ? (lost.value ?? []) : []).map((spot) => (
          <li key={spot.id} className="flex items-center border-b border-l-4 border-hair border-l-hivis pl-2">
            <span className="min-w-0 flex-1 py-1 wrap-anywhere">
              <span className="font-[620]">{spot.name}</span>, lost: {spot.because}
            </span>
            {ownActions(spot.id, spot.name)}
          </li>
        ))}
      </ol>
    </section>
  );
}

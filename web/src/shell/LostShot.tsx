import { capital, SET_UP_STANCE_ID } from '@strut-spot/core';
import { Link } from 'react-router';
import { useShot } from '../state/useShot';
import { useSpotChange } from '../state/useSpotChange';
import { computing } from '../workers/core';
import { useLatest } from '../workers/useLatest';

/** Stands where a shot's sheets would whose spot or pieces are gone: nothing can be worked out until the camera is moved. */
export function LostShot({ because }: { because: string }) {
  const { outing, shot, rig, carrier } = useShot();
  const moveTo = useSpotChange();
  const places = useLatest(JSON.stringify(rig), () => computing.spotPlaces(rig, SET_UP_STANCE_ID));
  return (
    <main className="mx-auto max-w-2xl p-8" data-testid="lost">
      <h1 className="mb-2 text-2xl font-[660] wrap-anywhere">Nothing can be said of &ldquo;{shot.name}&rdquo;</h1>
      <p className="mb-2 wrap-anywhere">{capital(because)}.</p>
      <p className="mb-4 text-ink-2">
        The shot is kept as it is.{' '}
        <Link className="underline underline-offset-2" to={`/outing/${outing.id}/carrier/${carrier.id}`}>
          Change the carrier or put the spot anew
        </Link>
        , or move the camera:
      </p>
      <ul className="columns-2 gap-4">
        {(places.value ?? []).map(({ id, name }) => (
          <li key={id}>
            <button type="button" className="action action-quiet w-full text-left" onClick={() => moveTo(id)}>
              {name}
            </button>
          </li>
        ))}
      </ul>
    </main>
  );
}

import { pictureLightOf, SET_UP_STANCE_ID, type StanceFrame } from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';

interface StanceStripProps {
  readonly stances: readonly StanceFrame[];
  readonly chosen: string;
  readonly onChoose: (stanceId: string) => void;
}

/** The same lens in every stance. */
export function StanceStrip({ stances, chosen, onChoose }: StanceStripProps) {
  const { shot } = useShot();
  return (
    <div role="radiogroup" aria-label="Stance" className="grid auto-cols-fr grid-flow-col border-t border-hair">
      {stances.map((stance) => (
        <button
          key={stance.stanceId}
          type="button"
          role="radio"
          aria-checked={stance.stanceId === chosen}
          className={`flex min-w-0 flex-col justify-start border-r border-hair p-1 text-left last:border-r-0 hover:bg-paper-2 ${stance.stanceId === chosen ? 'bg-ink text-paper hover:bg-ink' : ''}`}
          onClick={() => onChoose(stance.stanceId)}
        >
          <Thumb stanceId={stance.stanceId} />
          <span className="flex w-full flex-wrap justify-between gap-x-1 px-0.5 leading-tight">
            <span className="label font-[600] wrap-anywhere">{stance.name}</span>
            <span className="reading text-[0.82rem] whitespace-nowrap max-sm:hidden">
              {stance.stanceId === SET_UP_STANCE_ID ? 'level' : `${Math.round(stance.share * 100)} %`}
            </span>
          </span>
          {stance.stanceId === shot.actionStanceId && (
            <span className="sr-only">, the angle is solved for this stance</span>
          )}
        </button>
      ))}
    </div>
  );
}

function Thumb({ stanceId }: { stanceId: string }) {
  const { shot, rig, question } = useShot();
  const light = pictureLightOf(question);
  const picture = useLatest(JSON.stringify([rig, shot.setUp, stanceId, light]), () =>
    drawing.picture({
      rig,
      setUp: shot.setUp,
      stanceId,
      widthPx: 128,
      uncropped: false,
      light: { ...light, hasty: true },
    }),
  );
  return <PictureCanvas picture={picture.value} label="" className="aspect-video w-full bg-paper-2 object-contain" />;
}

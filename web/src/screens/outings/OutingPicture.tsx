import { pictureLightOf, rigOfShot, shotQuestion, type Outing } from '@strut-spot/core';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { useSeen } from '../../ui/useSeen';
import { drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';

const WIDTH_PX = 192;

/** An outing by what its first shot shows; empty paper where there is none. */
export function OutingPicture({ outing }: { readonly outing: Outing }) {
  const [seen, ref] = useSeen<HTMLSpanElement>();
  const [shot] = outing.shots;
  const picture = useLatest(seen && shot ? `${outing.id} ${outing.changedAt}` : null, () =>
    drawing.picture({
      rig: rigOfShot(outing, shot!),
      setUp: shot!.setUp,
      stanceId: shot!.actionStanceId,
      widthPx: WIDTH_PX,
      uncropped: false,
      light: { ...pictureLightOf(shotQuestion(outing, shot!)), hasty: true },
    }),
  );
  return (
    <span ref={ref} className="flex aspect-video w-24 justify-center bg-paper-2">
      <PictureCanvas picture={picture.value} label="" className="h-full w-full object-contain" />
    </span>
  );
}

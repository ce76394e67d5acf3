import { Camera, VideoOff } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { showCamera } from '../../devices/liveCamera';

interface LivePictureProps {
  /** Takes what is seen as a still; none = this machine's lens is not the one that films. */
  readonly onTake: ((still: File) => void) | null;
  readonly onEnd: () => void;
}

/** What this phone's camera sees at the moment, under the picture that was wanted. */
export function LivePicture({ onTake, onEnd }: LivePictureProps) {
  const video = useRef<HTMLVideoElement>(null);
  const [camera, setCamera] = useState<'asking' | 'on' | 'none'>('asking');
  useEffect(() => {
    let gone = false;
    let end = () => {};
    showCamera(() => video.current).then(
      (ends) => {
        if (gone) return ends();
        end = ends;
        setCamera('on');
      },
      () => gone || setCamera('none'),
    );
    return () => {
      gone = true;
      end();
    };
  }, []);
  const take = () => {
    const shown = video.current;
    if (!shown || !onTake) return;
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [shown.videoWidth, shown.videoHeight];
    canvas.getContext('2d')?.drawImage(shown, 0, 0);
    canvas.toBlob((blob) => blob && onTake(new File([blob], 'live.png', { type: 'image/png' })), 'image/png');
  };
  return (
    <>
      <video
        ref={video}
        muted
        playsInline
        aria-label="What this phone sees"
        className={`aspect-video w-full border border-hair-strong bg-ink object-contain ${camera === 'on' ? '' : 'hidden'}`}
      />
      <p role="status" className="text-lg leading-snug">
        {camera === 'asking' && 'Waiting for the camera…'}
        {camera === 'none' && 'No camera here, or it was not allowed. Choose a still of the camera instead.'}
        {camera === 'on' &&
          (onTake
            ? 'Turn the phone until the two pictures agree, then take it: its horizon is measured.'
            : 'Held where the camera sits, for the eye only: this phone’s lens shows another angle. What to turn is measured in a still of the camera.')}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {camera === 'on' && onTake && (
          <button type="button" className="action action-main min-h-touch" onClick={take}>
            <Camera size={18} aria-hidden /> Take this
          </button>
        )}
        <button type="button" className="action min-h-touch" onClick={onEnd}>
          <VideoOff size={18} aria-hidden /> End the live picture
        </button>
      </div>
    </>
  );
}

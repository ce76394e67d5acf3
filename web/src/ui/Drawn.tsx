import type { Picture } from '@strut-spot/core';
import { useLatest } from '../workers/useLatest';
import { PictureCanvas } from './PictureCanvas';
import { useSeen } from './useSeen';

/** Something that can be chosen, with a picture of it. */
export interface PicturedChoice {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  /** Said in place of the note where it cannot be chosen. */
  readonly never?: string;
  /** What its picture depends on, and the picture. */
  readonly pictureKey: string;
  readonly picture: () => Promise<Picture>;
}

/** Pictures that were drawn once stay for the visit. */
const drawn = new Map<string, Promise<Picture>>();
const once = ({ pictureKey, picture }: PicturedChoice): Promise<Picture> => {
  const known = drawn.get(pictureKey) ?? picture();
  drawn.set(pictureKey, known);
  known.catch(() => drawn.delete(pictureKey));
  return known;
};

interface DrawnProps {
  readonly choice: PicturedChoice;
  readonly className: string;
  /** Nothing of it cut off, where its room has another shape. */
  readonly whole?: boolean;
}

/** The picture of a choice, drawn once it comes near the part of the page that is shown. */
export function Drawn({ choice, className, whole = false }: DrawnProps) {
  const [seen, ref] = useSeen<HTMLSpanElement>();
  const { value } = useLatest(seen ? choice.pictureKey : null, () => once(choice));
  return (
    <span ref={ref} className={`relative block overflow-hidden bg-paper-2 ${className}`}>
      <PictureCanvas
        picture={value}
        label=""
        className={`absolute inset-0 h-full w-full ${whole ? 'object-contain' : 'object-cover'}`}
      />
    </span>
  );
}

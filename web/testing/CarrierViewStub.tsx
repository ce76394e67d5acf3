/** In place of the view in the round, which needs a graphics card: what it says of itself, and its spots as buttons. */
export default function CarrierView({
  description,
  onPick,
  onSlide,
}: {
  description: string;
  onPick: (spotId: string) => void;
  onSlide?: (slideM: number, drag: string) => void;
}) {
  return (
    <div role="img" aria-label={description}>
      <button type="button" onClick={() => onPick('chin-bar')}>
        pin of the chin bar
      </button>
      {onSlide && (
        <button type="button" onClick={() => onSlide(0.0231, '1')}>
          pin drawn 2.3 cm on
        </button>
      )}
    </div>
  );
}

/** In place of the view in the round, which needs a graphics card: what it says of itself, and its spots as buttons. */
export default function CarrierView({
  description,
  onPick,
}: {
  description: string;
  onPick: (spotId: string) => void;
}) {
  return (
    <div role="img" aria-label={description}>
      <button type="button" onClick={() => onPick('chin-bar')}>
        pin of the chin bar
      </button>
    </div>
  );
}

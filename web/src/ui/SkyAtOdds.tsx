import { lightById, skyAtOdds, weatherOf, type LightId, type RideConditions, type WeatherId } from '@strut-spot/core';

/** Under the fields of light and weather: says when the two do not go together, and offers what would. */
export function SkyAtOdds({
  ride,
  onLight,
  onWeather,
}: {
  readonly ride: Pick<RideConditions, 'lightId' | 'weatherId'>;
  readonly onLight: (id: LightId) => void;
  readonly onWeather: (id: WeatherId) => void;
}) {
  const proposed = skyAtOdds(ride);
  if (!proposed) return null;
  const light = lightById(ride.lightId).name.toLowerCase();
  const weather = weatherOf(ride).name.toLowerCase();
  return (
    <p className="py-1 text-[0.86rem] text-ink-2" role="status">
      Weather is “{weather}”, light is “{light}”: one of them may be left over from another day.{' '}
      {'lightId' in proposed ? (
        <button type="button" className="action" onClick={() => onLight(proposed.lightId)}>
          Light: {lightById(proposed.lightId).name.toLowerCase()}
        </button>
      ) : (
        <button type="button" className="action" onClick={() => onWeather(proposed.weatherId)}>
          Weather: {weatherOf(proposed).name.toLowerCase()}
        </button>
      )}
    </p>
  );
}

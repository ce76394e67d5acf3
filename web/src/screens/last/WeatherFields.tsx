import { USUAL_USE, WEATHERS, weatherOf, type WeatherId } from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { TemperatureField } from '../../ui/AirFields';
import { ChoiceField } from '../../ui/ChoiceField';
import { NumberField } from '../../ui/NumberField';
import { SkyAtOdds } from '../../ui/SkyAtOdds';

/** What falls and lies there, and the air; all shots of the carrier share it but for where the camera comes from. */
export function WeatherFields() {
  const { shot, ride, changeRide, changeLight, changeUse } = useShot();
  return (
    <section aria-labelledby="weather">
      <h2 id="weather" className="caption mb-1 border-b-2 border-ink pb-0.5">
        Weather
      </h2>
      <div className="space-y-0.5">
        <ChoiceField
          label="It is"
          value={ride.weatherId ?? 'dry'}
          choices={WEATHERS}
          onChange={(id) => changeRide({ weatherId: id as WeatherId })}
        />
        <SkyAtOdds ride={ride} onLight={changeLight} onWeather={(weatherId) => changeRide({ weatherId })} />
        <TemperatureField
          label="Air"
          value={ride.temperatureC}
          onChange={(temperatureC) => changeRide({ temperatureC })}
        />
        <NumberField
          label="Humidity"
          value={ride.humidityPct ?? weatherOf(ride).humidityPct}
          unit="%"
          step={5}
          digits={0}
          min={1}
          max={100}
          onChange={(humidityPct) => changeRide({ humidityPct })}
        />
        <TemperatureField
          label="Comes out of"
          value={shot.use?.fromC ?? USUAL_USE.fromC}
          onChange={(fromC) => changeUse({ fromC })}
        />
      </div>
    </section>
  );
}

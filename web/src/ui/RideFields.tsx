import {
  BLADES,
  DROP_LIMIT_M,
  groundsFor,
  LIGHTS,
  metresToInches,
  MPS_PER_KMH,
  MPS_PER_MPH,
  RPM_RANGE,
  SPEED_LIMIT_MPS,
  usualVenue,
  VENUES,
  WIND_LIMIT_MPS,
  type Blades,
  type LightId,
  type MachineDefinition,
  type RideConditions,
  type VenueId,
} from '@strut-spot/core';
import { useSettings } from '../storage/settings';
import { AltitudeField, TemperatureField } from './AirFields';
import { ChoiceField } from './ChoiceField';
import { SkyAtOdds } from './SkyAtOdds';
import { NumberField } from './NumberField';

const BLADE_WORDS: Readonly<Record<Blades, string>> = { clean: 'clean, balanced', nicked: 'nicked or dirty' };

/** What a carrier is ridden on or through: ground, speed, engine, drops, light. */
export function RideFields({
  machine,
  ride,
  onChange,
}: {
  machine: MachineDefinition;
  ride: RideConditions;
  onChange: (edit: Partial<RideConditions>) => void;
}) {
  const { units } = useSettings();
  const metric = units === 'metric';
  const perUnit = metric ? MPS_PER_KMH : MPS_PER_MPH;
  const perLength = metric ? 1 : metresToInches(1) / 12;
  const engine = machine.shake.lines.find((line) => line.every.kind === 'turn');
  const usualRpm = engine?.every.kind === 'turn' ? engine.every.rpm.value : null;
  const stands = machine.shake.ride.kind === 'still';
  return (
    <div className="space-y-0.5">
      {!stands && (
        <>
          <ChoiceField
            label={machine.world === 'water' ? 'Water' : machine.world === 'air' ? 'Air' : 'Ground'}
            value={ride.groundId}
            choices={groundsFor(machine.world)}
            onChange={(groundId) => onChange({ groundId })}
          />
          <NumberField
            label="Speed"
            value={ride.speedMps / perUnit}
            unit={metric ? 'km/h' : 'mph'}
            step={1}
            digits={0}
            min={0}
            max={SPEED_LIMIT_MPS / perUnit}
            onChange={(value) => onChange({ speedMps: Math.min(SPEED_LIMIT_MPS, value * perUnit) })}
          />
        </>
      )}
      {usualRpm !== null && (
        <NumberField
          label="Engine"
          value={ride.rpm ?? usualRpm}
          unit="rpm"
          step={100}
          digits={0}
          min={RPM_RANGE.low}
          max={RPM_RANGE.high}
          onChange={(rpm) => onChange({ rpm })}
        />
      )}
      {machine.shake.lines.some((line) => line.unbalanced) && (
        <ChoiceField
          label="Blades"
          value={ride.blades ?? 'clean'}
          choices={BLADES.map((id) => ({ id, name: BLADE_WORDS[id] }))}
          onChange={(id) => onChange({ blades: id as Blades })}
        />
      )}
      {!stands && machine.world !== 'air' && (
        <NumberField
          label="Highest drop"
          value={ride.dropM * perLength}
          unit={metric ? 'm' : 'ft'}
          step={0.1}
          digits={1}
          min={0}
          max={DROP_LIMIT_M * perLength}
          onChange={(value) => onChange({ dropM: Math.min(DROP_LIMIT_M, value / perLength) })}
        />
      )}
      <NumberField
        label="Wind, gusts"
        value={ride.windMps / perUnit}
        unit={metric ? 'km/h' : 'mph'}
        step={1}
        digits={0}
        min={0}
        max={WIND_LIMIT_MPS / perUnit}
        onChange={(value) => onChange({ windMps: Math.min(WIND_LIMIT_MPS, value * perUnit) })}
      />
      <AltitudeField label="Altitude" value={ride.altitudeM} onChange={(altitudeM) => onChange({ altitudeM })} />
      <TemperatureField
        label="Temperature"
        value={ride.temperatureC}
        onChange={(temperatureC) => onChange({ temperatureC })}
      />
      <ChoiceField
        label="Place"
        value={ride.venueId ?? usualVenue(machine)}
        choices={VENUES}
        onChange={(id) => onChange({ venueId: id as VenueId })}
      />
      <ChoiceField
        label="Light"
        value={ride.lightId}
        choices={LIGHTS}
        onChange={(id) => onChange({ lightId: id as LightId })}
      />
      <SkyAtOdds
        ride={ride}
        onLight={(lightId) => onChange({ lightId })}
        onWeather={(weatherId) => onChange({ weatherId })}
      />
    </div>
  );
}

import { dewPointC } from '../src/physics/lasting/dew';
import { gigabytes } from '../src/physics/lasting/energy';
import { forcedWm2K, stillWm2K } from '../src/physics/lasting/heat';
import { windDb } from '../src/physics/lasting/sound';
import { flightFrom } from '../src/physics/lasting/throwOff';
import type { OutsideValue } from './outsideValue';

const MEMORY = 'from memory';
type ValueOf = (
  about: OutsideValue['about'],
  quantity: string,
  unit: string,
  outside: OutsideValue['outside'],
  source: string,
  ours: () => number,
  within?: number,
) => OutsideValue;

/** What somebody outside has a value for of heat, damp, sound and throw. */
export const lastValues = (value: ValueOf): readonly OutsideValue[] => [
  ...(
    [
      [25, 60, 16.7],
      [20, 50, 9.3],
      [30, 80, 26.2],
    ] as const
  ).map(([airC, humidity, dew]) =>
    value(
      'Last',
      `dew point at ${airC} °C and ${humidity} %`,
      '°C',
      dew,
      `psychrometric tables, ${MEMORY}`,
      () => dewPointC(airC, humidity),
      0.01,
    ),
  ),
  value(
    'Last',
    'Nusselt number of a sphere of 10 cm in 10 m/s of air',
    '',
    171.9,
    `Whitaker 1972 by hand, ${MEMORY}`,
    () => (forcedWm2K(10, 0.1) * 0.1) / 0.0263,
    0.002,
  ),
  value(
    'Last',
    'still air about a warm body of 7 cm',
    'W/m²K',
    [2, 25],
    `Incropera & DeWitt, table 1.1, ${MEMORY}`,
    () => stillWm2K(25, 0.07),
    0,
  ),
  value(
    'Last',
    'wind’s noise from 16 to 97 km/h',
    'dB',
    35.4,
    `Seidman et al. 2017, ${MEMORY}`,
    () => windDb(97 / 3.6, false) - windDb(16 / 3.6, false),
    0.02,
  ),
  value('Last', 'an hour at 100 Mbit/s', 'GB', 45, 'arithmetic', () => gigabytes(100, 60), 1e-9),
  value(
    'Last',
    'drop thrown straight up at 4 m/s without air',
    'm',
    0.8158,
    'v²/2g',
    () => Math.max(...flightFrom(0.35, 4, 90, Infinity).map((p) => p.up)),
    0.01,
  ),
];

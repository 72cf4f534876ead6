/** Temperature points in both scales. */

/** @param celsius °C @returns °F */
export function toFahrenheit(celsius: number): number {
  return celsius * 1.8 + 32;
}

/** @param fahrenheit °F @returns °C */
export function fromFahrenheit(fahrenheit: number): number {
  return (fahrenheit - 32) / 1.8;
}

/**
 * A temperature for reading, in whole degrees; oven settings go by fives.
 *
 * @param scale the household's scale
 * @example formatTemperature(200, 'F', 5) // '390 °F'
 */
export function formatTemperature(celsius: number, scale: 'C' | 'F', step = 1): string {
  const value = scale === 'C' ? celsius : toFahrenheit(celsius);
  return `${Math.round(value / step) * step} °${scale}`;
}

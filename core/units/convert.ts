/** Conversions to and from what a US household uses. Inside core everything is metric. */
export const ML_PER_US_GALLON = 3785.411784
export const ML_PER_US_CUP = 236.588
export const GRAMS_PER_OUNCE = 28.349523125

export const gallonsToLitres = (gallons: number) => (gallons * ML_PER_US_GALLON) / 1000
export const litresToGallons = (l: number) => (l * 1000) / ML_PER_US_GALLON
export const fahrenheitToCelsius = (f: number) => ((f - 32) * 5) / 9
export const celsiusToFahrenheit = (c: number) => (c * 9) / 5 + 32

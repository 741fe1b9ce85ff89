import type * as z from 'zod'

/**
 * A number that carries its unit in its type. Branding is Zod's, so that a value which a schema let in
 * is branded without a cast; inside core a quantity is made by the functions below.
 */
export type Quantity<Unit extends string> = number & z.$brand<Unit>

export type Litres = Quantity<'L'>
export type Millilitres = Quantity<'mL'>
export type Grams = Quantity<'g'>
export type Milligrams = Quantity<'mg'>
export type GramsPerLitre = Quantity<'g/L'>
export type GramsPerMillilitre = Quantity<'g/mL'>
export type Celsius = Quantity<'degC'>
export type Hours = Quantity<'h'>
export type Days = Quantity<'d'>
export type Millimetres = Quantity<'mm'>
export type Micrometres = Quantity<'um'>

const as =
  <Unit extends string>() =>
  (value: number) =>
    value as Quantity<Unit>

export const litres = as<'L'>()
export const millilitres = as<'mL'>()
export const grams = as<'g'>()
export const milligrams = as<'mg'>()
export const gramsPerLitre = as<'g/L'>()
export const gramsPerMillilitre = as<'g/mL'>()
export const celsius = as<'degC'>()
export const hours = as<'h'>()
export const days = as<'d'>()
export const millimetres = as<'mm'>()
export const micrometres = as<'um'>()

import type * as z from 'zod'
import type { Place } from '@renatus/core/records/records'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'
import type { useUnits } from '~/composables/useUnits'

export type EditableType =
  | 'vessel'
  | 'salt'
  | 'lot'
  | 'tank'
  | 'place'
  | 'species'
  | 'tool'
  | 'container'
  | 'gel-tray'
  | 'gel-mix'
  | 'gel-ingredient'
export interface FormContext {
  measures: MeasureSystem
  places: readonly Place[]
  units: ReturnType<typeof useUnits>
}
interface FieldSpec {
  name: string
  label: string
  unit?: string
  hint?: string
  numeric?: boolean
  check?: boolean
  options?: readonly { value: string; label: string }[]
  when?: (values: Record<string, unknown>) => boolean
}
type Values = Record<string, unknown>

/** One editable record: its fields, their rules, and how text becomes a record and back. */
export interface RecordFormDefinition {
  title: string
  fields(context: FormContext): FieldSpec[]
  schema(context: FormContext): z.ZodType<Values>
  initial(record: Values | null, context: FormContext): Values
  toRecord(values: Values, record: Values | null): Values
  /** A field of a new record whose choice fills in the others. */
  copies?: { field: string; values(chosen: string): Values }
}

import type * as z from 'zod'
import type { AnyRecord, Place } from '@renatus/core/records/records'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'
import type { useUnits } from '~/composables/useUnits'

export type EditableType =
  | 'hatch-vessel'
  | 'vessel'
  | 'salt'
  | 'lot'
  | 'tank'
  | 'place'
  | 'species'
  | 'tool'
  | 'gel-tray'
  | 'gel-mix'
  | 'gel-ingredient'
  | 'material'
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
  type?: 'date'
  options?: readonly { value: string; label: string }[]
  when?: (values: Record<string, unknown>) => boolean
}
type Values = Record<string, unknown>

/** The type of record that a form makes: vessels in which cysts are hatched have a form of their own. */
export const recordTypeOf = (type: EditableType) => (type === 'hatch-vessel' ? 'vessel' : type)

/** Whether a record belongs to a form. */
export const isOfForm = (type: EditableType, r: AnyRecord): boolean =>
  r.type === 'vessel'
    ? r.hatching === (type === 'hatch-vessel') && recordTypeOf(type) === 'vessel'
    : r.type === type

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

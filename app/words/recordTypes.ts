import type { AnyRecord } from '@renatus/core/records/records'

/** Kinds of things that are set up, as a sentence names them. */
export const TYPE_NAMES: Record<AnyRecord['type'], string> = {
  'room': 'Room',
  'place': 'Place',
  'vessel': 'Vessel',
  'salt': 'Salt',
  'lot': 'Lot',
  'tank': 'Tank',
  'brood': 'Brood',
  'species': 'Fish',
  'tool': 'Measure',
  'culture': 'Culture',
  'rolling-set': 'Set in turn',
  'gel-ingredient': 'Ingredient',
  'gel-tray': 'Tray',
  'gel-mix': 'Gel diet',
  'material': 'Material',
  'trial': 'Trial',
}

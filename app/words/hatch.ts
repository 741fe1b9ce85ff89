import { hatchFood } from '@renatus/core/foods/hatchFood'
import type { HatchSchool } from '@renatus/core/records/vocabulary'
import type { HatchWarning } from '@renatus/core/dynamics/hatch/hatch'

/** What a warning of the hatch model means, and what to do. */
export const HATCH_WARNINGS: Record<HatchWarning, string> = {
  'over-2-g-per-L':
    'More cysts than the litres can bear (5 g each, 2 g from 20 L on): some are wasted by crowding. A second bottle saves them.',
  'cold': 'Colder than 18 °C: the hatch is slow and poor. Warm the vessel.',
  'hot': 'Warmer than 30 °C: no faster, and fewer hatch. Check the heater; at 32 °C it is urgent.',
  'low-pH': 'pH under 8: fewer hatch. Add soda, wait, test.',
  'low-salt': 'Less than 10 g of salt per litre: fewer hatch.',
  'high-salt': 'More than 35 g of salt per litre: slower and fewer.',
  'dark': 'Without light in the first hours about a fifth does not hatch.',
  'too-slow': 'At this temperature nine tenths need more than 60 hours. Warm the vessel.',
  'never': 'Nothing hatches like this. Check temperature and salt.',
}

/** Schools as they stand in a list. */
export const HATCH_SCHOOL_NAMES = Object.fromEntries(
  hatchFood.methods.map(m => [m.id, m.name.toLowerCase()]),
) as Record<HatchSchool, string>

/**
 * What is done before the best begins. A pull that is meant for then is the last that comes in time for the fry, of the
 * whole bottle or of a first part.
 * @param best when the best begins
 * @param early when a pull is due before that
 * @param then when the pull after it is due
 */
export function beforeBest(best: string, early: string | null, then: string | null): string {
  if (early === null) return `Too early: the window opens ${best}.`
  if (then === null)
    return `Pull it ${early}: later is too late for the fry. Its best begins ${best}.`
  const rest = `The rest follows ${then}; its best begins ${best}.`
  return `Pull a first part ${early}: later is too late for the fry. ${rest}`
}

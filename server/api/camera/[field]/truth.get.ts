import { renderField } from '@renatus/core/estimation/picture/renderField'
import { fieldOf } from '../../../utils/field'

/** What was really in a field of the practice camera: for after the count. */
export default defineEventHandler(event => {
  const { seed, kind } = fieldOf(event)
  return { animals: renderField(seed, kind).truth }
})

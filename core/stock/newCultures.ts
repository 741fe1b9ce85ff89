import type { RecordDraft } from '../records/draft'
import type { CultureRecord } from '../records/records'
import type { RoomState } from './roomState'
import { codeFor } from './codes'
import { running } from './cultures'

export type CultureDraft = Extract<RecordDraft, { type: 'culture' }> & { id: string }
export type NewCulture = Omit<
  CultureDraft,
  'id' | 'type' | 'code' | 'order' | 'logged' | 'depthCm' | 'widthCm' | 'matterGPerL'
> &
  Partial<Pick<CultureDraft, 'depthCm' | 'widthCm'>>

/** Records for new vessels, each with a code of its own that no running culture carries. */
export function newCultures(
  state: RoomState,
  wanted: readonly NewCulture[],
  newId: () => string,
): CultureDraft[] {
  const taken = new Set(running(state.cultureStates).flatMap(c => c.record.code ?? []))
  const last = Math.max(0, ...state.cultures.map(c => c.order ?? 0))
  return wanted.map((w, i) => {
    const code = codeFor(w.name, taken)
    taken.add(code)
    return {
      ...w,
      id: newId(),
      type: 'culture',
      code,
      order: last + 1 + i,
      logged: true,
      depthCm: w.depthCm ?? null,
      widthCm: w.widthCm ?? null,
      matterGPerL: null,
    }
  })
}

/** "Mash dish 3" becomes "Mash dish 4", "Bucket" becomes "Bucket 2"; names in use are stepped over. */
export function nextNames(name: string, count: number, used: ReadonlySet<string>): string[] {
  const match = /^(.*?)(?:\s+(\d+))?$/.exec(name.trim())!
  const names: string[] = []
  for (let n = match[2] === undefined ? 2 : Number(match[2]) + 1; names.length < count; n++) {
    const next = `${match[1]!.slice(0, 50)} ${n}`
    if (!used.has(next)) names.push(next)
  }
  return names
}

/** A vessel like another one, in a place. */
export const likeCulture = (
  c: CultureRecord,
  over: Partial<NewCulture> & Pick<NewCulture, 'name' | 'startedAt' | 'starter'>,
): NewCulture => ({
  foodId: c.foodId,
  methodId: c.methodId,
  kind: c.kind,
  placeId: c.placeId,
  level: c.level ?? 'middle',
  vesselId: null,
  vesselKind: c.vesselKind ?? null,
  litres: c.litres,
  depthCm: c.depthCm ?? null,
  widthCm: c.widthCm ?? null,
  temperatureC: c.temperatureC,
  warmth: c.warmth ?? 'own',
  setId: null,
  mother: false,
  ...over,
})

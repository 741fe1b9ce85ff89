import QRCode from 'qrcode'
import { onScopeDispose, shallowRef, watch, type Ref, type ShallowRef } from 'vue'
import { breath } from './breath'

const DRAWN = { type: 'svg', margin: 2, errorCorrectionLevel: 'M' } as const

/**
 * The codes of labels as drawings, by culture. They are drawn one after another, so that a sheet
 * of them does not hold the page up; those that stand already stay.
 * @param address where the app is opened, without a slash at its end
 */
export function useLabelCodes(
  ids: Ref<readonly string[]>,
  address: Ref<string>,
): ShallowRef<ReadonlyMap<string, string>> {
  const codes = shallowRef<ReadonlyMap<string, string>>(new Map())
  let drawing = 0
  async function draw(list: readonly string[], at: string) {
    const mine = ++drawing
    for (const id of list) {
      if (codes.value.has(id)) continue
      // Before each: the first is asked for while the view is being drawn.
      await breath()
      const code = await QRCode.toString(`${at}/shelf/${id}`, DRAWN)
      if (mine !== drawing) return
      codes.value = new Map(codes.value).set(id, code)
    }
  }
  watch(
    [ids, address],
    ([list, at], [, before]) => {
      // At another address none of them holds.
      if (at !== before) codes.value = new Map()
      void draw(list, at)
    },
    { immediate: true },
  )
  onScopeDispose(() => drawing++)
  return codes
}

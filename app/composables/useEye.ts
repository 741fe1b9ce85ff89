import { failureOf } from '~/words/failures'
import { workerClient } from '~/engine/workerClient'
import type { Remote } from 'comlink'
import { onScopeDispose, ref, shallowRef } from 'vue'
import type { Eye, OpenedPicture } from '~/workers/picture.worker'
import { PICTURE_PROBLEMS } from '~/words/count'

export type ShownPicture = Extract<OpenedPicture, { ok: true }>

/** A picture and the worker that looks at it. A worker that is stopped is thrown away: decoding cannot be asked to end. */
export function useEye() {
  const eye = workerClient<Eye>(
    'looking at the picture',
    () => new Worker(new URL('../workers/picture.worker.ts', import.meta.url), { type: 'module' }),
  )
  const picture = shallowRef<ShownPicture | null>(null)
  const problem = ref<string | null>(null)
  const busy = ref(false)
  let turn = 0

  function stop() {
    turn++
    eye.stop()
    busy.value = false
  }
  onScopeDispose(stop)

  /** Opens a picture, and does something with it in the worker; null when it could not be opened or was stopped. */
  async function open<T>(file: Blob, then: (eye: Remote<Eye>) => Promise<T>): Promise<T | null> {
    const mine = ++turn
    problem.value = null
    busy.value = true
    try {
      const opened = await eye.call(e => e.open(file))
      if (mine !== turn) return null
      if (!opened.ok) {
        problem.value = PICTURE_PROBLEMS[opened.why]
        return null
      }
      picture.value = opened
      const result = await eye.call(then)
      return mine === turn ? result : null
    } catch (error) {
      if (mine === turn) problem.value = failureOf(error).text
      return null
    } finally {
      if (mine === turn) busy.value = false
    }
  }

  return {
    picture,
    problem,
    busy,
    open,
    stop,
    grey: (x: number, y: number) => eye.call(e => e.grey(x, y)),
  }
}

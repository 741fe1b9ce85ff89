import { wrap, type Remote } from 'comlink'
import { onScopeDispose, ref, shallowRef } from 'vue'
import type { Eye, OpenedPicture } from '~/workers/picture.worker'
import { PICTURE_PROBLEMS } from '~/words/count'

export type ShownPicture = Extract<OpenedPicture, { ok: true }>

/** A picture and the worker that looks at it. A worker that is stopped is thrown away: decoding cannot be asked to end. */
export function useEye() {
  let worker: Worker | null = null
  let eye: Remote<Eye> | null = null
  const picture = shallowRef<ShownPicture | null>(null)
  const problem = ref<string | null>(null)
  const busy = ref(false)
  let turn = 0

  function remote(): Remote<Eye> {
    worker ??= new Worker(new URL('../workers/picture.worker.ts', import.meta.url), {
      type: 'module',
    })
    return (eye ??= wrap<Eye>(worker))
  }
  function stop() {
    turn++
    worker?.terminate()
    worker = eye = null
    busy.value = false
  }
  onScopeDispose(stop)

  /** Opens a picture, and does something with it in the worker; null when it could not be opened or was stopped. */
  async function open<T>(file: Blob, then: (eye: Remote<Eye>) => Promise<T>): Promise<T | null> {
    const mine = ++turn
    problem.value = null
    busy.value = true
    const opened = await remote().open(file)
    if (mine !== turn) return null
    if (!opened.ok) {
      problem.value = PICTURE_PROBLEMS[opened.why]
      busy.value = false
      return null
    }
    picture.value = opened
    const result = await then(remote())
    if (mine !== turn) return null
    busy.value = false
    return result
  }

  return { picture, problem, busy, open, stop, grey: (x: number, y: number) => remote().grey(x, y) }
}

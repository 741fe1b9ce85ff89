import { shallowRef } from 'vue'
import { failureOf, type Failure } from '~/words/failures'

/** Failures that have a face in the notices until they are put away. */
const failures = shallowRef<readonly Failure[]>([])

/** An error that has been told already: whoever catches it says nothing more. */
export class ToldFailure extends Error {
  constructor(readonly failure: Failure) {
    super(failure.text)
    this.name = 'ToldFailure'
  }
}

function report(error: unknown): Failure {
  if (error instanceof ToldFailure) return error.failure
  const failure = failureOf(error)
  if (!failures.value.some(f => f.text === failure.text))
    failures.value = [...failures.value, failure]
  return failure
}

export function useFailures() {
  return {
    failures,
    report,
    /** Something that was done, and that somebody should know of. */
    notice: (text: string) => {
      failures.value = [...failures.value, { code: 'notice', text }]
    },
    putAway: (failure: Failure) => {
      failures.value = failures.value.filter(f => f !== failure)
    },
    /** Does something that may fail; a failure is told, and thrown on as told. */
    async attempt<T>(act: () => Promise<T>): Promise<T> {
      try {
        return await act()
      } catch (error) {
        throw new ToldFailure(report(error))
      }
    },
  }
}

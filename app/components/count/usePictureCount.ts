import { computed, ref } from 'vue'
import { densityOf } from '@renatus/core/estimation/counting'
import { tally, type PictureCount } from '@renatus/core/estimation/picture/countPicture'
import { foundMarks, marksAfter, widened, type Mark } from '@renatus/core/estimation/picture/marks'
import { patientFetch } from '~/composables/patientFetch'
import { useEye } from '~/composables/useEye'
import { PICTURE_PROBLEMS } from '~/words/count'

/** What a practice picture shows of a food that is counted; nauplii for all others. */
const PRACTICE_KINDS: Record<string, string> = {
  'infusoria': 'ciliates',
  'paramecium': 'ciliates',
  'rotifer': 'ciliates',
  'moina': 'daphnids',
  'daphnia-pulex': 'daphnids',
  'daphnia-magna': 'daphnids',
}
const FIELDS = 999_999

/** A photo that is counted, mended by hand, and turned into a density; or a practice picture of the camera. */
export function usePictureCount(foodId: () => string) {
  const eye = useEye()
  const marks = ref<Mark[]>([])
  const oneArea = ref(100)
  const volumeMl = ref(0.05)
  const failed = ref<string | null>(null)
  /** Number of the practice field on the table, and what it really held once that was asked. */
  const field = ref<number | null>(null)
  const truth = ref<number | null>(null)
  const kept = computed(() => marks.value.filter(m => m.kind !== 'struck'))
  const count = computed(() => tally(kept.value))
  const density = computed(() =>
    densityOf({ counts: [count.value.animals], dropMl: volumeMl.value }),
  )
  const span = computed(() => widened(density.value, count.value, volumeMl.value))
  const problem = computed(() => failed.value ?? eye.problem.value)

  function show(result: PictureCount) {
    failed.value = result.ok ? null : PICTURE_PROBLEMS[result.why]
    marks.value = result.ok ? foundMarks(result.spots) : []
    if (result.ok) oneArea.value = result.oneArea
  }
  async function look(file: Blob) {
    truth.value = null
    failed.value = null
    const result = await eye.open<PictureCount>(file, async e => e.count())
    if (result) show(result)
  }
  function picked(file: File) {
    field.value = null
    void look(file)
  }
  const address = (number: number, part = '') =>
    `/api/camera/${number}${part}?kind=${PRACTICE_KINDS[foodId()] ?? 'nauplii'}`
  async function practise() {
    const number = 1 + Math.floor(Math.random() * FIELDS)
    try {
      const answer = await patientFetch(address(number))
      if (!answer.ok) throw new Error(String(answer.status))
      field.value = number
      await look(await answer.blob())
    } catch {
      failed.value = PICTURE_PROBLEMS['no-camera']
    }
  }
  async function reveal() {
    try {
      const answer = await patientFetch(address(field.value!, '/truth'))
      truth.value = ((await answer.json()) as { animals: number }).animals
    } catch {
      failed.value = PICTURE_PROBLEMS['no-camera']
    }
  }
  const point = (x: number, y: number) => {
    marks.value = marksAfter(marks.value, x, y, oneArea.value)
  }
  function done() {
    marks.value = []
    eye.picture.value = null
    field.value = null
  }
  const practice = { field, truth, practise, reveal }
  const found = { marks, kept, count, density, span, volumeMl }
  return { eye, problem, ...practice, ...found, picked, point, done }
}

<script setup lang="ts">
import { onMounted, onScopeDispose, ref, useTemplateRef } from 'vue'
import { navigateTo } from '#app/composables/router'
import PictureSource from '~/components/count/PictureSource.vue'
import { cultureOnLabel } from '~/composables/cultureOnLabel'
import { useRoomStore } from '~/stores/room'

/** A label is held before the camera and its vessel opens; where there is no live picture one is taken. */
const emit = defineEmits<{ found: []; close: [] }>()
const room = useRoomStore()
/** Between two looks at the live picture, ms: the phone stays cool. */
const LOOK_MS = 250
/**
 * What is asked of the camera. Unasked a browser may give 640 x 480, in which a module of a label's
 * code (33 mm) is under a pixel at arm's length; with this it is about two.
 */
const PICTURE = {
  facingMode: 'environment',
  width: { ideal: 1920 },
  height: { ideal: 1080 },
}
const video = useTemplateRef<HTMLVideoElement>('video')
const live = ref(false)
const busy = ref(false)
const problem = ref('')
let stream: MediaStream | null = null
let timer: ReturnType<typeof setTimeout> | undefined
let gone = false

/** Opens the vessel that a code names; false where the code is of no use here. */
function opened(text: string): boolean {
  const id = cultureOnLabel(text)
  const culture = room.state?.cultures.find(c => c.id === id)
  if (!culture) {
    problem.value = id
      ? 'This label is of a vessel that is not in this room.'
      : 'This is a code, but not of a label from here.'
    return false
  }
  emit('found')
  void navigateTo(`/shelf/${culture.id}`)
  return true
}
const reader = () => import('~/composables/readCode')

async function look(canvas: OffscreenCanvas) {
  const from = video.value
  if (gone || !from) return
  if (from.videoWidth > 0) {
    canvas.width = from.videoWidth
    canvas.height = from.videoHeight
    const pen = canvas.getContext('2d', { willReadFrequently: true })!
    pen.drawImage(from, 0, 0)
    const { readCode } = await reader()
    const text = await readCode(pen.getImageData(0, 0, canvas.width, canvas.height))
    if (text !== null && opened(text)) return
  }
  timer = setTimeout(() => void look(canvas), LOOK_MS)
}
async function pick(file: File) {
  busy.value = true
  problem.value = ''
  try {
    const { readCode } = await reader()
    const text = await readCode(file)
    if (text === null)
      problem.value = 'No code can be read in this picture: nearer, sharper, all of it in view.'
    else opened(text)
  } catch {
    problem.value = 'This file is no picture that can be read. Take another one.'
  } finally {
    busy.value = false
  }
}
onMounted(async () => {
  try {
    stream = await navigator.mediaDevices.getUserMedia({ video: PICTURE })
    if (gone) return stream.getTracks().forEach(t => t.stop())
    live.value = true
    video.value!.srcObject = stream
    await video.value!.play()
    void look(new OffscreenCanvas(1, 1))
  } catch {
    // No camera, none allowed, or an address without https: a picture does as well.
    live.value = false
  }
})
onScopeDispose(() => {
  gone = true
  clearTimeout(timer)
  stream?.getTracks().forEach(t => t.stop())
})
</script>

<template>
  <div class="grid gap-3">
    <video v-show="live" ref="video" class="w-full max-h-[50vh] bg-black" muted playsinline />
    <p class="small">
      {{ live ? 'Hold the label before the camera.' : 'Take a picture of the label.' }}
    </p>
    <PictureSource :busy="busy" @picked="pick" />
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <button class="btn btn-quiet" @click="emit('close')">Back to asking</button>
  </div>
</template>

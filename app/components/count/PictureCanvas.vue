<script setup lang="ts">
import { onMounted, ref, useTemplateRef, watch } from 'vue'
import type { ShownPicture } from '~/composables/useEye'

/** A picture with marks on it that can be pointed at, by finger, mouse or arrow keys and Enter. */
export interface Mark {
  x: number
  y: number
  radius: number
  kind: 'found' | 'added' | 'struck' | 'white' | 'water'
  text?: string
}
const props = defineProps<{ picture: ShownPicture; marks: readonly Mark[]; label: string }>()
const emit = defineEmits<{ point: [x: number, y: number] }>()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
/** The cross that the arrow keys move; null until they are used. */
const cross = ref<{ x: number; y: number } | null>(null)

function draw() {
  const context = canvas.value?.getContext('2d')
  if (!context) return
  const { width, preview } = props.picture
  const unit = Math.max(width, 400) / 800
  context.drawImage(preview, 0, 0)
  // Every line is light with a dark rim, so that it shows on any ground; what it means is its shape.
  const line = (path: () => void) => {
    for (const [colour, w] of [
      ['#11160F', 4.5],
      ['#FBF8F0', 2],
    ] as const) {
      context.strokeStyle = colour
      context.lineWidth = w * unit
      context.beginPath()
      path()
      context.stroke()
    }
  }
  for (const { x, y, radius: r, kind, text } of props.marks) {
    if (kind === 'found') line(() => context.arc(x, y, r, 0, 2 * Math.PI))
    else if (kind === 'struck')
      line(() => {
        context.moveTo(x - r, y - r)
        context.lineTo(x + r, y + r)
        context.moveTo(x + r, y - r)
        context.lineTo(x - r, y + r)
      })
    else line(() => context.rect(x - r, y - r, 2 * r, 2 * r))
    if (!text) continue
    context.font = `bold ${16 * unit}px sans-serif`
    context.lineWidth = 4 * unit
    context.strokeStyle = '#11160F'
    context.fillStyle = '#FBF8F0'
    const [tx, ty] = [
      Math.min(x + r + 3 * unit, width - context.measureText(text).width - 4),
      Math.max(y - r, 18 * unit),
    ]
    context.strokeText(text, tx, ty)
    context.fillText(text, tx, ty)
  }
  if (cross.value) {
    const { x, y } = cross.value
    line(() => {
      context.moveTo(x - 14 * unit, y)
      context.lineTo(x + 14 * unit, y)
      context.moveTo(x, y - 14 * unit)
      context.lineTo(x, y + 14 * unit)
    })
  }
}
watch([() => props.picture, () => props.marks, cross], draw, { deep: true, flush: 'post' })
onMounted(draw)

function click(e: MouseEvent) {
  const box = canvas.value!.getBoundingClientRect()
  emit(
    'point',
    ((e.clientX - box.left) / box.width) * props.picture.width,
    ((e.clientY - box.top) / box.height) * props.picture.height,
  )
}
function key(e: KeyboardEvent) {
  const step = (e.shiftKey ? 40 : 8) * (props.picture.width / 800)
  const at = cross.value ?? { x: props.picture.width / 2, y: props.picture.height / 2 }
  const to = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key]
  if (to)
    cross.value = {
      x: Math.min(props.picture.width, Math.max(0, at.x + to[0]! * step)),
      y: Math.min(props.picture.height, Math.max(0, at.y + to[1]! * step)),
    }
  else if (e.key === 'Enter' || e.key === ' ') emit('point', at.x, at.y)
  else return
  e.preventDefault()
}
</script>

<template>
  <canvas
    ref="canvas"
    role="application"
    tabindex="0"
    :aria-label="label"
    :width="picture.width"
    :height="picture.height"
    class="w-full h-auto border-2 border-ink cursor-crosshair touch-manipulation"
    data-testid="picture"
    @click="click"
    @keydown="key"
    @blur="cross = null"
  />
</template>

<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'

/** Volume that was looked at, mL: by number, or one drop or filling of a measure that the room knows. */
const props = defineProps<{ modelValue: number; label: string }>()
const emit = defineEmits<{ 'update:modelValue': [ml: number] }>()
const room = useRoomStore()
const id = useId()
const text = ref(String(props.modelValue))
const problem = ref<string | null>(null)
const tools = computed(() =>
  (room.state?.tools ?? [])
    .filter(t => t.kind !== 'spoon')
    .map(t => ({
      id: t.id,
      name: t.name,
      ml: room.state?.learned.tools[t.id]?.ml.value ?? t.ml,
      weighed: t.id in (room.state?.learned.tools ?? {}),
    })),
)
watch(text, value => {
  const parsed = numberField({
    label: props.label,
    min: 0.0005,
    max: 1000,
    unit: 'mL',
    hint: 'A drop of a usual pipette is 0.05 mL.',
  }).safeParse(value)
  problem.value = parsed.success ? null : parsed.error.issues[0]!.message
  if (parsed.success) emit('update:modelValue', parsed.data)
})
const take = (ml: number) => {
  text.value = String(Number(ml.toPrecision(3)))
}
</script>

<template>
  <div>
    <label :for="id" class="block font-semibold mb-1"
      >{{ label }}<span class="font-normal text-ink2">, mL</span></label
    >
    <input
      :id="id"
      v-model="text"
      class="field max-w-40"
      inputmode="decimal"
      autocomplete="off"
      :aria-invalid="problem ? 'true' : undefined"
      :aria-describedby="problem ? `${id}-more` : undefined"
    />
    <p v-if="problem" :id="`${id}-more`" class="text-harm font-semibold mt-1" role="alert">
      {{ problem }}
    </p>
    <p v-if="tools.length" class="flex flex-wrap gap-2 mt-2">
      <button v-for="t in tools" :key="t.id" type="button" class="btn" @click="take(t.ml)">
        {{ t.name }}: {{ Number(t.ml.toPrecision(3)) }} mL<span class="small">{{
          t.weighed ? 'weighed' : 'as printed'
        }}</span>
      </button>
    </p>
  </div>
</template>

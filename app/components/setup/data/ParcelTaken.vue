<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { takeParcel } from '~/keep/passOn'
import { parcelIn } from '~/keep/parcel'

/** This page was opened by the code of another device: its parcel is taken at a tap, and handed on as a file. */
const emit = defineEmits<{ file: [file: Blob] }>()
const waits = ref(false)
const why = ref('')
const address = location.href
onMounted(() => {
  waits.value = parcelIn(address) !== null
})
async function take() {
  waits.value = false
  // The key stands in the address: it must not stay in the history.
  history.replaceState(history.state, '', '#data')
  const taken = await takeParcel(address)
  if (taken.ok) emit('file', taken.file)
  else why.value = taken.why
}
</script>

<template>
  <p
    v-if="waits"
    class="border-l-[6px] border-plan bg-paper px-4 py-3 flex flex-wrap gap-3 items-center"
  >
    <span class="grow">Another device passes its room on to this one.</span>
    <button class="btn btn-main" @click="take">Take it in</button>
  </p>
  <p v-if="why" role="alert" class="border-l-[6px] border-harm pl-3 max-w-prose">{{ why }}</p>
</template>

<script setup lang="ts">
import { ref, watch } from 'vue'
import { planPlace, setPlanPlace } from '~/db/device'

/** Where plans are worked out. A matter of this device alone. */
const where = ref(planPlace())
watch(where, setPlanPlace)
</script>

<template>
  <section class="grid gap-3">
    <div class="flex items-center gap-3">
      <h2>Plans</h2>
      <span class="edge" />
    </div>
    <fieldset class="grid gap-2">
      <legend class="font-semibold">Plans are worked out</legend>
      <label class="flex gap-3 items-center min-h-12 cursor-pointer"
        ><input v-model="where" type="radio" value="device" class="size-6 accent-[var(--plan)]" />
        on this device</label
      >
      <label class="flex gap-3 items-center min-h-12 cursor-pointer"
        ><input v-model="where" type="radio" value="server" class="size-6 accent-[var(--plan)]" />
        on the server this app came from, for a phone that is slow. The room is sent there and not
        kept.</label
      >
    </fieldset>
  </section>
</template>

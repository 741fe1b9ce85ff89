<script setup lang="ts">
import { shallowRef } from 'vue'
import type { Notice } from '~/words/notices'
import { readNotices } from '~/words/notices'

/** What this is made of, and under which terms. */
const notices = shallowRef<Notice[] | null>()
const open = async (e: Event) => {
  if ((e.target as HTMLDetailsElement).open) notices.value ??= await readNotices()
}
</script>

<template>
  <details @toggle="open">
    <summary class="min-h-12 py-3 font-bold cursor-pointer">
      About Renatus, and its licences
    </summary>
    <p class="max-w-prose small">
      Renatus is free software under the MIT licence. Nothing of your room is sent anywhere by
      itself. What ships with it:
    </p>
    <p v-if="notices === null" role="alert">The list cannot be read just now.</p>
    <ul v-else-if="notices" class="grid gap-1 mt-2" data-testid="notices">
      <li v-for="n in notices" :key="n.name">
        <details>
          <summary class="min-h-12 py-3 desk:min-h-8 desk:py-1 cursor-pointer">
            {{ n.name }} {{ n.version }}, {{ n.licence }}
          </summary>
          <pre class="small whitespace-pre-wrap max-w-prose">{{ n.text }}</pre>
        </details>
      </li>
    </ul>
  </details>
</template>

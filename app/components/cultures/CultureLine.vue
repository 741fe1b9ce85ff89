<script setup lang="ts">
import { computed } from 'vue'
import { backupOf, lineageAt, lineOf, lineTree } from '@renatus/core/stock/lines'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useRoomStore } from '~/stores/room'
import { backupWords, CLEAN_WORDS } from '~/words/tending'
import { plural } from '~/words/round'
import LineTree from './LineTree.vue'

/** Where a culture comes from, what was started from it, and what would be left if it failed. */
const props = defineProps<{ id: string }>()
const room = useRoomStore()
const states = computed(() => room.state!.cultureStates)
const tree = computed(() => lineTree(lineOf(states.value, props.id)))
const lineage = computed(() => lineageAt(states.value, props.id))
const me = computed(() => states.value.find(c => c.id === props.id)!)
const backup = computed(() => backupWords(backupOf(states.value, props.id)))
const origin = computed(
  () =>
    ({
      bought: 'bought',
      wild: 'caught wild',
      cultures: `${plural(lineage.value.generation, 'pass', 'passes')} from the first of its line`,
      unknown: 'of unknown origin',
    })[me.value.origin],
)
</script>

<template>
  <section class="grid gap-2">
    <ShelfEdge name="Line" />
    <p v-if="!me.ended" data-testid="backup">
      <strong>{{ backup.word }}.</strong> {{ backup.text }}
    </p>
    <p class="small">
      This one is {{ origin
      }}{{
        lineage.clean
          ? ''
          : `; no longer clean: ${lineage.broken.map(b => CLEAN_WORDS[b]).join(', ')}`
      }}.
    </p>
    <LineTree :nodes="tree" :here="id" />
  </section>
</template>

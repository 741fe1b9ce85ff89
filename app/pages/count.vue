<script setup lang="ts">
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
import { computed, defineAsyncComponent, ref, useId } from 'vue'
import type { WaterReading } from '@renatus/core/estimation/greenReading'
import { foodProfiles } from '@renatus/core/foods/profiles'
import DropCounter from '~/components/count/DropCounter.vue'
import { samples } from '~/components/count/sample'
import NoRoom from '~/components/shared/NoRoom.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useInTurn } from '~/composables/useInTurn'
import { useUndo } from '~/composables/useUndo'
import { useRoomStore } from '~/stores/room'

const PictureCounter = defineAsyncComponent(() => import('~/components/count/PictureCounter.vue'))
const GreenReader = defineAsyncComponent(() => import('~/components/count/GreenReader.vue'))
const room = useRoomStore()
const undo = useUndo()
const id = useId()
/** What is counted with is drawn after what is asked. */
const hasWays = useInTurn()
const all = computed(() => (room.state ? samples(room.state) : []))
const groups = computed(() =>
  [...new Set(all.value.map(s => s.group))].map(name => ({
    name,
    samples: all.value.filter(s => s.group === name),
  })),
)
const chosen = ref<string | null>(null)
const sample = computed(() => all.value.find(s => s.key === chosen.value) ?? all.value[0]!)
/** Cells are too small to tap or to see on a photo: such water is read. */
const isGreen = computed(
  () => foodProfiles.find(f => f.id === sample.value.foodId)?.family === 'phototroph',
)
const subject = computed(() => sample.value.of ?? { type: 'food', id: sample.value.foodId })

async function save(how: 'by eye' | 'picture', counts: number[], dropMl: number, done: () => void) {
  const result = await room.write([
    {
      kind: 'sample.counted',
      subject: subject.value,
      data: { of: sample.value.of, foodId: sample.value.foodId, counts, dropMl, how },
    },
  ])
  if (!result.ok) return
  undo.offer(result.act, `${sample.value.label}: the count is written down.`)
  done()
}
async function saveReading(reading: WaterReading) {
  const result = await room.write([
    {
      kind: 'water.read',
      subject: subject.value,
      data: { of: sample.value.of, foodId: sample.value.foodId, reading },
    },
  ])
  if (result.ok) undo.offer(result.act, `${sample.value.label}: the reading is written down.`)
}
const tab = ({ selected }: { selected: boolean }) =>
  `min-h-12 px-4 -outline-offset-[3px] border-b-[5px] font-semibold cursor-pointer ${selected ? 'border-edge' : 'border-transparent text-ink2'}`
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-5">
    <div>
      <h1>Count</h1>
      <p class="small mt-1">
        How dense is it, and how sure is that? A count of a hatch also moves what is believed of its
        lot.
      </p>
    </div>
    <UndoLine />
    <div class="max-w-md">
      <label :for="`${id}-of`" class="block font-semibold mb-1">Sample of</label>
      <select
        :id="`${id}-of`"
        class="field"
        :value="sample.key"
        @change="chosen = ($event.target as HTMLSelectElement).value"
      >
        <optgroup v-for="g in groups" :key="g.name" :label="g.name">
          <option v-for="s in g.samples" :key="s.key" :value="s.key">{{ s.label }}</option>
        </optgroup>
      </select>
    </div>
    <TabGroup v-if="hasWays" :key="String(isGreen)">
      <TabList class="flex gap-1 border-b border-line overflow-x-auto" aria-label="Way of counting">
        <Tab v-if="isGreen" v-slot="t" as="template"
          ><button :class="tab(t)">Stick or colour</button></Tab
        >
        <Tab v-slot="t" as="template"
          ><button :class="tab(t)">{{ isGreen ? 'Cells by eye' : 'Drops' }}</button></Tab
        >
        <Tab v-if="!isGreen" v-slot="t" as="template"><button :class="tab(t)">Picture</button></Tab>
      </TabList>
      <TabPanels>
        <TabPanel v-if="isGreen" class="pt-2"
          ><GreenReader :key="sample.key" :sample="sample" @save="saveReading"
        /></TabPanel>
        <TabPanel class="pt-2"
          ><DropCounter
            :sample="sample"
            @save="(counts, ml, done) => save('by eye', counts, ml, done)"
        /></TabPanel>
        <TabPanel v-if="!isGreen" class="pt-2"
          ><PictureCounter
            :sample="sample"
            @save="(counts, ml, done) => save('picture', counts, ml, done)"
        /></TabPanel>
      </TabPanels>
    </TabGroup>
  </div>
</template>

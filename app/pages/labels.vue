<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from '#app/composables/router'
import { cultureView } from '~/components/cultures/cultureView'
import { LABEL_SHEETS, pagesOf, slotsOf } from '~/components/labels/labelSheets'
import NoRoom from '~/components/shared/NoRoom.vue'
import { useLabelCodes } from '~/composables/useLabelCodes'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** Labels to print and stick on: name, food, date, the letters, and a code that opens the culture on a phone. */
const room = useRoomStore()
const units = useUnits()
const route = useRoute()
const asked = computed(() =>
  String(route.query.ids ?? '')
    .split(',')
    .filter(Boolean),
)
/** Those that were asked for, also ended ones; else all that run. */
const choice = computed(() =>
  (room.state?.cultureStates ?? [])
    .filter(c => c.ended === null || asked.value.includes(c.id))
    .map(c => c.record),
)
const left = ref<Record<string, boolean>>({})
const isChosen = (id: string) =>
  left.value[id] ?? (asked.value.length === 0 || asked.value.includes(id))
const cultures = computed(() => choice.value.filter(c => isChosen(c.id)))
const chooseAll = (is: boolean) => {
  left.value = Object.fromEntries(choice.value.map(c => [c.id, is]))
}
const sheetId = ref(LABEL_SHEETS[0]!.id)
const sheet = computed(() => LABEL_SHEETS.find(s => s.id === sheetId.value)!)
const first = ref(1)
const pages = computed(() => pagesOf(cultures.value, sheet.value, first.value))
const mm = (n: number) => `${n}mm`
/** The code takes what the label leaves it: read at arm's length. */
const codeMm = computed(() => Math.min(sheet.value.heightMm - 5, 110))
const base = computed(() => (room.state?.room.address || location.origin).replace(/\/+$/, ''))
const codes = useLabelCodes(
  computed(() => cultures.value.map(c => c.id)),
  base,
)
const drawn = computed(
  () => cultures.value.length > 0 && cultures.value.every(c => codes.value.has(c.id)),
)
const dated = (at: string) => `${units.day(at)} ${units.dateOf(at).slice(0, 4)}`
const print = () => window.print()
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid gap-5">
    <div class="print:hidden grid gap-3">
      <h1>Labels</h1>
      <p class="small max-w-prose">
        Each code opens <span class="num break-all">{{ base }}</span>.
        <template v-if="!room.state.room.address"
          >If phones reach this app at another address, set it in
          <NuxtLink to="/setup" :prefetch="false" class="link">Setup</NuxtLink> first.</template
        >
      </p>
      <div class="flex flex-wrap gap-4 items-end">
        <label class="font-semibold"
          >Sheet<select v-model="sheetId" class="field mt-1 block font-normal">
            <option v-for="s in LABEL_SHEETS" :key="s.id" :value="s.id">{{ s.name }}</option>
          </select></label
        >
        <label v-if="slotsOf(sheet) > 1" class="font-semibold"
          >Begin at label<input
            v-model.number="first"
            type="number"
            class="field mt-1 block font-normal w-32"
            min="1"
            :max="slotsOf(sheet)"
        /></label>
        <button class="btn btn-main" :disabled="!drawn" @click="print">
          Print {{ plural(cultures.length, 'label') }}
        </button>
      </div>
      <fieldset v-if="choice.length">
        <legend class="font-semibold">Vessels</legend>
        <p class="flex gap-x-4">
          <button class="link min-h-12" @click="chooseAll(true)">All</button
          ><button class="link min-h-12" @click="chooseAll(false)">None</button>
        </p>
        <div class="flex flex-wrap gap-x-6">
          <label v-for="c in choice" :key="c.id" class="flex gap-2 items-center min-h-12"
            ><input
              type="checkbox"
              class="size-6 accent-[var(--plan)]"
              :checked="isChosen(c.id)"
              @change="left = { ...left, [c.id]: !isChosen(c.id) }"
            />{{ c.name }}</label
          >
        </div>
      </fieldset>
      <p v-else>
        Nothing stands on the shelf yet.
        <NuxtLink to="/shelf/start" :prefetch="false" class="link">Start a culture</NuxtLink>
      </p>
    </div>
    <div class="overflow-x-auto print:overflow-visible">
      <ol
        v-for="(page, i) in pages"
        :key="i"
        class="label-sheet"
        :aria-label="`Sheet ${i + 1} of ${pages.length}`"
        :style="{
          paddingLeft: mm(sheet.leftMm),
          paddingTop: mm(sheet.topMm),
          columnGap: mm(sheet.gapMm),
          gridTemplateColumns: `repeat(${sheet.columns}, ${mm(sheet.widthMm)})`,
          gridAutoRows: mm(sheet.heightMm),
        }"
      >
        <li
          v-for="(c, j) in page"
          :key="c?.id ?? j"
          class="label"
          :class="{ 'label-large': slotsOf(sheet) === 1 }"
          :aria-label="c ? `Label of ${c.name}` : undefined"
          :aria-hidden="c ? undefined : true"
        >
          <template v-if="c">
            <div class="min-w-0">
              <p class="label-name">{{ c.name }}</p>
              <p>{{ cultureView(c, undefined).food?.profile.name }}</p>
              <p class="num">{{ dated(c.startedAt) }}</p>
              <p class="num label-code">{{ c.code }}</p>
            </div>
            <!-- eslint-disable vue/no-v-html -- drawn by the package from our own address -->
            <div
              role="img"
              :style="{ width: mm(codeMm), height: mm(codeMm) }"
              :aria-label="`Code that opens ${c.name}`"
              :data-testid="`qr-${c.name}`"
              v-html="codes.get(c.id) ?? ''"
            />
            <!-- eslint-enable vue/no-v-html -->
          </template>
        </li>
      </ol>
    </div>
  </div>
</template>

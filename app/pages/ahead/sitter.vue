<script setup lang="ts">
import { local } from '~/db/local'
import { computed, ref, watch } from 'vue'
import { useRoute } from '#app/composables/router'
import { NOTHING_ELSE } from '@renatus/core/planning/plan/whatIf'
import { sitterSheet, type SheetLine } from '@renatus/core/planning/sitterSheet'
import { AWAY_MOST } from '@renatus/core/planning/plan/whatIf'
import { ofKind } from '@renatus/core/records/effectiveEntries'
import { addDays } from '@renatus/core/time/localDate'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { useAheadStore } from '~/stores/ahead'
import { useCulturesStore } from '~/stores/cultures'
import { useRoomStore } from '~/stores/room'

/** What to prepare before leaving, and what whoever stays does day by day; ticked on paper or here, by name. */
const room = useRoomStore()
const cultures = useCulturesStore()
const ahead = useAheadStore()
const units = useUnits()
const { query } = useRoute()
const days = Math.min(AWAY_MOST, Math.max(1, Math.round(Number(query.days)) || 3))
const away = computed(() => {
  const today = room.state?.today ?? ''
  const from =
    typeof query.from === 'string' && /^\d{4}-\d{2}-\d{2}$/.test(query.from) && query.from >= today
      ? query.from
      : addDays(today, 1)
  return { from, days }
})
watch(
  () => ahead.key,
  key => {
    if (key === '' || (ahead.whatIf.away && ahead.answer)) return
    ahead.whatIf = { ...NOTHING_ELSE, away: away.value }
    void ahead.ask()
  },
  { immediate: true },
)
const sheet = computed(() =>
  room.state && ahead.answer
    ? sitterSheet(room.state, cultures.readings, ahead.answer, away.value)
    : null,
)

const WHO_KEY = 'renatus.sitter'
const who = ref(local.get(WHO_KEY) ?? '')
watch(who, name => local.set(WHO_KEY, name))
const problem = ref('')
const ticks = computed(
  () => new Map(ofKind(room.state?.entries ?? [], 'sheet.ticked').map(e => [e.data.key, e])),
)
const tickedBy = (key: string) => {
  const e = ticks.value.get(key)
  return e?.data.done ? `${e.data.who}, ${units.when(e.at)}` : ''
}
async function tick(line: SheetLine, box: HTMLInputElement) {
  const done = box.checked
  problem.value =
    who.value.trim() === '' ? 'Write your name first, so that the other knows who did it.' : ''
  if (problem.value) {
    box.checked = !done
    return
  }
  await room.writeOrStop([
    {
      kind: 'sheet.ticked',
      subject: { type: 'sheet', id: line.key.slice(0, 60) },
      data: {
        key: line.key.slice(0, 160),
        text: line.text.slice(0, 300),
        who: who.value.trim(),
        done,
      },
    },
  ])
}
const print = () => window.print()
const parts = computed(() =>
  sheet.value
    ? [
        {
          title: `Before leaving, by ${units.date(addDays(away.value.from, -1))}`,
          lines: sheet.value.before,
        },
        ...sheet.value.days.map(d => ({ title: units.date(d.date), lines: d.lines })),
      ]
    : [],
)
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-4 sheet">
    <p class="print:hidden">
      <NuxtLink to="/ahead" :prefetch="false" class="link inline-flex min-h-12 items-center"
        >Ahead</NuxtLink
      >
    </p>
    <h1>
      While nobody is there: {{ units.date(away.from) }} to
      {{ units.date(addDays(away.from, days - 1)) }}
    </h1>
    <div v-if="!sheet" role="status" class="flex gap-3 items-center">
      <span>{{
        ahead.side.problem ?? 'Working out what can be fed without starting or hatching.'
      }}</span><button v-if="ahead.side.busy" class="btn" @click="ahead.side.stop()">Stop</button>
    </div>
    <template v-else>
      <div class="print:hidden flex flex-wrap gap-3 items-end">
        <label class="font-semibold"
          >Ticked by<input
            v-model="who"
            @input="problem = ''"
            class="field mt-1 font-normal max-w-56 block"
            maxlength="60"
            autocomplete="name" /></label
        ><button class="btn" @click="print">Print</button>
      </div>
      <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
      <section v-for="p in parts" :key="p.title">
        <ShelfEdge :name="p.title" />
        <ul>
          <li v-for="l in p.lines" :key="l.key" class="rule py-1">
            <label
              class="grid grid-cols-[2rem_minmax(0,1fr)_auto] gap-2 items-center min-h-12 cursor-pointer"
            >
              <input
                type="checkbox"
                class="size-6 accent-[var(--plan)]"
                :checked="tickedBy(l.key) !== ''"
                @change="tick(l, $event.target as HTMLInputElement)"
              />
              <span>{{ l.text }}</span><span
                class="small text-right min-w-24 border-b border-line-strong print:min-w-32"
                >{{ tickedBy(l.key) }}&nbsp;</span
              >
            </label>
          </li>
        </ul>
        <p v-if="p.lines.length === 0" class="small py-2">Nothing.</p>
      </section>
      <section>
        <ShelfEdge name="Never" />
        <ul class="list-disc pl-6 mt-2 grid gap-1">
          <li v-for="n in sheet.never" :key="n">{{ n }}</li>
        </ul>
      </section>
    </template>
  </div>
</template>

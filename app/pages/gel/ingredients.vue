<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { computed, ref } from 'vue'
import { costPerDryKg } from '@renatus/core/gel/ingredient'
import { INGREDIENTS } from '@renatus/core/gel/ingredients'
import { kitchenIngredients, type KitchenIngredient } from '@renatus/core/stock/gelKitchen'
import RecordForm from '~/components/setup/RecordForm.vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { download } from '~/composables/download'
import { textOf } from '~/composables/textOf'
import { readIngredients, writeIngredients, type IngredientRow } from '~/composables/ingredientCsv'
import type { RecordDraft } from '~/db/registry'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** What a formula may be made of: the table, what the user knows better, and the user's own. */
const room = useRoomStore()
const list = computed(() => kitchenIngredients(room.state?.gel.ingredients ?? []))
const editing = ref<string | null>(null)
const problems = ref<string[]>([])
const said = ref('')
const one = (n: number) => numberText(n, { decimals: 1 })

/** A record as the form and the database know it. */
const recordOf = (
  i: KitchenIngredient,
  changes: Partial<KitchenIngredient> = {},
): Record<string, unknown> => {
  const {
    name,
    label,
    calcium,
    phosphorus,
    costPerKg,
    particleUm,
    milling,
    gPerMl,
    role,
    collagen,
    most,
    atHand,
    own,
    recordId,
    id,
  } = { ...i, ...changes }
  return {
    type: 'gel-ingredient',
    ...(recordId ? { id: recordId } : {}),
    basedOn: own ? null : id,
    name,
    label,
    calcium,
    phosphorus,
    costPerKg,
    particleUm,
    milling,
    gPerMl,
    role,
    collagen,
    most,
    atHand,
  }
}
const save = (records: Record<string, unknown>[]) => room.save(records as unknown as RecordDraft[])

/** A row of a file: over what is known by that name, else a new one. */
function merged(row: IngredientRow): Record<string, unknown> {
  const found = list.value.find(
    i => i.name.toLowerCase() === row.name.toLowerCase() || i.id === row.name.toLowerCase(),
  )
  const base: KitchenIngredient = found ?? {
    id: '',
    name: row.name,
    label: row.label,
    calcium: null,
    phosphorus: null,
    costPerKg: 0,
    particleUm: null,
    milling: 'mill',
    gPerMl: 0.55,
    most: 0.5,
    dose: null,
    role: 'feed',
    collagen: false,
    source: '',
    atHand: false,
    recordId: null,
    own: true,
    changed: true,
  }
  return recordOf(base, {
    label: row.label,
    calcium: row.calcium ?? base.calcium,
    phosphorus: row.phosphorus ?? base.phosphorus,
    costPerKg: row.costPerKg ?? base.costPerKg,
    particleUm: row.particleUm ?? base.particleUm,
    milling: row.milling ?? base.milling,
    gPerMl: row.gPerMl ?? base.gPerMl,
    role: row.role ?? base.role,
    most: row.most ?? base.most,
    atHand: row.atHand ?? base.atHand,
  })
}
async function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  said.value = ''
  problems.value = []
  if (!file) return
  const read = await readIngredients(await textOf(file))
  input.value = ''
  if (!read.ok) problems.value = read.problems
  else {
    await save(read.rows.map(merged))
    said.value = `${plural(read.rows.length, 'ingredient')} taken in.`
  }
}
const toFile = async () =>
  download('ingredients.csv', 'text/csv', await writeIngredients(list.value))
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-5">
    <div>
      <p>
        <NuxtLink to="/gel" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Gel kitchen</NuxtLink
        >
      </p>
      <h1>Ingredients</h1>
      <p class="small mt-1 max-w-prose">
        {{ INGREDIENTS.length }} from food composition tables, percent as bought. Prices, grain and
        density are guesses until you write down what your bag says. Tick what is at hand.
      </p>
    </div>
    <div class="flex flex-wrap gap-2 items-center">
      <button class="btn btn-main" @click="editing = 'new'">Add an ingredient</button>
      <label class="btn"
        ><input
          type="file"
          accept=".csv,text/csv"
          class="sr-only"
          data-testid="ingredients-file"
          @change="chosen"
        />Take in a table (CSV)</label
      >
      <button class="btn" @click="toFile">Save the table (CSV)</button>
      <p v-if="said" role="status" class="small">{{ said }}</p>
    </div>
    <div v-if="problems.length" role="alert" class="border-l-[6px] border-harm pl-3">
      <p class="font-semibold">The table was not taken in; nothing was changed.</p>
      <ul>
        <li v-for="p in problems" :key="p">{{ p }}</li>
      </ul>
    </div>
    <RecordForm
      v-if="editing === 'new'"
      type="gel-ingredient"
      @saved="editing = null"
      @cancel="editing = null"
    />
    <section>
      <ShelfEdge name="Table" />
      <ul>
        <li v-for="i in list" :key="i.id" class="rule py-2">
          <RecordForm
            v-if="editing === i.id"
            type="gel-ingredient"
            :record="recordOf(i)"
            @saved="editing = null"
            @cancel="editing = null"
          />
          <div v-else class="flex flex-wrap gap-x-4 gap-y-1 items-center">
            <label class="flex items-center gap-3 min-h-12 grow min-w-64"
              ><input
                type="checkbox"
                class="size-6 accent-[var(--plan)] shrink-0"
                :checked="i.atHand"
                :aria-label="`${i.name} is at hand`"
                @change="
                  save([recordOf(i, { atHand: ($event.target as HTMLInputElement).checked })])
                "
              />
              <span
                ><strong>{{ i.name }}</strong>
                {{ ' ' }}
                <span class="small num"
                  >protein {{ one(i.label.protein) }}, fat {{ one(i.label.fat) }}, fibre
                  {{ one(i.label.fibre) }}, ash {{ one(i.label.ash) }}, water
                  {{ one(i.label.moisture) }} %; costs {{ one(i.costPerKg) }} a kilogram,
                  {{ one(costPerDryKg(i)) }} dry. Source: {{ i.source }}.</span
                ></span
              ></label
            >
            <button
              class="btn btn-quiet underline px-2"
              :aria-label="`Change ${i.name}`"
              @click="editing = i.id"
            >
              Change
            </button>
            <HoldButton
              v-if="i.recordId && i.changed"
              :label="i.own ? 'Remove' : 'Back to the table'"
              @held="room.remove(i.recordId!)"
            />
          </div>
        </li>
      </ul>
    </section>
  </div>
</template>

<script setup lang="ts">
import QRCode from 'qrcode'
import { computed, ref, watch } from 'vue'
import { useRoute } from '#app/composables/router'
import { cultureView } from '~/components/cultures/cultureView'
import NoRoom from '~/components/shared/NoRoom.vue'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'

/** Labels to print and stick on: name, food, date, the letters, and a code that opens the culture on a phone. */
const room = useRoomStore()
const units = useUnits()
const route = useRoute()
const ids = computed(() => String(route.query.ids ?? '').split(','))
const cultures = computed(() => (room.state?.cultures ?? []).filter(c => ids.value.includes(c.id)))
const base = computed(() => (room.state?.room.address || location.origin).replace(/\/+$/, ''))
const codes = ref<ReadonlyMap<string, string>>(new Map())
watch(
  [cultures, base],
  async ([list, address]) => {
    const drawn = await Promise.all(
      list.map(
        async c =>
          [
            c.id,
            await QRCode.toString(`${address}/shelf/${c.id}`, {
              type: 'svg',
              margin: 2,
              errorCorrectionLevel: 'M',
            }),
          ] as const,
      ),
    )
    codes.value = new Map(drawn)
  },
  { immediate: true },
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
      <p v-if="!cultures.length">
        No culture is chosen.
        <NuxtLink to="/shelf" :prefetch="false" class="link">To the shelf</NuxtLink>
      </p>
      <p v-else><button class="btn btn-main" @click="print">Print</button></p>
    </div>
    <ul class="flex flex-wrap gap-4 print:gap-[4mm]">
      <li
        v-for="c in cultures"
        :key="c.id"
        class="label [--ink:#1D2A26] [--glass:#FFFFFF] bg-white text-black border border-black p-3 grid grid-cols-[auto_1fr_auto] gap-3 items-center w-[22.5rem] print:w-[85mm] break-inside-avoid"
        :aria-label="`Label of ${c.name}`"
      >
        <VesselPicture
          :shape="cultureView(c, undefined).shape"
          :family="cultureView(c, undefined).family"
          :grades="{}"
          :label="cultureView(c, undefined).shape"
          :fill="0"
          :scale="0.5"
        />
        <div class="min-w-0">
          <p class="font-bold text-[1.1875rem] leading-tight break-words">{{ c.name }}</p>
          <p class="leading-tight">{{ cultureView(c, undefined).food?.profile.name }}</p>
          <p class="num leading-tight">{{ dated(c.startedAt) }}</p>
          <p class="num font-bold text-[1.375rem] tracking-[0.2em]">{{ c.code }}</p>
        </div>
        <!-- eslint-disable-next-line vue/no-v-html -- drawn by the package from our own address -->
        <div
          class="size-24"
          role="img"
          :aria-label="`Code that opens ${c.name}`"
          :data-testid="`qr-${c.name}`"
          v-html="codes.get(c.id) ?? ''"
        />
      </li>
    </ul>
  </div>
</template>

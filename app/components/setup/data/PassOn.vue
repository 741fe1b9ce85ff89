<script setup lang="ts">
import { onScopeDispose, ref } from 'vue'
import { useFailures } from '~/composables/useFailures'
import { nowInstant } from '~/composables/clock'
import { deviceName } from '~/db/device'
import { keeperClient } from '~/engine/keeperClient'
import { parcelAddress } from '~/keep/parcel'
import { leaveParcel } from '~/keep/passOn'
import { useRoomStore } from '~/stores/room'

/** From one device to another on the same network: the room waits locked on the server, the key is in a picture. */
const room = useRoomStore()
const code = ref('')
const address = ref('')
const why = ref('')
const busy = ref(false)
const KEPT_MS = 600_000
let timer: ReturnType<typeof setTimeout> | undefined
onScopeDispose(() => clearTimeout(timer))

async function show() {
  busy.value = true
  why.value = code.value = address.value = ''
  try {
    const { name } = await room.database()
    const file = await keeperClient.call(k => k.file(name, nowInstant(), deviceName(), null))
    const left = await leaveParcel(file)
    if (!left.ok) {
      why.value = left.why
      return
    }
    const base = room.state?.room.address || location.origin
    address.value = parcelAddress(base, left.id, left.key)
    const { toString } = await import('qrcode')
    code.value = await toString(address.value, {
      type: 'svg',
      margin: 2,
      errorCorrectionLevel: 'M',
    })
    clearTimeout(timer)
    timer = setTimeout(() => (code.value = address.value = ''), KEPT_MS)
  } catch (error) {
    useFailures().report(error)
  } finally {
    busy.value = false
  }
}
const here = ['localhost', '127.0.0.1', '[::1]'].includes(location.hostname)
</script>

<template>
  <div class="grid gap-3">
    <h3 class="font-bold">To another device in this room</h3>
    <p class="max-w-prose small">
      Show a code here and point the other device’s camera at it. The room waits for ten minutes on
      the server this page came from, locked; the key is in the code alone, and it is handed out
      once.{{
        here && !room.state?.room.address
          ? ' This page was opened on the machine itself: give the room an address that the other device reaches (Setup, Room), or the code leads it to itself.'
          : ''
      }}
    </p>
    <p>
      <button class="btn" :disabled="busy || !room.state" @click="show">
        {{ busy ? 'Packing the room' : 'Show a code' }}
      </button>
    </p>
    <p v-if="why" role="alert" class="border-l-[6px] border-harm pl-3 max-w-prose">{{ why }}</p>
    <div v-if="code" class="grid gap-2">
      <!-- eslint-disable-next-line vue/no-v-html -- drawn here, from an address of our own -->
      <div
        class="w-72 max-w-full bg-white p-2"
        role="img"
        aria-label="Code for the other device"
        v-html="code"
      />
      <p class="small max-w-prose break-all" data-testid="parcel">{{ address }}</p>
    </div>
  </div>
</template>

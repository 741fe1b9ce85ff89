<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { askToKeep, persistence, type Persistence } from '~/composables/persistence'
import { offlineCopy } from '~/composables/offlineCopy'
import { deviceName, renameDevice } from '~/db/device'
import { useRoomStore } from '~/stores/room'

/** What the browser promises, and what this device is called. */
const room = useRoomStore()
const device = ref(deviceName())
const persisted = ref<Persistence>('not-asked')
const secure = window.isSecureContext
onMounted(async () => {
  persisted.value = await persistence(await room.database())
})
async function persist() {
  persisted.value = await askToKeep(await room.database())
}
</script>

<template>
  <div class="grid gap-4 sm:grid-cols-2 items-start">
    <div>
      <h3 class="font-bold">Storage</h3>
      <p v-if="persisted === 'yes'" class="small">The browser promised to keep the data.</p>
      <template v-else-if="persisted === 'missing'"
        ><p class="small">
          {{
            secure
              ? 'This browser cannot promise to keep the data.'
              : 'On plain http the browser promises nothing.'
          }}
          Export often.
        </p></template
      >
      <template v-else>
        <p v-if="persisted === 'refused'" role="alert" class="border-l-4 border-due pl-3">
          The browser refused: when space runs short it may delete the room. Install the app or
          export often, then ask again.
        </p>
        <p v-else class="small">
          The browser may delete the data when space runs short, unless it promises not to.
        </p>
        <button class="btn mt-2" @click="persist">Ask it to keep the data</button>
      </template>
      <p v-if="!secure" class="small mt-2">
        This page came over plain http: no installing, no use without the network. On this machine
        itself (localhost) or over https both work.
      </p>
      <p v-else-if="offlineCopy === 'kept'" class="small mt-2">
        The app is kept on this device: it opens without the network.
      </p>
      <p v-else-if="offlineCopy === 'comes'" class="small mt-2">
        The app is being brought to this device, to open without the network.
      </p>
      <p v-else-if="offlineCopy === 'failed'" class="border-l-4 border-due pl-3 mt-2">
        The app could not be kept on this device: it opens only while its server can be reached.
        Free some space, allow storage for this page, then reload. What is written is safe.
      </p>
    </div>
    <div>
      <label class="font-bold block"
        >This device is called<input
          v-model="device"
          class="field mt-1 font-normal"
          maxlength="60"
          @change="renameDevice(device)"
      /></label>
      <p class="small mt-1">It stands in the entries it writes.</p>
    </div>
  </div>
</template>

import { watch } from 'vue'
import { defineNuxtPlugin } from '#app/nuxt'
import { breath } from '~/composables/breath'
import { openDemoRoom, wakeDemo } from '~/composables/demo'
import { deviceZone } from '~/composables/deviceZone'
import { followTheme } from '~/composables/useTheme'
import { hasMarker } from '~/db/marker'
import { whichRoom } from '~/db/whichRoom'
import { useRoomStore } from '~/stores/room'

/** Theme, and the demo room when the address asks for it. */
export default defineNuxtPlugin({
  name: 'start',
  dependsOn: ['pinia'],
  async setup() {
    const asked = new URLSearchParams(location.search).get('room')
    if (asked === 'demo') wakeDemo()
    await breath()
    followTheme()
    await breath()
    // What a tab keeps has to be fetched by the browser, which takes its time: in a task of its own.
    whichRoom()
    await breath()
    const room = useRoomStore()
    await breath()
    if (asked === 'own' && room.which !== 'own') room.open('own', 'link')
    // Where no room stands no time is told.
    if (asked === 'demo' || room.which === 'demo' || hasMarker()) {
      await breath()
      deviceZone()
    }
    // A room that stands is copied and kept in step; an empty one has nothing to keep.
    watch(
      () => room.state !== null,
      async is => is && (await import('~/composables/useSafekeeping')).useSafekeeping(),
      { once: true },
    )
    if (asked !== 'demo' && room.which !== 'demo') return
    await breath()
    void openDemoRoom('link')
  },
})

import { ref } from 'vue'

/** A live instrument is on: its alarms are shown on every view. Apart, so that no page loads it for nothing. */
export const liveOn = ref(false)

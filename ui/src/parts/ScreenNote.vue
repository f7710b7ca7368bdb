<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useWakeLock } from '@vueuse/core'

/** Keeps the screen on while a wash runs, and says so where the device does not let it. */
const lock = useWakeLock()
const dark = ref(!lock.isSupported.value)

onMounted(async () => {
  if (dark.value) return
  try {
    await lock.request('screen')
  } catch (refused) {
    // A low battery is reason enough for a device.
    dark.value = refused instanceof Error
  }
})
</script>

<template>
  <p v-if="dark" class="text-sm text-soft" data-screen-note>
    {{ $t('parts.screenNote.theScreenMayGoDark') }}
  </p>
</template>

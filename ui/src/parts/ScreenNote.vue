<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useWakeLock } from '@vueuse/core'

/** Keeps the screen on while a wash runs, and says so where the device does not let it. */
const lock = useWakeLock()
const dark = ref(!lock.isSupported.value)

onMounted(() => {
  // A device may refuse, for instance when its battery is low.
  if (!dark.value) void lock.request('screen').then(undefined, () => (dark.value = true))
})
</script>

<template>
  <p v-if="dark" class="mt-3 text-sm text-soft" data-screen-note>
    {{ $t('parts.screenNote.theScreenMayGoDark') }}
  </p>
</template>

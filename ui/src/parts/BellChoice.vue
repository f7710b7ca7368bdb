<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { useBell } from '../use/useBell'

/** Whether it rings when somebody is needed: asked once on this device, then a button. */
const props = defineProps<{ bell: ReturnType<typeof useBell> }>()
const asked = useLocalStorage('nest-rinse-bell-asked', props.bell.on.value)

async function ring() {
  asked.value = true
  await props.bell.toggle()
}
</script>

<template>
  <span v-if="!asked && !bell.on.value" class="flex flex-wrap items-center gap-2" data-bell-asks>
    {{ $t('parts.bellChoice.shallItRing') }}
    <button type="button" class="button-plain min-h-12 px-4 text-base" data-bell @click="ring">
      {{ $t('parts.bellChoice.ringForMe') }}
    </button>
    <button
      type="button"
      class="button-quiet min-h-12 text-base"
      data-bell-no
      @click="asked = true"
    >
      {{ $t('parts.bellChoice.stayQuiet') }}
    </button>
  </span>
  <button
    v-else
    type="button"
    class="button-plain min-h-12 px-4 text-base"
    :aria-pressed="bell.on.value"
    data-bell
    @click="ring"
  >
    {{ bell.on.value ? $t('parts.bellChoice.bellOn') : $t('parts.bellChoice.ringForMe') }}
  </button>
</template>

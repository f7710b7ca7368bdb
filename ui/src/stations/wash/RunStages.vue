<script setup lang="ts">
import { computed, watch } from 'vue'
import type { Api } from '../../api/client'
import { duration } from '../../use/format'
import { callFor } from './stages'

/** The timed parts of one step: the one to do now with its own clock, and a call when it is over. */
const props = defineProps<{
  stages: Api['StageView'][]
  /** The moment, or the one at which the wash was held [ms]. */
  moment: number
}>()
/** A part is over; nothing follows the last one. */
const emit = defineEmits<{ over: [next: string | undefined] }>()

const MS_PER_MINUTE = 60_000

const current = computed(() => props.stages.findIndex((s) => Date.parse(s.ends) > props.moment))
const left = computed(() => {
  const stage = props.stages[current.value]
  return stage ? Math.ceil((Date.parse(stage.ends) - props.moment) / MS_PER_MINUTE) : 0
})

watch(current, (is, was) => {
  if (callFor(was, is, props.stages.length)) emit('over', props.stages[is]?.words)
})
</script>

<template>
  <ol v-if="stages.length" class="mt-3 flex flex-wrap gap-x-5 gap-y-1 text-lg" data-stages>
    <li
      v-for="(s, i) in stages"
      :key="i"
      :class="i === current ? 'border-b-2 border-ink font-semibold' : 'text-soft'"
      :aria-current="i === current ? 'step' : undefined"
      :data-stage="i"
    >
      {{ s.words }},
      <span class="whitespace-nowrap">{{
        i === current ? $t('wash.runView.left', { value: duration(left) }) : duration(s.minutes)
      }}</span>
    </li>
  </ol>
</template>

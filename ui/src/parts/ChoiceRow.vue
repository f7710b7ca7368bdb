<script setup lang="ts" generic="T extends string | number">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'

/** One choice of a few, as a row of chips. */
defineProps<{ label: string; hideLabel?: boolean; options: { value: T; words: string }[] }>()
const model = defineModel<T>({ required: true })
</script>

<template>
  <RadioGroup v-model="model" class="flex flex-wrap items-center gap-1.5">
    <RadioGroupLabel as="span" :class="hideLabel ? 'sr-only' : 'mr-1 font-semibold'">{{
      label
    }}</RadioGroupLabel>
    <RadioGroupOption
      v-for="option in options"
      :key="option.value"
      v-slot="{ checked }"
      :value="option.value"
      as="template"
    >
      <button
        type="button"
        class="chip min-h-9 px-2"
        :class="checked ? 'bg-ink font-semibold text-paper' : ''"
        :data-choice="option.value"
      >
        {{ option.words }}
      </button>
    </RadioGroupOption>
  </RadioGroup>
</template>

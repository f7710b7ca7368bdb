<script setup lang="ts">
import type { Api } from '../api/client'
import Figure from './Figure.vue'

/** The head of a view: what it is, its state, and a sentence of what matters now. */
defineProps<{ title: string; state?: string; why?: Api['Why'] }>()
</script>

<template>
  <div class="flex flex-col items-start gap-x-6 gap-y-2 lg:flex-row lg:justify-between">
    <div class="min-w-0">
      <h1 class="flex flex-wrap items-baseline gap-x-3 text-[1.7rem]">
        {{ title }}
        <span v-if="state" class="text-xl font-normal">
          <Figure :why="why">{{ state }}</Figure>
        </span>
      </h1>
      <p class="mt-1 max-w-3xl text-soft"><slot /></p>
    </div>
    <div class="shrink-0"><slot name="side" /></div>
  </div>
</template>

<script setup lang="ts">
import { computed } from 'vue'
import { markOf } from './marks'

/** A small drawing of what somebody saw, round, about a centre. */
const props = defineProps<{ sign: string; x: number; y: number; radius: number }>()
const scale = computed(() => props.radius / 7)
const path = computed(() => markOf(props.sign).path)
</script>

<template>
  <g :transform="`translate(${x} ${y}) scale(${scale})`" :data-mark="sign">
    <circle r="7" fill="var(--c-heat)" stroke="var(--c-ink)" stroke-width="0.8" />
    <path
      :d="path"
      fill="none"
      stroke="var(--c-on-deep)"
      :stroke-width="sign === 'SKIN' ? 2.4 : 1.3"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </g>
</template>

<script setup lang="ts">
/** Names and lengths under a strip, in rows. */
defineProps<{
  labels: { name: string; middle: number; row: number; minutes: string }[]
  top: number
}>()
const ROW = 29
</script>

<template>
  <g v-for="l in labels" :key="l.name + l.middle">
    <text
      :x="l.middle"
      :y="top + l.row * ROW"
      text-anchor="middle"
      font-size="12"
      font-weight="600"
    >
      {{ l.name }}
    </text>
    <text :x="l.middle" :y="top + 13 + l.row * ROW" text-anchor="middle" font-size="11">
      {{ l.minutes }}
    </text>
  </g>
</template>

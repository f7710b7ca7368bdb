<script setup lang="ts">
import { useRoute, useRouter } from 'vue-router'
import { useKeys } from '../use/useKeys'

/** Pages of one station, each with an address of its own; the keys , and . go to the one before and the next. */
const props = defineProps<{
  label: string
  pages: { to: string; words: string; name: string }[]
}>()
const route = useRoute()
const router = useRouter()

function turn(by: number) {
  const here = props.pages.findIndex((page) => page.to === route.path)
  const page = props.pages[(here + by + props.pages.length) % props.pages.length]
  if (here >= 0 && page) void router.push(page.to)
}
useKeys({ ',': () => turn(-1), '.': () => turn(1) })
</script>

<template>
  <nav :aria-label="label" class="mt-2 flex flex-wrap gap-1.5 print:hidden" data-pages>
    <RouterLink
      v-for="page in pages"
      :key="page.to"
      :to="page.to"
      class="chip min-h-9 px-2"
      exact-active-class="bg-ink font-semibold text-paper"
      :data-page="page.name"
      >{{ page.words }}</RouterLink
    >
  </nav>
</template>

<script setup lang="ts">
/** Pages of one station, each with an address of its own. */
defineProps<{ label: string; pages: { to: string; words: string; name: string }[] }>()
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

<script setup lang="ts">
import ViewHead from './ViewHead.vue'

/** What an address gets that no view has. */
</script>

<template>
  <ViewHead title="There is no such page" state="nothing here">
    The address has a mistake in it, or the page has moved.
    <RouterLink to="/gather" class="button-quiet">Go to Gather</RouterLink>
  </ViewHead>
</template>

<script setup lang="ts">
import ViewHead from '../../parts/ViewHead.vue'
import PrepRows from './PrepRows.vue'
import ShelfPages from './ShelfPages.vue'
import WearTable from './WearTable.vue'

/** What is worn, and what is new and still to be washed in. */
</script>

<template>
  <ViewHead :title="$t('shelf.wearView.howWornItIs')" />
  <ShelfPages />
  <WearTable class="mt-4" />
  <PrepRows class="mt-6" />
</template>

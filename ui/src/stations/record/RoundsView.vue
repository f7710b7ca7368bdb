<script setup lang="ts">
import ViewHead from '../../parts/ViewHead.vue'
import RoundTable from './RoundTable.vue'
import RecordPages from './RecordPages.vue'
</script>

<template>
  <ViewHead :title="$t('record.recordView.everyRound')" />
  <RecordPages />
  <div class="mt-4">
    <RoundTable />
  </div>
</template>

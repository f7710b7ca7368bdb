<script setup lang="ts">
import ViewHead from '../../parts/ViewHead.vue'
import FilesPanel from './FilesPanel.vue'
import RecordPages from './RecordPages.vue'
</script>

<template>
  <ViewHead :title="$t('record.recordView.files')" />
  <RecordPages />
  <div class="mt-4">
    <FilesPanel />
  </div>
</template>

<script setup lang="ts">
import ViewHead from '../../parts/ViewHead.vue'
import { useAnswer } from '../../use/useLoaded'
import CostsPanel from './CostsPanel.vue'
import RecordPages from './RecordPages.vue'

const { data: story, reload } = useAnswer('/api/v1/record/story', () => ({
  params: { query: { days: 70 } },
}))
</script>

<template>
  <ViewHead :title="$t('record.recordView.costsAndUse')" />
  <RecordPages />
  <div class="mt-4">
    <CostsPanel v-if="story" :maintenance="story.maintenance" @changed="reload" />
  </div>
</template>

<script setup lang="ts">
import ViewHead from '../../parts/ViewHead.vue'
import { useAnswer } from '../../use/useLoaded'
import BesidePanel from './BesidePanel.vue'
import RecordPages from './RecordPages.vue'

const { data: story } = useAnswer('/api/v1/record/story', () => ({
  params: { query: { days: 70 } },
}))
</script>

<template>
  <ViewHead :title="$t('record.recordView.comparePeriods')" />
  <RecordPages />
  <div class="mt-4">
    <BesidePanel v-if="story" :to="story.to" />
  </div>
</template>

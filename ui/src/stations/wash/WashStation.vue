<script setup lang="ts">
import { answer, api } from '../../api/client'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useLoaded } from '../../use/useLoaded'
import PlanView from './PlanView.vue'
import RunView from './RunView.vue'

/** What runs, or the plan of the load that is ready, or neither. */
const {
  data: state,
  error,
  loading,
  reload,
} = useLoaded(async () => {
  const [running, sorting] = await Promise.all([
    answer(api.GET('/api/rounds/running')),
    answer(api.GET('/api/loads/open')),
  ])
  return { round: running.round, loadId: sorting.load?.id }
})
</script>

<template>
  <LoadState :error="error" :loading="loading && !state" @again="reload" />
  <template v-if="state">
    <RunView v-if="state.round" :round="state.round" @changed="reload" />
    <PlanView v-else-if="state.loadId" :load-id="state.loadId" @started="reload" />
    <ViewHead v-else title="Nothing to wash" state="yet">
      A load comes from <RouterLink to="/sort" class="button-quiet">Sort</RouterLink>. What was
      washed last hangs in <RouterLink to="/dry" class="button-quiet">Dry</RouterLink>.
    </ViewHead>
  </template>
</template>

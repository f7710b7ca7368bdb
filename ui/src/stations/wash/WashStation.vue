<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../../api/client'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useChanges } from '../../stores/changes'
import { useLoaded } from '../../use/useLoaded'
import PlanView from './PlanView.vue'
import RunView from './RunView.vue'

const route = useRoute()
/** What runs or is practised, or the plan of the load that was chosen or is ready first, or neither. */
const {
  data: state,
  error,
  loading,
  reload,
} = useLoaded(['/api/v1/rounds/running', '/api/v1/loads'], async () => {
  const [running, loads] = await Promise.all([
    answer(api.GET('/api/v1/rounds/running')),
    answer(api.GET('/api/v1/loads')),
  ])
  return { round: running.practice ?? running.round, loads }
})
const { washer } = storeToRefs(useChanges())
const load = computed(
  () => state.value?.loads.find((l) => l.id === Number(route.query.load)) ?? state.value?.loads[0],
)
</script>

<template>
  <LoadState :error="error" :loading="loading && !state" @again="reload" />
  <template v-if="state">
    <RunView
      v-if="state.round"
      :key="state.round.id"
      :round="state.round"
      :washer="washer"
      @changed="reload"
      @practised="reload"
    />
    <template v-else-if="load">
      <nav
        v-if="state.loads.length > 1"
        :aria-label="$t('wash.washStation.loads')"
        class="mb-2 flex flex-wrap gap-1.5 text-sm"
      >
        <RouterLink
          v-for="l in state.loads"
          :key="l.id"
          :to="{ query: { load: l.id } }"
          class="chip px-2 py-1"
          :class="l.id === load.id ? 'bg-ink font-semibold text-paper' : ''"
          :aria-current="l.id === load.id ? 'true' : undefined"
          data-load
        >
          {{ l.title }}
        </RouterLink>
      </nav>
      <PlanView :key="load.id" :load-id="load.id" @started="reload" />
    </template>
    <ViewHead v-else :title="$t('wash.washStation.noLoadYet')" :state="$t('wash.washStation.yet')">
      {{ $t('wash.washStation.aLoadComesFrom') }}
      <RouterLink to="/sort" class="button-quiet">{{ $t('wash.washStation.sort') }}</RouterLink>{{
        $t('wash.washStation.whatWasWashedLastHangs')
      }}
      <RouterLink to="/dry" class="button-quiet">{{ $t('wash.washStation.dry') }}</RouterLink>.
    </ViewHead>
  </template>
</template>

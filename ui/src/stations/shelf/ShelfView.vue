<script setup lang="ts">
import { watch } from 'vue'
import LoadState from '../../parts/LoadState.vue'
import SawTaps from '../../parts/SawTaps.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useWhy } from '../../stores/why'
import { useAnswer } from '../../use/useLoaded'
import BundleBoard from './BundleBoard.vue'
import CoverScale from './CoverScale.vue'
import RhythmTable from './RhythmTable.vue'
import PrepRows from './PrepRows.vue'
import ShelfBoard from './ShelfBoard.vue'
import WearTable from './WearTable.vue'

const why = useWhy()
const { data: shelf, error, loading, reload } = useAnswer('/api/v1/shelf')
const { data: cover } = useAnswer('/api/v1/cover')
// Only as the page opens: a later look must not close what the person opened meanwhile.
watch(
  shelf,
  (now, before) => {
    if (now && !before) why.suggest(now.whys['bundle.day'])
  },
  { immediate: true },
)
</script>

<template>
  <LoadState :error="error" :loading="loading && !shelf" @again="reload" />
  <template v-if="shelf">
    <ViewHead
      :title="$t('shelf.shelfView.onTheShelf')"
      :state="
        shelf.coversUntil
          ? $t('shelf.shelfView.coversUntil', { coversUntil: shelf.coversUntil })
          : ''
      "
      :why="shelf.whys[`cover.${shelf.runsOutFirst}`]"
    >
      <template v-if="shelf.runsOutFirst">
        {{ $t('shelf.shelfView.firstToRunOutAt', { runsOutFirst: shelf.runsOutFirstWords ?? '' }) }}
        <strong v-if="shelf.missing" data-missing>{{ shelf.missing }}</strong>
      </template>
    </ViewHead>

    <BundleBoard :shelf="shelf" @wished="reload" />

    <CoverScale
      v-if="cover?.lines.length"
      class="mt-6"
      :now="shelf.now"
      :lines="cover.lines"
      :whys="cover.whys"
    />

    <p v-if="shelf.compartments.length === 0" class="mt-4" data-nothing-owned>
      {{ $t('shelf.shelfView.nothingOwnedYet') }}
      <RouterLink to="/kit" class="underline decoration-line decoration-2 underline-offset-4">{{
        $t('shelf.shelfView.addTextiles')
      }}</RouterLink>
    </p>
    <template v-else>
      <h2 class="mt-6 text-lg">{{ $t('shelf.shelfView.cleanParts') }}</h2>
      <div class="mt-1 grid grid-cols-1 gap-x-8 sm:grid-cols-2 xl:grid-cols-3">
        <ShelfBoard
          v-for="c in shelf.compartments"
          :key="c.role"
          :compartment="c"
          :why="shelf.whys[`part.${c.role}`]"
        />
      </div>
      <h2 class="mt-6 text-lg">{{ $t('shelf.shelfView.whatISeeHere') }}</h2>
      <SawTaps class="mt-1" where="SHELF" />
    </template>
    <PrepRows class="mt-6" />
    <p class="mt-4">
      <RouterLink
        to="/week"
        class="underline decoration-line decoration-2 underline-offset-4"
        data-to-week
        >{{ $t('shelf.shelfView.planOfTheWeek') }}</RouterLink
      >
    </p>
    <RhythmTable />
    <WearTable class="mt-6" />
  </template>
</template>

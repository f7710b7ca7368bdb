<script setup lang="ts">
import { watch } from 'vue'
import LoadState from '../../parts/LoadState.vue'
import NoticedTaps from '../../parts/NoticedTaps.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useWhy } from '../../stores/why'
import { useAnswer } from '../../use/useLoaded'
import BundleBoard from './BundleBoard.vue'
import CoverScale from './CoverScale.vue'
import ShelfPages from './ShelfPages.vue'
import StillMarked from './StillMarked.vue'

/** The bundles on the shelf, and how long they last. */
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
    <ShelfPages />

    <BundleBoard :shelf="shelf" @wished="reload" />

    <CoverScale
      v-if="cover?.lines.length"
      class="mt-4"
      :now="shelf.now"
      :lines="cover.lines"
      :whys="cover.whys"
    />
    <StillMarked />
    <p v-if="shelf.compartments.length === 0" class="mt-4" data-nothing-owned>
      {{ $t('shelf.shelfView.nothingOwnedYet') }}
      <RouterLink to="/set-up/own" class="button-quiet">{{
        $t('shelf.shelfView.addTextiles')
      }}</RouterLink>
    </p>
    <details v-else class="mt-3 print:hidden" data-noticed>
      <summary class="button-quiet px-0">{{ $t('shelf.shelfView.whatISeeHere') }}</summary>
      <NoticedTaps class="mt-2" where="SHELF" />
    </details>
  </template>
</template>

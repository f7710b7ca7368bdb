<script setup lang="ts">
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useAnswer } from '../../use/useLoaded'
import RhythmTable from './RhythmTable.vue'
import ShelfBoard from './ShelfBoard.vue'
import ShelfPages from './ShelfPages.vue'

/** Do we own enough? And what is clean right now. */
const { data: shelf, error, loading, reload } = useAnswer('/api/v1/shelf')
</script>

<template>
  <LoadState :error="error" :loading="loading && !shelf" @again="reload" />
  <template v-if="shelf">
    <ViewHead :title="$t('shelf.stockView.doWeOwnEnough')" />
    <ShelfPages />
    <RhythmTable />
    <template v-if="shelf.compartments.length">
      <details class="mt-4" data-clean-parts>
        <summary class="button-quiet px-0">{{ $t('shelf.shelfView.cleanParts') }}</summary>
        <div class="mt-1 grid grid-cols-1 gap-x-8 sm:grid-cols-2 xl:grid-cols-3">
          <ShelfBoard
            v-for="c in shelf.compartments"
            :key="c.role"
            :compartment="c"
            :why="shelf.whys[`part.${c.role}`]"
          />
        </div>
      </details>
    </template>
  </template>
</template>

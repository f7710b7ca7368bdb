<script setup lang="ts">
import { watch } from 'vue'
import { answer, api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useWhy } from '../../stores/why'
import { useLoaded } from '../../use/useLoaded'
import CoverScale from './CoverScale.vue'
import RhythmTable from './RhythmTable.vue'
import ShelfBoard from './ShelfBoard.vue'

const why = useWhy()
const { data: shelf, error, loading, reload } = useLoaded(() => answer(api.GET('/api/shelf')))
watch(shelf, (now) => why.suggest(now?.whys.day))
</script>

<template>
  <LoadState :error="error" :loading="loading && !shelf" @again="reload" />
  <template v-if="shelf">
    <ViewHead
      title="On the shelf"
      :state="shelf.coversUntil ? `covers until ${shelf.coversUntil}` : ''"
      :why="shelf.whys[`cover.${shelf.runsOutFirst}`]"
    >
      <template v-if="shelf.runsOutFirst">
        First to run out: {{ shelf.runsOutFirst }}, at the pace of a normal day. What hangs or waits
        is not counted.
      </template>
    </ViewHead>

    <section class="mt-4 grid gap-6 sm:grid-cols-2" aria-label="Bundles">
      <div class="border-l-4 border-sun pl-4">
        <p>
          <Figure :why="shelf.whys.day">
            <span class="font-head text-5xl font-bold" data-days>{{ shelf.days }}</span>
          </Figure>
          <span class="ml-2 font-head text-xl">day bundle{{ shelf.days === 1 ? '' : 's' }}</span>
        </p>
        <p class="text-soft">
          shell, main insert, booster{{
            shelf.bundles.dayShort ? `; ${shelf.bundles.dayShort} short, without booster` : ''
          }}
        </p>
        <p v-if="shelf.dayLimit">The {{ shelf.dayLimit }} runs short.</p>
      </div>
      <div class="border-l-4 border-water pl-4">
        <p>
          <Figure :why="shelf.whys.night">
            <span class="font-head text-5xl font-bold" data-nights>{{ shelf.nights }}</span>
          </Figure>
          <span class="ml-2 font-head text-xl"
            >night bundle{{ shelf.nights === 1 ? '' : 's' }}</span
          >
        </p>
        <p class="text-soft">
          night fitted, booster, cover{{
            shelf.bundles.nightShort ? `; ${shelf.bundles.nightShort} short, without booster` : ''
          }}
        </p>
        <p v-if="shelf.nightLimit">The {{ shelf.nightLimit }} runs short.</p>
      </div>
    </section>

    <CoverScale
      v-if="shelf.covers.length"
      class="mt-6"
      :now="shelf.now"
      :covers="shelf.covers"
      :whys="shelf.whys"
    />

    <RhythmTable />

    <h2 class="mt-6 text-lg">Clean parts</h2>
    <div class="mt-1 grid gap-x-8 sm:grid-cols-2 xl:grid-cols-3">
      <ShelfBoard
        v-for="c in shelf.compartments"
        :key="c.role"
        :compartment="c"
        :why="shelf.whys[`part.${c.role}`]"
      />
    </div>
  </template>
</template>

<script setup lang="ts">
import Figure from '../../parts/Figure.vue'
import { useAnswer } from '../../use/useLoaded'

/** New pieces that are on their way to the shelf. */
const { data: lots } = useAnswer('/api/v1/prep')
</script>

<template>
  <section v-if="lots?.length" :aria-label="$t('shelf.prepRows.newPiecesBeingPrepared')" data-prep>
    <h2 class="text-lg">{{ $t('shelf.prepRows.beingPrepared') }}</h2>
    <p v-for="lot in lots" :key="lot.id" class="border-t border-line py-1">
      <strong>{{ lot.words }}</strong>: <Figure :why="lot.why">{{ lot.readyWords }}</Figure>{{
        lot.soakWords ? $t('shelf.prepRows.soakingFor', { soakWords: lot.soakWords }) : ''
      }}
    </p>
  </section>
</template>

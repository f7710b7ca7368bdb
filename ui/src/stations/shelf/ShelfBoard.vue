<script setup lang="ts">
import { computed } from 'vue'
import type { Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'

/** One compartment: its clean pieces stand upright on the board, the missing ones as gaps. */
const props = defineProps<{ compartment: Api['Compartment']; why?: Api['Why'] }>()

const WIDTH = 300
const slot = computed(() => Math.min(14, (WIDTH - 4) / Math.max(1, props.compartment.owned)))
</script>

<template>
  <div class="pt-2" :data-compartment="compartment.role">
    <svg :viewBox="`0 0 ${WIDTH} 38`" class="block w-full" aria-hidden="true">
      <rect
        v-for="i in compartment.owned"
        :key="i"
        :x="2 + (i - 1) * slot"
        :y="i <= compartment.clean ? 6 : 30"
        :width="Math.max(1, slot - 2)"
        :height="i <= compartment.clean ? 27 : 3"
        :fill="
          i <= compartment.clean
            ? 'color-mix(in srgb, var(--c-water) 60%, var(--c-sheet))'
            : 'var(--c-line)'
        "
        :stroke="i <= compartment.clean ? 'var(--c-ink)' : 'none'"
        stroke-width="0.7"
      />
      <line x1="0" :x2="WIDTH" y1="34.5" y2="34.5" stroke="var(--c-ink)" stroke-width="2.4" />
    </svg>
    <p class="flex justify-between gap-2">
      <span>{{ compartment.name }}</span>
      <Figure :why="why">
        <strong>{{ compartment.clean }}</strong>
        {{ $t('shelf.shelfBoard.of', { owned: compartment.owned }) }}
      </Figure>
    </p>
    <p class="text-sm text-soft">
      {{ compartment.kinds.map((k) => k.words).join(', ') }}
    </p>
  </div>
</template>

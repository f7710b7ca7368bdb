<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import type { Api } from '../../api/client'

/** The walks of today, each with what is carried on it; the first one that is due has its button. */
defineProps<{ trips: Api['TripView'][]; busy: boolean }>()
const emit = defineEmits<{ done: [trip: Api['TripView']] }>()
/** On a phone only the first trip tells all; the others open with a tap. */
const wide = useMediaQuery('(min-width: 40rem)')

function more(trip: Api['TripView']) {
  return trip.errands.some((e) => e.words !== trip.title)
}
</script>

<template>
  <ol class="grid grid-cols-1 gap-x-8 gap-y-3 sm:grid-cols-2 lg:grid-cols-3" data-trips>
    <li v-for="(trip, i) in trips" :key="`${trip.at}${i}`" class="flex gap-3" :data-trip="i + 1">
      <span
        class="flex size-7 shrink-0 items-center justify-center rounded-full border border-ink text-sm font-bold"
        :class="trip.due ? 'bg-ink text-paper' : ''"
        aria-hidden="true"
        >{{ i + 1 }}</span
      >
      <div class="min-w-0">
        <component
          :is="more(trip) ? 'details' : 'div'"
          :open="more(trip) ? wide || trip.due || i === 0 : undefined"
        >
          <component
            :is="more(trip) ? 'summary' : 'p'"
            :class="
              more(trip)
                ? 'cursor-pointer list-none underline decoration-line decoration-dotted underline-offset-4'
                : ''
            "
            class="font-head leading-tight font-bold"
          >
            {{ trip.due ? $t('dry.tripList.now') : trip.atWords }}: {{ trip.title }}
          </component>
          <ul v-if="more(trip)" class="text-sm">
            <li v-for="e in trip.errands" :key="e.words" :data-errand="e.event">{{ e.words }}</li>
          </ul>
        </component>
        <button
          v-if="trip.due && i > 0"
          type="button"
          class="button-plain mt-1"
          :disabled="busy"
          @click="emit('done', trip)"
        >
          {{ $t('dry.tripList.done') }}
        </button>
      </div>
    </li>
  </ol>
</template>

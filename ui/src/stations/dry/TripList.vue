<script setup lang="ts">
import type { Api } from '../../api/client'

/** The walks of today, each with what is carried on it; the first one that is due has its button. */
defineProps<{ trips: Api['TripView'][]; busy: boolean }>()
const emit = defineEmits<{ done: [trip: Api['TripView']] }>()
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
        <p class="font-head leading-tight font-bold">
          {{ trip.due ? $t('dry.tripList.now') : trip.atWords }}: {{ trip.title }}
        </p>
        <ul v-if="trip.errands.some((e) => e.words !== trip.title)" class="text-sm">
          <li v-for="e in trip.errands" :key="e.words" :data-errand="e.event">{{ e.words }}</li>
        </ul>
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

<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Api } from '../../api/client'
import { OWN, STAYS, type Picked } from './useSorting'

/** What can be done with the pieces that are picked out: move them, or learn why two stay apart. */
const props = defineProps<{
  picked: Picked[]
  drums: Api['Drum'][]
  pair?: Api['Pair']
  verdict?: Api['JoiningVerdict']
  busy: boolean
}>()
const emit = defineEmits<{ move: [to: number]; aside: [reason: string]; close: [] }>()

const reason = ref('')
watch(
  () => props.verdict,
  () => (reason.value = ''),
)
function from(p: Picked) {
  return p.from === STAYS ? 'waiting' : `in load ${p.from}`
}
</script>

<template>
  <div
    v-if="picked.length"
    class="sticky bottom-32 z-20 mt-2 border-2 border-ink bg-sheet px-4 py-2.5 lg:bottom-16"
    role="region"
    aria-label="Picked out"
    data-pick-bar
  >
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1.5">
      <strong>
        {{ picked.map((p) => `${p.line.words} (${from(p)})`).join(' and ') }}
      </strong>
      <button type="button" class="button-quiet ml-auto" @click="emit('close')">Close</button>
    </div>
    <p v-if="pair" class="mt-1" role="status" data-pair>
      {{ pair.together ? '✓' : pair.hard ? '✕' : '!' }} {{ pair.words }}
    </p>
    <form
      v-if="verdict"
      class="mt-1 flex flex-wrap items-center gap-2"
      @submit.prevent="emit('aside', reason)"
    >
      <p class="w-full font-semibold text-heat-word" role="alert" data-verdict>
        ! {{ verdict.reason }}. You may set this aside.
      </p>
      <label class="flex-1">
        <span class="sr-only">Why you set it aside</span>
        <input
          v-model="reason"
          class="w-full"
          maxlength="200"
          placeholder="because …"
          data-field="reason"
        />
      </label>
      <button type="submit" class="button-plain" :disabled="busy || !reason.trim()">
        Set it aside and move
      </button>
    </form>
    <div v-else-if="picked.length === 1" class="mt-1.5 flex flex-wrap items-center gap-2">
      <span class="text-soft">Move to</span>
      <template v-for="drum in drums" :key="drum.number">
        <button
          v-if="drum.number !== picked[0]?.from"
          type="button"
          class="button-plain py-1"
          :disabled="busy"
          :data-move="drum.number"
          @click="emit('move', drum.number)"
        >
          load {{ drum.number }}
        </button>
      </template>
      <button
        type="button"
        class="button-plain py-1"
        :disabled="busy"
        data-move="own"
        @click="emit('move', OWN)"
      >
        a load of its own
      </button>
      <button
        v-if="picked[0]?.from !== STAYS"
        type="button"
        class="button-plain py-1"
        :disabled="busy"
        data-move="stays"
        @click="emit('move', STAYS)"
      >
        keep it back
      </button>
      <span class="text-sm text-soft"
        >or pick a second to learn whether they may share a wash.</span
      >
    </div>
  </div>
</template>

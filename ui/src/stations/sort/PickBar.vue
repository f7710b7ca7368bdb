<script setup lang="ts">
import { t } from '../../words'
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
const emit = defineEmits<{
  move: [to: number]
  aside: [reason: string, always: boolean]
  close: []
}>()

/** One tap sets the rule aside for one of these; another reason may be typed. */
const REASONS = [
  t('sort.pickBar.itCannotWait'),
  t('sort.pickBar.onlyThisOnce'),
  t('sort.pickBar.itWentWellBefore'),
]
const reason = ref('')
watch(
  () => props.verdict,
  () => (reason.value = ''),
)
function from(p: Picked) {
  return p.from === STAYS ? t('sort.pickBar.waiting') : t('sort.pickBar.inLoad', { from: p.from })
}
</script>

<template>
  <div
    v-if="picked.length"
    class="sticky bottom-32 z-20 mt-2 border-2 border-ink bg-sheet px-4 py-2.5 lg:bottom-16"
    role="region"
    :aria-label="$t('sort.pickBar.chosenPieces')"
    data-pick-bar
  >
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1.5">
      <strong>
        {{ picked.map((p) => `${p.line.words} (${from(p)})`).join(', ') }}
      </strong>
      <button type="button" class="button-quiet ml-auto" @click="emit('close')">
        {{ $t('sort.pickBar.close') }}
      </button>
    </div>
    <p v-if="pair" class="mt-1" role="status" data-pair>
      {{ pair.together ? '✓' : pair.hard ? '✕' : '!' }} {{ pair.words }}
    </p>
    <form
      v-if="verdict"
      class="mt-1 flex flex-wrap items-center gap-2"
      @submit.prevent="emit('aside', reason, false)"
    >
      <p class="w-full font-semibold text-heat-word" role="alert" data-verdict>
        {{ $t('sort.pickBar.youMaySetThisAside', { reason: verdict.reason }) }}
      </p>
      <button
        v-for="r in REASONS"
        :key="r"
        type="button"
        class="button-plain"
        :disabled="busy"
        data-aside
        @click="emit('aside', r, false)"
      >
        {{ r }}
      </button>
      <button
        type="button"
        class="button-plain font-semibold"
        :disabled="busy"
        data-always
        @click="emit('aside', reason.trim() || $t('sort.pickBar.weAlwaysDoItSo'), true)"
      >
        {{ $t('sort.pickBar.alwaysInThisHouse') }}
      </button>
      <label class="min-w-56 flex-1">
        <span class="sr-only">{{ $t('sort.pickBar.whyYouSetItAside') }}</span>
        <input
          v-model="reason"
          class="w-full"
          maxlength="200"
          :placeholder="$t('sort.pickBar.because')"
          data-field="reason"
        />
      </label>
      <button type="submit" class="button-plain" :disabled="busy || !reason.trim()">
        {{ $t('sort.pickBar.setItAsideAndMove') }}
      </button>
    </form>
    <div v-else-if="picked.length === 1" class="mt-1.5 flex flex-wrap items-center gap-2">
      <span class="text-soft">{{ $t('sort.pickBar.moveTo') }}</span>
      <template v-for="drum in drums" :key="drum.number">
        <button
          v-if="drum.number !== picked[0]?.from"
          type="button"
          class="button-plain py-1"
          :disabled="busy"
          :data-move="drum.number"
          @click="emit('move', drum.number)"
        >
          {{ $t('sort.pickBar.load', { number: drum.number }) }}
        </button>
      </template>
      <button
        type="button"
        class="button-plain py-1"
        :disabled="busy"
        data-move="own"
        @click="emit('move', OWN)"
      >
        {{ $t('sort.pickBar.aLoadOfItsOwn') }}
      </button>
      <button
        v-if="picked[0]?.from !== STAYS"
        type="button"
        class="button-plain py-1"
        :disabled="busy"
        data-move="stays"
        @click="emit('move', STAYS)"
      >
        {{ $t('sort.pickBar.waitForAnotherWash') }}
      </button>
      <span class="text-sm text-soft">{{ $t('sort.pickBar.orPickASecondTo') }}</span>
    </div>
  </div>
</template>

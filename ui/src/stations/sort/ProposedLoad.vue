<script setup lang="ts">
import type { Api } from '../../api/client'
import DrumFront from '../../charts/DrumFront.vue'
import FillWords from './FillWords.vue'
import Figure from '../../parts/Figure.vue'
import { measure } from '../../use/format'
import PieceChip from './PieceChip.vue'

/** A load as it is proposed: the drum, what is in it, and why. */
defineProps<{
  drum: Api['Drum']
  machine: Api['MachineFront']
  busy: boolean
  isPicked: (line: Api['PieceLine'], from: number) => boolean
}>()
defineEmits<{
  pick: [line: Api['PieceLine']]
  accept: []
}>()
</script>

<template>
  <section
    class="grid grid-cols-1 gap-x-5 gap-y-2 border-t border-ink py-3 sm:grid-cols-[190px_1fr]"
    :aria-label="$t('sort.proposedLoad.load', { number: drum.number })"
    :data-drum="drum.number"
  >
    <div class="mx-auto w-full max-w-[210px]">
      <DrumFront :fill="drum.fill" :machine="machine" />
      <p class="text-center text-sm">
        <Figure :why="drum.whys.fill">
          <strong data-fill>{{
            $t('sort.proposedLoad.full', { main: Math.round(drum.fill.main * 100) })
          }}</strong>
        </Figure>
        ,
        <Figure :why="drum.whys.mass">{{
          $t('sort.proposedLoad.kg', { massKg: measure(drum.fill.massKg, 'kilogram', 1) })
        }}</Figure>
      </p>
    </div>
    <div class="min-w-0">
      <div class="flex flex-wrap items-baseline gap-x-3">
        <h2 class="text-xl">{{ $t('sort.proposedLoad.load', { number: drum.number }) }}</h2>
        <span class="text-soft">{{ drum.title }}</span>
        <span class="ml-auto text-sm">
          {{
            drum.leastC >= 60
              ? $t('sort.proposedLoad.needs', { leastC: measure(drum.leastC, 'celsius') })
              : $t('sort.proposedLoad.upTo', { commonC: measure(drum.commonC, 'celsius') })
          }}
        </span>
      </div>
      <ul class="mt-1.5 flex flex-wrap gap-1.5" :aria-label="$t('sort.proposedLoad.firstWashSet')">
        <li v-for="line in drum.first" :key="line.ids.join()">
          <PieceChip
            :line="line"
            :picked="isPicked(line, drum.number)"
            @pick="$emit('pick', line)"
          />
        </li>
      </ul>
      <ul v-if="drum.bulkers.length" class="mt-1.5 flex flex-wrap items-center gap-1.5">
        <li class="text-sm text-soft">{{ $t('sort.proposedLoad.thenBulk') }}</li>
        <li
          v-for="line in drum.bulkers"
          :key="line.ids.join()"
          class="chip border-dashed px-2 py-1 leading-tight"
          :data-bulk="line.kind"
        >
          {{ line.words }}
        </li>
      </ul>
      <FillWords class="mt-1.5" :advice="drum.advice" />
      <details class="mt-1 text-sm" data-reasons>
        <summary class="inline-block cursor-pointer underline decoration-line underline-offset-4">
          {{ $t('sort.proposedLoad.whyThisLoad') }}
        </summary>
        <ul class="mt-1 list-disc pl-5">
          <li v-for="reason in drum.reasons" :key="reason">{{ reason }}</li>
          <li v-for="no in drum.refused" :key="no.kind">
            {{ $t('sort.proposedLoad.noToFillTheDrum', { kind: no.kind, reason: no.reason }) }}
          </li>
          <li v-for="s in drum.setAside" :key="s.words" data-set-aside>
            {{ $t('sort.proposedLoad.setAsideBecause', { words: s.words, reason: s.reason }) }}
          </li>
        </ul>
      </details>
      <button
        type="button"
        class="button-plain mt-2"
        :disabled="busy"
        data-accept
        @click="$emit('accept')"
      >
        {{ $t('sort.proposedLoad.acceptThisLoad') }}
      </button>
    </div>
  </section>
</template>

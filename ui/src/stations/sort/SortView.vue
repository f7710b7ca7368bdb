<script setup lang="ts">
import { t } from '../../words'
import { computed, watch } from 'vue'
import type { Api } from '../../api/client'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import WashNow from '../../parts/WashNow.vue'
import { useWhy } from '../../stores/why'
import { count } from '../../use/format'
import { useKeys } from '../../use/useKeys'
import PickBar from './PickBar.vue'
import PieceChip from './PieceChip.vue'
import ProposedLoad from './ProposedLoad.vue'
import ReadyLoad from './ReadyLoad.vue'
import { STAYS, useSorting } from './useSorting'

const why = useWhy()
const {
  sorting,
  error,
  loading,
  reload,
  picked,
  pair,
  asking,
  busy,
  isPicked,
  pick,
  unpick,
  move,
  asProposed,
  setAside,
  askAgain,
  accept,
  takeBack,
} = useSorting()

const drums = computed(() => sorting.value?.drums ?? [])
const loads = computed(() => sorting.value?.loads ?? [])
/** What waits, under the pail it lies in. */
const waitsByPail = computed(() => {
  const waits = sorting.value?.waits ?? []
  const pails = [...new Set(waits.map((w) => w.line.pails))]
  return pails.map((pail) => [pail, waits.filter((w) => w.line.pails === pail)] as const)
})
const nothing = computed(
  () =>
    sorting.value &&
    !drums.value.length &&
    !loads.value.length &&
    !sorting.value.waits.length &&
    !sorting.value.answers.length,
)
watch(sorting, (now, before) => {
  if (now && now.stamp !== before?.stamp) why.suggest((now.drums[0] ?? now.loads[0])?.whys.fill)
})

function moveFirst(to: number) {
  const what = picked.value[0]
  if (what) void move(what, to)
}

useKeys({
  n: () => drums.value.length && accept(),
})
const state = computed(() =>
  drums.value.length
    ? t('sort.sortView.planned', { length: count(drums.value.length, 'load') })
    : loads.value.length
      ? t('sort.sortView.ready', { length: count(loads.value.length, 'load') })
      : t('sort.sortView.noLoadNeededYet'),
)
</script>

<template>
  <LoadState :error="error" :loading="loading && !sorting" @again="reload" />
  <template v-if="sorting">
    <ViewHead :title="$t('sort.sortView.intoLoads')" :state="state">
      <template v-if="nothing">
        {{ $t('sort.sortView.thePailsAreEmpty') }}
        <RouterLink to="/gather" class="button-quiet">{{ $t('sort.sortView.gather') }}</RouterLink>
        {{ $t('sort.sortView.comesFirst') }}
      </template>
      <template v-else-if="drums.length">
        {{ $t('sort.sortView.everythingThatWaitsInThe') }}
        <span v-if="!sorting.proven" data-proven="no">
          {{ $t('sort.sortView.oneOfSeveralGoodWays') }}
        </span>
        <button
          v-if="sorting.moved"
          type="button"
          class="button-quiet"
          :disabled="busy"
          data-as-proposed
          @click="asProposed"
        >
          {{ $t('sort.sortView.leaveOutWhatIMoved') }}
        </button>
      </template>
      <template v-else> {{ $t('sort.sortView.nothingNeedsWashingNowSee') }} </template>
    </ViewHead>

    <ReadyLoad
      v-for="load in loads"
      :key="load.id"
      class="mt-2"
      :load="load"
      @changed="reload"
      @back="takeBack([load.id])"
    />
    <ProposedLoad
      v-for="drum in drums"
      :key="drum.number"
      class="mt-2"
      :drum="drum"
      :machine="sorting.machine as Api['MachineFront']"
      :busy="busy"
      :is-picked="isPicked"
      @pick="(line) => pick(line, drum.number)"
      @accept="accept(drum.number)"
    />

    <section
      v-if="sorting.answers.length"
      class="mt-3 border-t border-ink pt-2"
      :aria-label="$t('sort.sortView.noLoadForThese')"
    >
      <h2 class="text-lg">{{ $t('sort.sortView.noLoadForThese') }}</h2>
      <p v-for="a in sorting.answers" :key="a.line.ids.join()" class="mt-1" data-answer>
        <strong>{{ a.line.words }}, {{ a.line.soil }}.</strong> {{ a.reason }} {{ a.instead }}
      </p>
    </section>

    <section
      v-if="sorting.waits.length"
      class="mt-3 border-t border-ink pt-2"
      :aria-label="$t('sort.sortView.waits')"
    >
      <div class="flex flex-wrap items-baseline gap-4">
        <h2 class="text-lg">{{ $t('sort.sortView.waits') }}</h2>
        <WashNow>{{ $t('sort.sortView.washWhatWaitsNow') }}</WashNow>
      </div>
      <div v-for="[pail, lines] in waitsByPail" :key="pail" class="mt-2" :data-wait-pail="pail">
        <h3 class="font-semibold">{{ pail }}</h3>
        <ul>
          <li
            v-for="w in lines"
            :key="w.line.ids.join() + w.reason"
            class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line py-1"
            data-wait
          >
            <PieceChip
              :line="w.line"
              :picked="isPicked(w.line, STAYS)"
              @pick="pick(w.line, STAYS)"
            />
            <span class="text-sm font-semibold whitespace-nowrap">{{
              $t('sort.sortView.until', { untilWords: w.untilWords })
            }}</span>
            <span class="min-w-52 flex-1 text-sm text-soft">{{ w.reason }}</span>
          </li>
        </ul>
      </div>
    </section>

    <details class="mt-4 text-sm">
      <summary class="inline-block cursor-pointer underline decoration-line underline-offset-4">
        {{ $t('sort.sortView.whatMustNotBeWashed') }}
      </summary>
      <ul class="mt-1 grid grid-cols-1 gap-x-8 lg:grid-cols-2">
        <li v-for="rule in sorting.rules" :key="rule.name" class="border-t border-line py-1">
          {{
            rule.strength === 'HARD' ? $t('sort.sortView.never') : $t('sort.sortView.betterNot')
          }}: <strong>{{ rule.title }}</strong>. {{ rule.reason }}.
          <span v-if="rule.asideReason" class="block" :data-house-aside="rule.name">
            {{ $t('sort.sortView.setAsideInThisHouse', { reason: rule.asideReason }) }}
            <button
              type="button"
              class="button-quiet"
              :disabled="busy"
              @click="askAgain(rule.name)"
            >
              {{ $t('sort.sortView.askAgain') }}
            </button>
          </span>
        </li>
      </ul>
    </details>

    <PickBar
      :picked="picked"
      :drums="drums"
      :pair="pair"
      :verdict="asking?.verdict"
      :busy="busy"
      @move="moveFirst"
      @aside="setAside"
      @close="unpick"
    />
    <div
      v-if="drums.length || loads.length"
      class="sticky bottom-(--pegs) z-10 mt-3 flex flex-wrap items-center gap-4 border-t border-line bg-paper py-3 lg:bottom-0"
    >
      <button
        v-if="drums.length"
        type="button"
        class="button-main"
        :disabled="busy"
        data-main
        @click="accept()"
      >
        {{
          drums.length === 1
            ? $t('sort.sortView.acceptThisLoad')
            : $t('sort.sortView.acceptAllLoads', { length: drums.length })
        }}
      </button>
      <RouterLink
        v-else
        :to="{ path: '/wash', query: { load: loads[0]?.id } }"
        class="button-main"
        data-main
      >
        {{ $t('sort.sortView.planThisWash') }}
      </RouterLink>
    </div>
  </template>
</template>

<script setup lang="ts">
import { t } from '../../words'
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { madeUp, otherHouse } from '../../api/house'
import PailColumn from '../../charts/PailColumn.vue'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import NoticedTaps from '../../parts/NoticedTaps.vue'
import ViewHead from '../../parts/ViewHead.vue'
import WashNow from '../../parts/WashNow.vue'
import { useWhy } from '../../stores/why'
import { count } from '../../use/format'
import { useKeys } from '../../use/useKeys'
import { useAnswer } from '../../use/useLoaded'
import AddPieces from './AddPieces.vue'
import EmptyPail from './EmptyPail.vue'
import NewPieces from './NewPieces.vue'
import NormalDays from './NormalDays.vue'
import WaitingEntries from './WaitingEntries.vue'
import WipesKit from './WipesKit.vue'

const why = useWhy()
const { data: gathering, error, loading, reload } = useAnswer('/api/v1/pails')
const { data: kinds, reload: reloadKinds } = useAnswer('/api/v1/kinds')
const chosenId = ref<number>()
const adder = useTemplateRef<InstanceType<typeof AddPieces>>('adder')

const chosen = computed(
  () => gathering.value?.pails.find((p) => p.id === chosenId.value) ?? gathering.value?.pails[0],
)
watch(
  gathering,
  (now, before) => {
    if (now && !before) {
      chosenId.value = now.nextDue?.pailId ?? now.pails[0]?.id
      why.suggest(now.whys[`due.${chosenId.value}`])
    }
  },
  { immediate: true },
)

// On a phone the pails lie in a row that scrolls; the chosen one is brought into sight.
watch(chosenId, async () => {
  await nextTick()
  document
    .querySelector('[data-pail][aria-pressed=true]')
    ?.scrollIntoView({ inline: 'center', block: 'nearest' })
})

/** Without pieces and a pail nothing can come in. */
const unready = computed(
  () =>
    kinds.value && (!kinds.value.some((k) => k.stock.owned > 0) || !gathering.value?.pails.length),
)

function choose(id: number) {
  chosenId.value = id
  why.suggest(gathering.value?.whys[`due.${id}`])
}

const PANELS = [
  t('gather.gatherView.addPieces'),
  t('gather.gatherView.emptyIt'),
  t('gather.gatherView.normalDays'),
  t('gather.gatherView.newPieces'),
  t('gather.gatherView.wipes'),
  t('gather.gatherView.whatINoticed'),
]
const panel = ref(0)

async function changedKinds() {
  await Promise.all([reload(), reloadKinds()])
}

async function addFirst() {
  panel.value = 0
  await nextTick()
  adder.value?.focusFirst()
}

useKeys({
  n: addFirst,
})
</script>

<template>
  <LoadState :error="error" :loading="loading && !gathering" @again="reload" />
  <template v-if="gathering">
    <ViewHead
      :title="$t('gather.gatherView.waitingToBeWashed')"
      :state="
        $t('gather.gatherView.in', {
          pieces: count(gathering.pieces, 'piece'),
          length: count(gathering.pails.length, 'place'),
        })
      "
      :why="gathering.whys.pieces"
    >
      <template v-if="gathering.nextDue">
        {{ $t('gather.gatherView.nextWashDue') }}
        <Figure :why="gathering.whys.next">
          <strong :class="gathering.nextDue.over ? 'text-heat-word' : 'text-ink'">
            {{ gathering.nextDue.over ? '! ' : '' }}{{ gathering.nextDue.words }}
          </strong></Figure
        >{{ $t('gather.gatherView.because', { reason: gathering.nextDue.reason }) }}
        <span class="hidden sm:inline">{{
          $t('gather.gatherView.theMarkBesideEachPail', {
            assumed: gathering.assumed
              ? $t('gather.gatherView.piecesAreAssumedAndHatched', gathering.assumed)
              : '',
          })
        }}</span>
      </template>
      <template v-else-if="unready">{{ $t('gather.gatherView.setUpFirst') }}</template>
      <template v-else>{{ $t('gather.gatherView.nothingToWashYetAdd') }}</template>
      <template v-if="!unready" #side>
        <RouterLink to="/sort" class="button-main inline-block" data-main>
          {{ $t('gather.gatherView.sortThesePieces') }}
        </RouterLink>
      </template>
    </ViewHead>

    <p v-if="unready" class="mt-4 flex flex-wrap items-center gap-4" data-first-steps>
      <RouterLink to="/set-up" class="button-main inline-block" data-main>{{
        $t('gather.gatherView.setUpTheHouse')
      }}</RouterLink>
      <a v-if="!madeUp" :href="otherHouse" class="button-quiet" data-other-house>{{
        $t('gather.gatherView.lookAroundInAMade')
      }}</a>
    </p>
    <ul
      v-if="gathering.pails.length"
      class="mt-3 flex gap-x-2 overflow-x-auto border-b border-ink p-1 pb-2 sm:flex-wrap sm:gap-x-3"
    >
      <li
        v-for="pail in gathering.pails"
        :key="pail.id"
        class="w-24 shrink-0 sm:max-w-44 sm:flex-1 sm:basis-[108px]"
      >
        <button
          type="button"
          class="block w-full rounded-sm px-1 pt-1 pb-1.5 text-center"
          :class="pail.id === chosen?.id ? 'bg-sheet ring-1 ring-ink' : ''"
          :aria-pressed="pail.id === chosen?.id"
          :data-pail="pail.name"
          @click="choose(pail.id)"
        >
          <PailColumn :pail="pail" />
          <span class="block font-head font-semibold wrap-anywhere hyphens-auto">{{
            pail.name
          }}</span>
          <span class="block text-sm text-soft">
            {{ count(pail.pieces, 'piece')
            }}<span class="hidden sm:inline">, {{ pail.styleWords }}</span>
          </span>
          <span
            class="block text-sm"
            :class="pail.dueState === 'FINE' ? '' : 'font-semibold text-heat-word'"
          >
            {{
              pail.dueWords
                ? `${pail.dueState === 'FINE' ? $t('gather.gatherView.by') : $t('gather.gatherView.by2')} ${pail.dueWords}`
                : $t('gather.gatherView.empty')
            }}
          </span>
        </button>
      </li>
    </ul>

    <WashNow v-if="chosen?.pieces" class="mt-2" :pail-ids="[chosen.id]">
      {{ $t('gather.gatherView.washNow', { name: chosen.name }) }}
    </WashNow>
    <TabGroup
      v-if="chosen && kinds"
      as="div"
      class="mt-3"
      :selected-index="panel"
      @change="(i: number) => (panel = i)"
    >
      <TabList class="flex gap-1.5 overflow-x-auto p-1 sm:flex-wrap">
        <Tab v-for="p in PANELS" :key="p" v-slot="{ selected }" as="template">
          <button
            type="button"
            class="chip shrink-0 px-2 py-1"
            :class="selected ? 'bg-ink font-semibold text-paper' : ''"
          >
            {{ p }}
          </button>
        </Tab>
      </TabList>
      <TabPanels class="mt-3">
        <TabPanel tabindex="-1" class="grid grid-cols-1 gap-6 xl:grid-cols-[3fr_2fr]">
          <AddPieces ref="adder" :pail="chosen" :kinds="kinds" @changed="changedKinds" />
          <WaitingEntries :pail="chosen" :whys="gathering.whys" @changed="changedKinds" />
        </TabPanel>
        <TabPanel tabindex="-1"><EmptyPail :pail="chosen" @changed="reload" /></TabPanel>
        <TabPanel tabindex="-1">
          <NormalDays :pails="gathering.pails" :kinds="kinds" @changed="reload" />
        </TabPanel>
        <TabPanel tabindex="-1"><NewPieces :kinds="kinds" @changed="changedKinds" /></TabPanel>
        <TabPanel tabindex="-1"><WipesKit /></TabPanel>
        <TabPanel tabindex="-1"><NoticedTaps where="USE" /></TabPanel>
      </TabPanels>
    </TabGroup>
  </template>
</template>

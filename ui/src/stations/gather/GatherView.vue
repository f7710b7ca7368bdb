<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '../../api/client'
import PailColumn from '../../charts/PailColumn.vue'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useWhy } from '../../stores/why'
import { count } from '../../use/format'
import { useKeys } from '../../use/useKeys'
import { useLoaded } from '../../use/useLoaded'
import AddPieces from './AddPieces.vue'
import WaitingEntries from './WaitingEntries.vue'

const router = useRouter()
const why = useWhy()
const { data: gathering, error, loading, reload } = useLoaded(() => answer(api.GET('/api/pails')))
const { data: kinds } = useLoaded(() => answer(api.GET('/api/kinds')))
const chosenId = ref<number>()
const adder = useTemplateRef<InstanceType<typeof AddPieces>>('adder')

const chosen = computed(
  () => gathering.value?.pails.find((p) => p.id === chosenId.value) ?? gathering.value?.pails[0],
)
watch(gathering, (now, before) => {
  if (now && !before) {
    chosenId.value = now.nextDue?.pailId ?? now.pails[0]?.id
    why.suggest(now.whys[`due.${chosenId.value}`])
  }
})

function choose(id: number) {
  chosenId.value = id
  why.suggest(gathering.value?.whys[`due.${id}`])
}

const PLACES = [
  'no place',
  'one place',
  'two places',
  'three places',
  'four places',
  'five places',
  'six places',
]
const places = computed(() => {
  const n = gathering.value?.pails.length ?? 0
  return PLACES[n] ?? `${n} places`
})

useKeys({
  n: () => adder.value?.focusFirst(),
  Enter: () => router.push('/sort'),
})
</script>

<template>
  <LoadState :error="error" :loading="loading && !gathering" @again="reload" />
  <template v-if="gathering">
    <ViewHead
      title="What waits"
      :state="`${count(gathering.pieces, 'piece')} in ${places}`"
      :why="gathering.whys.pieces"
    >
      <template v-if="gathering.nextDue">
        Next wash due
        <Figure :why="gathering.whys[`due.${gathering.nextDue.pailId}`]">
          <strong :class="gathering.nextDue.over ? 'text-heat-word' : 'text-ink'">
            {{ gathering.nextDue.over ? '! ' : '' }}{{ gathering.nextDue.words }}
          </strong></Figure
        >: {{ gathering.nextDue.reason }}. The mark beside each pail climbs to its limit.
      </template>
      <template v-else>Nothing waits. Tap a kind below when a piece comes in.</template>
      <template #side>
        <RouterLink to="/sort" class="button-main inline-block" data-main>
          Sort what is here <span class="keycap ml-2">2</span>
        </RouterLink>
      </template>
    </ViewHead>

    <ul
      class="mt-3 grid grid-cols-3 gap-x-2 gap-y-3 border-b border-ink pb-2 sm:grid-cols-6 sm:gap-x-3"
    >
      <li v-for="pail in gathering.pails" :key="pail.id">
        <button
          type="button"
          class="block w-full rounded-sm px-1 pt-1 pb-1.5 text-center"
          :class="pail.id === chosen?.id ? 'bg-sheet ring-1 ring-ink' : ''"
          :aria-pressed="pail.id === chosen?.id"
          :data-pail="pail.name"
          @click="choose(pail.id)"
        >
          <PailColumn :pail="pail" />
          <span class="block font-head font-semibold">{{ pail.name }}</span>
          <span class="block text-sm text-soft">
            {{ count(pail.pieces, 'piece') }}, {{ pail.styleWords }}
          </span>
          <span
            class="block text-sm"
            :class="pail.dueState === 'FINE' ? '' : 'font-semibold text-heat-word'"
          >
            {{
              pail.dueWords
                ? `${pail.dueState === 'FINE' ? 'by' : '! by'} ${pail.dueWords}`
                : 'empty'
            }}
          </span>
        </button>
      </li>
    </ul>

    <div v-if="chosen && kinds" class="mt-3 grid gap-6 xl:grid-cols-[3fr_2fr]">
      <AddPieces ref="adder" :pail="chosen" :kinds="kinds" @changed="reload" />
      <WaitingEntries :pail="chosen" :whys="gathering.whys" @changed="reload" />
    </div>
  </template>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api } from '../../api/client'
import StarterDrawing from '../../charts/StarterDrawing.vue'
import { useAct } from '../../use/useAct'
import { useFirstFew } from '../../use/useFirstFew'
import { useAnswer } from '../../use/useLoaded'
import type { StepProps } from './setUp'

/** What is owned: sets that are drawn, and beneath them how many of each kind, all on one page. */
const props = defineProps<StepProps>()
const { act } = useAct()
const { data: catalogue } = useAnswer('/api/v1/catalogue')

/** What somebody changed; the rest is as the house has it. */
const changed = ref<Record<string, number>>({})
const taken = ref<string[]>([])
const counts = computed<Record<string, number>>(() => ({ ...props.setUp.owned, ...changed.value }))
/** What was just tapped comes first. */
const shown = computed(() => [
  ...new Set([...Object.keys(changed.value), ...Object.keys(counts.value)]),
])
const { few, left, all } = useFirstFew(shown)
const others = computed(
  () => catalogue.value?.map((p) => p.kind.name).filter((n) => !shown.value.includes(n)) ?? [],
)

function toggle(id: string) {
  const set = props.setUp.sorts.sets.find((s) => s.id === id)
  if (!set) return
  const away = taken.value.includes(id)
  taken.value = away ? taken.value.filter((s) => s !== id) : [...taken.value, id]
  for (const { kind } of set.pieces) {
    // A kind of several sets is owned once, as many as the largest of them has.
    const wanted = props.setUp.sorts.sets
      .filter((s) => taken.value.includes(s.id))
      .flatMap((s) => s.pieces.filter((p) => p.kind === kind).map((p) => p.count))
    changed.value[kind] = Math.max(0, props.setUp.owned[kind] ?? 0, ...wanted)
  }
}
function step(kind: string, by: number) {
  set(kind, (counts.value[kind] ?? 0) + by)
}
function set(kind: string, count: number) {
  delete wrong.value[kind]
  changed.value[kind] = Math.min(MOST, Math.max(0, count))
}
/** What was typed and is no count, by kind: it stays until it is put right. */
const wrong = ref<Record<string, string>>({})
const MOST = 1000
function typed(kind: string, text: string) {
  if (/^\d+$/.test(text.trim()) && Number(text) <= MOST) set(kind, Number(text))
  else wrong.value[kind] = text
}
function more(event: Event) {
  const select = event.target as HTMLSelectElement
  if (select.value) changed.value[select.value] = 1
  select.value = ''
}

async function keep() {
  if (Object.keys(wrong.value).length > 0) return false
  if (Object.keys(changed.value).length === 0) return true
  const done = await act(() =>
    answer(api.PUT('/api/v1/set-up/pieces', { body: { counts: changed.value } })),
  )
  if (done) changed.value = {}
  return done !== undefined
}
defineExpose({ keep })
</script>

<template>
  <ul class="grid grid-cols-2 gap-2 sm:grid-cols-3 lg:grid-cols-5">
    <li v-for="s in setUp.sorts.sets" :key="s.id">
      <button
        type="button"
        class="flex h-full min-h-14 w-full items-center gap-2 rounded-sm border px-2 py-1 text-left"
        :class="
          taken.includes(s.id)
            ? 'border-ink bg-ink text-paper'
            : 'border-dashed border-ink bg-sheet'
        "
        :aria-pressed="taken.includes(s.id)"
        :data-set="s.id"
        @click="toggle(s.id)"
      >
        <span class="shrink-0 rounded-xs bg-sheet"><StarterDrawing :set="s.id" /></span>
        <span class="font-head leading-tight font-semibold">{{ s.name }}</span>
      </button>
    </li>
  </ul>
  <ul class="mt-4 grid grid-cols-1 gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
    <li
      v-for="kind in few"
      :key="kind"
      class="flex flex-wrap items-center gap-1 border-t border-line py-1"
      :data-count="kind"
    >
      <span class="flex-1">{{ kind }}</span>
      <button
        type="button"
        class="chip size-11 lg:size-9"
        :aria-label="$t('setup.ownStep.fewer', { kind })"
        @click="step(kind, -1)"
      >
        −
      </button>
      <input
        :value="wrong[kind] ?? counts[kind]"
        :aria-invalid="kind in wrong"
        inputmode="numeric"
        class="w-14 text-center font-head font-semibold"
        :aria-label="$t('setup.ownStep.howMany', { kind })"
        @input="typed(kind, ($event.target as HTMLInputElement).value)"
      />
      <button
        type="button"
        class="chip size-11 lg:size-9"
        :aria-label="$t('setup.ownStep.more', { kind })"
        @click="step(kind, 1)"
      >
        +
      </button>
      <span v-if="kind in wrong" class="w-full font-semibold text-heat-word" role="alert">
        ! {{ $t('setup.ownStep.aWholeNumber', { most: MOST }) }}
      </span>
    </li>
  </ul>
  <button v-if="left > 0" type="button" class="button-plain mt-3" data-show-all @click="all">
    {{ $t('kit.textilesPanel.showAll', { left }) }}
  </button>
  <label class="mt-4 block">
    {{ $t('setup.ownStep.somethingElse') }}
    <select class="ml-2" data-more @change="more">
      <option value="">{{ $t('setup.ownStep.moreKinds', { count: others.length }) }}</option>
      <option v-for="name in others" :key="name" :value="name">{{ name }}</option>
    </select>
  </label>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import { useMessages } from '../../stores/messages'
import { percent } from '../../use/format'
import { useAct } from '../../use/useAct'
import { SOILS, type Soil } from './soils'

const props = defineProps<{ pail: Api['Pail']; whys: Api['Gathering']['whys'] }>()
const emit = defineEmits<{ changed: [] }>()

const SHOWN = 5
const { act, busy } = useAct()
const messages = useMessages()
const all = ref(false)
const entries = computed(() =>
  all.value ? props.pail.entries : props.pail.entries.slice(0, SHOWN),
)

async function correct(
  entry: Api['Entry'],
  change: Partial<{ count: number; soil: Soil; solidsOff: boolean }>,
) {
  const before = { count: entry.count, soil: entry.soil, solidsOff: entry.solidsOff }
  const send = (version: number, body: typeof before) =>
    answer(
      api.PATCH('/api/entries/{id}', {
        params: { path: { id: entry.id } },
        body: { version, ...body },
      }),
    )
  const now = await act(() => send(entry.version, { ...before, ...change }))
  emit('changed')
  if (now) {
    messages.done(`Now ${now.count} × ${now.kind}, ${now.soilWords}.`, async () => {
      await act(() => send(now.version, before))
      emit('changed')
    })
  }
}

async function remove(entry: Api['Entry']) {
  const path = { params: { path: { id: entry.id } } }
  const gone = await act(async () => {
    await answer(api.DELETE('/api/entries/{id}', path))
    return true
  })
  emit('changed')
  if (gone) {
    messages.done(`${entry.count} × ${entry.kind} taken out again.`, async () => {
      await act(() => answer(api.POST('/api/entries/{id}/restore', path)))
      emit('changed')
    })
  }
}
</script>

<template>
  <section :aria-label="`In ${pail.name}`">
    <h2 class="flex items-baseline justify-between text-lg">
      <span>In {{ pail.name }}</span>
      <Figure v-if="pail.pieces" :why="whys[`fill.${pail.id}`]">
        <span class="text-sm font-normal">{{ percent(pail.fill) }} full</span>
      </Figure>
    </h2>
    <p v-if="!pail.pieces" class="mt-2 text-soft">Empty. It wants a wipe and a dry liner.</p>
    <ul class="mt-1">
      <li
        v-for="entry in entries"
        :key="entry.id"
        class="flex flex-wrap items-center gap-x-1.5 border-t border-line py-1"
        :data-entry="entry.kind"
      >
        <span class="min-w-28 flex-1">
          {{ entry.kind }}
          <span class="block text-xs text-soft">
            {{ entry.cameInWords }}{{ entry.solidsOff ? '' : ', solids still on' }}
          </span>
        </span>
        <select
          class="py-0.5 text-sm"
          :value="entry.soil"
          :aria-label="`Soil of ${entry.kind}`"
          @change="correct(entry, { soil: ($event.target as HTMLSelectElement).value as Soil })"
        >
          <option v-for="s in SOILS" :key="s.value" :value="s.value">{{ s.words }}</option>
        </select>
        <span class="inline-flex items-center gap-1">
          <button
            type="button"
            class="button-plain px-2 py-0"
            :disabled="busy || entry.count <= 1"
            :aria-label="`One ${entry.kind} less`"
            @click="correct(entry, { count: entry.count - 1 })"
          >
            −
          </button>
          <span class="w-6 text-center font-semibold">{{ entry.count }}</span>
          <button
            type="button"
            class="button-plain px-2 py-0"
            :disabled="busy"
            :aria-label="`One ${entry.kind} more`"
            @click="correct(entry, { count: entry.count + 1 })"
          >
            +
          </button>
        </span>
        <button
          type="button"
          class="button-quiet px-1 text-sm"
          :disabled="busy"
          @click="remove(entry)"
        >
          take out
        </button>
      </li>
    </ul>
    <button
      v-if="pail.entries.length > SHOWN"
      type="button"
      class="button-quiet text-sm"
      @click="all = !all"
    >
      {{ all ? 'fewer' : `all ${pail.entries.length} entries` }}
    </button>
  </section>
</template>

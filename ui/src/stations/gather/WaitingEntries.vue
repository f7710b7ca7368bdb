<script setup lang="ts">
import { t } from '../../words'
import { computed, ref } from 'vue'
import { Problem, answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import { useMessages } from '../../stores/messages'
import { percent } from '../../use/format'
import { useAct } from '../../use/useAct'
import { SOILS, type Soil, type Solids } from './soils'

const props = defineProps<{ pail: Api['Pail']; whys: Api['Gathering']['whys'] }>()
const emit = defineEmits<{ changed: [] }>()

const SHOWN = 5
const { act, busy } = useAct()
const messages = useMessages()
const all = ref(false)
const entries = computed(() =>
  all.value ? props.pail.entries : props.pail.entries.slice(0, SHOWN),
)

type Draft = { count: number; soil: Soil; solids: Solids }
/** What another carer made of the same pieces meanwhile, beside what was wanted here. */
const clash = ref<{ mine: Draft; theirs: Api['Entry'] }>()

function send(id: number, version: number, body: Draft) {
  return answer(
    api.PATCH('/api/v1/entries/{id}', { params: { path: { id } }, body: { version, ...body } }),
  )
}

async function correct(entry: Api['Entry'], change: Partial<Draft>) {
  const before: Draft = { count: entry.count, soil: entry.soil, solids: entry.solids }
  const mine = { ...before, ...change }
  let theirs: Api['Entry'] | undefined
  const now = await act(async () => {
    try {
      return await send(entry.id, entry.version, mine)
    } catch (e) {
      if (e instanceof Problem && e.current) {
        theirs = e.current as Api['Entry']
        return undefined
      }
      throw e
    }
  })
  if (theirs) clash.value = { mine, theirs }
  emit('changed')
  if (now) {
    messages.done(
      t('gather.waitingEntries.now', {
        count: now.count,
        kind: now.kind,
        soilWords: now.soilWords,
      }),
      async () => {
        await act(() => send(now.id, now.version, before))
        emit('changed')
      },
    )
  }
}

function words(soil: Soil) {
  return SOILS.find((s) => s.value === soil)?.words
}

async function keepMine() {
  const both = clash.value
  clash.value = undefined
  if (both) await correct(both.theirs, both.mine)
}

async function remove(entry: Api['Entry']) {
  const path = { params: { path: { id: entry.id } } }
  const gone = await act(async () => {
    await answer(api.DELETE('/api/v1/entries/{id}', path))
    return true
  })
  emit('changed')
  if (gone) {
    messages.done(
      t('gather.waitingEntries.takenOutAgain', { count: entry.count, kind: entry.kind }),
      async () => {
        await act(() => answer(api.POST('/api/v1/entries/{id}/restore', path)))
        emit('changed')
      },
    )
  }
}
</script>

<template>
  <section :aria-label="$t('gather.waitingEntries.in', { name: pail.name })">
    <h2 class="flex items-baseline justify-between text-lg">
      <span>{{ $t('gather.waitingEntries.in', { name: pail.name }) }}</span>
      <Figure v-if="pail.pieces" :why="whys[`fill.${pail.id}`]">
        <span class="text-sm font-normal">{{
          $t('gather.waitingEntries.full', { fill: percent(pail.fill) })
        }}</span>
      </Figure>
    </h2>
    <p v-if="!pail.pieces" class="mt-2 text-soft">
      {{ $t('gather.waitingEntries.emptyItWantsAWipe') }}
    </p>
    <p v-if="pail.dueFirst" class="text-sm text-soft">
      {{
        $t('gather.waitingEntries.mostUrgentBy', {
          dueFirst: pail.dueFirst,
          dueWords: pail.dueWords,
        })
      }}
    </p>
    <div v-if="clash" class="hatch mt-2 border border-heat p-3" role="alert" data-clash>
      <p class="font-semibold">
        {{ $t('gather.waitingEntries.twoVersionsOf', { kind: clash.theirs.kind }) }}
      </p>
      <p>
        {{
          $t('gather.waitingEntries.yoursTheirs', {
            count: clash.mine.count,
            soil: words(clash.mine.soil),
            count2: clash.theirs.count,
            soilWords: clash.theirs.soilWords,
          })
        }}
      </p>
      <button type="button" class="button-plain mt-1 mr-2" @click="keepMine">
        {{ $t('gather.waitingEntries.keepMine') }}
      </button>
      <button type="button" class="button-plain mt-1" @click="clash = undefined">
        {{ $t('gather.waitingEntries.takeTheirs') }}
      </button>
    </div>
    <ul class="mt-1">
      <li
        v-for="entry in entries"
        :key="entry.id"
        class="flex flex-wrap items-center gap-x-1.5 border-t border-line py-1"
        :data-entry="entry.kind"
      >
        <span class="min-w-24 flex-1">
          {{ entry.kind }}
          <button
            v-if="entry.assumed"
            type="button"
            class="chip hatch ml-1 border-dashed px-1.5 py-0 text-xs"
            :disabled="busy"
            :title="$t('gather.waitingEntries.assumedFromTheNormalDay')"
            data-assumed
            @click="correct(entry, {})"
          >
            {{ $t('gather.waitingEntries.assumed') }}
          </button>
          <span class="block text-xs text-soft">
            {{ entry.cameInWords
            }}{{
              entry.solids === 'NONE'
                ? ''
                : $t('gather.waitingEntries.solids', { solidsWords: entry.solidsWords })
            }}
          </span>
        </span>
        <select
          class="max-w-24 py-0.5 text-sm"
          :value="entry.soil"
          :aria-label="$t('gather.waitingEntries.soilOf', { kind: entry.kind })"
          @change="correct(entry, { soil: ($event.target as HTMLSelectElement).value as Soil })"
        >
          <option v-for="s in SOILS" :key="s.value" :value="s.value">{{ s.words }}</option>
        </select>
        <span class="inline-flex items-center gap-1">
          <button
            type="button"
            class="button-plain px-2 py-0"
            :disabled="busy || entry.count <= 1"
            :aria-label="$t('gather.waitingEntries.oneLess', { kind: entry.kind })"
            @click="correct(entry, { count: entry.count - 1 })"
          >
            −
          </button>
          <span class="w-6 text-center font-semibold">{{ entry.count }}</span>
          <button
            type="button"
            class="button-plain px-2 py-0"
            :disabled="busy"
            :aria-label="$t('gather.waitingEntries.oneMore', { kind: entry.kind })"
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
          {{
            entry.assumed ? $t('gather.waitingEntries.none') : $t('gather.waitingEntries.takeOut')
          }}
        </button>
      </li>
    </ul>
    <button
      v-if="pail.entries.length > SHOWN"
      type="button"
      class="button-quiet text-sm"
      @click="all = !all"
    >
      {{
        all
          ? $t('gather.waitingEntries.fewer')
          : $t('gather.waitingEntries.allEntries', { length: pail.entries.length })
      }}
    </button>
  </section>
</template>

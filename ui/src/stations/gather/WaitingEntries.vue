<script setup lang="ts">
import { t } from '../../words'
import { computed, ref } from 'vue'
import { Problem, answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import { useMessages } from '../../stores/messages'
import { percent } from '../../use/format'
import { useAct } from '../../use/useAct'
import { joined, type Row } from './joined'
import { SOILS, type Soil, type Solids } from './soils'

const props = defineProps<{ pail: Api['Pail']; whys: Api['Gathering']['whys'] }>()
const emit = defineEmits<{ changed: [] }>()

const SHOWN = 5
const { act, busy } = useAct()
const messages = useMessages()
const all = ref(false)
const rows = computed(() => joined(props.pail.entries))
const shown = computed(() => (all.value ? rows.value : rows.value.slice(0, SHOWN)))

type Draft = { count: number; soil: Soil; solids: Solids }
/** What another carer made of the same pieces meanwhile, beside what was wanted here. */
const clash = ref<{ mine: Draft; theirs: Api['Entry'] }>()

function send(id: number, version: number, body: Draft) {
  return answer(
    api.PATCH('/api/v1/entries/{id}', { params: { path: { id } }, body: { version, ...body } }),
  )
}

function draft(e: Api['Entry']): Draft {
  return { count: e.count, soil: e.soil, solids: e.solids }
}

/** Changes one entry; where another carer was faster, both versions are shown. */
async function change(entry: Api['Entry'], mine: Draft) {
  return act(async () => {
    try {
      return await send(entry.id, entry.version, mine)
    } catch (e) {
      if (e instanceof Problem && e.current) {
        clash.value = { mine, theirs: e.current as Api['Entry'] }
        return undefined
      }
      throw e
    }
  })
}

async function correct(entries: Api['Entry'][], want: Partial<Draft>) {
  const done: { now: Api['Entry']; before: Draft }[] = []
  for (const entry of entries) {
    const before = draft(entry)
    const now = await change(entry, { ...before, ...want })
    if (!now) break
    done.push({ now, before })
  }
  emit('changed')
  const now = done[0]?.now
  if (!now) return
  messages.done(
    t('gather.waitingEntries.now', {
      count: done.reduce((sum, d) => sum + d.now.count, 0),
      kind: now.kind,
      soilWords: now.soilWords,
    }),
    async () => {
      for (const d of done) await act(() => send(d.now.id, d.now.version, d.before))
      emit('changed')
    },
  )
}

/** One piece less of what came in last. */
function less(row: Row) {
  const { newest } = row
  return newest.count > 1 ? correct([newest], { count: newest.count - 1 }) : remove([newest])
}

function words(soil: Soil) {
  return SOILS.find((s) => s.value === soil)?.words
}

async function keepMine() {
  const both = clash.value
  clash.value = undefined
  if (both) await correct([both.theirs], both.mine)
}

async function remove(entries: Api['Entry'][]) {
  const gone: Api['Entry'][] = []
  const at = (entry: Api['Entry']) => ({ params: { path: { id: entry.id } } })
  for (const entry of entries) {
    const out = await act(async () => {
      await answer(api.DELETE('/api/v1/entries/{id}', at(entry)))
      return true
    })
    if (out) gone.push(entry)
  }
  emit('changed')
  const [first] = gone
  if (!first) return
  messages.done(
    t('gather.waitingEntries.takenOutAgain', {
      count: gone.reduce((sum, e) => sum + e.count, 0),
      kind: first.kind,
    }),
    async () => {
      for (const entry of gone)
        await act(() => answer(api.POST('/api/v1/entries/{id}/restore', at(entry))))
      emit('changed')
    },
  )
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
        v-for="row in shown"
        :key="row.key"
        class="flex flex-wrap items-center gap-x-1.5 border-t border-line py-1"
        :data-entry="row.newest.kind"
      >
        <span class="min-w-24 flex-1">
          {{ row.newest.kind }}
          <button
            v-if="row.newest.assumed"
            type="button"
            class="chip hatch ml-1 border-dashed px-1.5 py-0 text-xs"
            :disabled="busy"
            :title="$t('gather.waitingEntries.assumedFromTheNormalDay')"
            data-assumed
            @click="correct(row.entries, {})"
          >
            {{ $t('gather.waitingEntries.assumed') }}
          </button>
          <span class="block text-xs text-soft">
            {{
              row.entries.length > 1
                ? $t('gather.waitingEntries.since', { first: row.entries.at(-1)?.cameInWords })
                : row.newest.cameInWords
            }}{{
              row.newest.solids === 'NONE'
                ? ''
                : $t('gather.waitingEntries.solids', { solidsWords: row.newest.solidsWords })
            }}
          </span>
        </span>
        <select
          class="max-w-24 py-0.5 text-sm"
          :value="row.newest.soil"
          :aria-label="$t('gather.waitingEntries.soilOf', { kind: row.newest.kind })"
          @change="
            correct(row.entries, { soil: ($event.target as HTMLSelectElement).value as Soil })
          "
        >
          <option v-for="s in SOILS" :key="s.value" :value="s.value">{{ s.words }}</option>
        </select>
        <span class="inline-flex items-center gap-1">
          <button
            type="button"
            class="button-plain px-2 py-0"
            :disabled="busy || row.count <= 1"
            :aria-label="$t('gather.waitingEntries.oneLess', { kind: row.newest.kind })"
            @click="less(row)"
          >
            −
          </button>
          <span class="w-6 text-center font-semibold">{{ row.count }}</span>
          <button
            type="button"
            class="button-plain px-2 py-0"
            :disabled="busy"
            :aria-label="$t('gather.waitingEntries.oneMore', { kind: row.newest.kind })"
            @click="correct([row.newest], { count: row.newest.count + 1 })"
          >
            +
          </button>
        </span>
        <button
          type="button"
          class="button-quiet px-1 text-sm"
          :disabled="busy"
          @click="remove(row.entries)"
        >
          {{
            row.newest.assumed
              ? $t('gather.waitingEntries.none')
              : $t('gather.waitingEntries.takeOut')
          }}
        </button>
      </li>
    </ul>
    <button
      v-if="rows.length > SHOWN"
      type="button"
      class="button-quiet text-sm"
      @click="all = !all"
    >
      {{
        all
          ? $t('gather.waitingEntries.fewer')
          : $t('gather.waitingEntries.allEntries', { length: rows.length })
      }}
    </button>
  </section>
</template>

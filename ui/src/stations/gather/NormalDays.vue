<script setup lang="ts">
import { t } from '../../words'
import { computed, ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import LoadState from '../../parts/LoadState.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import { SOILS, type Soil } from './soils'

/** What comes in on a day like any other, and the days that differ. */
const props = defineProps<{ pails: Api['Pail'][]; kinds: Api['KindView'][] }>()
const emit = defineEmits<{ changed: [] }>()

type Part = Api['NormalDayHabitView']['part']
type Sort = Api['NormalDaySpellView']['sort']
const PARTS: { value: Part; words: string }[] = [
  { value: 'MORNING', words: t('gather.normalDays.morning') },
  { value: 'AFTERNOON', words: t('gather.normalDays.afternoon') },
  { value: 'EVENING', words: t('gather.normalDays.evening') },
  { value: 'NIGHT', words: t('gather.normalDays.night') },
]
const SORTS: { value: Sort; words: string }[] = [
  { value: 'AWAY', words: t('gather.normalDays.isAway') },
  { value: 'VISITOR', words: t('gather.normalDays.hasAVisitorLikeThem') },
  { value: 'ILLNESS', words: t('gather.normalDays.isIll') },
]

const { act, busy } = useAct()
const messages = useMessages()
const { data: days, error, loading, reload } = useAnswer('/api/v1/normal-days')
const { data: people } = useAnswer('/api/v1/people')

const person = ref<number>()
const chosen = computed(
  () => person.value ?? days.value?.habits[0]?.personId ?? people.value?.[0]?.id,
)
const name = computed(() => people.value?.find((p) => p.id === chosen.value)?.name ?? '')
/** One row a kind, soil and pail; one column a part of the day. */
const rows = computed(() => {
  const mine = days.value?.habits.filter((h) => h.personId === chosen.value) ?? []
  const keys = [...new Set(mine.map((h) => `${h.kindId} ${h.soil} ${h.pailId}`))]
  return keys.map((key) => {
    const lines = mine.filter((h) => `${h.kindId} ${h.soil} ${h.pailId}` === key)
    return { key, first: lines[0] as Api['NormalDayHabitView'], lines }
  })
})
const draft = ref({ kindId: 0, pailId: 0, soil: 'WET' as Soil, part: 'MORNING' as Part, count: 1 })
const spell = ref({ sort: 'AWAY' as Sort, from: '', to: '' })

async function change(work: () => Promise<Api['NormalDayNormalDays']>, words: string) {
  const now = await act(work)
  if (now) {
    days.value = now
    messages.done(words)
    emit('changed')
  }
}
function at(row: { lines: Api['NormalDayHabitView'][] }, part: Part) {
  return row.lines.find((h) => h.part === part)
}
function set(row: (typeof rows.value)[number], part: Part, event: Event) {
  const there = at(row, part)
  const count = Number((event.target as HTMLInputElement).value)
  const { kindId, pailId, soil, kind } = row.first
  if (there && count === 0) {
    void change(
      () =>
        answer(
          api.DELETE('/api/v1/normal-days/habits/{id}', { params: { path: { id: there.id } } }),
        ),
      t('gather.normalDays.noInThatPartOf', { kind }),
    )
  } else if (there) {
    void change(
      () =>
        answer(
          api.PATCH('/api/v1/normal-days/habits/{id}', {
            params: { path: { id: there.id } },
            body: { count },
          }),
        ),
      t('gather.normalDays.then', { count, kind }),
    )
  } else {
    add({ kindId, pailId, soil, part, count })
  }
}
function add(line: typeof draft.value) {
  void change(
    () =>
      answer(api.POST('/api/v1/normal-days/habits', { body: { personId: chosen.value, ...line } })),
    t('gather.normalDays.onANormalDay', {
      count: line.count,
      name: props.kinds.find((k) => k.id === line.kindId)?.name,
    }),
  )
}
function addSpell() {
  void change(
    () =>
      answer(
        api.POST('/api/v1/normal-days/spells', {
          body: {
            personId: chosen.value,
            sort: spell.value.sort,
            from: spell.value.from || undefined,
            to: spell.value.to || spell.value.from || undefined,
          },
        }),
      ),
    t('gather.normalDays.addedFor', { value: name.value }),
  )
}
function removeSpell(id: number) {
  void change(
    () => answer(api.DELETE('/api/v1/normal-days/spells/{id}', { params: { path: { id } } })),
    t('gather.normalDays.ended'),
  )
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !days" @again="reload" />
  <section v-if="days" class="max-w-4xl" :aria-label="$t('gather.normalDays.normalDays')">
    <div class="flex flex-wrap items-baseline gap-3">
      <h2 class="text-lg">{{ $t('gather.normalDays.aNormalDayOf') }}</h2>
      <select
        :value="chosen"
        :aria-label="$t('gather.normalDays.person')"
        @change="person = Number(($event.target as HTMLSelectElement).value)"
      >
        <option v-for="p in people ?? []" :key="p.id" :value="p.id">{{ p.name }}</option>
      </select>
      <p class="text-sm text-soft">
        {{ $t('gather.normalDays.thePailsFillByThemselves') }}
      </p>
    </div>
    <div class="overflow-x-auto" tabindex="0">
      <table v-if="rows.length" class="mt-2 text-left">
        <thead>
          <tr>
            <th class="pr-4">{{ $t('gather.normalDays.whatComesIn') }}</th>
            <th v-for="p in PARTS" :key="p.value" class="px-2 font-semibold">{{ p.words }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="row in rows"
            :key="row.key"
            class="border-t border-line"
            :data-habit="row.first.kind"
          >
            <td class="py-1 pr-4">
              {{ row.first.kind }}, {{ row.first.soilWords }}
              <span class="block text-xs text-soft">{{
                $t('gather.normalDays.into', { pail: row.first.pail })
              }}</span>
            </td>
            <td v-for="p in PARTS" :key="p.value" class="px-2">
              <input
                type="number"
                min="0"
                max="40"
                inputmode="numeric"
                class="w-16 py-0.5"
                :value="at(row, p.value)?.count ?? 0"
                :aria-label="`${row.first.kind}, ${p.words}`"
                :disabled="busy"
                @change="set(row, p.value, $event)"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="!rows.length" class="mt-2 text-soft">
      {{ $t('gather.normalDays.noUsualDaySetFor', { name }) }}
    </p>
    <form class="mt-3 flex flex-wrap items-end gap-2" @submit.prevent="add(draft)">
      <label>
        <span class="block text-sm">{{ $t('gather.normalDays.also') }}</span>
        <select v-model="draft.kindId" data-field="kindId">
          <option :value="0" disabled>{{ $t('gather.normalDays.aKind') }}</option>
          <option v-for="k in kinds" :key="k.id" :value="k.id">{{ k.name }}</option>
        </select>
      </label>
      <label>
        <span class="block text-sm">{{ $t('gather.normalDays.soiledWith') }}</span>
        <select v-model="draft.soil">
          <option v-for="s in SOILS" :key="s.value" :value="s.value">{{ s.words }}</option>
        </select>
      </label>
      <label>
        <span class="block text-sm">{{ $t('gather.normalDays.inThe') }}</span>
        <select v-model="draft.part" data-field="part">
          <option v-for="p in PARTS" :key="p.value" :value="p.value">{{ p.words }}</option>
        </select>
      </label>
      <label>
        <span class="block text-sm">{{ $t('gather.normalDays.into2') }}</span>
        <select v-model="draft.pailId" data-field="pailId">
          <option :value="0" disabled>{{ $t('gather.normalDays.aPail') }}</option>
          <option v-for="p in pails" :key="p.id" :value="p.id">{{ p.name }}</option>
        </select>
      </label>
      <label>
        <span class="block text-sm">{{ $t('gather.normalDays.howMany') }}</span>
        <input v-model.number="draft.count" type="number" min="1" max="40" class="w-16" />
      </label>
      <button type="submit" class="button-plain" :disabled="busy" data-add-habit>
        {{ $t('gather.normalDays.add') }}
      </button>
    </form>

    <h2 class="mt-5 text-lg">{{ $t('gather.normalDays.daysThatDiffer') }}</h2>
    <ul>
      <li
        v-for="s in days.spells"
        :key="s.id"
        class="flex flex-wrap items-baseline gap-3 border-t border-line py-1"
        data-spell
      >
        <span class="flex-1">
          <strong>{{ s.on ? $t('gather.normalDays.now') + ' ' : '' }}</strong>{{ s.words }}
          <span class="text-soft">{{
            $t('gather.normalDays.to', { from: s.from, to: s.to })
          }}</span>
        </span>
        <button type="button" class="button-quiet" :disabled="busy" @click="removeSpell(s.id)">
          {{ $t('gather.normalDays.endItNow') }}
        </button>
      </li>
    </ul>
    <form class="mt-2 flex flex-wrap items-end gap-2" @submit.prevent="addSpell">
      <label>
        <span class="block text-sm">{{ name }}</span>
        <select v-model="spell.sort" data-field="sort">
          <option v-for="s in SORTS" :key="s.value" :value="s.value">{{ s.words }}</option>
        </select>
      </label>
      <label>
        <span class="block text-sm">{{ $t('gather.normalDays.fromTodayWhenEmpty') }}</span>
        <input v-model="spell.from" type="date" />
      </label>
      <label>
        <span class="block text-sm">{{ $t('gather.normalDays.to2') }}</span>
        <input v-model="spell.to" type="date" />
      </label>
      <button type="submit" class="button-plain" :disabled="busy" data-add-spell>
        {{ $t('gather.normalDays.add2') }}
      </button>
    </form>
  </section>
</template>

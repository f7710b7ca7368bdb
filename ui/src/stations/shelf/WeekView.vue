<script setup lang="ts">
import { t } from '../../words'
import { computed, ref, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import { house } from '../../api/house'
import WeekLines from '../../charts/WeekLines.vue'
import FieldForm from '../../parts/FieldForm.vue'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import ViewHead from '../../parts/ViewHead.vue'
import type { Field, Values } from '../../parts/fields'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { count, money, clockText } from '../../use/format'
import { houseDate, houseHours } from '../../use/houseTime'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'

/** The rounds of the coming days: where they lie, what each asks for, and what moving one costs. */
const why = useWhy()
const messages = useMessages()
const { act, busy } = useAct()
const { data: week, error, loading, reload } = useAnswer('/api/v1/week')
const { data: people } = useAnswer('/api/v1/people')

const chosen = ref<string>()
const round = computed(
  () => week.value?.rounds.find((r) => r.start === chosen.value) ?? week.value?.rounds[0],
)
watch(round, (r) => why.suggest(r && week.value?.whys[r.start]), { immediate: true })

const HOURS = Array.from({ length: 24 }, (_, i) => i)
const toDay = ref('')
const toHour = ref(9)
const days = computed(() => week.value?.dates.map((d) => ({ value: d.date, words: d.words })) ?? [])
watch(
  round,
  (r) => {
    if (!r) return
    const start = new Date(r.start)
    toDay.value = houseDate(start)
    toHour.value = Math.floor(houseHours(start))
  },
  { immediate: true },
)

async function move() {
  if (!round.value) return
  const instead = round.value.start
  const before = new Set(week.value?.rounds.filter((r) => r.pinned).map((r) => r.start))
  const done = await act(() =>
    answer(
      api.POST('/api/v1/week/moves', {
        body: { date: toDay.value, hour: toHour.value, instead },
      }),
    ),
  )
  if (!done) return
  week.value = done
  const moved = done.rounds.find((r) => r.pinned && !before.has(r.start))
  chosen.value = moved?.start
  messages.done(t('shelf.weekView.movedTheRestIsLaid'), moved ? () => free(moved.start) : undefined)
}
async function free(start: string) {
  const done = await act(() =>
    answer(api.DELETE('/api/v1/week/moves/{start}', { params: { path: { start } } })),
  )
  if (done) week.value = done
}
async function maintained() {
  const done = await act(() => answer(api.POST('/api/v1/week/maintained')))
  if (done) week.value = done
}

const SETTINGS: Field[] = [
  { key: 'quietFrom', label: t('shelf.weekView.quietFrom'), type: 'time', optional: true },
  { key: 'quietTo', label: t('shelf.weekView.quietUntil'), type: 'time', optional: true },
  {
    key: 'householdEveryDays',
    label: t('shelf.weekView.aHouseholdLoadEvery'),
    type: 'whole',
    unit: t('shelf.weekView.days'),
    hint: t('shelf.weekView.forNone'),
  },
]
async function change(v: Values) {
  const body = {
    version: v.version as number,
    quietFrom: (v.quietFrom as string) || undefined,
    quietTo: (v.quietTo as string) || undefined,
    householdEveryDays: v.householdEveryDays as number,
  }
  week.value = await answer(api.PUT('/api/v1/week/settings', { body }))
}

type Day = NonNullable<Api['WeekSettingsTimeChange']['days']>[number]
const WEEK: Day[] = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY']
const { data: voice } = useAnswer('/api/v1/household/voice')
/** The days, from the one with which the household's week begins. */
const weekdays = computed(() => {
  const first = WEEK.indexOf(voice.value?.weekStart ?? 'MONDAY')
  return [...WEEK.slice(first), ...WEEK.slice(0, first)]
})
const times = computed<Field[]>(() => [
  ...weekdays.value.map((d): Field => ({ key: d, label: t(`day.${d}`), type: 'yes' })),
  { key: 'from', label: t('shelf.weekView.from'), type: 'time' },
  { key: 'to', label: t('shelf.weekView.until'), type: 'time' },
])
function timesOf(personId: number): Values {
  const time = week.value?.settings.times.find((x) => x.personId === personId)
  return {
    ...Object.fromEntries(weekdays.value.map((d) => [d, time?.days.includes(d) ?? false])),
    from: time?.from ?? '08:00',
    to: time?.to ?? '20:00',
  }
}
function timeWords(personId: number) {
  const all = week.value?.settings.times.filter((x) => x.personId === personId) ?? []
  return all.length
    ? all
        .map((x) =>
          t('shelf.weekView.to', {
            join: x.days.map((d) => t(`shortDay.${d}`)).join(' '),
            slice: clockText(x.from),
            slice2: clockText(x.to),
          }),
        )
        .join('; ')
    : t('shelf.weekView.notSaid')
}
async function there(id: number, v: Values) {
  week.value = await answer(
    api.PUT('/api/v1/week/people/{id}', {
      params: { path: { id } },
      body: {
        days: weekdays.value.filter((d) => v[d]),
        from: v.from as string,
        to: v.to as string,
      },
    }),
  )
}
const calendarAddress = `${window.location.origin}${house}/api/v1/week/rounds.ics`
</script>

<template>
  <LoadState :error="error" :loading="loading && !week" @again="reload" />
  <template v-if="week">
    <ViewHead
      :title="$t('shelf.weekView.theWeek')"
      :state="
        week.rounds.length
          ? `${count(week.rounds.length, 'round')}, ${money(week.money)}`
          : $t('shelf.weekView.nothingPlanned')
      "
      :why="round && week.whys[round.start]"
    >
      {{ $t('shelf.weekView.laidOutSoThatNothing') }}
      <strong v-if="week.moveCost > 0" data-move-cost>
        {{ $t('shelf.weekView.whatWasMovedByHand', { moveCost: money(week.moveCost) }) }}
      </strong>
      <template #side>
        <a
          class="button-plain inline-block"
          :href="`${house}/api/v1/week/rounds.ics`"
          download
          data-ics
          >{{ $t('shelf.weekView.calendarFile') }}</a
        >
      </template>
    </ViewHead>

    <p v-if="!week.rounds.length" class="mt-3 text-soft">
      {{ $t('shelf.weekView.nothingToWashInThe') }}
    </p>
    <div class="mt-3">
      <WeekLines :week="week" :chosen="round?.start" @choose="chosen = $event" />
    </div>
    <p class="text-sm text-soft">
      {{ $t('shelf.weekView.shadedSomebodyIsThereFull') }}
    </p>

    <section
      v-if="round"
      class="mt-4 border-l-4 border-water pl-3"
      :aria-label="$t('shelf.weekView.thisRound')"
    >
      <h2 class="text-lg">
        <Figure :why="week.whys[round.start]">{{ round.startWords }}</Figure>{{
          $t(
            'shelf.weekView.aboutPieces',
            {
              pieces: round.pieces,
              hot: round.hot ? $t('shelf.weekView.aHotOneThisTime') : '',
            },
            round.pieces,
          )
        }}
      </h2>
      <p v-for="n in round.notes" :key="n" class="font-semibold text-heat-word">! {{ n }}</p>
      <p>
        <template v-for="(s, i) in round.steps" :key="i"
          >{{ i ? ' · ' : '' }}{{ s.words }} <strong class="num">{{ s.atWords }}</strong></template
        >
      </p>
      <div class="mt-1 flex flex-wrap items-center gap-2">
        <label class="text-sm">
          {{ $t('shelf.weekView.moveItTo') }}
          <select v-model="toDay" data-move-day>
            <option v-for="d in days" :key="d.value" :value="d.value">{{ d.words }}</option>
          </select>
        </label>
        <label class="text-sm">
          {{ $t('shelf.weekView.at') }}
          <select v-model.number="toHour" data-move-hour>
            <option v-for="h in HOURS" :key="h" :value="h">{{ h }}:00</option>
          </select>
        </label>
        <button type="button" class="button-plain" :disabled="busy" data-move @click="move">
          {{ $t('shelf.weekView.move') }}
        </button>
        <button
          v-if="round.pinned"
          type="button"
          class="button-quiet"
          :disabled="busy"
          data-free
          @click="free(round.start)"
        >
          {{ $t('shelf.weekView.letThePlanDecide') }}
        </button>
      </div>
    </section>

    <ul v-if="week.extras.length" class="mt-3" :aria-label="$t('shelf.weekView.besideTheNappies')">
      <li v-for="e in week.extras" :key="e.start" class="border-t border-line py-1">
        <strong class="num">{{ e.startWords }}</strong> {{ e.words }}
        <button
          v-if="e.sort === 'MAINTENANCE'"
          type="button"
          class="button-quiet"
          :disabled="busy"
          data-maintained
          @click="maintained"
        >
          {{ $t('shelf.weekView.markAsDone') }}
        </button>
      </li>
    </ul>

    <h2 class="mt-5 text-lg">{{ $t('shelf.weekView.whoIsThereAndWhen') }}</h2>
    <OpenRow
      :key="`s${week.settings.version}`"
      :name="$t('shelf.weekView.quietHoursAndHouseholdLoads')"
      :about="`${week.settings.quietFrom ? $t('shelf.weekView.quietTo', { slice: clockText(week.settings.quietFrom), slice2: clockText(week.settings.quietTo ?? '') }) : $t('shelf.weekView.noQuietHours')}, ${week.settings.householdEveryDays ? $t('shelf.weekView.aHouseholdLoadEvery2', { householdEveryDays: count(week.settings.householdEveryDays, 'day') }) : $t('shelf.weekView.noHouseholdLoads')}`"
    >
      <FieldForm
        :fields="SETTINGS"
        :initial="{ ...week.settings, times: undefined }"
        :save="change"
      />
    </OpenRow>
    <OpenRow
      v-for="p in people ?? []"
      :key="`${p.id}.${timeWords(p.id)}`"
      :name="p.name"
      :about="timeWords(p.id)"
    >
      <FieldForm :fields="times" :initial="timesOf(p.id)" :save="(v: Values) => there(p.id, v)" />
    </OpenRow>
    <p class="mt-3 text-sm">
      {{ $t('shelf.weekView.toSubscribeGiveYourCalendar') }}
      <code data-ics-address>{{ calendarAddress }}</code>
    </p>
  </template>
</template>

<script setup lang="ts">
import { t } from '../../words'
import { computed, ref, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import DryingCurves from '../../charts/DryingCurves.vue'
import PlacePicture from '../../charts/PlacePicture.vue'
import WeatherRibbon from '../../charts/WeatherRibbon.vue'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { count } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import HangingRow from './HangingRow.vue'
import PlansCompared from './PlansCompared.vue'
import TripList from './TripList.vue'
import WeatherPanel from './WeatherPanel.vue'

const why = useWhy()
const messages = useMessages()
const { act, busy } = useAct()

/** Hour of the day at which a shower is supposed; nothing for the forecast as it is. */
const rainAt = ref('')
const {
  data: drying,
  error,
  loading,
  reload,
} = useAnswer('/api/v1/drying', () => ({
  params: { query: rainAt.value === '' ? {} : { rainAt: Number(rainAt.value) } },
}))
/** Other plans are looked for when somebody asks. */
const comparing = ref(false)

watch(drying, (now) => why.suggest(now?.groups.length ? now.whys.plan : undefined), {
  immediate: true,
})

async function check(group: Api['Group']) {
  const path = { params: { path: { id: group.id } } }
  return act(() =>
    answer(api.POST('/api/v1/drying/{id}/check', { ...path, body: { answer: 'DRY' } })),
  )
}
async function hangAgain(groups: Api['Group'][]) {
  for (const group of groups) {
    const path = { params: { path: { id: group.id } } }
    await act(() => answer(api.DELETE('/api/v1/drying/{id}/dry', path)))
  }
  await reload()
}
async function dry(group: Api['Group']) {
  const done = await check(group)
  await reload()
  if (done) {
    messages.done(t('dry.dryView.backOnTheShelf', { words: group.words, words2: done.words }), () =>
      hangAgain([group]),
    )
  }
}

/** The groups that are felt and taken in on a trip. */
function takesIn(trip: Api['TripView']) {
  return trip.errands.filter((e) => e.event === 'DRY').flatMap((e) => e.groups)
}

/** Does what a trip asks for: takes in what should be dry, and carries the rest. */
async function walk(trip: Api['TripView']) {
  const takeIn = takesIn(trip)
  const dryNow = drying.value?.groups.filter((g) => g.ready && takeIn.includes(g.id)) ?? []
  const carries = trip.errands.some((e) => e.event !== 'DRY')
  const takenIn: Api['Group'][] = []
  for (const group of dryNow) {
    if (await check(group)) takenIn.push(group)
  }
  if (carries) await act(() => answer(api.POST('/api/v1/drying/follow')))
  await reload()
  if (takenIn.length) {
    messages.done(t('dry.dryView.takenIn', { words: takenIn.map((g) => g.words).join(', ') }), () =>
      hangAgain(takenIn),
    )
  } else if (carries) {
    messages.done(t('dry.dryView.allHangsAsPlanned'))
  }
}

async function forget(learnt: Api['Learnt']) {
  const { placeId, kindId } = learnt
  await act(() =>
    answer(
      api.DELETE('/api/v1/drying/learnt/{placeId}/{kindId}', {
        params: { path: { placeId, kindId } },
      }),
    ),
  )
  await reload()
}

const due = computed(() => drying.value?.trips.find((trip) => trip.due))
const next = computed(() => drying.value?.trips.find((trip) => !trip.due))
/** What hangs, place by place; what tumbles stands together. */
const places = computed(() => {
  const all = new Map<string, Api['Group'][]>()
  drying.value?.groups.forEach((g) => {
    const key = g.tumbling ? 'dryer' : String(g.placeId)
    all.set(key, [...(all.get(key) ?? []), g])
  })
  return [...all].map(([key, groups]) => ({
    key,
    name: groups[0]?.place ?? '',
    groups,
    pieces: groups.reduce((sum, g) => sum + g.pieces, 0),
    words: groups
      .map((g) => t('dry.dryView.kindDry', { words: g.words, when: g.dryWords }))
      .join(' · '),
  }))
})
const open = ref<string>()
const opened = computed(() => places.value.find((p) => p.key === open.value))
const HOURS = Array.from({ length: 15 }, (_, i) => i + 7)
</script>

<template>
  <LoadState :error="error" :loading="loading && !drying" @again="reload" />
  <template v-if="drying && drying.groups.length === 0">
    <ViewHead
      :title="$t('dry.dryView.nothingHangs')"
      :state="$t('dry.dryView.everythingIsPutAway')"
    >
      {{ $t('dry.dryView.afterAWashThePieces') }}
    </ViewHead>
    <WeatherPanel class="mt-4" :source="drying.source" @changed="reload" />
  </template>
  <template v-else-if="drying">
    <ViewHead
      :title="$t('dry.dryView.piecesDrying', { pieces: count(drying.pieces, 'piece') })"
      :why="drying.whys.plan"
      :state="
        drying.allDryWords
          ? $t('dry.dryView.allDryBy', { allDryWords: drying.allDryWords })
          : $t('dry.dryView.notAllWillDryHere')
      "
    >
      <strong v-if="drying.rain" class="text-water-word" data-rain>{{ drying.rain.words }}</strong>
      <template v-else-if="due">{{ $t('dry.dryView.dueNow', { title: due.title }) }}</template>
      <template v-else-if="next">
        {{ $t('dry.dryView.nextTrip', { atWords: next.atWords, title: next.title }) }}
      </template>
      <template #side>
        <button
          v-if="due"
          type="button"
          class="button-main"
          :disabled="busy"
          data-main
          @click="walk(due)"
        >
          {{
            takesIn(due).length === 0
              ? $t('dry.dryView.carried', { pieces: count(due.pieces, 'piece') })
              : due.errands.length > 1
                ? $t('dry.dryView.takenInButton', { pieces: count(due.pieces, 'piece') })
                : $t('dry.dryView.takenIn2', { pieces: count(due.pieces, 'piece') })
          }}
        </button>
      </template>
    </ViewHead>

    <WeatherRibbon class="mt-2" :drying="drying" />
    <TripList
      class="mt-2"
      :trips="drying.trips"
      :busy="busy"
      :aria-label="$t('dry.dryView.trips')"
      @done="walk"
    />

    <ul
      class="mt-4 grid grid-cols-1 gap-x-8 gap-y-2 border-t border-ink pt-2 sm:grid-cols-2"
      data-places
    >
      <li v-for="p in places" :key="p.key">
        <button
          type="button"
          class="block w-full rounded-sm px-1 text-left"
          :class="open === p.key ? 'bg-sheet ring-1 ring-ink' : ''"
          :aria-expanded="open === p.key"
          :data-hangs="p.name"
          @click="open = open === p.key ? undefined : p.key"
        >
          <span class="flex items-baseline justify-between gap-3">
            <span class="font-head font-semibold">{{ p.name }}</span>
            <span class="text-sm text-soft">{{ count(p.pieces, 'piece') }}</span>
          </span>
          <PlacePicture class="hidden sm:block" :groups="p.groups" />
          <span class="block text-sm leading-snug">{{ p.words }}</span>
        </button>
      </li>
    </ul>
    <p class="mt-1 text-sm text-soft">{{ $t('dry.dryView.paleIsNearlyDry') }}</p>

    <section
      v-if="opened"
      class="mt-3 border-y border-ink py-2"
      :aria-label="opened.name"
      data-opened
    >
      <h2 class="text-lg">{{ opened.name }}</h2>
      <p class="text-sm text-soft">{{ $t('dry.dryView.whatYouFeelCorrectsThis') }}</p>
      <ul>
        <HangingRow
          v-for="group in opened.groups"
          :key="group.id"
          :group="group"
          :why="drying.whys[`group.${group.id}`]"
          @dry="dry(group)"
          @changed="reload"
        />
      </ul>
      <DryingCurves class="mt-2" :drying="{ ...drying, groups: opened.groups }" />
    </section>

    <div class="mt-3 flex flex-wrap items-center gap-x-5 gap-y-1 text-sm print:hidden">
      <label>
        {{ $t('dry.dryView.whatIfItRainsAt') }}
        <select v-model="rainAt" data-rain-at>
          <option value="">…</option>
          <option v-for="h in HOURS" :key="h" :value="String(h)">{{ h }}:00</option>
        </select>
      </label>
      <button
        type="button"
        class="button-quiet px-0"
        :aria-expanded="comparing"
        data-compare
        @click="comparing = !comparing"
      >
        {{ $t('dry.dryView.otherPlans') }}
      </button>
      <Figure :why="drying.whys.plan">{{ $t('dry.dryView.whyThisPlan') }}</Figure>
    </div>
    <PlansCompared v-if="comparing" class="mt-3" />
    <details class="mt-2" data-weather>
      <summary class="button-quiet px-0">{{ $t('dry.dryView.weatherAndLearnt') }}</summary>
      <p v-for="l in drying.learnt" :key="`${l.placeId}.${l.kindId}`" class="text-sm" data-learnt>
        {{ $t('dry.dryView.learnt', { words: l.words }) }}
        <button type="button" class="button-quiet" :disabled="busy" @click="forget(l)">
          {{ $t('dry.dryView.forgetIt') }}
        </button>
      </p>
      <WeatherPanel class="mt-2" :source="drying.source" @changed="reload" />
    </details>
  </template>
</template>

<script setup lang="ts">
import { t } from '../../words'
import { computed, ref, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import DryingCurves from '../../charts/DryingCurves.vue'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { count } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useKeys } from '../../use/useKeys'
import { useAnswer } from '../../use/useLoaded'
import HangingRow from './HangingRow.vue'
import PlansCompared from './PlansCompared.vue'
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
const compared = useAnswer('/api/v1/drying/plans')

watch(drying, (now) => why.suggest(now?.groups.length ? now.whys.plan : undefined), {
  immediate: true,
})

async function refresh() {
  await Promise.all([reload(), compared.reload()])
}

async function follow() {
  const done = await act(() => answer(api.POST('/api/v1/drying/follow')))
  if (done) messages.done(t('dry.dryView.allHangsAsPlanned'))
  await refresh()
}

async function dry(group: Api['Group']) {
  const path = { params: { path: { id: group.id } } }
  const done = await act(() =>
    answer(api.POST('/api/v1/drying/{id}/check', { ...path, body: { answer: 'DRY' } })),
  )
  await refresh()
  if (done) {
    messages.done(
      t('dry.dryView.backOnTheShelf', { words: group.words, words2: done.words }),
      async () => {
        await act(() => answer(api.DELETE('/api/v1/drying/{id}/dry', path)))
        await refresh()
      },
    )
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
  await refresh()
}

const first = computed(() => drying.value?.groups.find((g) => g.ready) ?? drying.value?.groups[0])
const due = computed(() => drying.value?.todo.filter((t) => t.due) ?? [])
const later = computed(() => drying.value?.todo.filter((t) => !t.due) ?? [])
const HOURS = Array.from({ length: 15 }, (_, i) => i + 7)
function driest() {
  if (first.value) void dry(first.value)
}
useKeys({ Enter: driest })
</script>

<template>
  <LoadState :error="error" :loading="loading && !drying" @again="refresh" />
  <template v-if="drying && drying.groups.length === 0">
    <ViewHead
      :title="$t('dry.dryView.nothingHangs')"
      :state="$t('dry.dryView.everythingIsPutAway')"
    >
      {{ $t('dry.dryView.afterAWashThePieces') }}
    </ViewHead>
    <WeatherPanel class="mt-4" :source="drying.source" @changed="refresh" />
  </template>
  <template v-else-if="drying">
    <ViewHead
      :title="$t('dry.dryView.hanging')"
      :why="drying.whys.plan"
      :state="`${count(drying.pieces, 'piece')}, ${drying.allDryWords ? $t('dry.dryView.allDryBy', { allDryWords: drying.allDryWords }) : $t('dry.dryView.notAllWillDryHere')}`"
    >
      <template v-if="drying.rain">
        <strong class="text-water-word" data-rain>{{ drying.rain.words }}</strong>
      </template>
      <template v-else-if="later[0] && !due.length">
        {{
          $t('dry.dryView.nextAt', {
            atWords: later[0].atWords,
            what: later[0].what,
            words: later[0].words,
          })
        }}
      </template>
      <template v-else-if="!due.length">
        {{ $t('dry.dryView.nothingToCarryCoolTo') }}
      </template>
      <template #side>
        <div class="flex flex-wrap items-center gap-2">
          <label class="text-sm">
            {{ $t('dry.dryView.whatIfItRainsAt') }}
            <select v-model="rainAt" data-rain-at>
              <option value="">…</option>
              <option v-for="h in HOURS" :key="h" :value="String(h)">{{ h }}:00</option>
            </select>
          </label>
          <button
            v-if="first"
            type="button"
            class="button-main"
            :disabled="busy"
            data-main
            @click="dry(first)"
          >
            {{ $t('dry.dryView.markAsDry', { kind: first.kind }) }}
            <span class="keycap ml-2">{{ $t('dry.dryView.enter') }}</span>
          </button>
        </div>
      </template>
    </ViewHead>

    <section
      v-if="due.length"
      class="mt-2 border-l-4 border-sun pl-3"
      :aria-label="$t('dry.dryView.toDoNow')"
    >
      <p v-if="drying.rain" class="text-sm text-soft">{{ $t('dry.dryView.forThatAlreadyNow') }}</p>
      <p v-for="(todo, i) in due" :key="i" data-due>
        <strong>{{ todo.what }}</strong> {{ todo.words }}
      </p>
      <button
        v-if="!drying.rain"
        type="button"
        class="button-plain mt-1"
        :disabled="busy"
        data-follow
        @click="follow"
      >
        {{ $t('dry.dryView.markAsDone') }}
      </button>
    </section>

    <div class="mt-3"><DryingCurves :drying="drying" /></div>

    <section v-if="later.length" class="mt-3" :aria-label="$t('dry.dryView.toDoLater')">
      <h2 class="text-lg">{{ $t('dry.dryView.later') }}</h2>
      <ol>
        <li
          v-for="(todo, i) in later"
          :key="i"
          class="grid grid-cols-[6.5rem_1fr] gap-3 border-t border-line py-1"
          :data-later="todo.sort"
        >
          <span class="num">{{ todo.atWords }}</span>
          <span
            ><strong>{{ todo.what }}</strong> {{ todo.words }}</span
          >
        </li>
      </ol>
    </section>

    <h2 class="mt-4 text-lg">{{ $t('dry.dryView.checkByTouch') }}</h2>
    <p class="text-sm text-soft">
      {{ $t('dry.dryView.whatYouFeelCorrectsThis') }}
    </p>
    <ul>
      <HangingRow
        v-for="group in drying.groups"
        :key="group.id"
        :group="group"
        :why="drying.whys[`group.${group.id}`]"
        @dry="dry(group)"
        @changed="refresh"
      />
    </ul>
    <p v-for="l in drying.learnt" :key="`${l.placeId}.${l.kindId}`" class="text-sm" data-learnt>
      {{ $t('dry.dryView.learnt', { words: l.words }) }}
      <button type="button" class="button-quiet" :disabled="busy" @click="forget(l)">
        {{ $t('dry.dryView.forgetIt') }}
      </button>
    </p>

    <PlansCompared
      v-if="compared.data.value?.plans.length"
      class="mt-5"
      :compared="compared.data.value"
    />
    <WeatherPanel class="mt-5" :source="drying.source" @changed="refresh" />
    <p class="mt-2 text-sm">
      <Figure :why="drying.whys.plan">{{ $t('dry.dryView.whyThisPlan') }}</Figure>
    </p>
  </template>
</template>

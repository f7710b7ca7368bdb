<script setup lang="ts">
import { t } from '../../words'
import { computed, ref, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import KindOptions from '../../parts/KindOptions.vue'
import LoadState from '../../parts/LoadState.vue'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { number, percent } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useCarer } from '../wash/useCarer'
import { useAnswer } from '../../use/useLoaded'

/** What it may be, the check that tells most, one change at a time, and the trim of the dose. */
const props = defineProps<{ at?: string; atWords?: string }>()
const emit = defineEmits<{ changed: []; now: [] }>()

const kind = ref('')
const messages = useMessages()
const why = useWhy()
const { act, busy } = useAct()
const { carer } = useCarer()
const {
  data: judged,
  error,
  loading,
  reload,
} = useAnswer('/api/v1/judge', () => ({
  params: { query: { kind: kind.value || undefined, at: props.at } },
}))
watch(judged, (now) => why.suggest(now?.causes[0]?.why ?? now?.trim.why), { immediate: true })
defineExpose({ reload })
const { data: kinds } = useAnswer('/api/v1/kinds')
/** Another moment is only looked at. */
const then = computed(() => props.at !== undefined)

const STATES: Record<string, string> = {
  KEPT: t('record.judgePanel.kept'),
  UNDONE: t('record.judgePanel.undone'),
  UNCLEAR: t('record.judgePanel.unclear'),
  WATCHING: t('record.judgePanel.watched'),
}

async function found(check: Api['CheckLine'], value: string) {
  const seen = await act(() =>
    answer(
      api.POST('/api/v1/record/observations', {
        body: {
          sign: check.sign,
          value,
          kind: kind.value || undefined,
          carer: carer.value || undefined,
        },
      }),
    ),
  )
  if (!seen) return
  messages.done(
    t('record.judgePanel.kept2', { title: seen.title, words: seen.words }),
    async () => {
      await act(() =>
        answer(
          api.DELETE('/api/v1/record/observations/{id}', { params: { path: { id: seen.id } } }),
        ),
      )
      await again()
    },
  )
  await again()
}
async function again() {
  await reload()
  emit('changed')
}
async function tryIt(cause: Api['CauseLine'], change: Api['ChangeLine']) {
  const done = await act(() =>
    answer(
      api.POST('/api/v1/judge/changes', {
        body: { cause: cause.cause, change: change.change, kind: kind.value || undefined },
      }),
    ),
  )
  if (!done) return
  messages.done(t('record.judgePanel.fromNowOnItIs', { words: change.words }))
  await again()
}
async function decide(e: Api['ExperimentLine'], keep: boolean) {
  const { id } = e
  if (id == null) return
  const done = await act(() =>
    answer(
      api.POST('/api/v1/judge/changes/{id}/decision', {
        params: { path: { id } },
        body: { keep },
      }),
    ),
  )
  if (done) messages.done(keep ? t('record.judgePanel.kept3') : t('record.judgePanel.undone2'))
  await again()
}
async function resetTrim() {
  const done = await act(() => answer(api.DELETE('/api/v1/judge/trim')))
  if (done) messages.done(t('record.judgePanel.everyDoseIsAsThe'))
  await again()
}
</script>

<template>
  <section :aria-label="$t('record.judgePanel.possibleCauses')" data-judge>
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <h2 class="text-lg">
        {{
          $t('record.judgePanel.possibleCauses2', {
            then: then ? $t('record.judgePanel.asItLookedOn', { atWords }) : '',
          })
        }}
      </h2>
      <label class="text-sm">
        {{ $t('record.judgePanel.of') }}
        <select v-model="kind" data-judge-kind>
          <option value="">{{ $t('record.judgePanel.allOfIt') }}</option>
          <KindOptions :kinds="kinds ?? []" />
        </select>
      </label>
      <button v-if="then" type="button" class="button-quiet" data-now @click="emit('now')">
        {{ $t('record.judgePanel.backToNow') }}
      </button>
    </div>
    <LoadState :error="error" :loading="loading && !judged" @again="reload" />
    <template v-if="judged">
      <p
        class="mt-1 font-head text-2xl"
        :class="judged.state === 'CLINICIAN' ? 'hatch border border-heat p-2' : ''"
        data-says
      >
        {{ judged.state === 'CLINICIAN' ? '✚ ' : '' }}{{ judged.says }}
      </p>
      <p class="text-sm text-soft">
        {{
          $t(
            'record.judgePanel.fromSeenSinceAndThe',
            { seen: judged.seen, fromWords: judged.fromWords },
            judged.seen,
          )
        }}
      </p>

      <div
        v-if="judged.experiment && !then"
        class="mt-3 border-2 border-ink p-3"
        data-experiment
        :data-state="judged.experiment.state"
      >
        <p>
          <strong>{{
            $t('record.judgePanel.triedNow', { words: judged.experiment.words })
          }}</strong>{{
            $t('record.judgePanel.sinceAgainst', {
              startedWords: judged.experiment.startedWords,
              causeWords: judged.experiment.causeWords,
              says: judged.experiment.says,
            })
          }}
        </p>
        <p class="text-sm text-soft">
          {{
            $t('record.judgePanel.watchedTellAfterEachRound', {
              join: judged.experiment.complaint.join(', '),
            })
          }}
        </p>
        <button
          type="button"
          class="button-plain mt-1 mr-2"
          :disabled="busy"
          @click="decide(judged.experiment, true)"
        >
          {{ $t('record.judgePanel.keepIt') }}
        </button>
        <button
          type="button"
          class="button-plain mt-1"
          :disabled="busy"
          data-take-back
          @click="decide(judged.experiment, false)"
        >
          {{ $t('record.judgePanel.undoThisChange') }}
        </button>
      </div>

      <div class="mt-3 grid grid-cols-1 gap-x-8 gap-y-4 lg:grid-cols-2">
        <ol v-if="judged.causes.length" class="space-y-3">
          <li v-for="(c, i) in judged.causes" :key="c.cause" :data-cause="c.cause">
            <div class="flex items-baseline justify-between gap-2">
              <strong :class="i === 0 ? 'text-lg' : ''">{{ c.words }}</strong>
              <Figure :why="c.why">{{ percent(c.probability) }}</Figure>
            </div>
            <div class="h-2 border border-ink" aria-hidden="true">
              <div class="h-full bg-plum" :style="{ width: `${c.probability * 100}%` }" />
            </div>
            <ul v-if="i < 3" class="mt-1 text-sm">
              <li v-for="w in c.speaksFor" :key="w">+ {{ w }}</li>
              <li v-for="w in c.speaksAgainst" :key="w" class="text-soft">− {{ w }}</li>
            </ul>
            <div v-if="i < 2 && !then" class="mt-1 space-y-1">
              <div
                v-for="change in c.changes"
                :key="change.change"
                class="text-sm"
                :data-change="change.change"
              >
                <RouterLink
                  v-if="change.change === 'RESET'"
                  to="/reset"
                  class="button-plain mr-2 inline-block"
                  >{{ $t('record.judgePanel.lookAtAReset') }}</RouterLink
                >
                <button
                  v-else
                  type="button"
                  class="button-plain mr-2"
                  :disabled="busy || change.notNow !== ''"
                  @click="tryIt(c, change)"
                >
                  {{ $t('record.judgePanel.try', { words: change.words }) }}
                </button>
                {{ change.expected
                }}<template v-if="change.effects.length">; {{ change.effects.join(', ') }}</template
                >.
                <span v-if="change.notNow" class="block text-soft">{{ change.notNow }}</span>
              </div>
            </div>
          </li>
        </ol>
        <div>
          <section
            v-if="judged.checks.length && !then"
            :aria-label="$t('record.judgePanel.nextCheck')"
          >
            <h3 class="text-lg">{{ $t('record.judgePanel.theNextBestCheck') }}</h3>
            <div
              v-for="(c, i) in judged.checks"
              :key="c.sign"
              class="mt-1"
              :class="i ? 'text-sm' : ''"
              :data-check="c.sign"
            >
              <p>
                <strong>{{ c.title }}</strong>{{
                  $t('record.judgePanel.min', { minutes: number(c.minutes), how: c.how })
                }}
                <Figure :why="c.why">{{ $t('record.judgePanel.whyThis') }}</Figure>
              </p>
              <ul class="mt-1 space-y-1">
                <li v-for="o in c.outcomes" :key="o.value">
                  <button
                    type="button"
                    class="chip min-h-9 px-2 text-sm"
                    :disabled="busy"
                    :data-outcome="`${c.sign}.${o.value}`"
                    @click="found(c, o.value)"
                  >
                    {{ o.words }}
                  </button>
                  <span class="ml-2 text-sm text-soft">{{
                    $t('record.judgePanel.wouldMean', { means: o.means })
                  }}</span>
                </li>
              </ul>
            </div>
          </section>
          <section class="mt-3" :aria-label="$t('record.judgePanel.trimOfTheDose')" data-trim>
            <h3 class="text-lg">
              {{ $t('record.judgePanel.everyDose') }}
              <Figure :why="judged.trim.why">× {{ number(judged.trim.trim, 1) }}</Figure>
            </h3>
            <p class="text-sm">
              {{ judged.trim.says }}
              <button
                v-if="judged.trim.trim !== 1"
                type="button"
                class="button-quiet"
                :disabled="busy"
                data-reset-trim
                @click="resetTrim"
              >
                {{ $t('record.judgePanel.backToTheLabel') }}
              </button>
            </p>
          </section>
          <section
            v-if="judged.past.length"
            class="mt-3"
            :aria-label="$t('record.judgePanel.changesBefore')"
          >
            <h3 class="text-lg">{{ $t('record.judgePanel.changesBefore') }}</h3>
            <ul class="text-sm">
              <li
                v-for="e in judged.past"
                :key="e.key"
                class="border-t border-line py-1"
                data-past-change
                :data-state="e.state"
              >
                <strong>{{ STATES[e.state] }}</strong>: {{ e.words }}, {{ e.startedWords
                }}<template v-if="e.causeWords">{{
                  $t('record.judgePanel.against', { causeWords: e.causeWords })
                }}</template
                >.
                {{ e.says }}
                <template v-if="e.open && !then">
                  <button type="button" class="button-quiet" @click="decide(e, true)">
                    {{ $t('record.judgePanel.keep') }}
                  </button>
                  <button type="button" class="button-quiet" @click="decide(e, false)">
                    {{ $t('record.judgePanel.undo') }}
                  </button>
                </template>
              </li>
            </ul>
          </section>
        </div>
      </div>
    </template>
  </section>
</template>

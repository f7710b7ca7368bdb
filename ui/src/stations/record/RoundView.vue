<script setup lang="ts">
import { t } from '../../words'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, Problem, type Api } from '../../api/client'
import BathStrip from '../../charts/BathStrip.vue'
import HygieneBars from '../../charts/HygieneBars.vue'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import DidItRun from '../wash/DidItRun.vue'
import RunHappened from '../wash/RunHappened.vue'
import { useMessages } from '../../stores/messages'
import { useTyping } from '../../stores/typing'
import { useWhy } from '../../stores/why'
import { measure, money, number, percent } from '../../use/format'
import { useLoaded } from '../../use/useLoaded'

const props = defineProps<{ id: string }>()
const messages = useMessages()
const why = useWhy()
const {
  data: found,
  error,
  loading,
  reload,
} = useLoaded(
  () => ['/api/v1/record/{id}', '/api/v1/rounds/{id}', { id: props.id }],
  async () => {
    const path = { id: Number(props.id) }
    const line = await answer(api.GET('/api/v1/record/{id}', { params: { path } }))
    if (!line.hasPlan) return { line }
    return { line, round: await answer(api.GET('/api/v1/rounds/{id}', { params: { path } })) }
  },
)
/** Of a reset, and of what a file told, only the figures are kept. */
const summary = computed(() => found.value?.line)
const round = computed(() => found.value?.round)

const LONGEST_NOTE = 2000
const note = ref('')
useTyping(computed(() => summary.value !== undefined && note.value !== summary.value.note))
const other = ref<string>()
watch(
  summary,
  (now, before) => {
    if (now && !before) note.value = now.note
  },
  { immediate: true },
)
watch(
  round,
  (now, before) => {
    if (now && !before) why.suggest(now.plan.whys.hygiene)
  },
  { immediate: true },
)

const router = useRouter()
/** Takes the round out of the record; what was seen of it goes and comes back with it. */
async function remove() {
  const path = { id: Number(props.id) }
  try {
    await answer(api.DELETE('/api/v1/record/{id}', { params: { path } }))
    await router.push('/record')
    messages.done(t('record.roundView.thisRoundIsNoLonger'), () =>
      answer(api.POST('/api/v1/record/{id}/restore', { params: { path } })).then(() =>
        router.push(`/record/${path.id}`),
      ),
    )
  } catch (problem) {
    messages.problem(problem)
  }
}

async function saveNote(version: number | undefined) {
  if (version === undefined) return
  try {
    await answer(
      api.PATCH('/api/v1/record/{id}', {
        params: { path: { id: Number(props.id) } },
        body: { version, note: note.value },
      }),
    )
    other.value = undefined
    messages.done(t('record.roundView.theNoteIsKept'))
  } catch (problem) {
    if (problem instanceof Problem && problem.current) {
      other.value = (problem.current as Api['Summary']).note
    }
    messages.problem(problem)
  }
  await reload()
}

const LINES: { name: string; text: (s: Api['Summary']) => string }[] = [
  { name: t('record.roundView.wentIn'), text: (s) => s.figures.dose.words || '–' },
  { name: t('record.roundView.reached'), text: (s) => measure(s.figures.bath.peakC, 'celsius') },
  { name: t('record.roundView.rinses'), text: (s) => number(s.figures.bath.rinses) },
  { name: t('record.roundView.pieces'), text: (s) => number(s.figures.pieces) },
  { name: t('record.roundView.water'), text: (s) => measure(s.figures.spent.litres, 'litre') },
  { name: t('record.roundView.electricity'), text: (s) => `${number(s.figures.spent.kwh, 2)} kWh` },
  { name: t('record.roundView.cost'), text: (s) => money(s.figures.spent.money) },
]
const FIGURES: { name: string; key: string; text: (f: Api['Figures']) => string }[] = [
  {
    name: t('record.roundView.residue'),
    key: 'residue',
    text: (f) => t('record.roundView.mgKg', { residueMgKg: number(f.residueMgKg) }),
  },
  {
    name: t('record.roundView.drum'),
    key: 'fill',
    text: (f) => t('record.roundView.full', { fill: percent(f.fill) }),
  },
  { name: t('record.roundView.water'), key: 'litres', text: (f) => measure(f.litres, 'litre') },
  { name: t('record.roundView.electricity'), key: 'kwh', text: (f) => `${number(f.kwh, 2)} kWh` },
  { name: t('record.roundView.cost'), key: 'cost', text: (f) => money(f.cost) },
  { name: t('record.roundView.time'), key: 'minutes', text: (f) => f.durationWords },
]
</script>

<template>
  <RouterLink to="/record" class="button-quiet px-0">{{
    $t('record.roundView.backToTheRecord')
  }}</RouterLink>
  <LoadState :error="error" :loading="loading && !round" @again="reload" />
  <template v-if="round">
    <ViewHead :title="round.startedWords" :state="round.title">
      {{ $t('record.roundView.asItWent', { schoolName: round.plan.schoolName }) }}
      <template v-for="bend in round.plan.bends" :key="bend"> ↷ {{ bend }} </template>
    </ViewHead>
    <DidItRun :round="round" @changed="reload" />
    <p
      v-if="summary?.figures.estimate.notRun"
      class="mt-1 font-semibold text-heat-word"
      data-not-run
    >
      {{
        $t('record.roundView.belowIsWhatWasPlanned', {
          peakC: measure(summary.figures.bath.peakC, 'celsius'),
          holdMinutes: number(summary.figures.bath.holdMinutes),
        })
      }}
    </p>
    <div
      class="mt-2 grid grid-cols-1 gap-x-5 gap-y-3 border-b border-ink pb-2 lg:grid-cols-[minmax(0,1fr)_190px]"
    >
      <BathStrip :plan="round.plan" />
      <HygieneBars :plan="round.plan" />
    </div>
    <dl class="mt-3 grid grid-cols-2 gap-x-6 gap-y-1 sm:grid-cols-3">
      <div v-for="f in FIGURES" :key="f.key" class="flex justify-between border-b border-line py-1">
        <dt class="text-soft">{{ f.name }}</dt>
        <dd>
          <Figure :why="round.plan.whys[f.key]">
            <strong>{{ f.text(round.plan.figures) }}</strong>
          </Figure>
        </dd>
      </div>
    </dl>
    <template v-if="round.setAside.length">
      <h2 class="mt-4 text-lg">{{ $t('record.roundView.setAsideWhenSorting') }}</h2>
      <p v-for="s in round.setAside" :key="s" data-set-aside>! {{ s }}</p>
    </template>
    <h2 class="mt-4 text-lg">{{ $t('record.roundView.doses') }}</h2>
    <ul>
      <li v-for="step in round.plan.steps.filter((s) => s.doses.length)" :key="step.number">
        {{ step.title }}:
        <template v-for="(dose, i) in step.doses" :key="dose.product">
          {{ i ? ', ' : '' }}
          <Figure :why="round.plan.whys[dose.why]">
            <strong>{{ dose.measure }}</strong>
          </Figure>
          {{ dose.product }}
        </template>
      </li>
    </ul>
    <h2 class="mt-4 text-lg">{{ $t('record.roundView.plannedAndHappened') }}</h2>
    <RunHappened :round="round" />
  </template>
  <template v-else-if="summary && !loading">
    <ViewHead :title="summary.startedWords" :state="summary.summary">
      {{
        $t('record.roundView.onlyItsFiguresAreKept', {
          school: summary.school,
          programme: summary.programme,
        })
      }}
    </ViewHead>
    <dl class="mt-3 grid grid-cols-2 gap-x-6 gap-y-1 sm:grid-cols-3" data-figures-only>
      <div v-for="f in LINES" :key="f.name" class="flex justify-between border-b border-line py-1">
        <dt class="text-soft">{{ f.name }}</dt>
        <dd>
          <strong>{{ f.text(summary) }}</strong>
        </dd>
      </div>
    </dl>
  </template>
  <template v-if="summary && !(loading && !round && summary.hasPlan)">
    <form class="mt-4 max-w-xl" @submit.prevent="saveNote(summary.version)">
      <label class="block font-head text-lg font-semibold" for="note">{{
        $t('record.roundView.note')
      }}</label>
      <textarea id="note" v-model="note" rows="3" :maxlength="LONGEST_NOTE" class="mt-1 w-full" />
      <p v-if="other !== undefined" class="hatch mt-1 border border-heat p-2">
        {{ $t('record.roundView.meanwhileSomeoneWroteYoursIs', { other }) }}
      </p>
      <button type="submit" class="button-plain mt-1 font-semibold">
        {{ $t('record.roundView.keepTheNote') }}
      </button>
    </form>
    <button
      v-if="summary.state === 'SHELVED'"
      type="button"
      class="button-quiet mt-3 px-0"
      data-remove-round
      @click="remove"
    >
      {{ $t('record.roundView.deleteThisRoundFromThe') }}
    </button>
  </template>
</template>

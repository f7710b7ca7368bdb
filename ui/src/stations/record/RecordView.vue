<script setup lang="ts">
import { t } from '../../words'
import { computed, ref } from 'vue'
import RecordPicture from '../../charts/RecordPicture.vue'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import LoadState from '../../parts/LoadState.vue'
import SawTaps from '../../parts/SawTaps.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { count } from '../../use/format'
import { useAnswer } from '../../use/useLoaded'
import BesidePanel from './BesidePanel.vue'
import CostsPanel from './CostsPanel.vue'
import FilesPanel from './FilesPanel.vue'
import JudgePanel from './JudgePanel.vue'
import RoundTable from './RoundTable.vue'

const SECTIONS = [
  { value: 'judge', words: t('record.recordView.possibleCauses') },
  { value: 'saw', words: t('record.recordView.whatISaw') },
  { value: 'rounds', words: t('record.recordView.everyRound') },
  { value: 'beside', words: t('record.recordView.comparePeriods') },
  { value: 'costs', words: t('record.recordView.costsAndUse') },
  { value: 'files', words: t('record.recordView.files') },
]
const SPANS = [
  { value: 30, words: t('record.recordView.days') },
  { value: 70, words: t('record.recordView.days2') },
  { value: 365, words: t('record.recordView.aYear') },
]
/** A moment is judged at the end of its day. */
const DAY = 86_400_000

const section = ref('judge')
const days = ref(70)
const selected = ref<number>()
const then = ref<{ at: string; words: string }>()
const judge = ref<InstanceType<typeof JudgePanel>>()
const changed = ref(0)
const {
  data: story,
  error,
  loading,
  reload,
} = useAnswer('/api/v1/record/story', () => ({ params: { query: { days: days.value } } }))
const { data: changes, reload: reloadChanges } = useAnswer('/api/v1/judge/changes', () => ({
  params: { query: { days: days.value } },
}))
const round = computed(() => story.value?.rounds.find((r) => r.id === selected.value))
const events = computed(
  () =>
    changes.value?.map((e) => ({
      at: e.startedAt,
      words: e.change === 'RESET' ? t('record.recordView.reset') : e.words,
    })) ?? [],
)

async function again() {
  await Promise.all([reload(), reloadChanges()])
}
async function wiped() {
  selected.value = undefined
  then.value = undefined
  changed.value++
  await again()
}
async function told() {
  await again()
  await judge.value?.reload()
}
function judgeThen() {
  if (!round.value) return
  const at = new Date(Date.parse(round.value.startedAt) + 2 * DAY)
  then.value = { at: at.toISOString(), words: round.value.day }
  section.value = 'judge'
}
function span(next: number) {
  days.value = next
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !story" @again="reload" />
  <template v-if="story">
    <ViewHead :title="$t('record.recordView.record')" :state="count(story.rounds.length, 'round')">
      {{ $t('record.recordView.whatWasWashedWhatWas') }}
      <template #side>
        <ChoiceRow
          :model-value="days"
          :label="$t('record.recordView.howFarBack')"
          hide-label
          :options="SPANS"
          @update:model-value="span"
        />
      </template>
    </ViewHead>
    <p v-if="story.rounds.length === 0" class="mt-4" data-empty>
      {{ $t('record.recordView.yourFirstWashWillAppear') }}
    </p>
    <template v-else>
      <RecordPicture
        class="mt-3"
        :rounds="story.rounds"
        :events="events"
        :selected="selected"
        @select="selected = $event"
      />
      <div v-if="round" class="mt-2 border border-ink p-3" data-selected>
        <p>
          <RouterLink
            :to="`/record/${round.id}`"
            class="font-semibold underline decoration-line underline-offset-4"
            >{{ round.day }}, {{ round.schoolName }}</RouterLink
          >
          <span v-if="round.changes.length">
            {{
              $t('record.recordView.changedSinceTheRoundBefore', { join: round.changes.join(', ') })
            }}</span
          >
        </p>
        <ul class="text-sm">
          <li v-for="s in round.seen" :key="s.id">
            {{ s.good ? '✓' : '!' }} {{ s.title }}: {{ s.words
            }}<template v-if="s.seconds != null"> ({{ s.seconds }} s)</template
            ><template v-if="s.kind">, {{ s.kind }}</template
            >, {{ s.whereWords }}, {{ s.atWords }}<template v-if="s.carer">, {{ s.carer }}</template
            ><template v-if="s.note">: “{{ s.note }}”</template>
          </li>
          <li v-if="!round.seen.length" class="text-soft">
            {{ $t('record.recordView.nothingNoted') }}
          </li>
        </ul>
        <button type="button" class="button-plain mt-1" data-judge-then @click="judgeThen">
          {{ $t('record.recordView.possibleCausesAtThatTime') }}
        </button>
      </div>
    </template>
    <ChoiceRow
      v-model="section"
      class="mt-5"
      :label="$t('record.recordView.below')"
      hide-label
      :options="SECTIONS"
    />
    <div class="mt-3">
      <JudgePanel
        v-if="section === 'judge'"
        ref="judge"
        :at="then?.at"
        :at-words="then?.words"
        @changed="again"
        @now="then = undefined"
      />
      <section v-else-if="section === 'saw'" :aria-label="$t('record.recordView.whatISaw')">
        <h2 class="text-lg">{{ $t('record.recordView.inUse') }}</h2>
        <SawTaps class="mt-1" where="USE" @told="told" />
        <h2 class="mt-4 text-lg">{{ $t('record.recordView.atTheShelf') }}</h2>
        <SawTaps class="mt-1" where="SHELF" @told="told" />
        <h2 class="mt-4 text-lg">{{ $t('record.recordView.atTheWash') }}</h2>
        <SawTaps class="mt-1" where="WASH" @told="told" />
      </section>
      <RoundTable v-else-if="section === 'rounds'" :key="changed" />
      <BesidePanel v-else-if="section === 'beside'" :to="story.to" />
      <CostsPanel
        v-else-if="section === 'costs'"
        :maintenance="story.maintenance"
        @changed="again"
      />
      <FilesPanel v-else @changed="wiped" />
    </div>
  </template>
</template>

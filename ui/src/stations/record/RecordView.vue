<script setup lang="ts">
import { t } from '../../words'
import { computed, ref } from 'vue'
import RecordPicture from '../../charts/RecordPicture.vue'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { count } from '../../use/format'
import { useAnswer } from '../../use/useLoaded'
import RecordPages from './RecordPages.vue'

const SPANS = [
  { value: 30, words: t('record.recordView.days') },
  { value: 70, words: t('record.recordView.days2') },
  { value: 365, words: t('record.recordView.aYear') },
]
/** A moment is judged at the end of its day. */
const DAY = 86_400_000

const days = ref(70)
const selected = ref<number>()
const {
  data: story,
  error,
  loading,
  reload,
} = useAnswer('/api/v1/record/story', () => ({ params: { query: { days: days.value } } }))
const { data: changes } = useAnswer('/api/v1/judge/changes', () => ({
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

/** Where the likely causes of that time are looked at. */
const causesThen = computed(() => {
  if (!round.value) return '/record/causes'
  const at = new Date(Date.parse(round.value.startedAt) + 2 * DAY).toISOString()
  return { path: '/record/causes', query: { at, words: round.value.day } }
})
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
    <RecordPages />
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
        <RouterLink :to="causesThen" class="button-plain mt-1 inline-block" data-judge-then>
          {{ $t('record.recordView.possibleCausesAtThatTime') }}
        </RouterLink>
      </div>
    </template>
  </template>
</template>

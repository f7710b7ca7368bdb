<script setup lang="ts">
import { t } from '../../words'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, type Api } from '../../api/client'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import LoadState from '../../parts/LoadState.vue'
import { useMessages } from '../../stores/messages'
import { useLoaded } from '../../use/useLoaded'

/** The wall card of a routine, for the other carer: printed from here, or as PDF. */
const route = useRoute()
const messages = useMessages()
const size = ref<'A5' | 'A4'>('A5')
const SIZES = [
  { value: 'A5' as const, words: 'A5' },
  { value: 'A4' as const, words: 'A4' },
]
const loadId = computed(() => Number(route.query.load))
/** What the link asks for; without that, the usual method. */
function asked(): Api['PlanRequest'] {
  const usual = { school: 'hot-and-full' }
  if (!route.query.plan) return usual
  try {
    return JSON.parse(String(route.query.plan)) as Api['PlanRequest']
  } catch (cause) {
    messages.problem(new Error(t('wash.cardView.thisLinkIsIncomplete'), { cause }))
    return usual
  }
}
const request = ref(asked())
const {
  data: card,
  error,
  loading,
  reload,
} = useLoaded(
  () => ['/api/v1/loads/{id}/card', { loadId: loadId.value, request: request.value }],
  async () => {
    if (!Number.isInteger(loadId.value) || loadId.value < 1) {
      throw new Error(t('wash.cardView.whichLoadOpenTheCard'))
    }
    return answer(
      api.POST('/api/v1/loads/{id}/card', {
        params: { path: { id: loadId.value } },
        body: request.value,
      }),
    )
  },
)

function print() {
  window.print()
}
async function pdf() {
  try {
    const page = await answer(
      api.POST('/api/v1/loads/{id}/card.pdf', {
        params: { path: { id: loadId.value }, query: { size: size.value } },
        body: request.value,
        parseAs: 'blob',
      }),
    )
    const link = document.createElement('a')
    link.href = URL.createObjectURL(page as unknown as Blob)
    link.download = `wash-card-${size.value}.pdf`
    link.click()
    URL.revokeObjectURL(link.href)
    messages.done(t('wash.cardView.theCardIsInYour'))
  } catch (problem) {
    messages.problem(problem)
  }
}
</script>

<template>
  <div class="mb-3 flex flex-wrap items-center gap-3 print:hidden">
    <RouterLink
      :to="{ path: '/wash', query: card ? { load: loadId } : {} }"
      class="button-quiet px-0"
    >
      {{ $t('wash.cardView.backToThePlan') }}
    </RouterLink>
    <ChoiceRow v-model="size" :label="$t('wash.cardView.paper')" :options="SIZES" />
    <button type="button" class="button-plain font-semibold" data-print @click="print">
      {{ $t('wash.cardView.print') }}
    </button>
    <button type="button" class="button-plain font-semibold" data-pdf @click="pdf">
      {{ $t('wash.cardView.pdf') }}
    </button>
  </div>
  <LoadState :error="error" :loading="loading && !card" @again="reload" />
  <article
    v-if="card"
    class="border border-ink bg-sheet p-6 print:border-0 print:p-0"
    :class="size === 'A5' ? 'max-w-xl text-base' : 'max-w-3xl text-xl'"
    data-wall-card
  >
    <h1 class="text-2xl">{{ card.title }}</h1>
    <p class="mt-1">{{ card.summary }}</p>
    <ol class="mt-3">
      <li
        v-for="s in card.steps"
        :key="s.number"
        class="grid grid-cols-[2rem_1fr_auto] gap-x-2 border-t border-line py-2"
      >
        <span class="font-head text-2xl leading-none font-bold">{{ s.number }}</span>
        <span>
          <strong>{{ s.yours ? $t('wash.cardView.you') + ' ' : '' }}{{ s.what }}</strong>
          <span class="block">{{ s.how }}</span>
          <strong v-for="d in s.doses" :key="d" class="block">{{ d }}</strong>
        </span>
        <span class="text-soft">{{ s.minutes }}</span>
      </li>
    </ol>
    <p v-for="m in card.minds" :key="m" class="mt-1 text-sm">! {{ m }}</p>
  </article>
</template>

<script setup lang="ts">
import { t } from '../words'
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { useLine } from '../stores/line'
import { useMessages } from '../stores/messages'
import { count } from '../use/format'
import { useAct } from '../use/useAct'

/** Says when counts of pieces differ from what pails, machines and lines hold, and offers to mend them. */
const line = useLine()
const messages = useMessages()
const { act, busy } = useAct()
const differences = computed(() => line.line?.differences ?? [])

async function mend() {
  const left = await act(() => answer(api.POST('/api/v1/ledger/mend')))
  if (left) messages.done(t('parts.countsDiffer.correctedTheCountsNowMatch'))
}
const notices = computed(() => line.line?.notices ?? [])
</script>

<template>
  <section
    v-if="notices.length"
    class="mb-3 border-2 border-sun px-4 py-2 text-sm"
    role="status"
    data-notices
  >
    <p v-for="n in notices" :key="n">! {{ n }}</p>
  </section>
  <section
    v-if="differences.length"
    class="mb-3 border-2 border-sun px-4 py-2"
    role="alert"
    data-counts-differ
  >
    <p class="font-semibold">
      {{ $t('parts.countsDiffer.theCountsOfDoNot', { length: count(differences.length, 'kind') }) }}
    </p>
    <ul class="mt-1 text-sm">
      <li v-for="d in differences" :key="d.kindId">
        <strong>{{ d.kind }}</strong>: {{ d.words }}
      </li>
    </ul>
    <button type="button" class="button-plain mt-2" :disabled="busy" @click="mend">
      {{ $t('parts.countsDiffer.countThePiecesAgain') }}
    </button>
  </section>
</template>

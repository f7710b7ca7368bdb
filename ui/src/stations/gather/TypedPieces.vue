<script setup lang="ts">
import { t } from '../../words'
import { refDebounced } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import { answer, api, type Api } from '../../api/client'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useLoaded } from '../../use/useLoaded'
import type { Soil, Solids } from './soils'

/** Many pieces in one go, as one says them: "6 flats wet, 2 poo". What was understood stands below. */
const props = defineProps<{ pail: Api['Pail']; soil: Soil; solids: Solids }>()
const emit = defineEmits<{ changed: [] }>()

const PAUSE_MS = 250
const id = useId()
const { act, busy } = useAct()
const messages = useMessages()
const text = ref('')
const asked = refDebounced(text, PAUSE_MS)
const asking = computed(() => ({
  path: { id: props.pail.id },
  query: { text: asked.value.trim(), soil: props.soil },
}))
const { data: meant } = useLoaded(
  () => ['/api/v1/pails/{id}/typed', asking.value],
  async () =>
    asking.value.query.text
      ? answer(api.GET('/api/v1/pails/{id}/typed', { params: asking.value }))
      : undefined,
)
const understood = computed(() =>
  meant.value?.pieces.map((p) => `${p.words}, ${p.soil}`).join(' · '),
)

async function add() {
  const entries = await act(() =>
    answer(
      api.POST('/api/v1/pails/{id}/typed', {
        params: { path: { id: props.pail.id } },
        body: { text: text.value.trim(), soil: props.soil, solids: props.solids },
      }),
    ),
  )
  if (!entries) return
  text.value = ''
  emit('changed')
  const pieces = entries.reduce((sum, e) => sum + e.count, 0)
  messages.done(
    t('gather.typedPieces.putInto', { pieces, name: props.pail.name }, pieces),
    async () => {
      for (const entry of entries)
        await act(() =>
          answer(api.DELETE('/api/v1/entries/{id}', { params: { path: { id: entry.id } } })),
        )
      emit('changed')
    },
  )
}
</script>

<template>
  <form class="mt-3" data-typed @submit.prevent="add">
    <label :for="id">{{ $t('gather.typedPieces.orTypeIt') }}</label>
    <div class="mt-1 flex max-w-md gap-2">
      <input
        :id="id"
        v-model="text"
        class="min-w-0 flex-1"
        maxlength="200"
        autocomplete="off"
        :placeholder="$t('gather.typedPieces.forExample')"
        :aria-describedby="`${id}-meant`"
        data-field="typed"
      />
      <button
        type="submit"
        class="button-plain shrink-0"
        :disabled="busy || !text.trim()"
        data-add-typed
      >
        {{ $t('gather.typedPieces.putIn') }}
      </button>
    </div>
    <p :id="`${id}-meant`" class="min-h-5 text-sm" role="status" data-meant>
      <template v-if="text.trim() && meant">
        <span v-if="meant.unclear" class="text-heat-word">! {{ meant.unclear }}</span>
        <template v-else>✓ {{ understood }}</template>
      </template>
    </p>
  </form>
</template>

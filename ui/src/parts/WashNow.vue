<script setup lang="ts">
import { useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { useMessages } from '../stores/messages'
import { useAct } from '../use/useAct'

/** Washes what is in some pails at once, whatever the advice; it says what it would have waited for. */
const props = defineProps<{ pailIds?: number[] }>()

const router = useRouter()
const messages = useMessages()
const { act, busy } = useAct()

async function wash() {
  const made = await act(() =>
    answer(api.POST('/api/v1/loads/now', { body: { pailIds: props.pailIds } })),
  )
  if (!made) return
  for (const note of made.notes) messages.done(note)
  void router.push({ path: '/wash', query: { load: made.load.id } })
}
</script>

<template>
  <button type="button" class="button-plain" :disabled="busy" data-wash-now @click="wash">
    <slot>{{ $t('parts.washNow.washThisPailNow') }}</slot>
  </button>
</template>

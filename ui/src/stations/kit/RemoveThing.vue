<script setup lang="ts">
import { t } from '../../words'
import { answer, api, type Api } from '../../api/client'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { ADDRESSES } from './things'

/** Removes something that the household no longer has; the past keeps it, and it can be brought back. */
const props = defineProps<{
  thing: Api['RemovalRemoved']['thing'] | 'PAIL'
  id: number
  name: string
}>()
const emit = defineEmits<{ changed: [] }>()
const { act, busy } = useAct()
const messages = useMessages()

function away() {
  const path = { id: props.id }
  return props.thing === 'PAIL'
    ? answer(api.DELETE('/api/v1/pails/{id}', { params: { path } }))
    : answer(
        api.DELETE('/api/v1/{things}/{id}', {
          params: { path: { ...path, things: ADDRESSES[props.thing] } },
        }),
      )
}
function back() {
  const path = { id: props.id }
  return props.thing === 'PAIL'
    ? answer(api.POST('/api/v1/pails/{id}/restore', { params: { path } }))
    : answer(
        api.POST('/api/v1/{things}/{id}/restore', {
          params: { path: { ...path, things: ADDRESSES[props.thing] } },
        }),
      )
}
async function remove() {
  const done = await act(async () => {
    await away()
    return true
  })
  if (!done) return
  const changed = () => emit('changed')
  messages.done(t('kit.removeThing.isRemovedKitRemovedBrings', { name: props.name }), async () => {
    await act(back)
    changed()
  })
  emit('changed')
}
</script>

<template>
  <p class="mt-3">
    <button
      type="button"
      class="button-quiet px-0"
      :disabled="busy"
      :data-remove="name"
      @click="remove"
    >
      {{ $t('kit.removeThing.remove', { name }) }}
    </button>
  </p>
</template>

<script setup lang="ts">
import { t } from '../../words'
import { answer, api, type Api } from '../../api/client'
import LoadState from '../../parts/LoadState.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useLoaded } from '../../use/useLoaded'
import { ADDRESSES } from './things'

/** What was removed, to bring back. */
const { act, busy } = useAct()
const messages = useMessages()
const { data, error, loading, reload } = useLoaded(
  ['/api/v1/removed', '/api/v1/pails/removed'],
  async () => {
    const [things, pails] = await Promise.all([
      answer(api.GET('/api/v1/removed')),
      answer(api.GET('/api/v1/pails/removed')),
    ])
    return { things, pails }
  },
)

async function bring(name: string, work: () => Promise<unknown>) {
  const done = await act(async () => {
    await work()
    return true
  })
  await reload()
  if (done) messages.done(t('kit.removedPanel.isBack', { name }))
}
function thing(t: Api['RemovalRemoved']) {
  return bring(t.name, () =>
    answer(
      api.POST('/api/v1/{things}/{id}/restore', {
        params: { path: { things: ADDRESSES[t.thing], id: t.id } },
      }),
    ),
  )
}
function pail(p: Api['PailRemoved']) {
  return bring(p.name, () =>
    answer(api.POST('/api/v1/pails/{id}/restore', { params: { path: { id: p.id } } })),
  )
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !data" @again="reload" />
  <div v-if="data" class="max-w-3xl">
    <p v-if="!data.things.length && !data.pails.length" class="text-soft">
      {{ $t('kit.removedPanel.nothingWasRemovedEveryLine') }}
    </p>
    <ul>
      <li
        v-for="gone in data.things"
        :key="`${gone.thing}${gone.id}`"
        class="flex flex-wrap items-baseline gap-3 border-t border-line py-1.5"
        :data-removed="gone.name"
      >
        <strong class="min-w-44">{{ gone.name }}</strong>
        <span class="flex-1 text-sm text-soft">{{ $t(`named.${gone.thing}`) }}</span>
        <button type="button" class="button-plain py-1" :disabled="busy" @click="thing(gone)">
          {{ $t('kit.removedPanel.bringBack') }}
        </button>
      </li>
      <li
        v-for="p in data.pails"
        :key="`pail${p.id}`"
        class="flex flex-wrap items-baseline gap-3 border-t border-line py-1.5"
        :data-removed="p.name"
      >
        <strong class="min-w-44">{{ p.name }}</strong>
        <span class="flex-1 text-sm text-soft">{{ $t('kit.removedPanel.pail') }}</span>
        <button type="button" class="button-plain py-1" :disabled="busy" @click="pail(p)">
          {{ $t('kit.removedPanel.bringBack') }}
        </button>
      </li>
    </ul>
  </div>
</template>

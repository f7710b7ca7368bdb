<script setup lang="ts">
import { t } from '../../words'
import { ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'

/** New pieces on their way to full use. */
defineProps<{ kinds: Api['KindView'][] }>()
const emit = defineEmits<{ changed: [] }>()

const { act, busy } = useAct()
const messages = useMessages()
const { data: lots, error, loading, reload } = useAnswer('/api/v1/prep')
const kindId = ref(0)
const count = ref(1)

type Lot = Api['LotLot']
async function change(work: () => Promise<Lot>, words: (lot: Lot) => string) {
  const lot = await act(work)
  await reload()
  emit('changed')
  if (lot) messages.done(words(lot))
  return lot
}
async function add() {
  const body = { kindId: kindId.value, count: count.value }
  const lot = await act(() => answer(api.POST('/api/v1/prep', { body })))
  await reload()
  emit('changed')
  if (lot) messages.done(t('gather.newPieces.welcomeTheyWaitForTheir'), () => remove(lot))
}
async function remove(lot: Lot) {
  await act(() => answer(api.DELETE('/api/v1/prep/{id}', { params: { path: { id: lot.id } } })))
  await reload()
  emit('changed')
}
function soak(lot: Lot) {
  const params = { path: { id: lot.id } }
  return lot.soakWords
    ? change(
        () => answer(api.DELETE('/api/v1/prep/{id}/soak', { params })),
        () => t('gather.newPieces.theSoakIsCounted'),
      )
    : change(
        () => answer(api.POST('/api/v1/prep/{id}/soak', { params })),
        (soaking) => t('gather.newPieces.theSoakIsOnCold', { until: soaking.soakFullWords }),
      )
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !lots" @again="reload" />
  <section v-if="lots" class="max-w-3xl" :aria-label="$t('gather.newPieces.newPieces')">
    <h2 class="text-lg">{{ $t('gather.newPieces.newPieces') }}</h2>
    <p class="text-soft">
      {{ $t('gather.newPieces.eachWashIsCountedFor') }}
    </p>
    <ul class="mt-1">
      <li
        v-for="lot in lots"
        :key="lot.id"
        class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line py-1.5"
        :data-lot="lot.kind"
      >
        <span class="min-w-52 flex-1">
          <strong>{{ lot.words }}</strong>
          <span class="block text-sm text-soft">{{ lot.reason }}</span>
        </span>
        <span class="text-sm">
          {{ $t('gather.newPieces.ofReady', { left: lot.needed - lot.left, needed: lot.needed }) }}
          <Figure :why="lot.why">
            <strong>{{ lot.readyWords }}</strong>
          </Figure>
        </span>
        <button
          v-if="lot.soakable"
          type="button"
          class="button-plain py-1"
          :disabled="busy"
          @click="soak(lot)"
        >
          {{
            lot.soakWords
              ? $t('gather.newPieces.soaksForTakeItOut', {
                  soakWords: lot.soakWords,
                  until: lot.soakFullWords,
                })
              : $t('gather.newPieces.soakStarted')
          }}
        </button>
      </li>
      <li v-if="!lots.length" class="text-soft">{{ $t('gather.newPieces.noNewPiecesAtThe') }}</li>
    </ul>
    <form class="mt-2 flex flex-wrap items-end gap-2" @submit.prevent="add">
      <label>
        <span class="block text-sm">{{ $t('gather.newPieces.bought') }}</span>
        <select v-model="kindId" data-field="kindId">
          <option :value="0" disabled>{{ $t('gather.newPieces.aKind') }}</option>
          <option v-for="k in kinds" :key="k.id" :value="k.id">{{ k.name }}</option>
        </select>
      </label>
      <label>
        <span class="block text-sm">{{ $t('gather.newPieces.howMany') }}</span>
        <input v-model.number="count" type="number" min="1" max="200" class="w-16" />
      </label>
      <button type="submit" class="button-plain" :disabled="busy || !kindId" data-add-lot>
        {{ $t('gather.newPieces.addNewPieces') }}
      </button>
    </form>
  </section>
</template>

<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import { t } from '../../words'

/** What would fill up a drum that is too empty to rub, each with one tap: from the basket, or clean from the shelf. */
const props = defineProps<{ loadId: number }>()
const emit = defineEmits<{ filled: [] }>()

const MOST = 3

const { act, busy } = useAct()
const messages = useMessages()
const { data: loads } = useAnswer('/api/v1/loads')
const load = computed(() => loads.value?.find((l) => l.id === props.loadId))
const offers = computed(() =>
  (load.value?.offers ?? []).filter((o) => !o.refusal && o.wanted > 0).slice(0, MOST),
)
const path = computed(() => ({ id: props.loadId }))

async function add(offer: Api['Offer']) {
  const { kindId, fromShelf, wanted: count } = offer
  const filled = await act(() =>
    answer(
      api.POST('/api/v1/loads/{id}/bulkers', {
        params: { path: path.value },
        body: { kindId, count, fromShelf },
      }),
    ),
  )
  emit('filled')
  const item = filled?.bulkers.find((b) => b.kind === offer.kind && b.fromShelf === fromShelf)
  if (item)
    messages.done(t('wash.fillUp.added', { words: offer.words }), () => giveBack(item, count))
}

async function giveBack(item: Api['Item'], count: number) {
  await act(() =>
    answer(
      api.DELETE('/api/v1/loads/{id}/items/{itemId}', {
        params: { path: { ...path.value, itemId: item.id }, query: { count } },
      }),
    ),
  )
  emit('filled')
}
</script>

<template>
  <div
    v-if="load && offers.length"
    class="mt-1.5 flex flex-wrap items-center gap-1.5 text-sm"
    data-fill-up
  >
    <span>
      <Figure :why="load.whys.fill">{{
        $t('sort.readyLoad.full', { main: Math.round(load.fill.main * 100) })
      }}</Figure>. {{ $t('wash.fillUp.toFillItUp') }}
    </span>
    <button
      v-for="o in offers"
      :key="`${o.kindId} ${o.fromShelf}`"
      type="button"
      class="chip min-h-9 px-2"
      :disabled="busy"
      :data-fill-with="o.kind"
      @click="add(o)"
    >
      +
      {{
        $t(o.fromShelf ? 'wash.fillUp.fromTheShelf' : 'wash.fillUp.fromTheBasket', {
          words: o.words,
        })
      }}
    </button>
  </div>
</template>

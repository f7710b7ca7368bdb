<script setup lang="ts">
import { t } from '../../words'
import { ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import Figure from '../../parts/Figure.vue'
import OpenRow from '../../parts/OpenRow.vue'
import type { Field, Values } from '../../parts/fields'
import { useMessages } from '../../stores/messages'
import { money, number, percent } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'

/** What each batch has been through, what is left of it, and its end. */
const { data: batches, reload } = useAnswer('/api/v1/wear')
const messages = useMessages()
const { act, busy } = useAct()
const pieces = ref(1)

const FIELDS: Field[] = [
  { key: 'price', label: t('shelf.wearTable.oneCosts'), type: 'number' },
  {
    key: 'note',
    label: t('shelf.wearTable.whatISaw'),
    type: 'text',
    hint: t('shelf.wearTable.elasticSeamsLaminateFeel'),
    optional: true,
  },
]
async function look(b: Api['WearPieceBatch'], v: Values) {
  await answer(
    api.PUT('/api/v1/wear/{id}', {
      params: { path: { id: b.id } },
      body: { version: b.version, price: v.price as number, note: v.note as string },
    }),
  )
  await reload()
}
async function retire(b: Api['WearPieceBatch'], replace: boolean) {
  const done = await act(() =>
    answer(
      api.POST('/api/v1/wear/{id}/retire', {
        params: { path: { id: b.id } },
        body: { pieces: pieces.value, replace },
      }),
    ),
  )
  if (done)
    messages.done(
      t('shelf.wearTable.ofRetired', {
        value: pieces.value,
        kind: b.kind,
        replace: replace ? t('shelf.wearTable.andReplaced') : '',
      }),
    )
  await reload()
}
</script>

<template>
  <section v-if="batches?.length" :aria-label="$t('shelf.wearTable.wear')" data-wear>
    <h2 class="text-lg">{{ $t('shelf.wearTable.wearSoFar') }}</h2>
    <p class="text-sm text-soft">
      {{ $t('shelf.wearTable.inWashesOfAnOrdinary') }}
    </p>
    <OpenRow
      v-for="b in batches"
      :key="`${b.id}.${b.version}`"
      :name="`${b.pieces} × ${b.kind}`"
      :about="
        $t('shelf.wearTable.washesOfItsLife', {
          washes: number(b.washes, 1),
          share: percent(b.share),
          look: b.look ? $t('shelf.wearTable.lookNow') : '',
          note: b.note ? `, “${b.note}”` : '',
        })
      "
      :data-batch="b.kind"
    >
      <p class="text-sm">
        <Figure :why="b.why">{{
          $t('shelf.wearTable.usedForAUse', {
            share: percent(b.share),
            costPerUse: money(b.costPerUse, 3),
          })
        }}</Figure>{{
          $t('shelf.wearTable.since', {
            boughtWords: b.boughtWords,
            lookedWords: b.lookedWords
              ? $t('shelf.wearTable.lookedAt', { lookedWords: b.lookedWords })
              : '',
          })
        }}
      </p>
      <FieldForm
        :fields="FIELDS"
        :initial="{ price: b.price, note: b.note }"
        :save="(v: Values) => look(b, v)"
      />
      <div class="mt-2 flex flex-wrap items-center gap-2">
        <label class="text-sm">
          {{ $t('shelf.wearTable.wornOut') }}
          <select v-model.number="pieces">
            <option v-for="n in b.pieces" :key="n" :value="n">{{ n }}</option>
          </select>
        </label>
        <button
          type="button"
          class="button-plain"
          :disabled="busy"
          data-retire
          @click="retire(b, false)"
        >
          {{ $t('shelf.wearTable.retire') }}
        </button>
        <button type="button" class="button-plain" :disabled="busy" @click="retire(b, true)">
          {{ $t('shelf.wearTable.retireAndReplace') }}
        </button>
      </div>
    </OpenRow>
  </section>
</template>

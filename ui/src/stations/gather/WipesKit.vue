<script setup lang="ts">
import { measure } from '../../use/format'
import { t } from '../../words'
import { ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'

/** Two boxes of wet wipes in turn. */
type Addition = Api['WipesBox']['addition']
const ADDITIONS: { value: Addition; words: string }[] = [
  { value: 'PLAIN', words: t('gather.wipesKit.plainWater') },
  { value: 'MILD_SOAP', words: t('gather.wipesKit.aDropOfMildSoap') },
  { value: 'OIL', words: t('gather.wipesKit.essentialOil') },
]
const { act, busy } = useAct()
const messages = useMessages()
const { data: kit, error, loading, reload } = useAnswer('/api/v1/wipes')
const addition = ref<Addition>('PLAIN')
const read = ref(false)

async function fill(number: number) {
  const now = await act(() =>
    answer(
      api.POST('/api/v1/wipes/{number}/fill', {
        params: { path: { number } },
        body: { addition: addition.value, read: read.value },
      }),
    ),
  )
  if (now) {
    kit.value = now
    messages.done(t('gather.wipesKit.boxIsFilled', { number }))
  }
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !kit" @again="reload" />
  <section v-if="kit" class="max-w-2xl" :aria-label="$t('gather.wipesKit.wetWipes')">
    <h2 class="text-lg">{{ $t('gather.wipesKit.wetWipes') }}</h2>
    <p v-if="!kit.kind" class="text-soft">{{ $t('gather.wipesKit.addAKindOfWipe') }}</p>
    <template v-else>
      <p>
        {{ $t('gather.wipesKit.oneBoxForTwoDays') }}
        <Figure :why="kit.why ?? undefined">
          <strong>{{
            $t('gather.wipesKit.mlOfWater', {
              pieces: kit.pieces,
              kind: kit.kind,
              waterMl: measure(kit.waterMl, 'millilitre'),
            })
          }}</strong>
        </Figure>
        {{ $t('gather.wipesKit.toTheMarker') }}
      </p>
      <div class="mt-2 flex flex-wrap items-center gap-3">
        <label>
          {{ $t('gather.wipesKit.inTheWater') }}
          <select v-model="addition" data-field="addition">
            <option v-for="a in ADDITIONS" :key="a.value" :value="a.value">{{ a.words }}</option>
          </select>
        </label>
      </div>
      <div v-if="addition === 'OIL'" class="hatch mt-2 border border-heat p-2" role="alert">
        <p>! {{ kit.oilCaution }}</p>
        <label class="inline-flex items-center gap-2">
          <input v-model="read" type="checkbox" /> {{ $t('gather.wipesKit.iHaveReadThis') }}
        </label>
      </div>
      <ul class="mt-2">
        <li
          v-for="box in kit.boxes"
          :key="box.number"
          class="flex flex-wrap items-center gap-3 border-t border-line py-1.5"
          :data-box="box.number"
        >
          <span class="flex-1">
            <strong>{{ $t('gather.wipesKit.box', { number: box.number }) }}</strong>
            <template v-if="box.filledWords">
              {{
                $t('gather.wipesKit.filled', {
                  filledWords: box.filledWords,
                  additionWords: box.additionWords,
                })
              }}
              <span :class="box.over ? 'font-semibold text-heat-word' : ''">
                {{
                  box.over ? $t('gather.wipesKit.wasGoodUntil') : $t('gather.wipesKit.goodUntil')
                }}
                {{ box.goodUntilWords }}
              </span>
            </template>
            <template v-else>{{ $t('gather.wipesKit.emptyAndDry') }}</template>
          </span>
          <button
            type="button"
            class="button-plain py-1"
            :disabled="busy"
            @click="fill(box.number)"
          >
            {{ $t('gather.wipesKit.filledNow') }}
          </button>
        </li>
      </ul>
    </template>
  </section>
</template>

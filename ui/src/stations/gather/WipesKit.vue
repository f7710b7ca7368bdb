<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useLoaded } from '../../use/useLoaded'

/** Two boxes of wet wipes in turn. */
type Addition = Api['WipesBox']['addition']
const ADDITIONS: { value: Addition; words: string }[] = [
  { value: 'PLAIN', words: 'plain water' },
  { value: 'MILD_SOAP', words: 'a drop of mild soap' },
  { value: 'OIL', words: 'essential oil' },
]
const { act, busy } = useAct()
const messages = useMessages()
const { data: kit, error, loading, reload } = useLoaded(() => answer(api.GET('/api/wipes')))
const addition = ref<Addition>('PLAIN')
const read = ref(false)

async function fill(number: number) {
  const now = await act(() =>
    answer(
      api.POST('/api/wipes/{number}/fill', {
        params: { path: { number } },
        body: { addition: addition.value, read: read.value },
      }),
    ),
  )
  if (now) {
    kit.value = now
    messages.done(`Box ${number} is filled.`)
  }
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !kit" @again="reload" />
  <section v-if="kit" class="max-w-2xl" aria-label="Wet wipes">
    <h2 class="text-lg">Wet wipes</h2>
    <p v-if="!kit.kind" class="text-soft">There is no kind of wipe in Kit yet.</p>
    <template v-else>
      <p>
        One box for two days:
        <Figure :why="kit.why ?? undefined">
          <strong>{{ kit.pieces }} × {{ kit.kind }}, {{ kit.waterMl }} mL of water</strong>
        </Figure>
        to the marker.
      </p>
      <div class="mt-2 flex flex-wrap items-center gap-3">
        <label>
          In the water
          <select v-model="addition" data-field="addition">
            <option v-for="a in ADDITIONS" :key="a.value" :value="a.value">{{ a.words }}</option>
          </select>
        </label>
      </div>
      <div v-if="addition === 'OIL'" class="hatch mt-2 border border-heat p-2" role="alert">
        <p>! {{ kit.oilCaution }}</p>
        <label class="inline-flex items-center gap-2">
          <input v-model="read" type="checkbox" /> I have read this
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
            <strong>Box {{ box.number }}</strong>
            <template v-if="box.filledWords">
              filled {{ box.filledWords }}, {{ box.additionWords }};
              <span :class="box.over ? 'font-semibold text-heat-word' : ''">
                {{ box.over ? '! was good until' : 'good until' }} {{ box.goodUntilWords }}
              </span>
            </template>
            <template v-else>empty and dry</template>
          </span>
          <button
            type="button"
            class="button-plain py-1"
            :disabled="busy"
            @click="fill(box.number)"
          >
            Filled now
          </button>
        </li>
      </ul>
    </template>
  </section>
</template>

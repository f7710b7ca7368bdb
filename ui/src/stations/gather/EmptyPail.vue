<script setup lang="ts">
import { t } from '../../words'
import { watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'

/** What emptying a pail takes, step by step, and that it was done. */
const props = defineProps<{ pail: Api['Pail'] }>()
const emit = defineEmits<{ changed: [] }>()

const { act, busy } = useAct()
const messages = useMessages()
const path = () => ({ path: { id: props.pail.id } })
const { data: cleaning, reload } = useAnswer('/api/v1/pails/{id}/cleaning', () => ({
  params: path(),
}))
watch(
  () => [props.pail.id, props.pail.version],
  () => reload(),
)

async function emptied() {
  const name = props.pail.name
  const done = await act(() =>
    answer(
      api.POST('/api/v1/pails/{id}/empty', {
        params: path(),
        body: { version: props.pail.version },
      }),
    ),
  )
  emit('changed')
  if (done) {
    messages.done(t('gather.emptyPail.isClean', { name }), async () => {
      await act(() => answer(api.DELETE('/api/v1/pails/{id}/empty', { params: path() })))
      emit('changed')
    })
  }
}
</script>

<template>
  <section class="max-w-2xl" :aria-label="$t('gather.emptyPail.empty', { name: pail.name })">
    <h2 class="text-lg">{{ $t('gather.emptyPail.empty', { name: pail.name }) }}</h2>
    <p class="text-soft">
      {{
        pail.emptiedWords
          ? $t('gather.emptyPail.lastEmptied', { emptiedWords: pail.emptiedWords })
          : $t('gather.emptyPail.notEmptiedYet')
      }}
      <template v-if="pail.pieces">
        {{ $t('gather.emptyPail.piecesStillWaitInIt', { pieces: pail.pieces }, pail.pieces) }}
      </template>
    </p>
    <ol v-if="cleaning" class="mt-2 list-decimal pl-6" data-cleaning>
      <li v-for="step in cleaning.steps" :key="step" class="py-0.5">{{ step }}</li>
    </ol>
    <p v-if="cleaning?.mix" class="mt-1 text-sm">
      {{ $t('gather.emptyPail.theMix') }}
      <Figure :why="cleaning.mix">{{ cleaning.mix.title }}</Figure>
      {{ $t('gather.emptyPail.forEachLitreOfWater') }}
    </p>
    <button type="button" class="button-plain mt-3 font-semibold" :disabled="busy" @click="emptied">
      {{ $t('gather.emptyPail.itIsEmptyAndClean') }}
    </button>
  </section>
</template>

<script setup lang="ts">
import { answer, api, type Api } from '../../api/client'
import { useAct } from '../../use/useAct'

/** Asks about machine steps that were ticked off sooner than they can take. */
const props = defineProps<{ round: Api['Round'] }>()
const emit = defineEmits<{ changed: [] }>()
const { act, busy } = useAct()

async function say(ran: boolean) {
  const round = await act(() =>
    answer(
      api.POST('/api/v1/rounds/{id}/ran', {
        params: { path: { id: props.round.id } },
        body: { ran },
      }),
    ),
  )
  if (round) emit('changed')
}
</script>

<template>
  <section v-if="round.early.length" class="mt-2 border-2 border-sun p-3" data-early>
    <h2 class="text-lg">{{ $t('wash.didItRun.didTheMachineReallyFinish') }}</h2>
    <p v-for="words in round.early" :key="words">{{ words }}</p>
    <p class="text-soft">{{ $t('wash.didItRun.untilYouAnswerThisRound') }}</p>
    <div class="mt-2 flex gap-3">
      <button type="button" class="button-plain" :disabled="busy" data-ran @click="say(true)">
        {{ $t('wash.didItRun.yesItRan') }}
      </button>
      <button type="button" class="button-plain" :disabled="busy" @click="say(false)">
        {{ $t('wash.didItRun.noItDidNot') }}
      </button>
    </div>
  </section>
</template>

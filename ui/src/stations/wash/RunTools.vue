<script setup lang="ts">
import { t } from '../../words'
import { ref } from 'vue'
import type { Api } from '../../api/client'
import { useCarer } from './useCarer'

/** Hold, more time, leave out with a reason, hand over. */
defineProps<{ round: Api['Round']; busy: boolean }>()
const emit = defineEmits<{
  hold: [why: string]
  resume: []
  more: [minutes: number]
  skip: [why: string]
  handOver: [to: string]
  stop: []
}>()

const { carer } = useCarer()
const HOLDS = [
  t('wash.runTools.theMachineStopped'),
  t('wash.runTools.powerCut'),
  t('wash.runTools.theChildWokeUp'),
  t('wash.runTools.soaksAWhile'),
]
const MORE = [5, 10, 30]
const open = ref<'hold' | 'skip' | 'over' | 'stop'>()
const why = ref('')
const to = ref('')

function show(which: typeof open.value) {
  open.value = open.value === which ? undefined : which
}
function hold(reason: string) {
  open.value = undefined
  emit('hold', reason)
}
function skip() {
  emit('skip', why.value)
  open.value = undefined
  why.value = ''
}
function over() {
  emit('handOver', to.value)
  open.value = undefined
}
</script>

<template>
  <section :aria-label="$t('wash.runTools.ifSomethingComesUp')" class="mt-3">
    <div class="flex flex-wrap gap-2">
      <button
        v-if="round.heldSince"
        type="button"
        class="button-plain min-h-12 px-4 font-semibold"
        :disabled="busy"
        data-resume
        @click="$emit('resume')"
      >
        {{ $t('wash.runTools.goOn') }}
      </button>
      <button
        v-else
        type="button"
        class="button-plain min-h-12 px-4"
        :aria-expanded="open === 'hold'"
        data-hold
        @click="show('hold')"
      >
        {{ $t('wash.runTools.hold') }}
      </button>
      <button
        v-for="m in MORE"
        :key="m"
        type="button"
        class="button-plain min-h-12 px-3"
        :disabled="busy"
        :data-more="m"
        @click="$emit('more', m)"
      >
        {{ $t('wash.runTools.min', { m }) }}
      </button>
      <button
        type="button"
        class="button-plain min-h-12 px-4"
        :aria-expanded="open === 'skip'"
        data-skip
        @click="show('skip')"
      >
        {{ $t('wash.runTools.skipThisStep') }}
      </button>
      <button
        type="button"
        class="button-plain min-h-12 px-4"
        :aria-expanded="open === 'over'"
        data-hand-over
        @click="show('over')"
      >
        {{ $t('wash.runTools.handOver') }}
      </button>
      <button
        v-if="round.state === 'RUNNING'"
        type="button"
        class="button-plain min-h-12 px-4"
        :aria-expanded="open === 'stop'"
        data-stop
        @click="show('stop')"
      >
        {{ $t('wash.runTools.stopThisWash') }}
      </button>
    </div>
    <div v-if="open === 'stop'" class="mt-2 border-l-4 border-sun pl-3">
      <p>
        {{ $t('wash.runTools.thePiecesGoBackInto') }}
      </p>
      <button
        type="button"
        class="button-plain mt-1 min-h-11"
        :disabled="busy"
        data-stop-do
        @click="$emit('stop')"
      >
        {{ $t('wash.runTools.stopIt') }}
      </button>
    </div>
    <div v-if="open === 'hold'" class="mt-2 flex flex-wrap gap-2">
      <button
        v-for="h in HOLDS"
        :key="h"
        type="button"
        class="chip min-h-11 px-3"
        :data-hold-why="h"
        @click="hold(h)"
      >
        {{ h }}
      </button>
    </div>
    <form v-if="open === 'skip'" class="mt-2 flex flex-wrap items-end gap-2" @submit.prevent="skip">
      <label class="flex-1">
        <span class="block text-sm font-semibold">{{ $t('wash.runTools.whySkipIt') }}</span>
        <input v-model="why" type="text" maxlength="200" class="w-full" data-skip-why />
      </label>
      <button type="submit" class="button-plain min-h-11" :disabled="busy" data-skip-do>
        {{ $t('wash.runTools.skipIt') }}
      </button>
    </form>
    <form
      v-if="open === 'over'"
      class="mt-2 grid grid-cols-1 gap-2 sm:grid-cols-2"
      @submit.prevent="over"
    >
      <label>
        <span class="block text-sm font-semibold">{{ $t('wash.runTools.whoTakesOver') }}</span>
        <input v-model="to" type="text" maxlength="60" class="w-full" data-hand-over-to />
      </label>
      <label>
        <span class="block text-sm font-semibold">{{
          $t('wash.runTools.whoHoldsThisDevice')
        }}</span>
        <input v-model="carer" type="text" maxlength="60" class="w-full" data-carer />
      </label>
      <button
        type="submit"
        class="button-plain min-h-11 justify-self-start"
        :disabled="busy"
        data-hand-over-do
      >
        {{ $t('wash.runTools.handItOver') }}
      </button>
      <p class="self-center text-sm text-soft">
        {{ $t('wash.runTools.theyOpenWashOnTheir') }}
      </p>
    </form>
  </section>
</template>

<script setup lang="ts">
import { t } from '../../words'
import { watch } from 'vue'
import type { Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import { measure } from '../../use/format'

/** What goes in at this step, very large, and how much of it really went in. */
const props = defineProps<{ step: Api['PlanStep']; whys: Record<string, Api['Why']> }>()
const shares = defineModel<number[]>({ required: true })

const SHARES = [
  { value: 1, words: t('wash.runDoses.allOfIt') },
  { value: 0.5, words: t('wash.runDoses.half') },
  { value: 0, words: t('wash.runDoses.none') },
]
/** Another step begins with everything in; the same step that is only read again keeps what was chosen. */
watch(
  () => `${props.step.number} ${props.step.title}`,
  () => (shares.value = props.step.doses.map(() => 1)),
  { immediate: true },
)
function set(index: number, share: number) {
  shares.value = shares.value.map((old, i) => (i === index ? share : old))
}
</script>

<template>
  <ul v-if="step.doses.length" class="mt-3 text-xl sm:text-2xl">
    <li
      v-for="(dose, i) in step.doses"
      :key="dose.product + i"
      class="flex flex-wrap items-center gap-x-4 gap-y-1 py-0.5"
    >
      <span>
        <Figure :why="whys[dose.why]">
          <strong>{{ dose.measure }}</strong>
        </Figure>
        {{ dose.product }}
        <span class="text-base text-soft"
          >({{ measure(dose.grams, 'gram', dose.grams < 10 ? 1 : 0)
          }}{{ dose.lastRinse ? $t('wash.runDoses.softenerDrawer') : '' }})</span
        >
      </span>
      <span
        class="flex gap-1 text-sm"
        role="group"
        :aria-label="$t('wash.runDoses.howMuchOfWentIn', { product: dose.product })"
      >
        <button
          v-for="s in SHARES"
          :key="s.value"
          type="button"
          class="chip min-h-9 px-2"
          :class="shares[i] === s.value ? 'bg-ink font-semibold text-paper' : ''"
          :aria-pressed="shares[i] === s.value"
          :data-share="s.value"
          @click="set(i, s.value)"
        >
          {{ s.words }}
        </button>
      </span>
    </li>
  </ul>
</template>

<script setup lang="ts">
import { measure, unitSign } from '../../use/format'
import NumberInput from '../../parts/NumberInput.vue'
import { t } from '../../words'
import { computed, ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import OpenRow from '../../parts/OpenRow.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import KeepMethod from './KeepMethod.vue'
import type { Besides, Wishes } from './useWishes'

/** Where people disagree, which product suits, what goes in besides, and keeping it as a school of one's own. */
const props = defineProps<{ options: Api['Options']; wishes: Wishes; plan: Api['Plan'] }>()
const emit = defineEmits<{ kept: [school: string]; house: [] }>()

const messages = useMessages()
const { act, busy } = useAct()
const { data: products } = useAnswer('/api/v1/products')

/** What matters on this load comes first. */
const questions = computed(() =>
  [...props.options.questions].sort((a, b) => Number(matters(b)) - Number(matters(a))),
)
function matters(q: Question) {
  return q.positions.some((p) => p.changes)
}
const chosen = computed(() => Object.keys(props.wishes.positions.value).length)
const WHERE: { value: Besides['where']; words: string }[] = [
  { value: 'FIRST_WASH', words: t('wash.moreChoices.theFirstWash') },
  { value: 'MAIN_WASH', words: t('wash.moreChoices.theMainWash') },
  { value: 'LAST_RINSE', words: t('wash.moreChoices.theLastRinse') },
]
const besides = ref<{ productId?: number; where: Besides['where']; ml: number | null }>({
  where: 'MAIN_WASH',
  ml: 30,
})
const problem = ref('')
function put() {
  const ml = besides.value.ml ?? Number.NaN
  if (!besides.value.productId) {
    problem.value = t('wash.moreChoices.chooseAProductFirst')
    return
  }
  if (!(ml >= 1 && ml <= 1000)) {
    problem.value = t('wash.moreChoices.toMl', {
      least: measure(1, 'millilitre'),
      most: measure(1000, 'millilitre'),
    })
    return
  }
  problem.value = ''
  props.wishes.put({ productId: besides.value.productId, where: besides.value.where, ml })
}
function name(productId: number) {
  return products.value?.find((p) => p.product.id === productId)?.product.name ?? ''
}

type Question = Api['Question']
type Position = Api['PositionEffect']
function stands(q: Question, p: Position) {
  return q.ofHousehold ? p.chosen : props.wishes.positions.value[q.id] === p.id
}
/** An answer that is not of one load is kept for the household. */
async function keepFor(q: Question, p: Position) {
  const before = q.positions.find((other) => other.chosen)
  const choose = (position: string) =>
    answer(
      api.PUT('/api/v1/household/answers/{question}', {
        params: { path: { question: q.id as never } },
        body: { position },
      }),
    )
  if (!(await act(() => choose(p.id)))) return
  emit('house')
  messages.done(t('wash.moreChoices.keptForTheWholeHouse', { words: p.words }), async () => {
    if (before) await act(() => choose(before.id))
    emit('house')
  })
}
</script>

<template>
  <section :aria-label="$t('wash.moreChoices.otherwise')" class="print:hidden">
    <OpenRow
      opened
      :name="$t('wash.moreChoices.wherePeopleDisagree')"
      :about="
        chosen
          ? $t('wash.moreChoices.chosenByYou', { chosen })
          : $t('wash.moreChoices.thirteenQuestionsAndWhatEach')
      "
    >
      <div
        v-for="q in questions"
        :key="q.id"
        class="border-t border-line py-2"
        :data-question="q.id"
      >
        <p>
          <strong>{{ q.question }}</strong>
          <span class="ml-1.5 text-sm text-soft">
            {{ q.standing }}
            {{ q.ofHousehold ? $t('wash.moreChoices.yourAnswerIsKeptFor') : '' }}
          </span>
        </p>
        <ul class="mt-1 grid grid-cols-1 gap-1">
          <li v-for="p in q.positions" :key="p.id" class="flex items-baseline gap-2 text-sm">
            <button
              type="button"
              class="chip min-h-9 min-w-28 shrink-0 px-2 text-left"
              :class="stands(q, p) ? 'bg-ink font-semibold text-paper' : ''"
              :aria-pressed="stands(q, p)"
              :data-position="p.id"
              :disabled="busy"
              @click="q.ofHousehold ? keepFor(q, p) : wishes.choose(q.id, p.id)"
            >
              {{ p.words }}
            </button>
            <span data-effect>{{ p.effect }}</span>
          </li>
        </ul>
      </div>
    </OpenRow>

    <OpenRow
      :name="$t('wash.moreChoices.whichProductSuits')"
      :about="
        $t('wash.moreChoices.ofSuitThisLoad', {
          length: options.fits.filter((f) => f.suits).length,
          length2: options.fits.length,
        })
      "
    >
      <ul class="text-sm">
        <li
          v-for="f in options.fits"
          :key="f.productId"
          class="flex flex-wrap gap-x-3 border-t border-line py-1"
          :data-fit="f.product"
        >
          <strong class="min-w-40" :class="f.suits ? '' : 'text-heat-word'">
            {{ f.used ? '▸' : f.suits ? '✓' : '✗' }} {{ f.product }}
          </strong>
          <span class="text-soft"
            >{{ f.used ? $t('wash.moreChoices.inThisPlan') + ' ' : ''
            }}{{ f.reasons.join(' ') }}</span
          >
        </li>
      </ul>
    </OpenRow>

    <OpenRow
      :name="$t('wash.moreChoices.addSomethingElse')"
      :about="
        wishes.besides.value.length
          ? $t('wash.moreChoices.putInByYou', { length: wishes.besides.value.length })
          : $t('wash.moreChoices.anythingElseThatYouAdd')
      "
    >
      <ul v-if="wishes.besides.value.length" class="mb-2 text-sm">
        <li v-for="(b, i) in wishes.besides.value" :key="i" class="flex items-center gap-2 py-0.5">
          {{ $t('wash.moreChoices.mlOf', { ml: measure(b.ml, 'millilitre') }) }}
          <strong>{{ name(b.productId) }}</strong>
          {{
            $t('wash.moreChoices.into', { words: WHERE.find((w) => w.value === b.where)?.words })
          }}
          <button type="button" class="button-quiet" @click="wishes.takeOut(i)">
            {{ $t('wash.moreChoices.takeItOut') }}
          </button>
        </li>
      </ul>
      <form class="flex flex-wrap items-end gap-2" @submit.prevent="put">
        <label>
          <span class="block text-sm font-semibold">{{ $t('wash.moreChoices.product') }}</span>
          <select v-model="besides.productId" data-besides-product>
            <option v-for="p in products" :key="p.product.id" :value="p.product.id">
              {{ p.product.name }}
            </option>
          </select>
        </label>
        <label>
          <span class="block text-sm font-semibold">{{ $t('wash.moreChoices.into2') }}</span>
          <select v-model="besides.where" data-besides-where>
            <option v-for="w in WHERE" :key="w.value" :value="w.value">{{ w.words }}</option>
          </select>
        </label>
        <label>
          <span class="block text-sm font-semibold">{{ unitSign('millilitre') }}</span>
          <NumberInput v-model="besides.ml" unit="millilitre" class="w-24" data-besides-ml />
        </label>
        <button type="submit" class="button-plain" data-besides-add>
          {{ $t('wash.moreChoices.addIt') }}
        </button>
        <p v-if="problem" class="font-semibold text-heat-word" role="alert">! {{ problem }}</p>
      </form>
    </OpenRow>

    <KeepMethod :wishes="wishes" :plan="plan" @kept="(id: string) => emit('kept', id)" />
  </section>
</template>

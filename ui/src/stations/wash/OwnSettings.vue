<script setup lang="ts">
import { computed } from 'vue'
import type { Api } from '../../api/client'
import { duration, measure, money, number, percent } from '../../use/format'
import { useAnswer } from '../../use/useLoaded'
import { t } from '../../words'
import type { Settings, Wishes } from './useWishes'

/** Each part of the routine can be set here, or left to the method; below stands what that changes. */
const props = defineProps<{
  machine: Api['MachineView']
  wishes: Wishes
  plan: Api['Plan']
  /** The plan of the method with nothing set by hand. */
  asItIs: Api['Plan']
}>()

const { data: products } = useAnswer('/api/v1/products')

type Part = keyof Settings
interface Setting {
  part: Part
  key: string
  label: string
  options: { value: string | number | boolean; words: string }[]
}

const byHand = computed(() => ['BUCKET', 'HAND_BASIN'].includes(props.machine.machine.type))
const programmes = computed(() =>
  props.machine.machine.programmes
    .filter((p) => p.washMinutes > 0)
    .map((p) => ({ value: p.name, words: p.name })),
)
const degrees = computed(() =>
  [...new Set(props.machine.machine.programmes.flatMap((p) => p.temperaturesC))]
    .sort((a, b) => a - b)
    .map((c) => ({ value: c, words: measure(c, 'celsius') })),
)
const detergents = computed(
  () =>
    products.value
      ?.filter((p) => p.product.purpose === 'DETERGENT')
      .map((p) => ({ value: p.product.id, words: p.product.name })) ?? [],
)
const scoops = [0, 0.5, 1, 2].map((n) => ({
  value: n,
  words:
    n === 0
      ? t('wash.ownSettings.noScoops')
      : t('wash.ownSettings.scoops', { count: number(n, n % 1 ? 1 : 0) }, n),
}))
const yesNo = [
  { value: true, words: t('wash.ownSettings.yes') },
  { value: false, words: t('wash.ownSettings.no') },
]
function shares(of: number[]) {
  return of.map((n) => ({ value: n, words: percent(n) }))
}

const programmeWords = t('wash.ownSettings.programme')
const whitenerWords = t('wash.ownSettings.whitener')
const first = computed<Setting[]>(() => [
  {
    part: 'first',
    key: 'before',
    label: t('wash.ownSettings.first'),
    options: [
      { value: 'NOTHING', words: t('wash.ownSettings.nothing') },
      { value: 'COLD_RINSE', words: t('wash.ownSettings.coldRinse') },
      { value: 'SHORT_WASH', words: t('wash.ownSettings.shortWash') },
      { value: 'SOAK_PAUSE', words: t('wash.ownSettings.soakPause') },
    ],
  },
  { part: 'first', key: 'programme', label: programmeWords, options: programmes.value },
  {
    part: 'first',
    key: 'celsius',
    label: t('wash.ownSettings.temperature'),
    options: degrees.value,
  },
  {
    part: 'first',
    key: 'detergentShare',
    label: t('wash.ownSettings.ofTheDose'),
    options: shares([0, 0.25, 0.5, 0.75, 1]),
  },
  { part: 'first', key: 'whitenerScoops', label: whitenerWords, options: scoops },
])
const main = computed<Setting[]>(() => [
  { part: 'main', key: 'programme', label: programmeWords, options: programmes.value },
  {
    part: 'main',
    key: 'minutes',
    label: t('wash.ownSettings.washes'),
    options: [30, 45, 60, 75, 90, 120, 150, 180, 240].map((n) => ({
      value: n,
      words: duration(n),
    })),
  },
  {
    part: 'main',
    key: 'detergent',
    label: t('wash.ownSettings.detergent'),
    options: detergents.value,
  },
  {
    part: 'main',
    key: 'strength',
    label: t('wash.ownSettings.ofTheLabel'),
    options: shares([0.25, 0.5, 0.75, 1, 1.2, 1.5]),
  },
  { part: 'main', key: 'whitenerScoops', label: whitenerWords, options: scoops },
  { part: 'main', key: 'sanitiser', label: t('wash.ownSettings.sanitiser'), options: yesNo },
])
const ending = computed<Setting[]>(() => [
  {
    part: 'ending',
    key: 'rinses',
    label: t('wash.ownSettings.rinses'),
    options: [1, 2, 3, 4, 5, 6].map((n) => ({ value: n, words: number(n) })),
  },
  {
    part: 'ending',
    key: 'spinRpm',
    label: t('wash.ownSettings.spin'),
    options: [0, 400, 600, 800, 1000, 1200, 1400].map((n) => ({
      value: n,
      words: t('wash.ownSettings.rpm', { rpm: number(n) }),
    })),
  },
  { part: 'ending', key: 'spinAgain', label: t('wash.ownSettings.spinAgain'), options: yesNo },
])
/** What can be set in a bucket, where there is no programme and no drum. */
const BY_HAND = new Set(['detergent', 'strength', 'rinses'])
/** A rinse, or nothing, has no programme to pick and no dose. */
const noFirstWash = computed(() =>
  ['NOTHING', 'COLD_RINSE'].includes(props.wishes.settings.value.first?.before ?? ''),
)
const groups = computed(() =>
  [
    { id: 'first', words: t('wash.ownSettings.beforeIt'), settings: first.value },
    { id: 'main', words: t('wash.ownSettings.theMainWash'), settings: main.value },
    { id: 'ending', words: t('wash.ownSettings.afterIt'), settings: ending.value },
  ]
    .map((group) => ({ ...group, settings: group.settings.filter(canBeSet) }))
    .filter((group) => group.settings.length),
)
function canBeSet(s: Setting) {
  if (byHand.value) return BY_HAND.has(s.key)
  return s.options.length && !(s.part === 'first' && s.key !== 'before' && noFirstWash.value)
}

function value(s: Setting) {
  const part = props.wishes.settings.value[s.part] as Record<string, unknown> | undefined
  return part?.[s.key] === undefined ? '' : JSON.stringify(part[s.key])
}
function choose(s: Setting, event: Event) {
  const chosen = (event.target as HTMLSelectElement).value
  props.wishes.set(
    s.part,
    s.key,
    chosen === '' ? undefined : (JSON.parse(chosen) as string | number | boolean),
  )
}
const set = computed(() => Object.keys(props.wishes.settings.value).length > 0)

/** The figures that differ from those of the plain method. */
const changes = computed(() => {
  const was = props.asItIs.figures
  const is = props.plan.figures
  return [
    { name: t('wash.schoolTable.howClean'), was: was.soilWords, is: is.soilWords },
    { name: t('wash.schoolTable.germsThatStay'), was: was.germsWords, is: is.germsWords },
    {
      name: t('wash.schoolTable.leftover'),
      was: leftover(was.residueMgKg),
      is: leftover(is.residueMgKg),
    },
    {
      name: t('wash.ownSettings.water'),
      was: measure(was.litres, 'litre'),
      is: measure(is.litres, 'litre'),
    },
    {
      name: t('wash.ownSettings.power'),
      was: `${number(was.kwh, 1)} kWh`,
      is: `${number(is.kwh, 1)} kWh`,
    },
    { name: t('wash.ownSettings.time'), was: was.durationWords, is: is.durationWords },
    { name: t('wash.ownSettings.cost'), was: money(was.cost), is: money(is.cost) },
  ].filter((c) => c.was !== c.is)
})
function leftover(mgKg: number) {
  return t('wash.ownSettings.mgPerKg', { mg: number(mgKg) })
}
</script>

<template>
  <section class="border-t border-line pt-2" data-own-settings>
    <div v-for="group in groups" :key="group.id" class="mt-3">
      <h2 class="text-base">{{ group.words }}</h2>
      <div class="mt-0.5 grid grid-cols-2 gap-x-3 gap-y-1.5 sm:grid-cols-3 lg:grid-cols-4">
        <label v-for="s in group.settings" :key="s.key" class="min-w-0 text-sm">
          <span class="block text-soft">{{ s.label }}</span>
          <select
            class="min-h-11 w-full lg:min-h-9"
            :class="value(s) ? 'font-semibold' : ''"
            :value="value(s)"
            :data-set="`${String(s.part)}.${s.key}`"
            @change="choose(s, $event)"
          >
            <option value="">{{ $t('wash.ownSettings.asPlanned') }}</option>
            <option v-for="o in s.options" :key="o.words" :value="JSON.stringify(o.value)">
              {{ o.words }}
            </option>
          </select>
        </label>
      </div>
    </div>
    <div v-if="set" class="mt-2 text-sm" role="status" data-changes>
      <p class="font-semibold">
        {{
          changes.length
            ? $t('wash.ownSettings.against', { school: plan.schoolName })
            : $t('wash.ownSettings.sameAs', { school: plan.schoolName })
        }}
      </p>
      <ul class="flex flex-wrap gap-x-5">
        <li v-for="c in changes" :key="c.name">
          <span class="text-soft">{{ c.name }}</span> {{ c.was }} → <strong>{{ c.is }}</strong>
        </li>
      </ul>
      <button type="button" class="button-quiet px-0" data-unset @click="wishes.unset()">
        {{ $t('wash.ownSettings.leaveItToTheMethod') }}
      </button>
    </div>
  </section>
</template>

<script setup lang="ts">
import { t } from '../../words'
import { computed, ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { measure, number, unitSign } from '../../use/format'
import NumberInput from '../../parts/NumberInput.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import RemoveThing from './RemoveThing.vue'
import { useFirstFew } from '../../use/useFirstFew'
import { useAnswer } from '../../use/useLoaded'

const { data: kinds, error, loading, reload } = useAnswer('/api/v1/kinds')
const search = ref('')
const shown = computed(
  () => kinds.value?.filter((k) => k.name.includes(search.value.toLowerCase())) ?? [],
)

const { few, left, all } = useFirstFew(shown)

const MATERIALS = choices(
  'COTTON',
  'LINEN',
  'BAMBOO_VISCOSE',
  'HEMP_COTTON',
  'MICROFIBRE',
  'POLYESTER_FLEECE',
  'LAMINATE',
  'POLYCOTTON',
  'WOOL',
  'SILK',
  'NYLON',
)
const BASIC: Field[] = [
  { key: 'name', label: t('kit.textilesPanel.name'), type: 'text' },
  {
    key: 'plural',
    label: t('kit.textilesPanel.plural'),
    type: 'text',
    hint: t('kit.textilesPanel.suchAsTrainingPantsLeave'),
    optional: true,
  },
  {
    key: 'owned',
    label: t('kit.textilesPanel.owned'),
    type: 'whole',
    unit: t('kit.textilesPanel.pieces'),
  },
  {
    key: 'role',
    label: t('kit.textilesPanel.whatItIsFor'),
    type: 'choice',
    options: choices(
      'SHELL',
      'COVER',
      'NIGHT_FITTED',
      'ALL_IN_ONE',
      'FLAT',
      'INSERT',
      'BOOSTER',
      'LINER',
      'WIPE',
      'WET_BAG',
      'BED_PAD',
      'SANITARY_PAD',
      'NURSING_PAD',
      'CLOTHES',
      'BEDDING',
      'TOWEL',
      'CLOTH',
    ),
  },
  {
    key: 'bin',
    label: t('kit.textilesPanel.whatItTouches'),
    type: 'choice',
    options: choices(
      'BODY',
      'HOUSE',
      'KITCHEN',
      'BATHROOM',
      'GENERAL',
      'GLASS',
      'POLISH',
      'WORKSHOP',
    ),
  },
  { key: 'areaM2', label: t('kit.textilesPanel.oneFaceAsHung'), type: 'number', unit: 'm²' },
  { key: 'small', label: t('kit.textilesPanel.smallCanFillUpThe'), type: 'yes' },
  {
    key: 'colour',
    label: t('kit.textilesPanel.colour'),
    type: 'choice',
    options: choices('PALE', 'DARK'),
  },
]
/** A label is typed as far as it says something; where it says nothing, the limit in use stands below. */
function label(usual?: Api['UsualCare']): Field[] {
  const inUse = (limit?: string) =>
    limit === undefined
      ? t('kit.textilesPanel.emptyWithoutALabel')
      : t('kit.textilesPanel.inUse', { limit })
  return [
    {
      key: 'label.hottestWashC',
      label: t('kit.textilesPanel.labelHottestWash'),
      type: 'whole',
      unit: '°C',
      hint: inUse(usual?.wash),
    },
    {
      key: 'label.fastestSpinRpm',
      label: t('kit.textilesPanel.labelFastestSpin'),
      type: 'whole',
      unit: 'rpm',
      hint: inUse(usual?.spin),
    },
    {
      key: 'label.dryer',
      label: t('kit.textilesPanel.labelDryer'),
      type: 'choice',
      options: [
        { value: '', words: t('kit.textilesPanel.saysNothing') },
        ...choices('NONE', 'NO_HEAT', 'LOW', 'NORMAL'),
      ],
      hint: inUse(usual?.dryer),
    },
  ]
}
function parts(count: number): Field[] {
  return Array.from({ length: count }, (_, i) => [
    {
      key: `parts.${i}.name`,
      label: t('kit.textilesPanel.part', { i: i + 1 }),
      type: 'text' as const,
    },
    {
      key: `parts.${i}.material`,
      label: t('kit.textilesPanel.material'),
      type: 'choice' as const,
      options: MATERIALS,
    },
    {
      key: `parts.${i}.massKg`,
      label: t('kit.textilesPanel.dryMassOfOne'),
      type: 'number' as const,
      unit: 'kg',
    },
    { key: `parts.${i}.elastic`, label: t('kit.textilesPanel.hasElastic'), type: 'yes' as const },
  ]).flat()
}
function fields(kind: Values): Field[] {
  const count = Object.keys(kind.parts as object).length
  return [...BASIC, ...label(kind.usual as Api['UsualCare'] | undefined), ...parts(count)]
}
const NO_LABEL = { hottestWashC: null, fastestSpinRpm: null, dryer: '' }
function initial(kind: Api['KindView']): Values {
  return {
    ...kind,
    owned: kind.stock.owned,
    label: { ...NO_LABEL, ...kind.label, dryer: kind.label?.dryer ?? '' },
    parts: { ...kind.parts },
  }
}
const NEW: Values = {
  name: '',
  plural: '',
  owned: 1,
  role: 'TOWEL',
  bin: 'HOUSE',
  areaM2: 0.2,
  small: true,
  colour: 'PALE',
  label: NO_LABEL,
  parts: { 0: { name: 'body', material: 'COTTON', massKg: 0.1, elastic: false } },
}

function body(v: Values): Api['KindChange'] {
  const k = v as unknown as Api['KindChange']
  return {
    version: k.version,
    name: k.name,
    plural: k.plural ?? undefined,
    role: k.role,
    bin: k.bin,
    areaM2: k.areaM2,
    small: k.small,
    colour: k.colour,
    owned: k.owned,
    label: { ...k.label, dryer: k.label?.dryer || undefined },
    parts: Object.values(v.parts as Record<string, Api['KindPartChange']>),
  }
}
async function change(id: number, v: Values) {
  await answer(api.PUT('/api/v1/kinds/{id}', { params: { path: { id } }, body: body(v) }))
  await reload()
}
const { data: catalogue } = useAnswer('/api/v1/catalogue')
const groups = computed(() => [...new Set(catalogue.value?.map((p) => p.group))])
const preset = ref('')
const chosen = computed(() => catalogue.value?.find((p) => p.kind.name === preset.value))
/** How many parts a kind of one's own has. */
const partCount = ref(1)
const PART_COUNTS = [1, 2, 3, 4].map((n) => ({ value: n, words: String(n) }))
const PART = { name: '', material: 'COTTON', massKg: 0.05, elastic: false }
const fresh = computed<Values>(() =>
  chosen.value
    ? { ...NEW, ...chosen.value.kind, parts: { ...chosen.value.kind.parts } }
    : {
        ...NEW,
        parts: {
          ...(NEW.parts as object),
          ...Object.fromEntries(
            Array.from({ length: partCount.value - 1 }, (_, i) => [
              i + 1,
              { ...PART, name: t('kit.textilesPanel.part', { i: i + 2 }) },
            ]),
          ),
        },
      },
)
const { act, busy } = useAct()
const messages = useMessages()
const scale = ref<Record<number, { pieces: number; grams: number | null }>>({})
function onScale(id: number) {
  return (scale.value[id] ??= { pieces: 1, grams: null })
}
async function weigh(k: Api['KindView']) {
  const { pieces, grams } = onScale(k.id)
  const now = await act(() =>
    answer(
      api.POST('/api/v1/kinds/{id}/weigh', {
        params: { path: { id: k.id } },
        body: { version: k.version, pieces, grams: grams ?? undefined },
      }),
    ),
  )
  if (now) {
    messages.done(
      t('kit.textilesPanel.oneWeighsG', {
        name: now.name,
        massKg: measure(now.massKg * 1000, 'gram'),
      }),
    )
    await reload()
  }
}
async function forgetBulk(k: Api['KindView']) {
  await act(() => answer(api.DELETE('/api/v1/kinds/{id}/bulk', { params: { path: { id: k.id } } })))
  await reload()
}
async function add(v: Values) {
  await answer(api.POST('/api/v1/kinds', { body: body(v) }))
  await reload()
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !kinds" @again="reload" />
  <div v-if="kinds" class="max-w-3xl">
    <label class="mb-2 inline-flex items-center gap-2">
      {{ $t('kit.textilesPanel.find') }}
      <input v-model="search" type="search" :aria-label="$t('kit.textilesPanel.findAKind')" />
    </label>
    <OpenRow
      v-slot="{ close }"
      :name="$t('kit.textilesPanel.aNewKind')"
      :about="$t('kit.textilesPanel.ofTextile')"
    >
      <label class="mb-3 block">
        {{ $t('kit.textilesPanel.startFromTheCatalogue') }}
        <select v-model="preset" class="block" data-field="preset">
          <option value="">{{ $t('kit.textilesPanel.somethingOfOurOwn') }}</option>
          <optgroup v-for="g in groups" :key="g" :label="g">
            <template v-for="p in catalogue" :key="p.kind.name">
              <option v-if="p.group === g" :value="p.kind.name">{{ p.kind.name }}</option>
            </template>
          </optgroup>
        </select>
      </label>
      <p v-if="chosen" class="mb-3 text-sm text-soft" data-source>
        {{ $t('kit.textilesPanel.weighOneOfYoursWhen', { source: chosen.source }) }}
      </p>
      <ChoiceRow
        v-if="!chosen"
        v-model="partCount"
        class="mb-3"
        :label="$t('kit.textilesPanel.howManyParts')"
        :options="PART_COUNTS"
      />
      <FieldForm
        :key="`${preset}.${partCount}`"
        :fields="fields(fresh)"
        :initial="fresh"
        :save="add"
        :save-label="$t('kit.textilesPanel.add')"
        @saved="close()"
      />
    </OpenRow>
    <OpenRow
      v-for="k in few"
      :key="`${k.id}.${k.version}.${k.stock.owned}`"
      :name="k.name"
      :about="
        $t('kit.textilesPanel.ofG', {
          owned: k.stock.owned,
          massKg: measure(k.massKg * 1000, 'gram'),
          limits: k.limits,
        })
      "
    >
      <FieldForm
        :fields="fields(initial(k))"
        :initial="initial(k)"
        :save="(v: Values) => change(k.id, v)"
      />
      <form class="mt-4 flex flex-wrap items-center gap-2" @submit.prevent="weigh(k)">
        <label>
          {{ $t('kit.textilesPanel.onTheScale') }}
          <input
            v-model.number="onScale(k.id).pieces"
            type="number"
            min="1"
            max="200"
            class="w-16 py-1"
            :aria-label="$t('kit.textilesPanel.piecesOnTheScale')"
          />
        </label>
        {{ $t('kit.textilesPanel.dryPiecesWeigh') }}
        <label>
          <NumberInput
            v-model="onScale(k.id).grams"
            unit="gram"
            class="w-20 py-1"
            :aria-label="$t('kit.textilesPanel.gramsOnTheScale')"
            data-field="grams"
          />
          {{ unitSign('gram') }}
        </label>
        <button type="submit" class="button-plain py-1" :disabled="busy">
          {{ $t('kit.textilesPanel.weighed') }}
        </button>
      </form>
      <p v-if="k.bulkFactor !== 1" class="mt-2 text-sm">
        {{ $t('kit.textilesPanel.looksIntoTheDrumMade', { bulkFactor: number(k.bulkFactor, 2) }) }}
        <button type="button" class="button-quiet" :disabled="busy" @click="forgetBulk(k)">
          {{ $t('kit.textilesPanel.forgetThat') }}
        </button>
      </p>
      <RemoveThing :id="k.id" thing="KIND" :name="k.name" @changed="reload" />
    </OpenRow>
    <button v-if="left > 0" type="button" class="button-plain mt-3" data-show-all @click="all">
      {{ $t('kit.textilesPanel.showAll', { left }) }}
    </button>
  </div>
</template>

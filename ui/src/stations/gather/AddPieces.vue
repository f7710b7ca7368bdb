<script setup lang="ts">
import { t } from '../../words'
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useLoaded } from '../../use/useLoaded'
import TypedPieces from './TypedPieces.vue'
import { SOILS, SOLIDS, hasSolids, type Soil, type Solids } from './soils'

const props = defineProps<{ pail: Api['Pail']; kinds: Api['KindView'][] }>()
const emit = defineEmits<{ changed: [] }>()

const SHOWN = 8
const { act, busy } = useAct()
const messages = useMessages()
const soil = ref<Soil>('WET')
const solids = ref<Solids>('LINER')
/** The rarer soils come when somebody asks for them. */
const everySoil = ref(false)
const soils = computed(() => {
  const usual = props.pail.usualSoils
  return everySoil.value
    ? SOILS
    : SOILS.filter((s) => usual.includes(s.value) || s.value === soil.value)
})
const last = ref<Api['KindView']>()
const lastSoil = ref<Soil>()
watch(soil, () => (lastSoil.value = undefined))
/** A kind that may hold what burns: first it is asked what is on it. */
const unclear = ref<Api['KindView']>()
const pieces = ref(1)
const search = ref('')
const list = useTemplateRef<HTMLElement>('list')

/** The order stays as it was when the pail was opened: nothing moves under the finger. */
const order = ref(props.pail.likelyKinds)
watch(
  () => [props.pail.id, props.kinds.length],
  () => (order.value = props.pail.likelyKinds),
)
const usual = computed(() =>
  order.value.flatMap((id) => props.kinds.filter((k) => k.id === id)).slice(0, SHOWN),
)
const found = computed(() =>
  props.kinds.filter((k) => k.name.toLowerCase().includes(search.value.toLowerCase())).slice(0, 12),
)
const withSolids = computed(() => hasSolids(soil.value))
const how = computed<Solids>(() => (withSolids.value ? solids.value : 'NONE'))

/** Advice for the kind that came in last, or the one that usually does. */
const advised = computed(() => last.value ?? usual.value[0])
const advising = computed(() => ({
  path: { id: props.pail.id },
  query: {
    kindId: advised.value?.id ?? 0,
    soil: lastSoil.value ?? soil.value,
    solids: how.value,
  },
}))
const { data: advice } = useLoaded(
  () => ['/api/v1/pails/{id}/advice', advising.value],
  async () =>
    advised.value ? answer(api.GET('/api/v1/pails/{id}/advice', { params: advising.value })) : [],
)
watch(
  () => props.pail.id,
  () => {
    last.value = undefined
    lastSoil.value = undefined
    unclear.value = undefined
  },
)

const CHOICES: Partial<Record<Soil, string>> = {
  OIL: t('gather.addPieces.oilFuelOrSolvent'),
  GREASE: t('gather.addPieces.greaseOrBrakeDust'),
}
async function add(kind: Api['KindView'] | null, itsSoil = soil.value) {
  if (!kind) return
  unclear.value = kind.soilChoices.length && !kind.soilChoices.includes(itsSoil) ? kind : undefined
  if (unclear.value) return
  const entry = await act(() =>
    answer(
      api.POST('/api/v1/pails/{id}/entries', {
        params: { path: { id: props.pail.id } },
        body: {
          kindId: kind.id,
          count: pieces.value,
          soil: itsSoil,
          solids: hasSolids(itsSoil) ? solids.value : 'NONE',
        },
      }),
    ),
  )
  if (entry) {
    search.value = ''
    last.value = kind
    lastSoil.value = itsSoil
    emit('changed')
    messages.done(
      t('gather.addPieces.into', {
        count: entry.count,
        kind: entry.kind,
        soilWords: entry.soilWords,
        name: props.pail.name,
      }),
      async () => {
        await act(() =>
          answer(api.DELETE('/api/v1/entries/{id}', { params: { path: { id: entry.id } } })),
        )
        emit('changed')
      },
    )
  }
}

defineExpose({ focusFirst: () => list.value?.querySelector('button')?.focus() })
</script>

<template>
  <section :aria-label="$t('gather.addPieces.addTo', { name: pail.name })">
    <h2 class="text-lg">{{ $t('gather.addPieces.addTo', { name: pail.name }) }}</h2>
    <div class="mt-2 flex flex-wrap items-center gap-x-5 gap-y-2">
      <ChoiceRow v-model="soil" :label="$t('gather.addPieces.soil')" hide-label :options="soils" />
      <button
        v-if="!everySoil"
        type="button"
        class="button-quiet min-h-9"
        data-more-soils
        @click="everySoil = true"
      >
        {{ $t('gather.addPieces.moreSoils') }}
      </button>
      <ChoiceRow
        v-if="withSolids"
        v-model="solids"
        :label="$t('gather.addPieces.solids')"
        :options="SOLIDS"
      />
      <label class="inline-flex items-center gap-2">
        {{ $t('gather.addPieces.howMany') }}
        <input
          v-model.number="pieces"
          type="number"
          min="1"
          max="200"
          inputmode="numeric"
          class="w-14 py-1"
          data-field="count"
        />
      </label>
    </div>
    <ul ref="list" class="mt-3 grid grid-cols-2 gap-2 sm:grid-cols-4">
      <li v-for="kind in usual" :key="kind.id">
        <button
          type="button"
          class="h-full min-h-14 w-full rounded-sm border border-ink bg-sheet px-2.5 py-1.5 text-left hover:bg-paper"
          :disabled="busy"
          :data-add="kind.name"
          @click="add(kind)"
        >
          <span class="block font-head leading-tight font-semibold">{{ kind.name }}</span>
          <span class="block text-sm text-soft">{{
            $t('gather.addPieces.cleanOf', { clean: kind.stock.clean, owned: kind.stock.owned })
          }}</span>
        </button>
      </li>
    </ul>
    <Combobox
      :model-value="null"
      as="div"
      class="relative mt-2 max-w-sm"
      @update:model-value="add($event)"
    >
      <ComboboxInput
        class="w-full"
        :placeholder="$t('gather.addPieces.anotherKindTypeItsName')"
        :aria-label="$t('gather.addPieces.anotherKind')"
        :display-value="() => search"
        @change="search = ($event.target as HTMLInputElement).value"
      />
      <ComboboxOptions
        class="absolute z-20 mt-1 max-h-64 w-full overflow-y-auto border border-ink bg-sheet"
      >
        <ComboboxOption
          v-for="kind in found"
          :key="kind.id"
          v-slot="{ active }"
          :value="kind"
          as="template"
        >
          <li class="cursor-pointer px-3 py-1.5" :class="active ? 'bg-ink text-paper' : ''">
            {{ kind.name }}
          </li>
        </ComboboxOption>
        <li v-if="found.length === 0" class="px-3 py-1.5 text-soft">
          {{ $t('gather.addPieces.noSuchKindKitIs') }}
        </li>
      </ComboboxOptions>
    </Combobox>
    <div v-if="unclear" class="mt-3 border-l-4 border-heat pl-3" role="alert" data-unclear>
      <p class="font-semibold">{{ $t('gather.addPieces.whatIsOn', { name: unclear.name }) }}</p>
      <div class="mt-1 flex flex-wrap gap-2">
        <button
          v-for="choice in unclear.soilChoices"
          :key="choice"
          type="button"
          class="chip min-h-11 px-3"
          :disabled="busy"
          :data-on-it="choice"
          @click="add(unclear, choice)"
        >
          {{ CHOICES[choice] }}
        </button>
      </div>
    </div>
    <TypedPieces :pail="pail" :soil="soil" :solids="solids" @changed="emit('changed')" />
    <div v-if="advice?.length" class="mt-3 border-l-4 border-sun pl-3 text-sm" data-advice>
      <p class="font-semibold">{{ $t('gather.addPieces.withNow', { name: advised?.name }) }}</p>
      <ul>
        <li v-for="line in advice" :key="line">{{ line }}</li>
      </ul>
    </div>
  </section>
</template>

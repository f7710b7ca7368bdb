<script setup lang="ts">
import { t } from '../../words'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import type { Field, Values } from '../../parts/fields'
import RemoveThing from './RemoveThing.vue'
import { useAnswer } from '../../use/useLoaded'

const { data: people, error, loading, reload } = useAnswer('/api/v1/people')

const FIELDS: Field[] = [
  { key: 'name', label: t('kit.peoplePanel.name'), type: 'text' },
  { key: 'about', label: t('kit.peoplePanel.aboutThem'), type: 'text', optional: true },
  {
    key: 'dayBundles',
    label: t('kit.peoplePanel.dayBundles'),
    type: 'whole',
    unit: t('kit.peoplePanel.aDay'),
  },
  {
    key: 'nightBundles',
    label: t('kit.peoplePanel.nightBundles'),
    type: 'whole',
    unit: t('kit.peoplePanel.aNight'),
  },
  {
    key: 'bedPads',
    label: t('kit.peoplePanel.bedPads'),
    type: 'whole',
    unit: t('kit.peoplePanel.aDay'),
  },
  {
    key: 'sanitaryPads',
    label: t('kit.peoplePanel.sanitaryPads'),
    type: 'whole',
    unit: t('kit.peoplePanel.aDay'),
  },
  {
    key: 'nursingPads',
    label: t('kit.peoplePanel.nursingPads'),
    type: 'whole',
    unit: t('kit.peoplePanel.pairsADay'),
  },
  {
    key: 'rise',
    label: t('kit.peoplePanel.riseOfTheirShells'),
    type: 'text',
    hint: t('kit.peoplePanel.suchAsOrTall'),
    optional: true,
  },
  {
    key: 'snaps',
    label: t('kit.peoplePanel.waistSnaps'),
    type: 'text',
    hint: t('kit.peoplePanel.forExampleThird'),
    optional: true,
  },
  { key: 'sensitiveSkin', label: t('kit.peoplePanel.sensitiveSkinNoEnzymesNo'), type: 'yes' },
  { key: 'newborn', label: t('kit.peoplePanel.underThreeMonths'), type: 'yes' },
  { key: 'ill', label: t('kit.peoplePanel.illNow'), type: 'yes' },
]
const NEW: Values = {
  name: '',
  about: '',
  dayBundles: 0,
  nightBundles: 0,
  bedPads: 0,
  sanitaryPads: 0,
  nursingPads: 0,
  rise: '',
  snaps: '',
  sensitiveSkin: false,
  newborn: false,
  ill: false,
}

function body(v: Values): Api['PersonChange'] {
  const wanted = v as unknown as Api['PersonChange']
  const keys = ['version', ...FIELDS.map((f) => f.key)] as (keyof Api['PersonChange'])[]
  return Object.fromEntries(keys.map((key) => [key, wanted[key]]))
}
async function change(id: number, v: Values) {
  await answer(api.PUT('/api/v1/people/{id}', { params: { path: { id } }, body: body(v) }))
  await reload()
}
async function add(v: Values) {
  await answer(api.POST('/api/v1/people', { body: body(v) }))
  await reload()
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !people" @again="reload" />
  <div v-if="people" class="max-w-3xl">
    <OpenRow v-for="p in people" :key="`${p.id}.${p.version}`" :name="p.name" :about="p.about">
      <FieldForm
        :fields="FIELDS"
        :initial="p as unknown as Values"
        :save="(v: Values) => change(p.id, v)"
      />
      <RemoveThing :id="p.id" thing="PERSON" :name="p.name" @changed="reload" />
    </OpenRow>
    <OpenRow
      v-slot="{ close }"
      :name="$t('kit.peoplePanel.addAPerson')"
      :about="$t('kit.peoplePanel.whoseWashingIsDoneHere')"
    >
      <FieldForm
        :fields="FIELDS"
        :initial="NEW"
        :save="add"
        :save-label="$t('kit.peoplePanel.add')"
        @saved="close()"
      />
    </OpenRow>
  </div>
</template>

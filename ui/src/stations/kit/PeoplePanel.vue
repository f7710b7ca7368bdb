<script setup lang="ts">
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import type { Field, Values } from '../../parts/fields'
import RemoveThing from './RemoveThing.vue'
import { useLoaded } from '../../use/useLoaded'

const { data: people, error, loading, reload } = useLoaded(() => answer(api.GET('/api/people')))

const FIELDS: Field[] = [
  { key: 'name', label: 'Name', type: 'text' },
  { key: 'about', label: 'A few words', type: 'text', optional: true },
  { key: 'dayBundles', label: 'Day bundles', type: 'whole', unit: 'a day' },
  { key: 'nightBundles', label: 'Night bundles', type: 'whole', unit: 'a night' },
  { key: 'bedPads', label: 'Bed pads', type: 'whole', unit: 'a day' },
  { key: 'sanitaryPads', label: 'Sanitary pads', type: 'whole', unit: 'a day' },
  { key: 'nursingPads', label: 'Nursing pads', type: 'whole', unit: 'pairs a day' },
  {
    key: 'rise',
    label: 'Rise of their shells',
    type: 'text',
    hint: 'such as 2, or tall',
    optional: true,
  },
  { key: 'snaps', label: 'Waist snaps', type: 'text', hint: 'such as third', optional: true },
  { key: 'sensitiveSkin', label: 'Sensitive skin: no enzymes, no scent, more rinses', type: 'yes' },
  { key: 'newborn', label: 'Under three months', type: 'yes' },
  { key: 'ill', label: 'Ill now', type: 'yes' },
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
  await answer(api.PUT('/api/people/{id}', { params: { path: { id } }, body: body(v) }))
  await reload()
}
async function add(v: Values) {
  await answer(api.POST('/api/people', { body: body(v) }))
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
      name="Someone new"
      :about="$t('kit.peoplePanel.whoseTextilesAreWashedHere')"
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

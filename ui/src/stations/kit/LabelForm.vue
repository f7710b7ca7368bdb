<script setup lang="ts">
import { t } from '../../words'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { useMessages } from '../../stores/messages'

/** A detergent as its label prints it, in six fields; the rest is filled in and can be changed in Kit. */
const emit = defineEmits<{ added: [] }>()
const messages = useMessages()

const FIELDS: Field[] = [
  { key: 'name', label: t('kit.labelForm.name'), type: 'text' },
  {
    key: 'form',
    label: t('kit.labelForm.form'),
    type: 'choice',
    options: choices('POWDER', 'LIQUID', 'CONCENTRATE', 'SHEET', 'TAB'),
  },
  {
    key: 'unit',
    label: t('kit.labelForm.countsIn'),
    type: 'choice',
    options: choices('GRAM', 'MILLILITRE', 'SCOOP', 'CAP', 'PIECE'),
  },
  { key: 'dose', label: t('kit.labelForm.dose'), type: 'number' },
  { key: 'strongDose', label: t('kit.labelForm.strongDose'), type: 'number', optional: true },
  {
    key: 'scoopMl',
    label: t('kit.labelForm.scoop'),
    type: 'number',
    unit: 'mL',
    optional: true,
  },
]
const NEW: Values = {
  name: '',
  form: 'POWDER',
  unit: 'GRAM',
  dose: null,
  strongDose: null,
  scoopMl: null,
}

async function add(values: Values) {
  const made = await answer(
    api.POST('/api/v1/products/from-label', { body: values as Api['LabelReaderPrinted'] }),
  )
  messages.done(t('kit.labelForm.added', { name: made.product.name }))
  emit('added')
}
</script>

<template>
  <FieldForm :fields="FIELDS" :initial="NEW" :save="add" :save-label="$t('kit.labelForm.add')" />
</template>

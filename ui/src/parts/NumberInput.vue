<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { measure, unitSign } from '../use/format'
import { shownAs, type Unit } from '../words/measures'
import { asTyped, fromServer, toServer, typedNumber, understood } from './typedNumber'

/**
 * A number as a person types it: with a comma or a point, in the measures of this device. It says how a text with
 * decimals was understood. What cannot be read is not a number (NaN); an empty field is null.
 */
const props = defineProps<{ modelValue: number | null | undefined; unit?: Unit }>()
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>()
defineOptions({ inheritAttrs: false })

function shown(value: number | null | undefined) {
  return value == null || Number.isNaN(value) ? '' : fromServer(value, props.unit)
}
const text = ref(shown(props.modelValue))
/** What was sent up last; when something else comes down, the field begins anew with it. */
let sent = props.modelValue

watch(
  () => props.modelValue,
  (now) => {
    if (Object.is(now, sent)) return
    sent = now
    text.value = shown(now)
  },
)

function typed(event: Event) {
  text.value = (event.target as HTMLInputElement).value
  const value = typedNumber(text.value)
  sent =
    text.value.trim() === '' ? null : value === undefined ? Number.NaN : toServer(value, props.unit)
  emit('update:modelValue', sent)
}

const meant = computed(() => {
  const words = understood(text.value)
  const value = typedNumber(text.value)
  if (words === undefined || value === undefined) return undefined
  const sign = props.unit ? unitSign(props.unit) : ''
  const small =
    props.unit === 'kilogram' && !shownAs('kilogram') && Math.abs(value) < 1
      ? measure(value * 1000, 'gram', Number.isInteger(value * 1000) ? 0 : 1)
      : undefined
  return small ?? `${words} ${sign}`.trim()
})
/** The note appears for a comma where a point is usual, or the other way round, and for every weight in kg. */
const saysIt = computed(
  () =>
    meant.value !== undefined &&
    (text.value !== asTyped(typedNumber(text.value) ?? 0) || props.unit === 'kilogram'),
)
</script>

<template>
  <!-- Its label stands where it is used; the rule looks for one there. -->
  <!-- eslint-disable-next-line vuejs-accessibility/form-control-has-label -->
  <input
    v-bind="$attrs"
    type="text"
    inputmode="decimal"
    autocomplete="off"
    :value="text"
    @input="typed"
  />
  <span v-if="saysIt" class="text-sm text-soft" data-understood>{{
    $t('parts.numberInput.understood', { value: meant })
  }}</span>
</template>

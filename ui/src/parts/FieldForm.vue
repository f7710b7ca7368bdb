<script setup lang="ts">
import { t } from '../words'
import { computed, ref, shallowRef, useId } from 'vue'
import { Problem } from '../api/client'
import { useMessages } from '../stores/messages'
import { useTyping } from '../stores/typing'
import {
  at,
  fahrenheitMeant,
  listRead,
  listTyped,
  unitOf,
  unitWords,
  withAt,
  type Field,
  type Values,
} from './fields'
import NumberInput from './NumberInput.vue'
import { asTyped, fromServer } from './typedNumber'

/**
 * A form whose input is kept whatever happens: a refused value is shown at its field, and when someone else changed
 * the same thing meanwhile, both versions are offered.
 */
const props = defineProps<{
  fields: Field[]
  initial: Values
  save: (values: Values) => Promise<unknown>
  saveLabel?: string
  /** It is a part of a page that has a button of its own, and is sent with it. */
  part?: boolean
  /** Makes what the server holds into the values of this form; the same values when it is left out. */
  read?: (current: Values) => Values
}>()
const emit = defineEmits<{ saved: [] }>()

const id = useId()
const messages = useMessages()
const draft = ref<Values>(structuredClone(toPlain(props.initial)))
/** What text fields begin with. They are not written to while someone types: "0.0" on its way to "0.09" is not 0. */
const shown = shallowRef<Values>(draft.value)
/** Counts how often another version was taken over, so that the fields begin anew with it. */
const taken = ref(0)
const problem = ref<{ field?: string; text: string; allowed?: string }>()
/** The field that was refused; a list names its own before it: "programmes.name". */
const refused = computed(
  () =>
    props.fields.find(
      (f) => problem.value?.field === f.key || problem.value?.field?.endsWith(`.${f.key}`),
    )?.key,
)
const theirs = ref<Values>()
const busy = ref(false)
const touched = ref(false)
useTyping(touched)

function toPlain(values: Values): Values {
  return JSON.parse(JSON.stringify(values)) as Values
}

/** What is asked now: some fields only when another is ticked. */
const visible = computed(() =>
  props.fields.filter((f) => !f.when || at(draft.value, f.when) === true),
)

/** What both changed, and not to the same. What only one of the two changed needs no choice. */
const differing = computed(() => (theirs.value ? conflicts(theirs.value) : []))

function conflicts(other: Values) {
  return props.fields.filter((f) => {
    const mine = at(draft.value, f.key)
    const their = at(other, f.key)
    const before = at(props.initial, f.key)
    return mine !== their && mine !== before && their !== before
  })
}

/** Theirs, with what I changed. */
function merged(other: Values) {
  return props.fields
    .filter((f) => at(draft.value, f.key) !== at(props.initial, f.key))
    .reduce((all, f) => withAt(all, f.key, at(draft.value, f.key)), toPlain(other))
}

function worded(field: Field, value: unknown) {
  if (field.type === 'yes') return value ? t('parts.fieldForm.yes') : t('parts.fieldForm.no')
  const unit = unitOf(field)
  if (typeof value === 'number' && field.type === 'number')
    return `${fromServer(value, unit)} ${unitWords(field) ?? ''}`.trim()
  if (Array.isArray(value)) return listTyped(value as number[], unit)
  return (
    field.options?.find((o) => o.value === value)?.words ?? value ?? t('parts.fieldForm.nothing')
  )
}

function input(field: Field, event: Event) {
  const element = event.target as HTMLInputElement
  touched.value = true
  if (field.type === 'yes') {
    draft.value = withAt(draft.value, field.key, element.checked)
  } else if (field.type === 'numbers') {
    draft.value = withAt(draft.value, field.key, listRead(element.value, unitOf(field)))
  } else if (field.type === 'whole') {
    draft.value = withAt(
      draft.value,
      field.key,
      element.value === '' ? null : Number(element.value),
    )
  } else {
    draft.value = withAt(draft.value, field.key, element.value)
  }
}

function figure(field: Field) {
  return at(draft.value, field.key) as number | null | undefined
}
function number(field: Field, value: number | null) {
  touched.value = true
  draft.value = withAt(draft.value, field.key, value)
}

/** A temperature that may be meant in another measure: which field, and what it would be. */
const asked = ref<{ field: Field; celsius: number }>()
/** Fields of which somebody said that they are meant as they stand. */
const confirmed = ref<string[]>([])

/** Returns whether every number can be read and none is absurd; says what is wrong at its field otherwise. */
function readable() {
  const wrong = props.fields.find((f) => {
    const value = at(draft.value, f.key)
    return Array.isArray(value) ? value.some(Number.isNaN) : Number.isNaN(value)
  })
  if (wrong) {
    problem.value = {
      field: wrong.key,
      text: t(
        wrong.type === 'numbers' ? 'parts.fieldForm.notNumbers' : 'parts.fieldForm.notANumber',
        { label: wrong.label },
      ),
    }
    return false
  }
  for (const field of props.fields) {
    const celsius = fahrenheitMeant(field, at(draft.value, field.key))
    if (celsius !== undefined && !confirmed.value.includes(field.key)) {
      asked.value = { field, celsius }
      return false
    }
  }
  return true
}
function answered(celsius?: number) {
  if (!asked.value) return
  const { key } = asked.value.field
  if (celsius === undefined) confirmed.value.push(key)
  else draft.value = withAt(draft.value, key, celsius)
  asked.value = undefined
  void submit()
}

/** Sends what was typed; returns whether it was taken. */
async function submit(): Promise<boolean> {
  problem.value = undefined
  asked.value = undefined
  if (!readable()) return false
  busy.value = true
  try {
    await props.save(toPlain(draft.value))
    theirs.value = undefined
    touched.value = false
    if (!props.part) messages.done(t('parts.fieldForm.kept'))
    emit('saved')
    return true
  } catch (error) {
    if (error instanceof Problem && error.current) {
      const current = error.current as Values
      const other = props.read ? props.read(current) : current
      if (conflicts(other).length === 0 && other.version !== draft.value.version) {
        draft.value = merged(other)
        busy.value = false
        return submit()
      }
      theirs.value = other
    }
    problem.value = {
      field: error instanceof Problem ? error.field : undefined,
      allowed: error instanceof Problem ? error.allowed : undefined,
      text: error instanceof Error ? error.message : String(error),
    }
    return false
  } finally {
    busy.value = false
  }
}
defineExpose({ submit })

function takeTheirs() {
  draft.value = toPlain(theirs.value as Values)
  shown.value = draft.value
  taken.value++
  touched.value = false
  theirs.value = undefined
  problem.value = undefined
}
function keepMine() {
  draft.value = merged(theirs.value as Values)
  theirs.value = undefined
  void submit()
}
</script>

<template>
  <form novalidate @submit.prevent="submit">
    <div class="grid grid-cols-1 gap-x-6 gap-y-3 sm:grid-cols-2">
      <div v-for="field in visible" :key="field.key" :data-field="field.key">
        <label
          :for="`${id}-${field.key}`"
          :class="field.type === 'yes' ? 'inline-flex items-center gap-2' : ''"
        >
          <input
            v-if="field.type === 'yes'"
            :id="`${id}-${field.key}`"
            type="checkbox"
            :checked="at(draft, field.key) === true"
            @change="input(field, $event)"
          />
          <span class="font-semibold">{{ field.label }}</span>
          <span v-if="field.unit" class="text-soft"> [{{ unitWords(field) }}]</span>
        </label>
        <select
          v-if="field.type === 'choice'"
          :id="`${id}-${field.key}`"
          class="block w-full"
          :value="at(draft, field.key)"
          @change="input(field, $event)"
        >
          <option v-for="o in field.options" :key="o.value" :value="o.value">{{ o.words }}</option>
        </select>
        <NumberInput
          v-else-if="field.type === 'number'"
          :id="`${id}-${field.key}`"
          :key="taken"
          class="block w-full"
          :unit="unitOf(field)"
          :model-value="figure(field)"
          :aria-invalid="refused === field.key"
          :aria-describedby="refused === field.key ? `${id}-problem` : undefined"
          @update:model-value="number(field, $event)"
        />
        <input
          v-else-if="field.type !== 'yes'"
          :id="`${id}-${field.key}`"
          :key="taken"
          class="block w-full"
          :type="field.type === 'whole' ? 'number' : field.type === 'time' ? 'time' : 'text'"
          :step="field.type === 'whole' ? 1 : undefined"
          :inputmode="field.type === 'whole' ? 'numeric' : undefined"
          :value.attr="
            field.type === 'numbers'
              ? listTyped((at(shown, field.key) ?? []) as number[], unitOf(field))
              : at(shown, field.key)
          "
          :aria-invalid="refused === field.key"
          :aria-describedby="refused === field.key ? `${id}-problem` : undefined"
          @input="input(field, $event)"
        />
        <p v-if="field.hint" class="text-sm text-soft">{{ field.hint }}</p>
        <p v-if="asked?.field.key === field.key" class="font-semibold" role="alert" data-asked>
          !
          {{
            $t('parts.fieldForm.meantFahrenheit', {
              label: field.label,
              celsius: at(draft, field.key),
              meant: asTyped(asked.celsius),
            })
          }}
          <button type="button" class="button-plain py-1" @click="answered(asked.celsius)">
            {{ $t('parts.fieldForm.takeCelsius', { meant: asTyped(asked.celsius) }) }}
          </button>
          <button type="button" class="button-quiet" @click="answered()">
            {{ $t('parts.fieldForm.meantSo') }}
          </button>
        </p>
        <p
          v-if="refused === field.key"
          :id="`${id}-problem`"
          class="font-semibold text-heat-word"
          role="alert"
        >
          !
          {{
            problem?.allowed
              ? $t('parts.fieldForm.mustBe', { label: field.label, allowed: problem.allowed })
              : problem?.text
          }}
        </p>
      </div>
    </div>
    <p v-if="problem && !refused" class="mt-2 font-semibold text-heat-word" role="alert">
      ! {{ problem.text }}
    </p>
    <div v-if="theirs" class="hatch mt-2 border border-heat p-3">
      <p class="font-semibold">{{ $t('parts.fieldForm.twoVersions') }}</p>
      <ul>
        <li v-for="field in differing" :key="field.key">
          {{ $t('parts.fieldForm.yours', { label: field.label }) }}
          <strong>{{ worded(field, at(draft, field.key)) }}</strong>{{
            $t('parts.fieldForm.theirs')
          }}
          <strong>{{ worded(field, at(theirs, field.key)) }}</strong>
        </li>
      </ul>
      <button type="button" class="button-plain mt-1 mr-2" @click="keepMine">
        {{ $t('parts.fieldForm.keepMine') }}
      </button>
      <button type="button" class="button-plain mt-1" @click="takeTheirs">
        {{ $t('parts.fieldForm.takeTheirs') }}
      </button>
    </div>
    <button v-if="!part" type="submit" class="button-plain mt-3 font-semibold" :disabled="busy">
      {{ saveLabel ?? $t('parts.fieldForm.save') }}
    </button>
  </form>
</template>

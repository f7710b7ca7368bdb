<script setup lang="ts">
import { t } from '../../words'
import { computed, ref } from 'vue'
import { answer, api, Problem, type Api } from '../../api/client'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import { ADDRESSES } from '../kit/things'
import { freeName, type StepProps } from './setUp'

/** Who is there: one tap a person, with what such a person uses on a normal day. */
const props = defineProps<StepProps>()
const { act, busy } = useAct()
const messages = useMessages()
const { data: people, reload } = useAnswer('/api/v1/people')
const sorts = computed(() => props.setUp.sorts.people)
/** Names that were typed over and are kept with the step. */
const typed = ref<Record<number, string>>({})
/** What is wrong with a name, at its field. */
const wrong = ref<Record<number, string>>({})

async function add(sort: Api['PersonChange']) {
  const name = freeName(
    sort.name ?? '',
    (people.value ?? []).map((p) => p.name),
  )
  await act(() => answer(api.POST('/api/v1/people', { body: { ...sort, name } })))
  await reload()
}
function send(person: Api['Person'], changed: Partial<Api['Person']>) {
  const body = { ...person, ...changed }
  return answer(api.PUT('/api/v1/people/{id}', { params: { path: { id: person.id } }, body }))
}
async function change(person: Api['Person'], changed: Partial<Api['Person']>) {
  await act(() => send(person, changed))
  await reload()
}
async function away(person: Api['Person']) {
  const path = { things: ADDRESSES.PERSON, id: person.id }
  await act(() => answer(api.DELETE('/api/v1/{things}/{id}', { params: { path } })))
  await reload()
}

async function keep() {
  wrong.value = {}
  for (const person of people.value ?? []) {
    const name = typed.value[person.id]?.trim()
    if (!name || name === person.name) continue
    try {
      await send(person, { name })
    } catch (error) {
      if (!(error instanceof Problem)) {
        messages.problem(error)
        return false
      }
      wrong.value[person.id] = error.message
    }
  }
  await reload()
  return Object.keys(wrong.value).length === 0
}
defineExpose({ keep })
</script>

<template>
  <div class="flex flex-wrap gap-2">
    <button
      v-for="sort in sorts"
      :key="sort.name ?? ''"
      type="button"
      class="chip min-h-11 px-3"
      :disabled="busy"
      :data-add-person="sort.name"
      @click="add(sort)"
    >
      + {{ sort.name }}
    </button>
  </div>
  <ul class="mt-4 max-w-2xl">
    <li
      v-for="person in people"
      :key="person.id"
      class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-2"
    >
      <input
        :value="typed[person.id] ?? person.name"
        type="text"
        class="w-40"
        :aria-label="$t('setup.whoStep.name')"
        :aria-invalid="person.id in wrong"
        :aria-describedby="person.id in wrong ? `wrong-${person.id}` : undefined"
        @input="typed[person.id] = ($event.target as HTMLInputElement).value"
      />
      <label class="inline-flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          :checked="person.sensitiveSkin"
          @change="change(person, { sensitiveSkin: !person.sensitiveSkin })"
        />
        {{ $t('setup.whoStep.sensitiveSkin') }}
      </label>
      <span class="flex-1 text-sm text-soft">
        {{
          $t('setup.whoStep.uses', {
            day: person.dayBundles,
            night: person.nightBundles,
            pads: person.bedPads,
          })
        }}
      </span>
      <button
        type="button"
        class="button-quiet min-h-11"
        :disabled="busy"
        :aria-label="t('setup.whoStep.remove', { name: person.name })"
        @click="away(person)"
      >
        {{ $t('setup.whoStep.away') }}
      </button>
      <span
        v-if="person.id in wrong"
        :id="`wrong-${person.id}`"
        class="w-full font-semibold text-heat-word"
        role="alert"
      >
        ! {{ wrong[person.id] }}
      </span>
    </li>
  </ul>
</template>

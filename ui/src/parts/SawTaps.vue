<script setup lang="ts">
import { t } from '../words'
import { ref } from 'vue'
import { answer, api, type Api } from '../api/client'
import KindOptions from './KindOptions.vue'
import { useMessages } from '../stores/messages'
import { useCarer } from '../stations/wash/useCarer'
import { useAct } from '../use/useAct'
import { useAnswer } from '../use/useLoaded'

/** What somebody sees at one place, told with one tap each; taken back with one. */
const props = defineProps<{ where: Api['ObservationSent']['where']; roundId?: number }>()
const emit = defineEmits<{ told: [] }>()

const messages = useMessages()
const { act, busy } = useAct()
const { carer } = useCarer()
const { data: taps } = useAnswer('/api/v1/record/taps', () => ({
  params: { query: { where: props.where! } },
}))
const { data: kinds } = useAnswer('/api/v1/kinds')
const kind = ref('')
const note = ref('')
const seconds = ref<number>()
const told = ref<string[]>([])

async function tell(sign: Api['ObservationTap']['sign'], value?: string) {
  const seen = await act(() =>
    answer(
      api.POST('/api/v1/record/observations', {
        body: {
          sign,
          value,
          seconds: value === undefined ? seconds.value : undefined,
          where: props.where,
          roundId: props.roundId,
          kind: kind.value || undefined,
          carer: carer.value || undefined,
          note: note.value || undefined,
        },
      }),
    ),
  )
  if (!seen) return
  told.value = [...told.value, `${sign}.${seen.value}`]
  note.value = ''
  seconds.value = undefined
  const clinician = seen.sign === 'SKIN' && !seen.good
  messages.done(
    clinician
      ? t('parts.sawTaps.keptRednessThatLastsFever')
      : t('parts.sawTaps.kept', { title: seen.title, words: seen.words }),
    async () => {
      await act(() =>
        answer(
          api.DELETE('/api/v1/record/observations/{id}', { params: { path: { id: seen.id } } }),
        ),
      )
      told.value = told.value.filter((t) => t !== `${sign}.${seen.value}`)
      emit('told')
    },
  )
  emit('told')
}
</script>

<template>
  <div data-saw>
    <ul class="grid grid-cols-1 gap-x-8 gap-y-2 sm:grid-cols-2">
      <li v-for="sign in taps" :key="sign.sign" class="flex flex-wrap items-center gap-1.5">
        <span class="w-full text-sm font-semibold sm:w-28 sm:shrink-0">{{ sign.title }}</span>
        <button
          v-for="(v, i) in sign.values"
          :key="v.id"
          type="button"
          class="chip min-h-9 px-2 text-sm"
          :class="told.includes(`${sign.sign}.${v.id}`) ? 'bg-ink font-semibold text-paper' : ''"
          :disabled="busy"
          :data-tap="`${sign.sign}.${v.id}`"
          @click="tell(sign.sign, v.id)"
        >
          {{ i === 0 ? '' : '! ' }}{{ v.words }}
        </button>
        <form
          v-if="sign.seconds"
          class="flex items-center gap-1"
          novalidate
          @submit.prevent="tell(sign.sign)"
        >
          <label class="text-sm">
            {{ $t('parts.sawTaps.or') }}
            <input
              v-model.number="seconds"
              type="number"
              inputmode="decimal"
              class="w-16"
              data-seconds
            />
            s
          </label>
          <button
            type="submit"
            class="chip min-h-9 px-2 text-sm"
            :disabled="busy || typeof seconds !== 'number'"
          >
            {{ $t('parts.sawTaps.keep') }}
          </button>
        </form>
      </li>
    </ul>
    <div class="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-sm">
      <label>
        {{ $t('parts.sawTaps.of') }}
        <select v-model="kind" data-saw-kind>
          <option value="">{{ $t('parts.sawTaps.theWholeLoad') }}</option>
          <KindOptions :kinds="kinds ?? []" :in-wash="where === 'WASH'" />
        </select>
      </label>
      <label>
        {{ $t('parts.sawTaps.by') }}
        <input
          v-model="carer"
          type="text"
          maxlength="60"
          class="w-28"
          :placeholder="$t('parts.sawTaps.who')"
        />
      </label>
      <label class="w-full sm:w-auto sm:flex-1">
        {{ $t('parts.sawTaps.noteWithTheNextTap') }}
        <input v-model="note" type="text" maxlength="400" class="w-full max-w-md" data-saw-note />
      </label>
    </div>
  </div>
</template>

<script setup lang="ts">
import { ref, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import { useLine } from '../../stores/line'
import { useMessages } from '../../stores/messages'
import { houseCurrency } from '../../use/format'
import { useAnswer } from '../../use/useLoaded'
import { t } from '../../words'
import { LANGUAGE_NAMES, speak, voice, type Voice } from '../../words/voice'

/** How this device speaks, and what the household shares: its money, its week, the words of its files. */
const { data: house, reload } = useAnswer('/api/v1/household/voice')
const messages = useMessages()
const line = useLine()
const currency = ref('')
const problem = ref<string>()

watch(house, (now) => (currency.value = now?.currency ?? ''), { immediate: true })

const MEASURES = [
  { value: 'METRIC' as const, words: t('kit.voicePanel.metric') },
  { value: 'US' as const, words: t('kit.voicePanel.us') },
  { value: 'IMPERIAL' as const, words: t('kit.voicePanel.imperial') },
]
const HARDNESS = [
  { value: 'MMOL_PER_L' as const, words: 'mmol/L' },
  { value: 'GERMAN_DEGREES' as const, words: '°dH' },
  { value: 'FRENCH_DEGREES' as const, words: '°fH' },
  { value: 'ENGLISH_DEGREES' as const, words: '°e' },
  { value: 'GRAINS_PER_GALLON' as const, words: 'gpg' },
  { value: 'PARTS_PER_MILLION' as const, words: 'ppm' },
]
const CLOCKS = [
  { value: '24', words: '13:05' },
  { value: '12', words: '1:05 pm' },
]
type WeekStart = Api['HouseVoice']['weekStart']
/** A made-up house names its things in the language of whoever looks around in it. */
async function speakHere(language: string) {
  if (line.line?.madeUp) await share({ language })
  speak({ language })
}
const WEEK_STARTS = [
  { value: 'MONDAY' as WeekStart, words: t('day.MONDAY') },
  { value: 'SUNDAY' as WeekStart, words: t('day.SUNDAY') },
  { value: 'SATURDAY' as WeekStart, words: t('day.SATURDAY') },
]

async function share(change: Partial<Api['HouseVoice']>) {
  problem.value = undefined
  try {
    const now = await answer(api.PUT('/api/v1/household/voice', { body: change }))
    houseCurrency.value = now.currency
    messages.done(t('parts.fieldForm.kept'))
    await reload()
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  }
}
</script>

<template>
  <section v-if="house" class="mb-5 max-w-2xl border-b border-ink pb-4" data-voice>
    <h2 class="text-lg">{{ $t('kit.voicePanel.onThisDevice') }}</h2>
    <div class="mt-2 grid grid-cols-1 gap-3 sm:grid-cols-2">
      <ChoiceRow
        :model-value="voice.language"
        :label="$t('kit.voicePanel.language')"
        :options="LANGUAGE_NAMES"
        @update:model-value="(language: string) => speakHere(language)"
      />
      <ChoiceRow
        :model-value="voice.measures"
        :label="$t('kit.voicePanel.measures')"
        :options="MEASURES"
        @update:model-value="(measures: Voice['measures']) => speak({ measures })"
      />
      <ChoiceRow
        :model-value="voice.hardness"
        :label="$t('kit.voicePanel.hardness')"
        :options="HARDNESS"
        @update:model-value="(hardness: Voice['hardness']) => speak({ hardness })"
      />
      <ChoiceRow
        :model-value="voice.twelveHours ? '12' : '24'"
        :label="$t('kit.voicePanel.clock')"
        :options="CLOCKS"
        @update:model-value="(hours: string) => speak({ twelveHours: hours === '12' })"
      />
    </div>
    <h2 class="mt-4 text-lg">{{ $t('kit.voicePanel.inThisHouse') }}</h2>
    <p class="text-sm text-soft">{{ $t('kit.voicePanel.filesFollow') }}</p>
    <div class="mt-2 grid grid-cols-1 gap-3 sm:grid-cols-2">
      <ChoiceRow
        :model-value="house.language"
        :label="$t('kit.voicePanel.languageOfFiles')"
        :options="LANGUAGE_NAMES"
        @update:model-value="(language: string) => share({ language })"
      />
      <ChoiceRow
        :model-value="house.measures"
        :label="$t('kit.voicePanel.measuresOfFiles')"
        :options="MEASURES"
        @update:model-value="(measures: Voice['measures']) => share({ measures })"
      />
      <ChoiceRow
        :model-value="house.weekStart"
        :label="$t('kit.voicePanel.weekStart')"
        :options="WEEK_STARTS"
        @update:model-value="(weekStart: WeekStart) => share({ weekStart })"
      />
      <label class="inline-flex items-center gap-2 sm:col-span-2">
        <input
          type="checkbox"
          :checked="house.dialInWords"
          data-dial
          @change="share({ dialInWords: !house?.dialInWords })"
        />
        {{ $t('kit.voicePanel.dialInWords') }}
      </label>
      <form
        class="flex items-end gap-2"
        @submit.prevent="share({ currency: currency.toUpperCase() })"
      >
        <label>
          <span class="block font-semibold">{{ $t('kit.voicePanel.currency') }}</span>
          <input
            v-model="currency"
            type="text"
            maxlength="3"
            class="w-20 uppercase"
            data-currency
          />
        </label>
        <button type="submit" class="button-plain">{{ $t('parts.fieldForm.save') }}</button>
      </form>
    </div>
    <p v-if="problem" class="mt-2 font-semibold text-heat-word" role="alert">! {{ problem }}</p>
  </section>
</template>

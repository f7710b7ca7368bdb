<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FileErrors from '../../parts/FileErrors.vue'
import { useMessages } from '../../stores/messages'
import { measure, number } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'

/** Where the weather comes from, and a file of hourly weather read in. */
defineProps<{ source: Api['WeatherSource'] }>()
const emit = defineEmits<{ changed: [] }>()

const messages = useMessages()
const { act, busy } = useAct()
const { data: household } = useAnswer('/api/v1/household')
const open = ref(false)
const text = ref('')
const preview = shallowRef<Api['ForecastImportPreview']>()

async function read(keep: boolean) {
  const found = await act(() =>
    answer(api.POST('/api/v1/drying/weather', { body: { text: text.value, keep } })),
  )
  if (!found) return
  preview.value = found
  if (found.kept) {
    messages.done(found.says, forget)
    text.value = ''
    preview.value = undefined
    open.value = false
    emit('changed')
  }
}
async function forget() {
  await act(() => answer(api.DELETE('/api/v1/drying/weather')))
  emit('changed')
}
async function file(event: Event) {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  if (!chosen) return
  text.value = await chosen.text()
  await read(false)
}
async function pretend() {
  const forecast = await act(() =>
    answer(
      api.GET('/api/v1/pretend/weather', { params: { query: { hours: 96 } }, parseAs: 'text' }),
    ),
  )
  if (forecast === undefined) return
  text.value = forecast
  await read(false)
}
</script>

<template>
  <section :aria-label="$t('dry.weatherPanel.theWeather')" data-weather>
    <p>
      <strong v-if="source.old" class="text-heat-word">{{ $t('dry.weatherPanel.old') }} </strong>
      {{ $t('dry.weatherPanel.weather') }} <span data-source>{{ source.words }}</span>.
      <button
        type="button"
        class="button-quiet"
        :aria-expanded="open"
        data-read-weather
        @click="open = !open"
      >
        {{ $t('dry.weatherPanel.readAForecast') }}
      </button>
      <button v-if="source.old" type="button" class="button-quiet" @click="forget">
        {{ $t('dry.weatherPanel.forgetTheOldOne') }}
      </button>
    </p>
    <div v-if="open" class="mt-2 max-w-3xl">
      <p class="text-sm text-soft">
        {{ $t('dry.weatherPanel.hourByHourAsCsv') }}
      </p>
      <div class="mt-1 flex flex-wrap items-end gap-3">
        <label>
          <span class="block text-sm font-semibold">{{ $t('dry.weatherPanel.file') }}</span>
          <input type="file" accept=".csv,.json,text/plain" data-weather-file @change="file" />
        </label>
        <button
          v-if="household?.pretendDevices"
          type="button"
          class="button-plain"
          :disabled="busy"
          data-pretend-weather
          @click="pretend"
        >
          {{ $t('dry.weatherPanel.fromThePretendStation') }}
        </button>
      </div>
      <label class="mt-2 block">
        <span class="block text-sm font-semibold">{{ $t('dry.weatherPanel.orPasteIt') }}</span>
        <textarea v-model="text" rows="4" class="w-full font-mono text-sm" data-weather-text />
      </label>
      <button
        type="button"
        class="button-plain mt-1"
        :disabled="busy"
        data-weather-look
        @click="read(false)"
      >
        {{ $t('dry.weatherPanel.checkTheFile') }}
      </button>
      <div v-if="preview" class="mt-2 border border-ink p-3" data-weather-preview>
        <FileErrors
          v-if="preview.errors.length"
          :says="preview.says"
          :errors="preview.errors"
          :more="preview.moreErrors"
        />
        <template v-else>
          <p>{{ preview.says }}</p>
          <p class="text-sm">
            {{
              $t('dry.weatherPanel.firstHourDampMS', {
                temperatureC: measure(preview.weather[0]!.temperatureC, 'celsius'),
                relativeHumidity: number(preview.weather[0]!.relativeHumidity),
                windMs: measure(preview.weather[0]!.windMs, 'metre-per-s', 1),
                length: preview.weather.filter((h) => h.rainMm > 0).length,
                length2: preview.weather.length,
              })
            }}
          </p>
          <button
            type="button"
            class="button-main mt-2"
            :disabled="busy"
            data-weather-keep
            @click="read(true)"
          >
            {{ $t('dry.weatherPanel.useIt') }}
          </button>
        </template>
      </div>
    </div>
  </section>
</template>

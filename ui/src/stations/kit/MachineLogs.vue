<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { answer, api, type Api } from '../../api/client'
import LogCourse from '../../charts/LogCourse.vue'
import FileErrors from '../../parts/FileErrors.vue'
import { useMessages } from '../../stores/messages'
import { duration, measure } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'

/** A log of the drum or the plug: read, looked at beside what the programme promises, kept as a whole or not at all. */
const props = defineProps<{ view: Api['MachineView'] }>()
const emit = defineEmits<{ kept: [] }>()

const messages = useMessages()
const { act, busy } = useAct()
const { data: household } = useAnswer('/api/v1/household')
const washing = computed(() => props.view.machine.programmes.filter((p) => p.washMinutes > 0))
const LONG_MINUTES = 60
const programme = ref(
  (washing.value.find((p) => p.washMinutes >= LONG_MINUTES) ?? washing.value[0])?.name ?? '',
)
const settings = computed(
  () => washing.value.find((p) => p.name === programme.value)?.temperaturesC ?? [],
)
const setting = ref<number>()
const chosenC = computed(() =>
  setting.value !== undefined && settings.value.includes(setting.value)
    ? setting.value
    : (settings.value.at(-1) ?? 0),
)
const sort = ref<'TEMPERATURE' | 'POWER'>('TEMPERATURE')
const text = ref('')
const preview = shallowRef<Api['MeasurementPreview']>()
const measured = computed(() => washing.value.filter((p) => p.measured))

async function read(keep: boolean) {
  const found = await act(() =>
    answer(
      api.POST('/api/v1/machines/{id}/logs', {
        params: { path: { id: props.view.id } },
        body: {
          sort: sort.value,
          programme: programme.value,
          chosenC: chosenC.value,
          text: text.value,
          keep,
        },
      }),
    ),
  )
  if (!found) return
  preview.value = found
  if (found.kept) {
    messages.done(found.says, () => forget(programme.value))
    text.value = ''
    preview.value = undefined
    emit('kept')
  }
}
async function forget(name: string) {
  await act(() =>
    answer(
      api.DELETE('/api/v1/machines/{id}/logs', {
        params: { path: { id: props.view.id }, query: { programme: name } },
      }),
    ),
  )
  emit('kept')
}
async function file(event: Event) {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  if (!chosen) return
  text.value = await chosen.text()
  await read(false)
}
/** The pretend probe or plug logs a run: one that keeps its word, or one that falls eight degrees short. */
async function pretend(shortByK: number) {
  const query = {
    machineId: props.view.id,
    programme: programme.value,
    chosenC: chosenC.value,
    shortByK,
  }
  const log = await act(() =>
    sort.value === 'TEMPERATURE'
      ? answer(api.GET('/api/v1/pretend/probe', { params: { query }, parseAs: 'text' }))
      : answer(api.GET('/api/v1/pretend/plug', { params: { query }, parseAs: 'text' })),
  )
  if (log === undefined) return
  text.value = log
  await read(false)
}
</script>

<template>
  <section :aria-label="$t('kit.machineLogs.whatItReallyDoes')" data-logs>
    <h2 class="mt-6 mb-1 text-lg">{{ $t('kit.machineLogs.whatItReallyDoes') }}</h2>
    <p class="text-soft">
      {{ $t('kit.machineLogs.putATemperatureLoggerInto') }}
    </p>
    <p v-for="p in measured" :key="p.name" class="mt-1 text-sm">
      {{
        $t('kit.machineLogs.isPlannedWithItsLog', {
          name: p.name,
          chosenC: measure(p.measured?.chosenC ?? 0, 'celsius'),
        })
      }}
      <button type="button" class="button-quiet" @click="forget(p.name)">
        {{ $t('kit.machineLogs.forgetIt') }}
      </button>
    </p>
    <div class="mt-2 flex flex-wrap items-end gap-3">
      <label>
        <span class="block text-sm font-semibold">{{ $t('kit.machineLogs.whatWasLogged') }}</span>
        <select v-model="sort" data-log-sort>
          <option value="TEMPERATURE">{{ $t('kit.machineLogs.temperatureInTheDrum') }}</option>
          <option value="POWER">{{ $t('kit.machineLogs.powerAtThePlug') }}</option>
        </select>
      </label>
      <label>
        <span class="block text-sm font-semibold">{{ $t('kit.machineLogs.programme') }}</span>
        <select v-model="programme" data-log-programme>
          <option v-for="p in washing" :key="p.name">{{ p.name }}</option>
        </select>
      </label>
      <label>
        <span class="block text-sm font-semibold">{{ $t('kit.machineLogs.setTo') }}</span>
        <select
          :value="chosenC"
          @change="setting = Number(($event.target as HTMLSelectElement).value)"
        >
          <option v-for="t in settings" :key="t" :value="t">{{ measure(t, 'celsius') }}</option>
        </select>
      </label>
    </div>
    <div class="mt-2 flex flex-wrap items-center gap-3">
      <label>
        <span class="block text-sm font-semibold">{{ $t('kit.machineLogs.file') }}</span>
        <input type="file" accept=".csv,text/csv,text/plain" data-log-file @change="file" />
      </label>
      <template v-if="household?.pretendDevices">
        <button type="button" class="button-plain" data-pretend-honest @click="pretend(0)">
          {{
            $t('kit.machineLogs.pretendAsPromised', {
              sort: $t(sort === 'TEMPERATURE' ? 'kit.machineLogs.probe' : 'kit.machineLogs.plug'),
            })
          }}
        </button>
        <button type="button" class="button-plain" data-pretend-short @click="pretend(8)">
          {{
            $t('kit.machineLogs.pretendShort', {
              sort: $t(sort === 'TEMPERATURE' ? 'kit.machineLogs.probe' : 'kit.machineLogs.plug'),
            })
          }}
        </button>
      </template>
    </div>
    <label class="mt-2 block">
      <span class="block text-sm font-semibold">{{ $t('kit.machineLogs.orPasteIt') }}</span>
      <textarea v-model="text" rows="4" class="w-full font-mono text-sm" data-log-text />
    </label>
    <button
      type="button"
      class="button-plain mt-1"
      :disabled="busy"
      data-log-read
      @click="read(false)"
    >
      {{ $t('kit.machineLogs.checkTheFile') }}
    </button>

    <div v-if="preview" class="mt-3 border border-ink p-3" data-log-preview>
      <FileErrors
        v-if="preview.errors.length"
        :says="preview.says"
        :errors="preview.errors"
        :more="preview.moreErrors"
      />
      <template v-else>
        <LogCourse
          :points="preview.points"
          :phases="preview.phases"
          :unit="sort === 'POWER' ? 'W' : '°C'"
        />
        <p class="mt-1 text-sm">
          <template v-for="(p, i) in preview.phases" :key="i"
            >{{ i ? ', ' : '' }}{{ $t(`phase.${p.sort}`) }}
            {{ duration(p.toMinute - p.fromMinute) }}</template
          >{{ $t('kit.machineLogs.readings', { readings: preview.readings }, preview.readings) }}
        </p>
        <table class="mt-1 text-sm">
          <thead>
            <tr class="text-left text-soft">
              <th scope="col" class="pr-6 font-normal">{{ $t('kit.machineLogs.what') }}</th>
              <th scope="col" class="pr-6 font-normal">{{ $t('kit.machineLogs.promised') }}</th>
              <th scope="col" class="font-normal">{{ $t('kit.machineLogs.seen') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="f in preview.findings"
              :key="f.what"
              class="border-t border-line"
              data-finding
            >
              <th scope="row" class="pr-6 text-left font-normal">{{ f.what }}</th>
              <td class="pr-6">{{ f.promised }}</td>
              <td><strong v-if="!f.agrees" class="text-heat-word">≠ </strong>{{ f.seen }}</td>
            </tr>
          </tbody>
        </table>
        <p class="mt-2">{{ preview.says }}</p>
        <button
          type="button"
          class="button-main mt-2"
          :disabled="busy"
          data-log-keep
          @click="read(true)"
        >
          {{ $t('kit.machineLogs.useThisLog') }}
        </button>
      </template>
    </div>
  </section>
</template>

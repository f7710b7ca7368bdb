<script setup lang="ts">
import { t } from '../words'
import { computed, ref } from 'vue'
import { answer, api, type Api } from '../api/client'
import { useMessages } from '../stores/messages'
import { useCarer } from '../stations/wash/useCarer'
import { useAct } from '../use/useAct'
import { useAnswer } from '../use/useLoaded'
import KindOptions from './KindOptions.vue'
import SawTaps from './SawTaps.vue'

/** What somebody noticed: first in one word, then what kind of it; all else is folded away. */
const props = defineProps<{ where: Api['ObservationSent']['where']; roundId?: number }>()
const emit = defineEmits<{ told: [] }>()

type Sign = Api['ObservationTap']['sign']
type Where = NonNullable<Api['ObservationSent']['where']>
interface Found {
  sign: Sign
  value: string
  where: Where
  words: string
}
const SMELLS: Found[] = [
  { sign: 'SMELL_WET', value: 'ammonia', where: 'USE', words: t('parts.noticedTaps.ammonia') },
  { sign: 'SMELL_WET', value: 'barnyard', where: 'WASH', words: t('parts.noticedTaps.barnyard') },
  { sign: 'SMELL_DRY', value: 'musty', where: 'SHELF', words: t('parts.noticedTaps.musty') },
]
const LEAKS: Found[] = [
  { sign: 'LEAKS', value: 'runs_off', where: 'USE', words: t('parts.noticedTaps.runsOff') },
  { sign: 'LEAKS', value: 'full', where: 'USE', words: t('parts.noticedTaps.full') },
  { sign: 'LEAKS', value: 'gaps', where: 'USE', words: t('parts.noticedTaps.gaps') },
]
const STIFF: Found[] = [
  { sign: 'FEEL', value: 'stiff', where: 'SHELF', words: t('parts.noticedTaps.stiffBoard') },
  { sign: 'FEEL', value: 'greasy', where: 'SHELF', words: t('parts.noticedTaps.greasy') },
  { sign: 'FEEL', value: 'slimy', where: 'WASH', words: t('parts.noticedTaps.slimy') },
]
const SUDS: Found[] = [
  { sign: 'SUDS', value: 'suds', where: 'WASH', words: t('parts.noticedTaps.sudsInDrum') },
  { sign: 'JAR', value: 'suds', where: 'SHELF', words: t('parts.noticedTaps.sudsInJar') },
]
const STAINS: Found[] = [
  { sign: 'STAINS', value: 'some', where: 'SHELF', words: t('parts.noticedTaps.stains') },
]
const WELL: Found[] = [
  { sign: 'SMELL_WET', value: 'fresh', where: 'USE', words: t('parts.noticedTaps.allWell') },
  { sign: 'LEAKS', value: 'none', where: 'USE', words: t('parts.noticedTaps.allWell') },
]
/** What happened together is kept at once; what stays on pieces is asked of which. */
interface First {
  id: string
  words: string
  kinds: Found[]
  together?: boolean
  ofPieces?: boolean
}
const FIRST: First[] = [
  { id: 'smells', words: t('parts.noticedTaps.smells'), kinds: SMELLS },
  { id: 'leaks', words: t('parts.noticedTaps.leaks'), kinds: LEAKS },
  { id: 'stains', words: t('parts.noticedTaps.stains'), kinds: STAINS, ofPieces: true },
  { id: 'stiff', words: t('parts.noticedTaps.stiff'), kinds: STIFF },
  { id: 'suds', words: t('parts.noticedTaps.suds'), kinds: SUDS },
  { id: 'well', words: t('parts.noticedTaps.allWell'), kinds: WELL, together: true },
]

const messages = useMessages()
const { act, busy } = useAct()
const { carer } = useCarer()
const chosen = ref<string>()
const found = computed(() => FIRST.find((f) => f.id === chosen.value))
const { data: owned } = useAnswer('/api/v1/kinds')
const SEVERAL = '*'
const of = ref('')

async function first(id: string) {
  const tapped = FIRST.find((f) => f.id === id)
  if (!tapped) return
  if (tapped.together) {
    chosen.value = undefined
    await keep(tapped.kinds, tapped.words, true)
  } else {
    chosen.value = chosen.value === id ? undefined : id
  }
}

async function keep(all: Found[], words: string, well: boolean, kind?: string) {
  const kept: number[] = []
  for (const { sign, value, where } of all) {
    // What was noticed beside a running wash belongs to it.
    const roundId = where === props.where ? props.roundId : undefined
    const seen = await act(() =>
      answer(
        api.POST('/api/v1/record/observations', {
          body: { sign, value, where, roundId, kind, carer: carer.value || undefined },
        }),
      ),
    )
    if (!seen) return
    kept.push(seen.id)
  }
  chosen.value = undefined
  emit('told')
  messages.done(
    t('parts.noticedTaps.kept', { words }),
    async () => {
      for (const id of kept) {
        await act(() =>
          answer(api.DELETE('/api/v1/record/observations/{id}', { params: { path: { id } } })),
        )
      }
      emit('told')
    },
    well ? undefined : { to: '/record/causes', words: t('parts.noticedTaps.likelyCauses') },
  )
}
</script>

<template>
  <div data-noticed-taps>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="f in FIRST"
        :key="f.id"
        type="button"
        class="chip min-h-11 px-3"
        :class="chosen === f.id ? 'bg-ink font-semibold text-paper' : ''"
        :aria-expanded="f.together ? undefined : chosen === f.id"
        :disabled="busy"
        :data-first="f.id"
        @click="first(f.id)"
      >
        {{ f.words }}
      </button>
    </div>
    <form
      v-if="found?.ofPieces"
      class="mt-2 flex flex-wrap items-end gap-2 border-l-4 border-line pl-3"
      @submit.prevent="keep(found.kinds, found.words, false, of === SEVERAL ? undefined : of)"
    >
      <label class="text-sm">
        {{ $t('parts.noticedTaps.onWhich') }}
        <select v-model="of" class="block min-h-11" data-noticed-kind>
          <option value="" disabled>{{ $t('parts.noticedTaps.choose') }}</option>
          <option :value="SEVERAL">{{ $t('parts.noticedTaps.severalKinds') }}</option>
          <KindOptions :kinds="owned ?? []" :in-wash="where === 'WASH'" />
        </select>
      </label>
      <button type="submit" class="chip min-h-11 px-3" :disabled="busy || !of" data-keep-noticed>
        {{ $t('parts.noticedTaps.keep') }}
      </button>
    </form>
    <div v-else-if="found" class="mt-2 flex flex-wrap gap-2 border-l-4 border-line pl-3">
      <button
        v-for="k in found.kinds"
        :key="k.sign + k.value"
        type="button"
        class="chip min-h-11 px-3"
        :disabled="busy"
        :data-kind="`${k.sign}.${k.value}`"
        @click="keep([k], k.words, false)"
      >
        {{ k.words }}
      </button>
    </div>
    <details class="mt-2">
      <summary class="button-quiet px-0" data-everything>
        {{ $t('parts.noticedTaps.everythingElse') }}
      </summary>
      <SawTaps class="mt-2" :where="where" :round-id="roundId" @told="emit('told')" />
    </details>
  </div>
</template>

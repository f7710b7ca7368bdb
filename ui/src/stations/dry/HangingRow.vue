<script setup lang="ts">
import { t } from '../../words'
import { ref, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'

/** One group that hangs: what a hand felt, and where else it could be. */
const props = defineProps<{ group: Api['Group']; why?: Api['Why'] }>()
const emit = defineEmits<{ dry: []; changed: [] }>()

const messages = useMessages()
const { act, busy } = useAct()
const open = ref(false)
const damp = ref(props.group.pieces)
watch(
  () => props.group.pieces,
  (pieces) => (damp.value = pieces),
)
const path = { params: { path: { id: props.group.id } } }

async function felt(felt: 'COOL' | 'SEAM') {
  // The row may be read again before the answer is here.
  const left = damp.value
  const shelved = props.group.pieces - left
  const done = await act(() =>
    answer(api.POST('/api/v1/drying/{id}/check', { ...path, body: { answer: felt, damp: left } })),
  )
  if (done) {
    messages.done(
      `${shelved > 0 ? t('dry.hangingRow.onTheShelfHangOn', { shelved, value: left }) : t('dry.hangingRow.theyStayWhereTheyAre')}. ${done.words}`,
    )
  }
  emit('changed')
}

async function move(choice: Api['Choice']) {
  await act(() =>
    answer(
      api.PATCH('/api/v1/drying/{id}', {
        ...path,
        body: { placeId: choice.placeId, carriedIn: choice.carriedIn },
      }),
    ),
  )
  emit('changed')
}

async function tumble(dryerId: number) {
  const done = await act(() =>
    answer(api.POST('/api/v1/drying/{id}/tumble', { ...path, body: { dryerId } })),
  )
  if (done) messages.done(t('dry.hangingRow.cleanTheLintFilterFirst'))
  emit('changed')
}
</script>

<template>
  <li class="border-t border-line py-1.5" :data-group="group.kind">
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span class="min-w-52 flex-1">
        <strong>{{ group.words }}</strong> <span class="text-sm">{{ group.place }}</span>
        <span class="block text-sm">
          {{ group.ready ? $t('dry.hangingRow.mayBeDrySince') : $t('dry.hangingRow.dry') }}
          <Figure :why="why">{{ group.dryWords }}</Figure><template v-if="group.neededWords">{{
            $t('dry.hangingRow.needed', { neededWords: group.neededWords })
          }}</template>
        </span>
      </span>
      <label v-if="group.pieces > 1" class="text-sm">
        {{ $t('dry.hangingRow.dampStill') }}
        <select v-model.number="damp" data-damp>
          <option v-for="n in group.pieces" :key="n" :value="n">
            {{ n === group.pieces ? $t('dry.hangingRow.all', { n }) : n }}
          </option>
        </select>
      </label>
      <button
        type="button"
        class="button-plain min-h-11"
        :disabled="busy"
        data-cool
        @click="felt('COOL')"
      >
        {{ $t('dry.hangingRow.cool') }}
      </button>
      <button
        type="button"
        class="button-plain min-h-11"
        :disabled="busy"
        data-seam
        @click="felt('SEAM')"
      >
        {{ $t('dry.hangingRow.dampSeam') }}
      </button>
      <button
        type="button"
        class="button-plain min-h-11 font-semibold"
        :disabled="busy"
        data-dry
        @click="emit('dry')"
      >
        {{ $t('dry.hangingRow.markAsDry') }}
      </button>
      <button
        type="button"
        class="button-quiet min-h-11"
        :aria-expanded="open"
        data-elsewhere
        @click="open = !open"
      >
        {{ $t('dry.hangingRow.elsewhere') }}
      </button>
    </div>
    <div
      v-if="open"
      class="mt-1 flex flex-wrap gap-1"
      role="group"
      :aria-label="$t('dry.hangingRow.whereHangs', { kind: group.kind })"
    >
      <button
        v-for="choice in group.choices"
        :key="`${choice.placeId}${choice.carriedIn}`"
        type="button"
        class="chip text-left text-sm"
        :class="choice.here ? 'bg-ink text-paper' : ''"
        :aria-pressed="choice.here"
        :disabled="busy || choice.here"
        :data-place="choice.place"
        @click="move(choice)"
      >
        {{ choice.place }}
        <span class="block text-xs">{{ choice.dryWords }}</span>
      </button>
      <button
        v-for="d in group.dryers"
        :key="`d${d.dryerId}`"
        type="button"
        class="chip text-left text-sm"
        :class="d.here ? 'bg-ink text-paper' : ''"
        :aria-pressed="d.here"
        :disabled="busy || d.here || !d.may"
        :data-dryer="d.dryer"
        @click="tumble(d.dryerId)"
      >
        {{ d.dryer }}
        <span class="block text-xs">{{ d.here ? $t('dry.hangingRow.inIt') : d.words }}</span>
      </button>
    </div>
  </li>
</template>

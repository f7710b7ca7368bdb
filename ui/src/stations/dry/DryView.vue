<script setup lang="ts">
import { computed, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import DryingCurves from '../../charts/DryingCurves.vue'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { count } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useKeys } from '../../use/useKeys'
import { useLoaded } from '../../use/useLoaded'

const why = useWhy()
const messages = useMessages()
const { act, busy } = useAct()
const { data: drying, error, loading, reload } = useLoaded(() => answer(api.GET('/api/drying')))

watch(drying, (now) => {
  const first = now?.groups[0]
  why.suggest(first && now?.whys[`group.${first.id}`])
})

async function move(group: Api['Group'], placeId: number) {
  await act(() =>
    answer(
      api.PATCH('/api/drying/{id}', { params: { path: { id: group.id } }, body: { placeId } }),
    ),
  )
  await reload()
}

async function tumble(group: Api['Group'], dryerId: number) {
  const done = await act(() =>
    answer(
      api.POST('/api/drying/{id}/tumble', {
        params: { path: { id: group.id } },
        body: { dryerId },
      }),
    ),
  )
  if (done) messages.done('Clean the lint filter first, and do not cut the cool-down short.')
  await reload()
}

async function dry(group: Api['Group']) {
  const path = { params: { path: { id: group.id } } }
  const done = await act(() => answer(api.POST('/api/drying/{id}/dry', path)))
  await reload()
  if (done) {
    messages.done(`${group.words}: back on the shelf.`, async () => {
      await act(() => answer(api.DELETE('/api/drying/{id}/dry', path)))
      await reload()
    })
  }
}

const first = computed(() => drying.value?.groups.find((g) => g.ready) ?? drying.value?.groups[0])
function driest() {
  if (first.value) dry(first.value)
}
useKeys({ Enter: driest })
</script>

<template>
  <LoadState :error="error" :loading="loading && !drying" @again="reload" />
  <template v-if="drying && drying.groups.length === 0">
    <ViewHead title="Nothing hangs" state="everything is put away">
      What comes out of the machine hangs here by itself, each kind where it dries first.
    </ViewHead>
  </template>
  <template v-else-if="drying">
    <ViewHead
      title="Hanging"
      :why="drying.whys[`group.${drying.groups.at(-1)?.id}`]"
      :state="`${count(drying.pieces, 'piece')}, ${drying.allDryWords ? `all dry by ${drying.allDryWords}` : 'not all will dry here'}`"
    >
      Cool to the touch is still damp, and damp storage smells. Waterproof and elastic pieces hang,
      out of strong sun above 35 °C.
      <template #side>
        <button
          v-if="first"
          type="button"
          class="button-main"
          :disabled="busy"
          data-main
          @click="dry(first)"
        >
          {{ first.kind }}: it is dry <span class="keycap ml-2">Enter</span>
        </button>
      </template>
    </ViewHead>
    <div class="mt-3"><DryingCurves :drying="drying" /></div>
    <h2 class="mt-4 text-lg">Feel them</h2>
    <ul>
      <li
        v-for="group in drying.groups"
        :key="group.id"
        class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line py-1.5"
        :data-group="group.kind"
      >
        <span class="min-w-52 flex-1">
          <strong>{{ group.words }}</strong>
          <span class="block text-sm">
            {{ group.ready ? '! may be dry since' : 'dry' }}
            <Figure :why="drying.whys[`group.${group.id}`]">{{ group.dryWords }}</Figure>
          </span>
        </span>
        <span class="flex flex-wrap gap-1" role="group" :aria-label="`Where ${group.kind} hangs`">
          <button
            v-for="choice in group.choices"
            :key="choice.placeId"
            type="button"
            class="chip text-left text-sm"
            :class="choice.here ? 'bg-ink text-paper' : ''"
            :aria-pressed="choice.here"
            :disabled="busy || choice.here"
            :data-place="choice.place"
            @click="move(group, choice.placeId)"
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
            @click="tumble(group, d.dryerId)"
          >
            {{ d.dryer }}
            <span class="block text-xs">{{ d.here ? 'in it' : d.words }}</span>
          </button>
        </span>
        <button
          type="button"
          class="button-plain min-h-11 font-semibold"
          :disabled="busy"
          data-dry
          @click="dry(group)"
        >
          It is dry
        </button>
      </li>
    </ul>
  </template>
</template>

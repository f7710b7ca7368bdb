<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, type Api } from '../../api/client'
import DrumFront from '../../charts/DrumFront.vue'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { count, number } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useKeys } from '../../use/useKeys'
import { useLoaded } from '../../use/useLoaded'

const router = useRouter()
const why = useWhy()
const messages = useMessages()
const { act, busy } = useAct()
const {
  data: sorting,
  error,
  loading,
  reload,
} = useLoaded(() => answer(api.GET('/api/loads/open')))
const picked = ref<number[]>([])

const load = computed(() => sorting.value?.load)
const sources = computed(() => sorting.value?.sources.filter((s) => !s.forBulk) ?? [])
watch(sorting, (now) => {
  if (!now) return
  if (!now.load) picked.value = now.sources.filter((s) => s.suggested).map((s) => s.pailId)
  why.suggest(now.load?.whys.fill)
})

async function change(call: () => Promise<unknown>, said?: string, undo?: () => Promise<unknown>) {
  const done = await act(async () => {
    await call()
    return true
  })
  await reload()
  if (done && said) {
    messages.done(said, undo && (() => change(undo)))
  }
}

function make() {
  if (picked.value.length) {
    change(() => answer(api.POST('/api/loads', { body: { pailIds: picked.value } })))
  }
}

function addBulk(loadId: number, offer: Api['Offer'], pieces: number) {
  change(
    () =>
      answer(
        api.POST('/api/loads/{id}/bulkers', {
          params: { path: { id: loadId } },
          body: { kindId: offer.kindId, count: pieces },
        }),
      ),
    `${pieces} × ${offer.kind} join for the main wash.`,
  )
}

function giveBack(loadId: number, item: Api['Item'], pieces: number) {
  change(
    () =>
      answer(
        api.DELETE('/api/loads/{id}/items/{itemId}', {
          params: { path: { id: loadId, itemId: item.id }, query: { count: pieces } },
        }),
      ),
    `${pieces} × ${item.kind} went back.`,
  )
}

function join(loadId: number, staying: Api['Staying']) {
  change(() =>
    answer(
      api.POST('/api/loads/{id}/items', {
        params: { path: { id: loadId } },
        body: { entryId: staying.entryId },
      }),
    ),
  )
}

function takeBack(loadId: number) {
  change(
    () => answer(api.DELETE('/api/loads/{id}', { params: { path: { id: loadId } } })),
    'Everything is back in its pail.',
  )
}

useKeys({
  Enter: () => (load.value ? router.push('/wash') : make()),
  n: () => !load.value && make(),
})
const good = computed(() => load.value?.advice.state === 'GOOD')
</script>

<template>
  <LoadState :error="error" :loading="loading && !sorting" @again="reload" />
  <template v-if="sorting && !load">
    <ViewHead title="Which pails go" state="into one load">
      Suggested are those that may travel with the largest heap. Whatever may not go with the rest
      stays in its pail, and you are told why.
    </ViewHead>
    <p v-if="sources.length === 0" class="mt-6 text-lg">
      Nothing waits in the pails.
      <RouterLink to="/gather" class="button-quiet">Gather</RouterLink> comes first.
    </p>
    <ul v-else class="mt-4 grid gap-2 sm:grid-cols-2 lg:grid-cols-3">
      <li v-for="s in sources" :key="s.pailId">
        <label
          class="flex items-center gap-3 rounded-sm border border-ink px-4 py-3"
          :class="picked.includes(s.pailId) ? 'bg-sheet' : 'border-dashed'"
          :data-source="s.name"
        >
          <input v-model="picked" type="checkbox" :value="s.pailId" />
          <span>
            <span class="block font-head font-semibold">{{ s.name }}</span>
            <span class="text-sm text-soft">{{ count(s.pieces, 'piece') }}</span>
          </span>
        </label>
      </li>
    </ul>
    <button
      v-if="sources.length"
      type="button"
      class="button-main mt-5"
      :disabled="busy || picked.length === 0"
      data-main
      @click="make"
    >
      Put one load together <span class="keycap ml-2">Enter</span>
    </button>
  </template>

  <template v-if="load">
    <ViewHead title="One load" :state="load.title">
      <span :class="good ? 'text-good-word' : 'text-heat-word'" class="font-semibold" data-advice>
        {{ good ? '✓' : '!' }} {{ load.advice.words }}
      </span>
    </ViewHead>
    <div class="mt-3 grid gap-x-8 gap-y-4 md:grid-cols-[290px_1fr]">
      <div>
        <DrumFront
          :pre-washed="load.fill.preWashed"
          :main="load.fill.main"
          :window-from="load.windowFrom"
          :window-to="load.windowTo"
        />
        <p class="mt-1 text-center">
          <Figure :why="load.whys.fill">
            <strong data-fill>{{ Math.round(load.fill.main * 100) }} % full</strong>
          </Figure>
          in the main wash,
          <Figure :why="load.whys.mass">{{ number(load.fill.massKg, 1) }} kg</Figure>
        </p>
        <p class="text-center text-sm text-soft">
          The thick marks on the rim are two thirds and three quarters.
        </p>
      </div>

      <div class="min-w-0">
        <h2 class="text-lg">First wash set</h2>
        <ul class="mt-1.5 flex flex-wrap gap-1.5">
          <li
            v-for="item in load.going"
            :key="item.id"
            class="chip flex items-center gap-2"
            :title="item.limits"
          >
            <span
              >{{ item.words }}<span class="text-soft">, {{ item.soil }}</span></span
            >
            <button
              type="button"
              class="px-1 font-bold"
              :aria-label="`Give ${item.words} back`"
              :disabled="busy"
              @click="giveBack(load.id, item, item.count)"
            >
              ×
            </button>
          </li>
        </ul>

        <h2 class="mt-4 text-lg">Bulk for the main wash</h2>
        <ul class="mt-1.5 flex flex-wrap gap-1.5">
          <li
            v-for="item in load.bulkers"
            :key="item.id"
            class="chip flex items-center gap-2 border-dashed"
            :data-bulker="item.kind"
          >
            <button
              type="button"
              class="px-1 font-bold"
              :aria-label="`One ${item.kind} less`"
              :disabled="busy"
              @click="giveBack(load.id, item, 1)"
            >
              −
            </button>
            {{ item.words }}
          </li>
          <li v-if="load.bulkers.length === 0" class="text-soft">None yet.</li>
        </ul>
        <ul class="mt-2">
          <li
            v-for="offer in load.offers"
            :key="offer.kindId"
            class="flex flex-wrap items-center gap-2 border-t border-line py-1.5"
            :data-offer="offer.kind"
          >
            <span class="min-w-44 flex-1">
              <Figure :why="load.whys[`offer.${offer.kindId}`]"
                >{{ offer.available }} × {{ offer.kind }}</Figure
              >
              in the basket
            </span>
            <span v-if="offer.refusal" class="text-sm text-soft">stays: {{ offer.refusal }}</span>
            <template v-else>
              <button
                v-if="offer.wanted > 0"
                type="button"
                class="button-plain font-semibold"
                :disabled="busy"
                @click="addBulk(load.id, offer, offer.wanted)"
              >
                Add {{ offer.wanted }}
              </button>
              <button
                type="button"
                class="button-plain"
                :disabled="busy"
                :aria-label="`One ${offer.kind} more`"
                @click="addBulk(load.id, offer, 1)"
              >
                + 1
              </button>
            </template>
          </li>
        </ul>
      </div>
    </div>

    <section v-if="load.staying.length" class="mt-4" aria-label="Stays in its pail">
      <h2 class="text-lg">Stays in its pail</h2>
      <ul>
        <li
          v-for="s in load.staying"
          :key="s.entryId"
          class="flex flex-wrap items-baseline gap-x-4 border-t border-line py-1"
          data-staying
        >
          <span class="min-w-44 font-semibold">{{ s.words }}</span>
          <span class="flex-1">{{ s.reason ?? `in ${s.pail}; may join` }}</span>
          <button
            v-if="!s.reason"
            type="button"
            class="button-plain py-0"
            :disabled="busy"
            @click="join(load.id, s)"
          >
            Let it join
          </button>
        </li>
      </ul>
    </section>

    <div
      class="sticky bottom-16 z-10 mt-4 flex flex-wrap items-center gap-4 border-t border-line bg-paper py-3 lg:bottom-0"
    >
      <RouterLink to="/wash" class="button-main" data-main>
        Take it to the wash <span class="keycap ml-2">Enter</span>
      </RouterLink>
      <button type="button" class="button-plain" :disabled="busy" @click="takeBack(load.id)">
        Put everything back
      </button>
    </div>
  </template>
</template>

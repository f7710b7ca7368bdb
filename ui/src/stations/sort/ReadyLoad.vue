<script setup lang="ts">
import { t } from '../../words'
import { ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import DrumFront from '../../charts/DrumFront.vue'
import FillWords from './FillWords.vue'
import Figure from '../../parts/Figure.vue'
import { useMessages } from '../../stores/messages'
import { measure } from '../../use/format'
import { useAct } from '../../use/useAct'

/** An accepted load: small changes by hand, what a look into the drum shows, and on to the wash. */
const props = defineProps<{ load: Api['Load'] }>()
const emit = defineEmits<{ changed: []; back: [] }>()

const { act, busy } = useAct()
const messages = useMessages()
const seen = ref('')
const path = () => ({ path: { id: props.load.id } })

async function change(work: () => Promise<unknown>, words?: string, undo?: () => Promise<unknown>) {
  const done = await act(async () => {
    await work()
    return true
  })
  emit('changed')
  if (done && words) {
    messages.done(
      words,
      undo
        ? async () => {
            await act(undo)
            emit('changed')
          }
        : undefined,
    )
  }
}

function addBulk(offer: Api['Offer'], count: number) {
  void change(
    () =>
      answer(
        api.POST('/api/v1/loads/{id}/bulkers', {
          params: path(),
          body: { kindId: offer.kindId, count, fromShelf: offer.fromShelf },
        }),
      ),
    t('sort.readyLoad.joinForTheMainWash', { count, kind: offer.kind }),
  )
}
function giveBack(item: Api['Item'], count: number) {
  void change(
    () =>
      answer(
        api.DELETE('/api/v1/loads/{id}/items/{itemId}', {
          params: { path: { id: props.load.id, itemId: item.id }, query: { count } },
        }),
      ),
    t('sort.readyLoad.wentBack', { count, kind: item.kind }),
  )
}
function join(staying: Api['Staying']) {
  void change(() =>
    answer(
      api.POST('/api/v1/loads/{id}/items', { params: path(), body: { entryId: staying.entryId } }),
    ),
  )
}
async function look() {
  await change(
    () =>
      answer(
        api.POST('/api/v1/loads/{id}/look', {
          params: path(),
          body: { full: seen.value === '' ? undefined : Number(seen.value) / 100 },
        }),
      ),
    t('sort.readyLoad.savedTheNextLoadUses'),
  )
}
</script>

<template>
  <section
    class="grid grid-cols-1 gap-x-5 gap-y-2 border-t border-ink py-3 sm:grid-cols-[190px_1fr]"
    :aria-label="$t('sort.readyLoad.ready2', { title: load.title })"
    data-ready
  >
    <div class="mx-auto w-full max-w-[210px]">
      <DrumFront :fill="load.fill" :machine="load.machine" />
      <p class="text-center text-sm">
        <Figure :why="load.whys.fill">
          <strong data-fill>{{
            $t('sort.readyLoad.full', { main: Math.round(load.fill.main * 100) })
          }}</strong>
        </Figure>
        ,
        <Figure :why="load.whys.mass">{{
          $t('sort.readyLoad.kg', { massKg: measure(load.fill.massKg, 'kilogram', 1) })
        }}</Figure>
      </p>
    </div>
    <div class="min-w-0">
      <div class="flex flex-wrap items-baseline gap-x-3">
        <h2 class="text-xl">{{ $t('sort.readyLoad.ready') }}</h2>
        <span class="text-soft">{{ load.title }}</span>
      </div>
      <FillWords class="mt-1.5" :advice="load.advice" />
      <ul class="mt-1.5 flex flex-wrap gap-1.5" :aria-label="$t('sort.readyLoad.firstWashSet')">
        <li v-for="item in load.going" :key="item.id" class="chip px-2 py-1" :title="item.limits">
          {{ item.words }}<span class="text-soft">, {{ item.soil }}</span>
          <button
            type="button"
            class="ml-1 px-1 font-bold"
            :aria-label="$t('sort.readyLoad.giveBack', { words: item.words })"
            :disabled="busy"
            @click="giveBack(item, item.count)"
          >
            ×
          </button>
        </li>
      </ul>
      <ul class="mt-1.5 flex flex-wrap items-center gap-1.5">
        <li class="text-sm text-soft">
          {{ load.bulkers.length ? $t('sort.readyLoad.thenBulk') : $t('sort.readyLoad.noBulk') }}
        </li>
        <li
          v-for="item in load.bulkers"
          :key="item.id"
          class="chip border-dashed px-2 py-1"
          :data-bulker="item.kind"
        >
          <button
            type="button"
            class="px-1 font-bold"
            :aria-label="$t('sort.readyLoad.oneLess', { kind: item.kind })"
            :disabled="busy"
            @click="giveBack(item, 1)"
          >
            −
          </button>
          {{ item.words }}
        </li>
      </ul>
      <p v-for="s in load.setAside" :key="s" class="mt-1 text-sm" data-set-aside>! {{ s }}</p>

      <details class="mt-2" data-change>
        <summary
          class="inline-block cursor-pointer text-sm underline decoration-line underline-offset-4"
        >
          {{ $t('sort.readyLoad.changeItOrSayHow') }}
        </summary>
        <ul class="mt-1">
          <li
            v-for="offer in load.offers"
            :key="offer.kindId"
            class="flex flex-wrap items-center gap-2 border-t border-line py-1"
            :data-offer="offer.kind"
          >
            <span class="min-w-40 flex-1">
              <Figure :why="load.whys[`offer.${offer.kindId}`]"
                >{{ offer.available }} × {{ offer.kind }}</Figure
              >
              {{ $t(offer.fromShelf ? 'sort.readyLoad.onTheShelf' : 'sort.readyLoad.inTheBasket') }}
            </span>
            <span v-if="offer.refusal" class="text-sm text-soft">{{
              $t('sort.readyLoad.stays', { refusal: offer.refusal })
            }}</span>
            <template v-else>
              <button
                v-if="offer.wanted > 0"
                type="button"
                class="button-plain py-1 font-semibold"
                :disabled="busy"
                @click="addBulk(offer, offer.wanted)"
              >
                {{ $t('sort.readyLoad.add', { wanted: offer.wanted }) }}
              </button>
              <button
                type="button"
                class="button-plain py-1"
                :disabled="busy"
                :aria-label="$t('sort.readyLoad.oneMore', { kind: offer.kind })"
                @click="addBulk(offer, 1)"
              >
                + 1
              </button>
            </template>
          </li>
          <li
            v-for="s in load.staying"
            :key="s.entryId"
            class="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1"
            data-staying
          >
            <span class="min-w-40 font-semibold">{{ s.words }}</span>
            <span class="flex-1 text-sm">{{
              s.reason ?? $t('sort.readyLoad.inMayJoin', { pail: s.pail })
            }}</span>
            <button
              v-if="!s.reason"
              type="button"
              class="button-plain py-0"
              :disabled="busy"
              @click="join(s)"
            >
              {{ $t('sort.readyLoad.addToTheLoad') }}
            </button>
          </li>
        </ul>
        <form class="mt-2 flex flex-wrap items-center gap-2" @submit.prevent="look">
          <label class="inline-flex items-center gap-2">
            {{ $t('sort.readyLoad.theDrumLooks') }}
            <input
              v-model="seen"
              type="number"
              min="5"
              max="120"
              inputmode="numeric"
              class="w-20 py-1"
              data-field="full"
            />
            {{ $t('sort.readyLoad.full2') }}
          </label>
          <button type="submit" class="button-plain py-1" :disabled="busy">
            {{ $t('sort.readyLoad.save') }}
          </button>
        </form>
      </details>
      <div class="mt-2 flex flex-wrap gap-3">
        <RouterLink
          :to="{ path: '/wash', query: { load: load.id } }"
          class="button-plain font-semibold"
          data-wash
        >
          {{ $t('sort.readyLoad.planThisWash') }}
        </RouterLink>
        <button type="button" class="button-quiet" :disabled="busy" @click="emit('back')">
          {{ $t('sort.readyLoad.putEverythingBack') }}
        </button>
      </div>
    </div>
  </section>
</template>

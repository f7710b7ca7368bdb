<script setup lang="ts">
import { t } from '../../words'
import { computed, nextTick, ref, useTemplateRef, watch, type Component } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '../../api/client'
import { madeUp, otherHouse } from '../../api/house'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import LoadState from '../../parts/LoadState.vue'
import { useLine } from '../../stores/line'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import { LANGUAGE_NAMES, speak, voice } from '../../words/voice'
import VoicePanel from '../kit/VoicePanel.vue'
import OwnStep from './OwnStep.vue'
import PutInStep from './PutInStep.vue'
import { STEPS, type StepId, type StepKeeps } from './setUp'
import WashesStep from './WashesStep.vue'
import WaterStep from './WaterStep.vue'
import WhoStep from './WhoStep.vue'

/** From an empty house to a first pail in five steps, each with an address of its own. */
const props = defineProps<{ step?: string }>()
const router = useRouter()
const { act, busy } = useAct()
const messages = useMessages()
const line = useLine()
const { data: setUp, error, loading, reload } = useAnswer('/api/v1/set-up')

const PAGES: Record<StepId, { page: Component; name: string; title: string; about: string }> = {
  who: {
    page: WhoStep,
    name: t('setup.setUpView.who'),
    title: t('setup.setUpView.whoTitle'),
    about: t('setup.setUpView.whoAbout'),
  },
  own: {
    page: OwnStep,
    name: t('setup.setUpView.own'),
    title: t('setup.setUpView.ownTitle'),
    about: t('setup.setUpView.ownAbout'),
  },
  washes: {
    page: WashesStep,
    name: t('setup.setUpView.washes'),
    title: t('setup.setUpView.washesTitle'),
    about: t('setup.setUpView.washesAbout'),
  },
  'put-in': {
    page: PutInStep,
    name: t('setup.setUpView.putIn'),
    title: t('setup.setUpView.putInTitle'),
    about: t('setup.setUpView.putInAbout'),
  },
  water: {
    page: WaterStep,
    name: t('setup.setUpView.water'),
    title: t('setup.setUpView.waterTitle'),
    about: t('setup.setUpView.waterAbout'),
  },
}
const DROPS = [8, 16, 19, 15, 7]
const here = computed<StepId>(() => STEPS.find((s) => s === props.step) ?? 'who')
const index = computed(() => STEPS.indexOf(here.value))
const after = computed<StepId | undefined>(() => STEPS[index.value + 1])
const before = computed<StepId | undefined>(() => STEPS[index.value - 1])
const page = useTemplateRef<StepKeeps>('page')
const heading = useTemplateRef<HTMLElement>('heading')
const voiceShown = ref(false)

watch(here, async () => {
  await nextTick()
  window.scrollTo(0, 0)
  heading.value?.focus()
})

async function keep() {
  const kept = (await page.value?.keep()) ?? true
  await reload()
  return kept
}
async function go(step: StepId) {
  if (await keep()) await router.push(`/set-up/${step}`)
}
async function next() {
  if (after.value) {
    await go(after.value)
  } else if (await keep()) {
    await finish()
  }
}
async function skip() {
  if (after.value) await router.push(`/set-up/${after.value}`)
  else await finish()
}
async function finish() {
  const done = await act(() => answer(api.PUT('/api/v1/set-up/done')))
  if (!done) return
  await line.refresh()
  messages.done(t('setup.setUpView.pailReady', { pail: done.pails[0] ?? '' }))
  await router.push('/gather')
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !setUp" @again="reload" />
  <template v-if="setUp">
    <nav class="relative -mx-4 sm:-mx-7" :aria-label="$t('setup.setUpView.steps')">
      <svg
        aria-hidden="true"
        class="pointer-events-none absolute inset-x-0 -top-3 hidden h-14 w-full lg:block"
        preserveAspectRatio="none"
        viewBox="0 0 1280 56"
      >
        <path
          d="M0 10 C 300 16, 420 40, 640 42 C 860 40, 980 16, 1280 8"
          class="fill-none stroke-ink"
          stroke-width="1.6"
          vector-effect="non-scaling-stroke"
        />
      </svg>
      <ol class="flex gap-1 px-4 sm:px-7 lg:gap-8">
        <li
          v-for="(s, i) in setUp.steps"
          :key="s.step"
          class="relative min-w-0 flex-1 lg:pt-(--drop)"
          :style="{ '--drop': `${(DROPS[i] ?? 0) + 16}px` }"
        >
          <span
            class="absolute left-1/2 z-10 hidden h-5 w-2 rounded-xs border border-ink bg-sun lg:block"
            :style="{ top: `${(DROPS[i] ?? 0) + 4}px` }"
            aria-hidden="true"
          />
          <button
            type="button"
            class="block min-h-11 w-full rounded-sm border border-ink px-2 py-1 text-left lg:min-h-14 lg:px-3"
            :class="i === index ? 'bg-ink text-paper' : 'bg-sheet'"
            :aria-current="i === index ? 'step' : undefined"
            :data-step-tag="STEPS[i]"
            @click="go(STEPS[i] ?? 'who')"
          >
            <span class="block font-head font-semibold"
              >{{ s.done ? '✓' : i + 1
              }}<span class="ml-1.5 hidden sm:inline">{{
                PAGES[STEPS[i] ?? 'who'].name
              }}</span></span
            >
            <span class="line-clamp-1 hidden text-[0.82rem] sm:block">{{ s.words }}</span>
          </button>
        </li>
      </ol>
    </nav>

    <div class="mt-4 flex flex-wrap items-start justify-between gap-x-6 gap-y-1 lg:mt-8">
      <div>
        <h1 ref="heading" tabindex="-1" class="text-[1.7rem] outline-none">
          {{ PAGES[here].title }}
        </h1>
        <p class="mt-1 max-w-2xl text-soft">{{ PAGES[here].about }}</p>
      </div>
      <div v-if="index === 0" data-voice class="flex flex-col items-start gap-1 lg:items-end">
        <ChoiceRow
          :model-value="voice.language"
          :label="$t('kit.kitView.language')"
          hide-label
          :options="LANGUAGE_NAMES"
          @update:model-value="(language: string) => speak({ language })"
        />
        <button
          type="button"
          class="button-quiet px-0 text-sm"
          :aria-expanded="voiceShown"
          @click="voiceShown = !voiceShown"
        >
          {{ $t('setup.setUpView.measuresAndMoney') }}
        </button>
        <a v-if="!madeUp" :href="otherHouse" class="button-quiet px-0" data-other-house>{{
          $t('setup.setUpView.lookAround')
        }}</a>
      </div>
    </div>
    <VoicePanel v-if="voiceShown && index === 0" class="mt-3" />

    <section class="mt-4" :data-set-up="here">
      <component :is="PAGES[here].page" ref="page" :key="here" :set-up="setUp" />
    </section>

    <div
      class="sticky bottom-0 z-10 mt-6 flex flex-wrap items-center gap-x-5 gap-y-2 border-t border-line bg-paper py-3"
    >
      <button type="button" class="button-main" :disabled="busy" data-main @click="next">
        {{
          after
            ? $t('setup.setUpView.next', { step: PAGES[after].name })
            : $t('setup.setUpView.finish')
        }}
      </button>
      <button v-if="before" type="button" class="button-quiet min-h-11" @click="go(before)">
        {{ $t('setup.setUpView.back') }}
      </button>
      <button type="button" class="button-quiet min-h-11" data-skip @click="skip">
        {{ $t('setup.setUpView.skip') }}
      </button>
      <button
        type="button"
        class="button-quiet ml-auto min-h-11 text-soft"
        data-later
        @click="finish"
      >
        {{ $t('setup.setUpView.restLater') }}
      </button>
    </div>
  </template>
</template>

<script setup lang="ts">
import { t } from '../words'
import { Keyboard, Moon, Sun } from '@lucide/vue'
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import { madeUp } from '../api/house'
import { useLine } from '../stores/line'

defineProps<{ night: boolean }>()
defineEmits<{ 'toggle-night': []; 'show-keys': [] }>()

const { line, offline } = storeToRefs(useLine())

const STATIONS = [
  { id: 'gather', name: t('parts.lineOfPegs.gather'), key: '1', drop: 6, tilt: -1 },
  { id: 'sort', name: t('parts.lineOfPegs.sort'), key: '2', drop: 14, tilt: 0.6 },
  { id: 'wash', name: t('parts.lineOfPegs.wash'), key: '3', drop: 18, tilt: -0.3 },
  { id: 'dry', name: t('parts.lineOfPegs.dry'), key: '4', drop: 15, tilt: 0.5 },
  { id: 'shelf', name: t('parts.lineOfPegs.shelf'), key: '5', drop: 6, tilt: -0.8 },
]

const pegs = computed(() =>
  STATIONS.map((station) => {
    const peg = line.value?.pegs.find((p) => p.station === station.id)
    return { ...station, state: peg?.state ?? '…', urgent: peg?.urgent ?? false }
  }),
)
</script>

<template>
  <header class="relative">
    <svg
      aria-hidden="true"
      class="pointer-events-none absolute inset-x-0 top-0 hidden h-16 w-full lg:block"
      preserveAspectRatio="none"
      viewBox="0 0 1280 64"
    >
      <path
        d="M0 10 C 300 16, 420 40, 640 42 C 860 40, 980 16, 1280 8"
        class="fill-none stroke-ink"
        stroke-width="1.6"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <div
      class="mx-auto flex max-w-[1500px] items-center justify-between px-4 pt-3 sm:px-7 lg:h-28 lg:items-start lg:pt-0"
    >
      <RouterLink to="/gather" class="lg:w-40 lg:pt-9">
        <span class="block font-head text-lg font-bold lg:text-2xl">{{
          $t('parts.lineOfPegs.nestRinse')
        }}</span>
        <span class="block text-sm text-soft">{{ line?.household ?? ' ' }}</span>
        <span v-if="madeUp" class="block text-sm font-semibold" data-made-up>{{
          $t('parts.lineOfPegs.madeUp')
        }}</span>
      </RouterLink>

      <nav
        :aria-label="$t('parts.lineOfPegs.stations')"
        class="fixed inset-x-0 bottom-0 z-30 flex h-(--pegs) border-t border-ink bg-paper lg:static lg:z-auto lg:h-auto lg:flex-1 lg:justify-center lg:gap-3 lg:border-0 lg:bg-transparent"
      >
        <RouterLink
          v-for="peg in pegs"
          :key="peg.id"
          :to="`/${peg.id}`"
          class="peg group relative min-w-0 flex-1 lg:max-w-44"
          :style="{ '--drop': `${peg.drop + 20}px`, '--tilt': `${peg.tilt}deg` }"
          :data-peg="peg.id"
        >
          <span class="peg-clip hidden lg:block" aria-hidden="true" />
          <span class="peg-tag">
            <span class="flex items-baseline justify-between gap-1">
              <span class="font-head text-[0.95rem] font-semibold lg:text-lg">{{ peg.name }}</span>
              <span class="hidden text-xs opacity-70 lg:inline">{{ peg.key }}</span>
            </span>
            <span
              class="line-clamp-3 text-[0.7rem] leading-tight lg:line-clamp-2 lg:text-[0.82rem]"
            >
              <span
                v-if="peg.urgent"
                class="font-bold"
                :aria-label="$t('parts.lineOfPegs.needsYou')"
                >!
              </span>
              {{ peg.state }}
            </span>
          </span>
        </RouterLink>
      </nav>

      <nav
        :aria-label="$t('parts.lineOfPegs.morePages')"
        class="flex flex-wrap items-center gap-1 lg:shrink-0 lg:flex-nowrap lg:justify-end lg:pt-9 lg:pl-3"
      >
        <RouterLink to="/week" class="behind">{{ $t('parts.lineOfPegs.week') }}</RouterLink>
        <RouterLink to="/reset" class="behind" :title="line?.reset ?? undefined">
          {{ $t('parts.lineOfPegs.reset')
          }}<span
            v-if="line?.reset"
            :aria-label="$t('parts.lineOfPegs.running', { reset: line.reset })"
          >
            ▸</span
          >
        </RouterLink>
        <RouterLink to="/record" class="behind">{{ $t('parts.lineOfPegs.record') }}</RouterLink>
        <RouterLink to="/kit" class="behind">{{ $t('parts.lineOfPegs.kit') }}</RouterLink>
        <button
          type="button"
          class="p-2"
          :aria-label="
            night ? $t('parts.lineOfPegs.lightTheme') : $t('parts.lineOfPegs.nightTheme')
          "
          @click="$emit('toggle-night')"
        >
          <Sun v-if="night" :size="18" aria-hidden="true" />
          <Moon v-else :size="18" aria-hidden="true" />
        </button>
        <button
          type="button"
          class="hidden p-2 lg:block"
          :aria-label="$t('parts.lineOfPegs.keyboardShortcuts')"
          @click="$emit('show-keys')"
        >
          <Keyboard :size="18" aria-hidden="true" />
        </button>
      </nav>
    </div>
    <p v-if="offline" role="status" class="hatch px-7 py-1 text-sm font-semibold">
      {{ $t('parts.lineOfPegs.nestRinseDoesNotAnswer') }}
    </p>
  </header>
</template>

<style scoped>
@reference '../theme.css';
.peg-tag {
  @apply block h-full px-1.5 py-1.5 lg:h-auto lg:rounded-sm lg:border lg:border-ink lg:bg-sheet lg:px-3 lg:py-2;
}
.behind {
  @apply rounded-sm px-2 py-1 font-semibold;
}
.behind.router-link-active {
  @apply bg-ink text-paper;
}
.router-link-active .peg-tag {
  @apply bg-ink text-paper;
}
.peg-clip {
  @apply absolute left-1/2 z-10 h-5 w-2 rounded-xs border border-ink bg-sun;
  top: calc(var(--drop) - 11px);
}
@media (width >= 64rem) {
  .peg {
    padding-top: var(--drop);
  }
  .peg-tag {
    transform: rotate(var(--tilt));
    transform-origin: 50% 0;
    min-height: 3.6rem;
  }
}
</style>

<script setup lang="ts">
/** What lies in a starter set, as it would lie on a table. */
defineProps<{ set: string }>()

const SHELL = 'M8 6 H52 C46 18 46 26 52 38 H8 C14 26 14 18 8 6 Z M22 10 H38 V34 H22 Z'
const PATHS: Record<string, string> = {
  flats: 'M6 8 H38 V36 H6 Z M6 22 H38 M42 16 L54 12 V32 L42 28 Z',
  pockets: SHELL,
  'all-in-ones': 'M8 6 H52 C46 18 46 26 52 38 H8 C14 26 14 18 8 6 Z M24 6 V38 M36 6 V38',
  'two-parts': 'M4 8 H34 C30 18 30 26 34 36 H4 C8 26 8 18 4 8 Z M42 6 H54 V38 H42 Z M45 6 V38',
  nights:
    'M8 6 H52 C44 18 44 26 52 38 H8 C16 26 16 18 8 6 Z M30 14 A8 8 0 1 0 36 28 A7 7 0 0 1 30 14 Z',
  pads: 'M6 10 H54 V34 H6 Z M10 14 H50 V30 H10 Z',
  'own-pads':
    'M18 6 H42 C46 14 46 30 42 38 H18 C14 30 14 14 18 6 Z M10 18 H17 V26 H10 Z M43 18 H50 V26 H43 Z',
  clothes: 'M18 6 C22 12 38 12 42 6 L54 14 L48 22 L44 19 V38 H16 V19 L12 22 L6 14 Z',
  towels: 'M6 8 H54 V36 H6 Z M6 14 H54 M6 30 H54',
  cloths: 'M10 8 H36 V34 H10 Z M24 14 H50 V38 H24 Z M10 8 L36 34',
}
</script>

<template>
  <svg viewBox="0 0 60 44" class="h-11 w-15" aria-hidden="true">
    <path
      :d="PATHS[set] ?? PATHS.cloths"
      fill="color-mix(in srgb, var(--c-water) 22%, transparent)"
      fill-rule="evenodd"
      stroke="var(--c-ink)"
      stroke-width="1.4"
      stroke-linejoin="round"
    />
  </svg>
</template>

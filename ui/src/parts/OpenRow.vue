<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'

/** A line that opens to its form. */
defineProps<{ name: string; about: string; opened?: boolean }>()
</script>

<template>
  <Disclosure
    v-slot="{ open }"
    as="div"
    :default-open="opened"
    class="border-t border-line"
    :data-row="name"
  >
    <DisclosureButton class="flex w-full items-baseline gap-3 py-2 text-left">
      <span aria-hidden="true" class="w-3">{{ open ? '▾' : '▸' }}</span>
      <span class="min-w-44 font-head font-semibold">{{ name }}</span>
      <span class="flex-1 text-sm text-soft">{{ about }}</span>
    </DisclosureButton>
    <DisclosurePanel v-slot="{ close }" class="pb-5 pl-6"><slot :close="close" /></DisclosurePanel>
  </Disclosure>
</template>

<script setup lang="ts">
/** Shown while something is read, or when it could not be read. */
defineProps<{ error?: Error; loading: boolean }>()
defineEmits<{ again: [] }>()
</script>

<template>
  <div v-if="error" role="alert" class="hatch border border-heat p-4">
    <p class="font-semibold">! {{ error.message }}</p>
    <button type="button" class="button-plain mt-2" @click="$emit('again')">
      {{ $t('parts.loadState.tryAgain') }}
    </button>
  </div>
  <p v-else-if="loading" class="text-soft" role="status" data-loading>
    {{ $t('parts.loadState.oneMoment') }}
  </p>
</template>

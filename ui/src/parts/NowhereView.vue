<script setup lang="ts">
import ViewHead from './ViewHead.vue'

/** What an address gets that no view has. */
</script>

<template>
  <ViewHead
    :title="$t('parts.nowhereView.thisPageDoesNotExist')"
    :state="$t('parts.nowhereView.nothingHere')"
  >
    {{ $t('parts.nowhereView.theAddressHasAMistake') }}
    <RouterLink to="/gather" class="button-quiet">{{
      $t('parts.nowhereView.goToGather')
    }}</RouterLink>
  </ViewHead>
</template>

<script setup lang="ts">
/** The same picture as a table, behind a toggle. */
defineProps<{ caption: string; head: string[]; rows: (string | number)[][] }>()
</script>

<template>
  <details class="mt-1 max-w-full min-w-0 text-sm">
    <summary
      class="inline-block cursor-pointer text-soft underline decoration-line underline-offset-4"
    >
      {{ $t('charts.chartTable.asATable') }}
    </summary>
    <div class="overflow-x-auto" tabindex="0">
      <table class="mt-1">
        <caption class="sr-only">
          {{
            caption
          }}
        </caption>
        <thead>
          <tr>
            <th v-for="h in head" :key="h" scope="col" class="border-b border-ink pr-5 text-left">
              {{ h }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, i) in rows" :key="i">
            <td
              v-for="(cell, j) in row"
              :key="j"
              class="border-b border-line pr-5 whitespace-nowrap"
            >
              {{ cell }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </details>
</template>

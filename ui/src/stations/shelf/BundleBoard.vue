<script setup lang="ts">
import { answer, api, type Api } from '../../api/client'
import BundlePicture from '../../charts/BundlePicture.vue'
import Figure from '../../parts/Figure.vue'
import { useAct } from '../../use/useAct'

/** What the clean parts make, recipe by recipe, with how many are wanted and what stands in. */
const props = defineProps<{ shelf: Api['Shelf'] }>()
const emit = defineEmits<{ wished: [] }>()
const { act, busy } = useAct()

async function wish(line: Api['BundleLine'], event: Event) {
  const text = (event.target as HTMLInputElement).value
  await act(() =>
    answer(
      api.PUT('/api/v1/shelf/wishes/{recipe}', {
        params: { path: { recipe: line.recipe } },
        body: text === '' ? {} : { wanted: Number(text) },
      }),
    ),
  )
  emit('wished')
}
/** Recipes that nobody wants and nothing is made of stay small. */
function quiet(line: Api['BundleLine']) {
  return line.count === 0 && line.wanted === 0
}
</script>

<template>
  <section class="mt-4" :aria-label="$t('shelf.bundleBoard.bundles')">
    <ul class="grid grid-cols-1 gap-x-8 gap-y-4 sm:grid-cols-2 xl:grid-cols-3">
      <li
        v-for="line in shelf.bundles.filter((l) => !quiet(l))"
        :key="line.recipe"
        class="border-l-4 pl-4"
        :class="line.recipe.includes('night') ? 'border-water' : 'border-sun'"
        :data-bundle="line.recipe"
      >
        <p>
          <Figure :why="shelf.whys[`bundle.${line.recipe}`]">
            <span
              class="font-head text-4xl font-bold"
              :data-days="line.recipe === 'day' || undefined"
              data-count
              >{{ line.count }}</span
            >
          </Figure>
          <span class="ml-2 font-head text-lg">× {{ line.name }}</span>
        </p>
        <BundlePicture :ready="line.count" :wanted="line.wanted" />
        <p v-if="line.count < line.wanted || line.without" class="text-sm">
          <strong v-if="line.count < line.wanted" class="text-heat-word">
            {{ $t('shelf.bundleBoard.short', { count: line.wanted - line.count }) }}
          </strong>
          <span v-if="line.without" class="ml-2">{{
            $t('shelf.bundleBoard.withoutBooster', { without: line.without })
          }}</span>
        </p>
        <p v-if="line.layers.length" class="text-sm text-soft">
          {{ $t('shelf.bundleBoard.skin', { join: line.layers.join(' · ') }) }}
        </p>
        <p v-for="s in line.substitutes" :key="s" class="text-sm">
          {{ $t('shelf.bundleBoard.standsIn', { s }) }}
        </p>
      </li>
    </ul>
    <details class="mt-2 print:hidden" data-wishes>
      <summary class="button-quiet px-0">{{ $t('shelf.bundleBoard.howManyWanted') }}</summary>
      <p class="mt-1 flex flex-wrap items-center gap-x-5 gap-y-2 text-sm">
        <label
          v-for="line in shelf.bundles"
          :key="line.recipe"
          class="inline-flex items-center gap-1"
          :data-wish="line.recipe"
        >
          {{ line.name }}
          <input
            type="number"
            min="0"
            max="60"
            class="w-14"
            :value="line.wanted"
            :disabled="busy"
            data-wanted
            @change="wish(line, $event)"
          />
        </label>
      </p>
    </details>
    <p v-if="props.shelf.people.length" class="mt-2 text-sm" data-settings>
      <template v-for="(p, i) in props.shelf.people" :key="p.personId"
        >{{ i ? '; ' : '' }}<strong>{{ p.name }}</strong
        >: {{ p.words || $t('shelf.bundleBoard.riseAndSnapsNotKept') }}</template
      >{{ $t('shelf.bundleBoard.youCanChangeThisUnder') }}
    </p>
  </section>
</template>

<script setup lang="ts">
import { t } from '../../words'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import ResetNeeded from './ResetNeeded.vue'
import VesselDrawing from '../../charts/VesselDrawing.vue'
import CautionNote from '../../parts/CautionNote.vue'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { count, duration, measure, money, unitSign } from '../../use/format'
import NumberInput from '../../parts/NumberInput.vue'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import { useCarer } from '../wash/useCarer'
import ResetRun from './ResetRun.vue'

/** The rare deep treatment: is it needed, which, in what, and then step by step. */
const POT_L = 10
const messages = useMessages()
/** So many steps are read at once; more are folded. */
const MANY_STEPS = 8
const why = useWhy()
const { act, busy } = useAct()
const { carer } = useCarer()
const { data: look, error, loading, reload } = useAnswer('/api/v1/resets')
const { data: now, reload: reloadNow } = useAnswer('/api/v1/resets/running')

type Recipe = Api['ResetRecipeLine']['recipe']
const recipe = ref<Recipe>('MINERAL_SOAK')
const vesselL = ref<number | null>(POT_L)
const vessel = ref(t('reset.resetView.thePot'))
const hotTap = ref(false)
const burnerW = ref<number>()
const percentChlorine = ref<number | null>(null)
const counts = reactive<Record<number, number>>({})
const planned = shallowRef<Api['ResetPlanned']>()
const refused = ref('')
const read = reactive<Record<string, boolean>>({})

const chosen = computed(() => look.value?.recipes.find((r) => r.recipe === recipe.value))
const pieces = computed(() =>
  Object.entries(counts)
    .filter(([, n]) => n > 0)
    .map(([id, n]) => ({ kindId: Number(id), count: n })),
)
/** A look at one piece comes before a reset where only a whole load was seen. */
const asks = (k: Api['ResetKindLine']) => k.state === 'WANTED' || k.state === 'ROUTINE_FIRST'
const wanted = computed(() => look.value?.kinds.filter((k) => asks(k)) ?? [])
const rest = computed(() => look.value?.kinds.filter((k) => !asks(k)) ?? [])
/** Where nothing asks for a reset, nothing is planned until somebody wants one all the same. */
const anyway = ref(false)
const planning = computed(() => anyway.value || wanted.value.length > 0 || pieces.value.length > 0)
const request = computed(() => ({
  recipe: recipe.value,
  vessel: vessel.value,
  vesselL: vesselL.value ?? undefined,
  pieces: pieces.value,
  burnerW: burnerW.value || undefined,
  hotTap: hotTap.value || undefined,
  chlorinePercent: percentChlorine.value || undefined,
}))
const plan = computed(() => planned.value?.plan)
const unread = computed(() =>
  plan.value?.cautions.some((c) => c.strength === 'CHECK' && !read[c.key]),
)

watch(request, lookAgain, { deep: true })
watch(plan, (p) => p && why.suggest(p.why))

/** Answers can overtake each other while someone types: only the last question's counts. */
let asked = 0
async function lookAgain() {
  const mine = ++asked
  if (!pieces.value.length) {
    planned.value = undefined
    refused.value = ''
    return
  }
  let found: Api['ResetPlanned'] | undefined
  let problem = ''
  try {
    found = await answer(api.POST('/api/v1/resets/plan', { body: request.value }))
  } catch (error) {
    problem = error instanceof Error ? error.message : String(error)
  }
  if (mine !== asked) return
  planned.value = found
  refused.value = problem
}
function take(k: Api['ResetKindLine']) {
  if (k.recipe) recipe.value = k.recipe
  counts[k.kindId] = k.clean
}
function other(f: Api['ResetFitLine']) {
  if (f.insteadRecipe) recipe.value = f.insteadRecipe
}
async function cloth(f: Api['ResetFitLine'], value: string) {
  await act(() =>
    answer(
      api.POST('/api/v1/record/observations', {
        body: { sign: 'FAST', value, kind: f.kind, carer: carer.value || undefined },
      }),
    ),
  )
  await lookAgain()
}
async function begin() {
  const running = await act(() =>
    answer(
      api.POST('/api/v1/resets', {
        body: {
          request: request.value,
          checksRead: Object.keys(read).filter((k) => read[k]),
          carer: carer.value || undefined,
        },
      }),
    ),
  )
  if (running) {
    messages.done(t('reset.resetView.begunDoneAt', { readyWords: running.readyWords }))
    await reloadNow()
  }
}
async function changed() {
  await Promise.all([reloadNow(), reload()])
  Object.keys(counts).forEach((k) => delete counts[Number(k)])
  planned.value = undefined
}
</script>

<template>
  <ResetRun v-if="now?.running" :running="now.running" @changed="changed" />
  <template v-else>
    <LoadState :error="error" :loading="loading && !look" @again="reload" />
    <template v-if="look">
      <ViewHead
        :title="$t('reset.resetView.reset')"
        :state="
          wanted.length
            ? $t('reset.resetView.mayNeedOne', { length: count(wanted.length, 'kind') })
            : $t('reset.resetView.noneNeeded')
        "
      >
        {{ $t('reset.resetView.takesOutWhatWashingLeft') }}
      </ViewHead>

      <ResetNeeded :look="look" :wanted="wanted" @take="take" />

      <button
        v-if="!planning"
        type="button"
        class="button-plain mt-3"
        data-anyway
        @click="anyway = true"
      >
        {{ $t('reset.resetView.planOneAnyway') }}
      </button>
      <section
        v-else
        :aria-label="$t('reset.resetView.theRecipe')"
        class="mt-4 grid grid-cols-1 gap-x-8 gap-y-3 lg:grid-cols-[300px_1fr] lg:items-start"
      >
        <VesselDrawing
          class="order-last lg:order-first"
          :level="plan?.level ?? 0"
          :water-l="plan?.waterL"
          :boils="recipe.startsWith('SIMMER')"
          :spoons="plan?.amounts ?? []"
        />
        <div>
          <h2 class="text-lg">{{ $t('reset.resetView.piecesAndVessel') }}</h2>
          <div class="mt-1 flex flex-wrap items-end gap-x-5 gap-y-2">
            <label>
              <span class="block text-sm font-semibold">{{ $t('reset.resetView.recipe') }}</span>
              <select v-model="recipe" data-recipe>
                <option v-for="r in look.recipes" :key="r.recipe" :value="r.recipe">
                  {{ r.words }}
                </option>
              </select>
            </label>
            <label>
              <span class="block text-sm font-semibold"
                >{{ $t('reset.resetView.vesselL') }} [{{ unitSign('litre') }}]</span
              >
              <NumberInput v-model="vesselL" unit="litre" class="w-20" data-vessel />
            </label>
            <button
              v-for="v in look.vessels"
              :key="v.name"
              type="button"
              class="chip"
              @click="((vesselL = v.litres), (vessel = v.name))"
            >
              {{ v.name }}
            </button>
            <label class="inline-flex items-center gap-2">
              <input v-model="hotTap" type="checkbox" /> {{ $t('reset.resetView.hotFromTheTap') }}
            </label>
            <label v-if="recipe.startsWith('SIMMER')">
              <span class="block text-sm font-semibold">{{ $t('reset.resetView.burnerW') }}</span>
              <input
                v-model.number="burnerW"
                type="number"
                placeholder="1800"
                class="w-24"
                data-burner
              />
            </label>
            <label v-if="recipe === 'CHLORINE_SOAK'">
              <span class="block text-sm font-semibold">{{
                $t('reset.resetView.strengthOfTheBleach')
              }}</span>
              <NumberInput v-model="percentChlorine" class="w-20" data-chlorine />
            </label>
          </div>
          <p v-if="chosen" class="mt-1 text-sm text-soft">
            {{ $t('reset.resetView.for', { takesOut: chosen.takesOut, temper: chosen.temper }) }}
            <strong v-if="chosen.notNow" class="text-heat-word">! {{ chosen.notNow }}</strong>
          </p>
          <h3 class="mt-3">{{ $t('reset.resetView.whatGoesIn') }}</h3>
          <ul
            class="mt-1 grid max-h-72 grid-cols-1 gap-x-6 overflow-y-auto pr-2 sm:grid-cols-2"
            tabindex="0"
            :aria-label="$t('reset.resetView.whatGoesIn')"
          >
            <li
              v-for="k in [...wanted, ...rest]"
              :key="k.kindId"
              class="flex items-center justify-between gap-2 border-b border-line py-1"
              :class="k.clean ? '' : 'text-soft'"
            >
              <label :for="`reset-${k.kindId}`"
                >{{ k.kind }}
                <span class="text-sm text-soft">{{
                  $t('reset.resetView.clean', { clean: k.clean })
                }}</span></label
              >
              <input
                :id="`reset-${k.kindId}`"
                v-model.number="counts[k.kindId]"
                type="number"
                min="0"
                :max="k.clean"
                class="w-16"
                placeholder="0"
                :disabled="!k.clean"
                :data-count="k.kind"
              />
            </li>
          </ul>
        </div>
      </section>

      <p v-if="refused" class="mt-3 font-semibold text-heat-word" role="alert" data-refused>
        ! {{ refused }}
      </p>
      <section v-if="planned && !plan" class="mt-3 border-2 border-heat p-3" data-stops>
        <p v-for="f in planned.fits.filter((x) => !x.allowed)" :key="f.kindId" :data-stop="f.kind">
          <strong class="text-heat-word">{{
            f.test ? $t('reset.resetView.check') : $t('reset.resetView.stop')
          }}</strong>
          <strong>{{ f.kind }}:</strong>
          {{ $t('reset.resetView.instead', { reason: f.reason, instead: f.instead }) }}
          <button
            v-if="f.insteadRecipe && !f.test"
            type="button"
            class="button-plain ml-1"
            data-instead
            @click="other(f)"
          >
            {{ $t('reset.resetView.takeThat') }}
          </button>
          <template v-if="f.test">
            <button type="button" class="button-plain ml-1" data-fast @click="cloth(f, 'fast')">
              {{ $t('reset.resetView.noColourCameOff') }}
            </button>
            <button type="button" class="button-plain ml-1" data-bleeds @click="cloth(f, 'bleeds')">
              {{ $t('reset.resetView.colourCameOff') }}
            </button>
          </template>
        </p>
      </section>

      <section v-if="plan" class="mt-4 border-t-2 border-ink pt-3" data-plan>
        <div>
          <div>
            <h2 class="text-2xl">
              {{ plan.words }},
              <Figure :why="plan.why">{{ plan.durationWords }}</Figure>
            </h2>
            <p>
              {{ $t('reset.resetView.doneAt') }} <strong>{{ plan.readyWords }}</strong>{{
                $t('reset.resetView.ofItWithYouL', {
                  attendedWords: plan.attendedWords,
                  length: $t('reset.resetView.batches', plan.batches.length),
                  litres: measure(plan.litres, 'litre'),
                  cost: money(plan.cost),
                  rinses: count(plan.rinses, 'rinse'),
                })
              }}
            </p>
            <ul class="mt-1">
              <li v-for="a in plan.amounts" :key="a.product" data-amount>
                {{ $t('reset.resetView.eachFilling') }} <strong>{{ a.spoons }}</strong>
                {{ a.product }}, {{ measure(a.amount, a.unit === 'g' ? 'gram' : 'millilitre')
                }}<template v-if="a.unit !== 'g'">, {{ measure(a.grams, 'gram') }}</template>
              </li>
            </ul>
            <div v-if="plan.batches.length > 1" class="mt-2 max-h-56 overflow-y-auto" tabindex="0">
              <table class="w-full text-sm" data-batches>
                <thead>
                  <tr class="border-b border-ink text-left">
                    <th scope="col" class="w-20 pr-3">{{ $t('reset.resetView.filling') }}</th>
                    <th scope="col">{{ $t('reset.resetView.whatGoesIn') }}</th>
                  </tr>
                </thead>
                <tbody>
                  <tr v-for="(batch, i) in plan.batches" :key="i" class="border-b border-line">
                    <td class="py-0.5">{{ i + 1 }}</td>
                    <td class="py-0.5">{{ batch }}</td>
                  </tr>
                </tbody>
              </table>
            </div>
            <component :is="plan.steps.length > MANY_STEPS ? 'details' : 'div'" class="mt-2">
              <summary v-if="plan.steps.length > MANY_STEPS" class="button-quiet px-0">
                {{ $t('reset.resetView.allSteps', { count: plan.steps.length }) }}
              </summary>
              <ol class="grid grid-cols-1 gap-x-6 text-sm sm:grid-cols-2">
                <li
                  v-for="s in plan.steps"
                  :key="s.number"
                  class="flex justify-between border-b border-line py-0.5"
                >
                  <span>{{ s.number }}. {{ s.title }}</span>
                  <span>{{ duration(s.minutes) }}</span>
                </li>
              </ol>
            </component>
            <CautionNote
              v-for="c in plan.cautions"
              :key="c.key"
              v-model:read="read[c.key]"
              class="mt-2"
              :caution="c"
              :confirmable="c.strength === 'CHECK'"
            />
            <button
              type="button"
              class="button-main mt-3"
              :disabled="busy || unread"
              data-begin
              @click="begin"
            >
              {{ $t('reset.resetView.begin') }}
            </button>
            <span v-if="unread" class="ml-3 text-sm">{{
              $t('reset.resetView.readTheChecksFirst')
            }}</span>
          </div>
        </div>
      </section>

      <section
        v-if="look.past.length"
        class="mt-5"
        :aria-label="$t('reset.resetView.resetsBefore')"
      >
        <h2 class="text-lg">{{ $t('reset.resetView.before') }}</h2>
        <ul class="text-sm">
          <li v-for="p in look.past" :key="p.id" class="border-t border-line py-1" data-past-reset>
            <strong>{{ p.startedWords }}</strong>: {{ p.words }}, {{ p.contents }}.
            <template v-if="p.water.length">{{
              $t('reset.resetView.theWater', { join: p.water.join(', ') })
            }}</template>
            {{
              $t('reset.resetView.predicted', {
                predicted: count(p.predicted, 'rinse'),
                counted:
                  p.counted != null ? $t('reset.resetView.counted', { counted: p.counted }) : '',
              })
            }}
          </li>
        </ul>
        <p v-if="look.earlier" class="mt-1 text-sm text-soft">
          {{ $t('reset.resetView.earlierOnesStandInTheRecord', { count: look.earlier }) }}
        </p>
      </section>
    </template>
  </template>
</template>

<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import OpenRow from '../../parts/OpenRow.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { t } from '../../words'
import type { Wishes } from './useWishes'

/** Keeps what is planned here as a method of one's own. */
const props = defineProps<{ wishes: Wishes; plan: Api['Plan'] }>()
const emit = defineEmits<{ kept: [school: string] }>()

const messages = useMessages()
const { act, busy } = useAct()

const ownName = ref('')
async function keep() {
  const school = await act(() =>
    answer(
      api.POST('/api/v1/schools', {
        body: { name: ownName.value, plan: props.wishes.request.value },
      }),
    ),
  )
  if (!school) return
  messages.done(t('wash.moreChoices.isKept', { name: school.school.name }), async () => {
    await answer(api.DELETE('/api/v1/schools/{id}', { params: { path: { id: school.id } } }))
    emit('kept', props.plan.school)
  })
  ownName.value = ''
  emit('kept', school.id)
}
</script>

<template>
  <OpenRow
    :name="$t('wash.moreChoices.saveAsMyMethod')"
    :about="$t('wash.moreChoices.fromAsItStandsHere', { schoolName: plan.schoolName })"
  >
    <form class="flex flex-wrap items-end gap-2" @submit.prevent="keep">
      <label>
        <span class="block text-sm font-semibold">{{ $t('wash.moreChoices.name') }}</span>
        <input v-model="ownName" type="text" maxlength="60" data-own-name />
      </label>
      <button type="submit" class="button-plain" :disabled="busy" data-own-keep>
        {{ $t('wash.moreChoices.save') }}
      </button>
    </form>
    <p class="mt-1 text-sm text-soft">
      {{ $t('wash.moreChoices.yourChoicesAboveBecomePart') }}
    </p>
  </OpenRow>
</template>

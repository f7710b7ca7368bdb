<script setup lang="ts">
import { t } from '../../words'
import { answer, api } from '../../api/client'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'

/** Pieces that still had a mark after a wash: one tap says whether it has gone. */
const { data: marked } = useAnswer('/api/v1/record/marked')
const messages = useMessages()
const { act, busy } = useAct()

async function looked(kind: string, value: 'none' | 'some') {
  const seen = await act(() =>
    answer(
      api.POST('/api/v1/record/observations', {
        body: { sign: 'STAINS', value, where: 'SHELF', kind },
      }),
    ),
  )
  if (!seen) return
  const words =
    value === 'none'
      ? t('shelf.stillMarked.isGone', { kind })
      : t('shelf.stillMarked.stays', { kind })
  messages.done(words, async () => {
    await act(() =>
      answer(api.DELETE('/api/v1/record/observations/{id}', { params: { path: { id: seen.id } } })),
    )
  })
}
</script>

<template>
  <section v-if="marked?.length" class="mt-3 print:hidden" data-still-marked>
    <h2 class="text-base font-semibold">{{ $t('shelf.stillMarked.lookAgain') }}</h2>
    <ul class="mt-1 space-y-1">
      <li
        v-for="m in marked"
        :key="m.kind"
        class="flex flex-wrap items-center gap-2"
        :data-marked="m.kind"
      >
        <span class="w-full sm:w-auto">{{
          $t('shelf.stillMarked.since', { kind: m.kind, since: m.sinceWords })
        }}</span>
        <button
          type="button"
          class="chip min-h-11 px-3"
          :disabled="busy"
          data-gone
          @click="looked(m.kind, 'none')"
        >
          {{ $t('shelf.stillMarked.gone') }}
        </button>
        <button
          type="button"
          class="chip min-h-11 px-3"
          :disabled="busy"
          data-still
          @click="looked(m.kind, 'some')"
        >
          {{ $t('shelf.stillMarked.stillThere') }}
        </button>
      </li>
    </ul>
  </section>
</template>

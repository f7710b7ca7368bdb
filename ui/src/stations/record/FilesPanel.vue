<script setup lang="ts">
import { t } from '../../words'
import { ref, shallowRef } from 'vue'
import { answer, api, upload, type Api } from '../../api/client'
import { house } from '../../api/house'
import FileErrors from '../../parts/FileErrors.vue'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'

/** The whole record out as files, in again, and away. */
const emit = defineEmits<{ changed: [] }>()
const messages = useMessages()
const { act, busy } = useAct()
const text = ref('')
const chosen = shallowRef<Blob>()
const sure = ref(false)
const preview = shallowRef<Api['RecordArchivePreview']>()
const PARTS = {
  rounds: t('record.filesPanel.roundsPart'),
  observations: t('record.filesPanel.whatWasNoticed'),
  changes: t('record.filesPanel.changesPart'),
  resets: t('record.filesPanel.resetsPart'),
}

function send(file: Blob, keep: boolean) {
  return upload<Api['RecordArchivePreview']>(`/api/v1/record/files?keep=${keep}`, file)
}
async function read(keep: boolean) {
  const file = chosen.value ?? new Blob([text.value])
  const found = await act(() => send(file, keep))
  if (!found) return
  preview.value = found
  if (found.kept) {
    messages.done(found.says)
    chosen.value = undefined
    text.value = ''
    preview.value = undefined
    emit('changed')
  }
}
async function file(event: Event) {
  const input = event.target as HTMLInputElement
  const picked = input.files?.[0]
  if (!picked) return
  // A copy, since the browser lets go of the file when the field is emptied.
  chosen.value = new Blob([await picked.arrayBuffer()])
  // The same file may be chosen again after it was mended.
  input.value = ''
  await read(false)
}
async function wipe() {
  const before = await act(() => answer(api.GET('/api/v1/record/record.json', { parseAs: 'blob' })))
  if (before === undefined) return
  const done = await act(async () => {
    await answer(api.DELETE('/api/v1/record'))
    return true
  })
  if (!done) return
  sure.value = false
  messages.done(t('record.filesPanel.thePastIsForgottenWhat'), async () => {
    await act(() => send(before as unknown as Blob, true))
    emit('changed')
  })
  emit('changed')
}
</script>

<template>
  <section :aria-label="$t('record.filesPanel.files')" data-files>
    <h2 class="text-lg">{{ $t('record.filesPanel.out') }}</h2>
    <p class="mt-1 flex flex-wrap items-center gap-2">
      <a
        class="button-plain font-semibold"
        :href="`${house}/api/v1/record/record.json`"
        download
        data-export="json"
        >{{ $t('record.filesPanel.everythingJson') }}</a
      >
      <a
        v-for="(words, p) in PARTS"
        :key="p"
        class="button-plain"
        :href="`${house}/api/v1/record/${p}.csv`"
        download
        :data-export="p"
        >{{ $t('record.filesPanel.csv', { p: words }) }}</a
      >
    </p>
    <h2 class="mt-4 text-lg">{{ $t('record.filesPanel.in') }}</h2>
    <p class="text-sm text-soft">
      {{ $t('record.filesPanel.chooseAFile') }}
    </p>
    <label class="mt-1 block">
      <span class="block text-sm font-semibold">{{ $t('record.filesPanel.file') }}</span>
      <input type="file" accept=".json,.csv,text/plain" data-record-file @change="file" />
    </label>
    <label class="mt-2 block max-w-3xl">
      <span class="block text-sm font-semibold">{{ $t('record.filesPanel.orPasteIt') }}</span>
      <textarea
        v-model="text"
        rows="3"
        class="w-full font-mono text-sm"
        data-record-text
        @input="chosen = undefined"
      />
    </label>
    <button
      type="button"
      class="button-plain mt-1"
      :disabled="busy"
      data-record-look
      @click="read(false)"
    >
      {{ $t('record.filesPanel.checkTheFile') }}
    </button>
    <div v-if="preview" class="mt-2 max-w-3xl border border-ink p-3" data-record-preview>
      <FileErrors
        v-if="preview.errors.length"
        :says="preview.says"
        :errors="preview.errors"
        :more="preview.moreErrors"
      />
      <template v-else>
        <p>{{ preview.says }}</p>
        <button
          v-if="preview.parts.some((p) => p.fresh)"
          type="button"
          class="button-main mt-2"
          :disabled="busy"
          data-record-keep
          @click="read(true)"
        >
          {{ $t('record.filesPanel.addIt') }}
        </button>
      </template>
    </div>
    <h2 class="mt-4 text-lg">{{ $t('record.filesPanel.away') }}</h2>
    <p class="text-sm text-soft">
      {{ $t('record.filesPanel.deletesFinishedRoundsWhatYou') }}
    </p>
    <label class="mt-1 inline-flex items-center gap-2">
      <input v-model="sure" type="checkbox" data-sure /> {{ $t('record.filesPanel.iHaveAFileOf') }}
    </label>
    <button
      type="button"
      class="button-plain ml-3"
      :disabled="busy || !sure"
      data-wipe
      @click="wipe"
    >
      {{ $t('record.filesPanel.forgetThePast') }}
    </button>
  </section>
</template>

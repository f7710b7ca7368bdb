import { t } from '../words'
import { useLocalStorage, useWebNotification } from '@vueuse/core'

const HIGH_HZ = 880
const LOW_HZ = 660
const STROKE_S = 0.6
const LOUDNESS = 0.25

/**
 * A bell and a notice of the browser for when a person is needed, once the person wants them. A browser lets a page
 * ring only after something was pressed in it.
 *
 * @example const bell = useBell(); bell.ring('The first wash is done.')
 */
export function useBell() {
  const on = useLocalStorage('nest-rinse-bell', false)
  const notice = useWebNotification({ requestPermissions: false, tag: 'nest-rinse' })
  let audio: AudioContext | undefined

  /** Turns the bell on or off; asks the browser for notices when it is turned on. */
  async function toggle() {
    on.value = !on.value
    if (!on.value) return
    sound()
    if (notice.isSupported.value) await notice.ensurePermissions()
  }

  function sound() {
    audio ??= new AudioContext()
    for (const [i, hertz] of [HIGH_HZ, LOW_HZ].entries()) {
      const tone = audio.createOscillator()
      const volume = audio.createGain()
      const begins = audio.currentTime + i * STROKE_S * 0.5
      tone.frequency.value = hertz
      volume.gain.setValueAtTime(LOUDNESS, begins)
      volume.gain.exponentialRampToValueAtTime(0.001, begins + STROKE_S)
      tone.connect(volume).connect(audio.destination)
      tone.start(begins)
      tone.stop(begins + STROKE_S)
    }
  }

  /** Rings, and shows a notice with these words where the browser may. */
  function ring(words: string) {
    if (!on.value) return
    sound()
    if (notice.permissionGranted.value)
      void notice.show({ title: t('wash.useBell.nestRinse'), body: words })
  }

  return { on, toggle, ring }
}

import { ref, type Ref } from 'vue'
import { onStep, scoreAt, stepped, type Scale } from './sheetContent'

const TYPING_PAUSE_MS = 1200

/** What keys, mouse and finger do on a scale. */
export function useScale(scale: () => Scale, score: Ref<number | undefined>) {
  const typed = ref('')
  let typedAt = 0

  function onKey(event: KeyboardEvent) {
    const steps: Record<string, number> = {
      ArrowRight: 1,
      ArrowUp: 1,
      ArrowLeft: -1,
      ArrowDown: -1,
      PageUp: 4,
      PageDown: -4,
    }
    const step = steps[event.key]
    if (step !== undefined) {
      event.preventDefault()
      score.value = stepped(scale(), score.value, step)
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault()
      score.value = undefined
      typed.value = ''
    } else if (/^[\d.,]$/.test(event.key) && !event.ctrlKey && !event.metaKey) {
      event.preventDefault()
      type(event.key)
    }
  }

  /** Gathers "7", "7.5", "7.25" as they are typed; a number off the quarters goes to the nearest. */
  function type(key: string) {
    const now = Date.now()
    typed.value = (now - typedAt < TYPING_PAUSE_MS ? typed.value : '') + key.replace(',', '.')
    typedAt = now
    const n = Number(typed.value)
    if (Number.isFinite(n) && n >= scale().least && n <= scale().most) {
      score.value = onStep(scale(), n)
    }
  }

  /** So far a finger moves along the scale before it means the scale and not the page, px. */
  const DRAG_PX = 8
  let fingerAt: number | undefined
  /**
   * A mouse scores where it presses. A finger may be about to scroll: it scores where it is lifted, or once it moves along
   * the scale; what becomes a scroll is cancelled by the browser and scores nothing.
   */
  function onPointer(event: PointerEvent) {
    const finger = event.pointerType === 'touch'
    if (event.type === 'pointerdown') {
      fingerAt = finger ? event.clientX : undefined
    }
    const lifted = event.type === 'pointerup' && fingerAt !== undefined
    const along = fingerAt === undefined || Math.abs(event.clientX - fingerAt) > DRAG_PX
    const pressed = event.type !== 'pointerup' && event.buttons === 1 && (!finger || along)
    if (event.type === 'pointercancel' || !(lifted || pressed)) {
      fingerAt = event.type === 'pointercancel' || event.type === 'pointerup' ? undefined : fingerAt
      return
    }
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
    score.value = scoreAt(scale(), (event.clientX - box.left) / box.width)
    fingerAt = lifted ? undefined : fingerAt
  }

  return { onKey, onPointer }
}

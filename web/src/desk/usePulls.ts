import { useLocalStorage, useThrottleFn } from '@vueuse/core'

const USUAL_G = 8

/** Pulls with the trier: each of what one usually weighs, which is kept on this computer. */
export function usePulls(draw: (grams: number) => void, slipMs: number) {
  const pullG = useLocalStorage('barrowmist.pullG', USUAL_G)
  // a second touch within a moment is the same pull
  const pull = useThrottleFn(() => draw(pullG.value), slipMs)
  const pullWeighs = (grams: number) => (pullG.value = Math.max(1, Math.round(grams) || USUAL_G))
  return { pullG, pull, pullWeighs }
}

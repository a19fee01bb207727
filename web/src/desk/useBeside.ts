import { computed, shallowRef, watch } from 'vue'
import { useLocalStorage } from '@vueuse/core'
import { answer, api, type Schemas } from '@/shared/api/client'

/** Another roast drawn beside the one that runs; which one is remembered on this screen. */
export function useBeside(roasts: () => Schemas['RoastView'][]) {
  const compareId = useLocalStorage<number | null>('barrowmist.desk.compare', null)
  const compared = shallowRef<Schemas['CurveView']>()
  watch(
    compareId,
    async (id) => {
      compared.value =
        id === null
          ? undefined
          : (await answer(api.GET('/api/roasts/{id}/curve', { params: { path: { id } } }))).data
    },
    { immediate: true },
  )
  const options = computed(() => [
    { title: 'no other roast', value: null },
    ...roasts().map((r) => ({ title: `${r.lotName}, roast ${r.number}`, value: r.id })),
  ])
  return { compareId, compared, options }
}

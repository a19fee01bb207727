import { useRouter } from 'vue-router'

/**
 * Goes on to what a press has made. Whoever went elsewhere while it was being made is left there: every page has a path of its
 * own, and this one is remembered.
 */
export function useGoOn() {
  const router = useRouter()
  const here = router.currentRoute.value.path
  return async (to: string) => {
    if (router.currentRoute.value.path === here) {
      await router.push(to)
    }
  }
}

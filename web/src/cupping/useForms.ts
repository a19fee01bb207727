import { computed, ref, shallowRef } from 'vue'
import { answer, api, type Failure } from '@/shared/api/client'
import type { Form } from './sheetContent'

/** The forms of this house; what was asked once is there when the network is not. */
export const forms = shallowRef<Form[]>()
const failure = shallowRef<Failure>()
const loading = ref(false)

async function reload() {
  loading.value = true
  const result = await answer(api.GET('/api/cupping-forms'))
  loading.value = false
  failure.value = result.failure
  forms.value = result.data?.length ? result.data : forms.value
}

/** The form of this name with its scales, as the server describes it; undefined until it is there. */
export function useForm(name: () => string) {
  void reload()
  const form = computed(() => forms.value?.find((f) => f.form === name()))
  return { form, loading, reload, failure: computed(() => (form.value ? undefined : failure.value)) }
}

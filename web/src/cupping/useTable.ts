import { computed, ref, watch } from 'vue'
import { useStorage } from '@vueuse/core'
import { answer, api, type Failure, type Schemas } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'
import { roastName } from '@/shared/format/text'
import { useWho } from '@/shared/who'

type Sheet = Schemas['SheetView']

/** A table, the samples on it by their codes, and the sheet of the one in hand. */
export function useTable(id: number, askedSheet: number) {
  const path = { params: { path: { id } } }
  const table = useLoad(() => answer(api.GET('/api/cuppings/{id}', path)))
  const roasts = useLoad(() => answer(api.GET('/api/roasts')))
  const who = useWho()
  const typed = useStorage('barrowmist.cupper', '')
  /** Whoever signed in to cup has one name, at an open table too. */
  const account = computed(() => (who.session?.role === 'cupper' ? who.session.name : undefined))
  const cupper = computed({
    get: () => account.value ?? typed.value,
    set: (name) => (typed.value = name),
  })
  /** At an open table: whose sheets are in hand. A sheet is its cupper's, so another person has others. */
  const person = ref('')
  const people = computed(() => [
    ...new Set((table.data.value?.progress ?? []).map((p) => p.cupper).filter(Boolean)),
  ])
  /** Whether somebody sits at a coded table on this device. */
  const seated = ref(false)
  const inHand = ref<string>()
  const sheet = ref<Sheet>()
  const failure = ref<Failure>()
  const shown = ref(0)

  /** Blind in either way: cups carry codes, or their places. */
  const coded = computed(() => (table.data.value?.blind ?? 'open') !== 'open')
  const told = computed(() => table.data.value?.told ?? true)
  const said = (code: string) => (table.data.value?.blind === 'underside' ? `place ${code}` : code)
  const samples = computed(() =>
    (table.data.value?.samples ?? []).map((s) => {
      const roast = roasts.data.value?.find((r) => r.id === s.roastId)
      const laid = roast ? roastName(roast) : (s.outside?.name ?? (s.roastId ? `roast ${s.roastId}` : ''))
      const what = [laid, s.treatment].filter(Boolean).join(', ')
      const mine = table.data.value?.progress.find((p) => p.code === s.code && p.cupper === whose())
      return {
        ...s,
        what,
        name: coded.value ? [said(s.code), what].filter(Boolean).join(' · ') : what,
        sheetId: mine?.sheetId,
        done: mine?.unscored === 0,
      }
    }),
  )
  const current = computed(() => samples.value.find((s) => s.code === inHand.value))

  /** Takes a sample in hand; its sheet is opened when this cupper has none. */
  async function take(code: string | undefined, again = false) {
    const sample = samples.value.find((s) => s.code === code)
    // the one in hand stays as it is: a form drawn anew would swallow what is being typed
    if (!sample || (code === inHand.value && !again)) {
      return
    }
    const opened = sample.sheetId
      ? await answer(
          api.GET('/api/cuppings/{id}/sheets/{sheetId}', {
            params: { path: { id, sheetId: sample.sheetId } },
          }),
        )
      : await answer(
          api.POST('/api/cuppings/{id}/sheets', {
            ...path,
            body: { code, cupper: whose() },
          }),
        )
    failure.value = opened.failure
    if (opened.data) {
      sheet.value = opened.data
      inHand.value = code
      shown.value++
      await table.reload()
    }
  }

  function whose(): string {
    return coded.value || account.value ? cupper.value.trim() : person.value
  }

  /** Goes on with the sheets of somebody at an open table. */
  async function change(to: string) {
    person.value = to.trim()
    await table.reload()
    await take(inHand.value ?? samples.value[0]?.code, true)
  }

  /** The person who a sheet without a name turned out to be. */
  async function named(name: string) {
    person.value = name
    await table.reload()
  }

  async function sitDown() {
    seated.value = true
    await take(samples.value[0]?.code)
  }

  // once: taking a sample in hand loads the table again, and a form drawn anew would lose the focus of who is typing
  watch(
    () => table.data.value,
    (data) => {
      const asked = data?.progress.find((p) => p.sheetId === askedSheet)
      if (data && !coded.value) {
        person.value = asked?.cupper ?? data.progress[0]?.cupper ?? ''
        void take(asked?.code ?? data.samples[0]?.code)
      } else if (data && !told.value && data.progress.some((p) => p.cupper === cupper.value.trim())) {
        // who sat here before the page was left sits here again
        void sitDown()
      }
    },
    { once: true },
  )

  return {
    table,
    roasts,
    cupper,
    person,
    people,
    change,
    named,
    seated,
    sheet,
    failure,
    shown,
    coded,
    told,
    samples,
    current,
    take,
    sitDown,
  }
}

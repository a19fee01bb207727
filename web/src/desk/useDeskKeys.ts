import type { Schemas } from '@/shared/api/client'
import { useKeys } from '@/shared/keyboard/useKeys'
import { SENSED } from './sensed'

/** What the keys of the desk do. */
interface Doing {
  press: () => void
  mark: (kind: Schemas['EventKind']) => void
  move: (control: 'gas' | 'air' | 'drum', direction: 1 | -1, event?: KeyboardEvent) => void
  undo: () => void
  sense: (text: string) => void
  /** Whether a digit goes to a temperature that is typed. */
  digit: (key: string) => boolean
  note: () => void
  pull: () => void
  leaveOut: () => void
  see: () => void
  hush: () => void
}

/** The keys of the desk: both hands are busy, so each is one. */
export function useDeskKeys(desk: Doing) {
  useKeys([
    { key: ' ', does: 'the next expected event or step', run: desk.press },
    { key: 'c', does: 'charge', run: () => desk.mark('charge') },
    { key: 'd', does: 'dry end', run: () => desk.mark('dry_end') },
    { key: 'f', does: 'first crack', run: () => desk.mark('first_crack') },
    { key: 'e', does: 'first crack end', run: () => desk.mark('first_crack_end') },
    { key: 's', does: 'second crack', run: () => desk.mark('second_crack') },
    { key: 'x', does: 'drop', run: () => desk.mark('drop') },
    { key: 'p', does: 'a lone pop', run: () => desk.mark('pop') },
    { key: 't', does: 'a pull with the trier, as a sample of its own', run: desk.pull },
    { key: 'z', does: 'undo the last entry', run: desk.undo },
    { key: 'n', does: 'a note', run: desk.note },
    { key: 'l', does: 'leave the next planned move out', run: desk.leaveOut },
    { key: 'w', does: 'a warning is seen', run: desk.see },
    { key: 'ArrowUp', does: 'gas up; with Shift by the smallest step', run: (e) => desk.move('gas', 1, e) },
    {
      key: 'ArrowDown',
      does: 'gas down; with Shift by the smallest step',
      run: (e) => desk.move('gas', -1, e),
    },
    {
      key: 'ArrowRight',
      does: 'air up; with Shift by the smallest step',
      run: (e) => desk.move('air', 1, e),
    },
    {
      key: 'ArrowLeft',
      does: 'air down; with Shift by the smallest step',
      run: (e) => desk.move('air', -1, e),
    },
    { key: ']', does: 'drum faster', run: (e) => desk.move('drum', 1, e) },
    { key: '[', does: 'drum slower', run: (e) => desk.move('drum', -1, e) },
    ...SENSED.map((text, i) => ({
      key: String(i + 1),
      does: `${text}; where readings are typed, a digit of one`,
      run: () => {
        if (!desk.digit(String(i + 1))) {
          desk.sense(text)
        }
      },
    })),
    ...['8', '9', '0'].map((key) => ({
      key,
      does: 'where readings are typed, a digit of one',
      run: () => void desk.digit(key),
    })),
    { key: 'm', does: 'sound on or off', run: desk.hush },
  ])
}

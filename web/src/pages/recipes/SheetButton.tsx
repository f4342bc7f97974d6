import { fileName } from '../../print/paper'
import { W, dayText, errorText } from '../../app/words'
import { FileText } from 'lucide-react'
import { useState } from 'react'
import { roomSheet } from '../../print/roomSheet'
import { savePdf } from '../../print/savePdf'
import { noticed } from '../../app/state/noticeSlice'
import { useFacts, usePlan } from '../../app/state/useJob'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'

/** Saves the sheet of a room: what a painter needs there, on paper. */
export function SheetButton({ roomId }: { roomId: string }) {
  const facts = useFacts()
  const plan = usePlan()
  const dispatch = useAppDispatch()
  const [making, setMaking] = useState(false)
  const room = facts.rooms.find((each) => each.id === roomId)
  if (!plan || !room) return null
  const make = () => {
    setMaking(true)
    savePdf(
      fileName(facts.name, room.name, dayText(plan.at, facts.site.zone)),
      roomSheet({ ...facts, log: [], published: null }, plan, room),
    )
      .catch((error: Error) => dispatch(noticed({ text: errorText(error), tone: 'wrong', undo: null })))
      .finally(() => setMaking(false))
  }
  return (
    <Button icon={<FileText size={16} aria-hidden />} disabled={making} onClick={make}>
      {making ? W.recipes.sheetMaking : `${W.recipes.sheet}: ${room.name}`}
    </Button>
  )
}

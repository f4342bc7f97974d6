import { Ellipsis, Redo2, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { redone, undone } from '../state/jobSlice'
import { isPainter, useFacts } from '../state/useJob'
import { useAppDispatch, useAppSelector } from '../state/store'
import { Button } from '../ui/Button'
import { Dialog } from '../ui/Dialog'
import { W } from '../words'
import { DisplayButton } from './DisplayButton'

const PLACES = [
  ['scope', W.scope.title],
  ['lines', W.lines.title],
  ['results', W.proof.title],
  ['bench', W.bench.title],
  ['practice', W.practice.title],
  ['shelf', W.shelf.title],
  ['site', W.frame.site],
  ['history', W.history.title],
] as const
const OF_PAINTERS: readonly string[] = ['scope', 'lines', 'results', 'bench', 'practice']

/** What a narrow screen has no room for in its row of steps: the other pages, undo and redo, light or dark. */
export function MoreSheet() {
  const [open, setOpen] = useState(false)
  const { id } = useFacts()
  const painter = useAppSelector(isPainter)
  const dispatch = useAppDispatch()
  const canUndo = useAppSelector((state) => state.job.past.length > 0)
  const canRedo = useAppSelector((state) => state.job.future.length > 0)
  return (
    <>
      <button
        type="button"
        className="flex min-h-14 w-full flex-col items-center justify-center text-sm"
        onClick={() => setOpen(true)}
      >
        <Ellipsis size={18} aria-hidden />
        {W.frame.more}
      </button>
      <Dialog open={open} onClose={() => setOpen(false)} title={W.frame.more}>
        <ul className="grid grid-cols-2 gap-2">
          {PLACES.filter(([path]) => !painter || OF_PAINTERS.includes(path)).map(([path, name]) => (
            <li key={path}>
              <Link
                className="flex min-h-12 items-center border border-seam bg-card px-3 font-semibold"
                to={`/jobs/${id}/${path}`}
                onClick={() => setOpen(false)}
              >
                {name}
              </Link>
            </li>
          ))}
        </ul>
        <div className="mt-4 flex flex-wrap gap-2">
          <Button
            className="min-h-11"
            disabled={!canUndo}
            icon={<Undo2 size={17} aria-hidden />}
            onClick={() => dispatch(undone())}
          >
            {W.frame.undo}
          </Button>
          <Button
            className="min-h-11"
            disabled={!canRedo}
            icon={<Redo2 size={17} aria-hidden />}
            onClick={() => dispatch(redone())}
          >
            {W.frame.redo}
          </Button>
          <DisplayButton className="min-h-11 border border-ink/70 px-3" />
        </div>
      </Dialog>
    </>
  )
}

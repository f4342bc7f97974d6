import { Plus } from 'lucide-react'
import { crewSpeed, DEFAULT_PARAMETERS, SKILLS, type Crew, type Shift } from '@crisp-hem/core'
import { useEdit, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField, TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { AwayButton } from './AwayButton'
import { W } from '../../app/words'

const USUAL_SHIFT: Shift = {
  days: [0, 1, 2, 3, 4],
  from: '07:30',
  to: '16:00',
  breaks: [{ from: '12:00', to: '12:30' }],
}

/** Who works when: painters with their skill, shifts with their meals. */
export function CrewsPanel() {
  const { crews } = useFacts()
  const edit = useEdit()
  const setCrews = (change: (crews: readonly Crew[]) => readonly Crew[]) =>
    edit((facts) => ({ ...facts, crews: change(facts.crews) }))
  const setCrew = (id: string, change: Partial<Crew>) =>
    setCrews((all) => all.map((crew) => (crew.id === id ? { ...crew, ...change } : crew)))
  const drop = (id: string) =>
    edit((facts) => ({
      ...facts,
      crews: facts.crews.filter((crew) => crew.id !== id),
      rooms: facts.rooms.map((room) => (room.crewId === id ? { ...room, crewId: null } : room)),
      planning: {
        ...facts.planning,
        holds: facts.planning.holds.map((hold) => (hold.crewId === id ? { ...hold, crewId: null } : hold)),
        away: facts.planning.away.filter((away) => away.crewId !== id),
        rooms: facts.planning.rooms.map((room) => (room.gunCrewId === id ? { ...room, gunCrewId: null } : room)),
      },
    }))
  const add = () => {
    let n = crews.length + 1
    while (crews.some((crew) => crew.id === `c${n}`)) n += 1
    setCrews((all) => [
      ...all,
      {
        id: `c${n}`,
        name: `${W.site.crewName} ${n}`,
        people: [{ name: 'Painter 1', skill: 'practised' }],
        shifts: [USUAL_SHIFT],
      },
    ])
  }
  return (
    <Panel
      title={W.site.crewsTitle}
      aside={
        <Button icon={<Plus size={15} aria-hidden />} onClick={add}>
          {W.site.addCrew}
        </Button>
      }
    >
      {crews.length === 0 && <p className="text-soft">{W.site.noCrew}</p>}
      {crews.map((crew) => (
        <CrewForm
          key={crew.id}
          crew={crew}
          onChange={(change) => setCrew(crew.id, change)}
          onDrop={() => drop(crew.id)}
        />
      ))}
    </Panel>
  )
}

function CrewForm({
  crew,
  onChange,
  onDrop,
}: {
  crew: Crew
  onChange: (change: Partial<Crew>) => boolean
  onDrop: () => void
}) {
  const setPerson = (i: number, change: Partial<Crew['people'][number]>) =>
    onChange({ people: crew.people.map((person, j) => (j === i ? { ...person, ...change } : person)) })
  return (
    <section className="mb-4 border-b border-rule pb-3" aria-label={crew.name}>
      <div className="flex items-end gap-2">
        <div className="flex-1">
          <TextField label={W.site.crewName} value={crew.name} onCommit={(name) => onChange({ name })} />
        </div>
        <span className="pb-1.5 text-sm text-soft">
          {W.site.worth({ n: crewSpeed(crew, DEFAULT_PARAMETERS).toFixed(1) })}
        </span>
        <Button tone="quiet" onClick={onDrop} aria-label={`${W.site.remove} ${crew.name}`}>
          {W.site.remove}
        </Button>
      </div>
      {crew.people.map((person, i) => (
        <div key={i} className="mt-2 grid grid-cols-[minmax(0,1fr)_120px_auto_auto] items-end gap-2">
          <TextField label={W.site.people} value={person.name} onCommit={(name) => setPerson(i, { name })} />
          <ChoiceField
            label={W.site.skill}
            value={person.skill}
            options={SKILLS.map((value) => ({ value, text: W.site[value] }))}
            onCommit={(skill) => setPerson(i, { skill })}
          />
          <AwayButton crewId={crew.id} person={person.name} />
          <Button
            tone="quiet"
            onClick={() => onChange({ people: crew.people.filter((_, j) => j !== i) })}
            aria-label={`${W.site.remove} ${person.name}`}
          >
            {W.site.remove}
          </Button>
        </div>
      ))}
      <Button
        className="mt-2"
        onClick={() =>
          onChange({ people: [...crew.people, { name: `Painter ${crew.people.length + 1}`, skill: 'practised' }] })
        }
      >
        {W.site.addPainter}
      </Button>
      {crew.shifts.map((shift, i) => (
        <ShiftForm
          key={i}
          shift={shift}
          onChange={(change) =>
            onChange({ shifts: crew.shifts.map((each, j) => (j === i ? { ...each, ...change } : each)) })
          }
        />
      ))}
    </section>
  )
}

function ShiftForm({ shift, onChange }: { shift: Shift; onChange: (change: Partial<Shift>) => boolean }) {
  const meal = shift.breaks[0] ?? { from: '12:00', to: '12:30' }
  const toggle = (day: number) => {
    const days = shift.days.includes(day) ? shift.days.filter((each) => each !== day) : [...shift.days, day].sort()
    if (days.length > 0) onChange({ days })
  }
  return (
    <div className="mt-2 grid grid-cols-4 gap-2">
      <TextField
        label={`${W.site.shift} ${W.site.from}`}
        type="time"
        value={shift.from}
        onCommit={(from) => onChange({ from })}
      />
      <TextField label={W.site.to} type="time" value={shift.to} onCommit={(to) => onChange({ to })} />
      <TextField
        label={`${W.site.break} ${W.site.from}`}
        type="time"
        value={meal.from}
        onCommit={(from) => onChange({ breaks: [{ ...meal, from }] })}
      />
      <TextField
        label={W.site.to}
        type="time"
        value={meal.to}
        onCommit={(to) => onChange({ breaks: [{ ...meal, to }] })}
      />
      <div role="group" aria-label={W.site.shift} className="col-span-4 flex gap-1">
        {W.site.days.map((letter, day) => (
          <button
            key={W.site.dayNames[day]}
            type="button"
            aria-label={W.site.dayNames[day]}
            aria-pressed={shift.days.includes(day)}
            className={`size-9 border border-seam ${shift.days.includes(day) ? 'bg-ink font-semibold text-ground' : 'bg-sheet'}`}
            onClick={() => toggle(day)}
          >
            {letter}
          </button>
        ))}
      </div>
    </div>
  )
}

import type { Said } from '@crisp-hem/core'
import { W, sayText } from '../../app/words'

/** Drawings of hand skills, and the steps of a recipe each belongs to. */
const SKILLS = ['tap', 'corner', 'lift', 'bead', 'pull'] as const
type Skill = (typeof SKILLS)[number]

const BELONGS: Readonly<Record<Skill, (code: string) => boolean>> = {
  tap: (code) => code === 'step.lay',
  corner: (code) => code === 'step.lay' || code === 'step.panes' || code === 'step.rounded',
  lift: (code) => code === 'step.lay' || code === 'step.press',
  bead: (code) => code === 'step.seal_wiped',
  pull: (code) => code === 'step.pull_wet' || code === 'step.pull_dry',
}

/** How the steps of a recipe are done well, short and drawn: for learners, folded away. */
export function HowTo({ steps, craft }: { steps: readonly Said[]; craft: readonly Said[] }) {
  const skills = SKILLS.filter((skill) => steps.some(({ code }) => BELONGS[skill](code)))
  if (skills.length + craft.length === 0) return null
  return (
    <details className="my-2 text-[0.88rem]">
      <summary className="cursor-pointer font-semibold">{W.howTo.title}</summary>
      <ul className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-3">
        {skills.map((skill) => (
          <li key={skill}>
            <svg viewBox="0 0 152 76" className="w-full border border-rule bg-card" aria-hidden>
              {DRAWINGS[skill]}
            </svg>
            <p className="leading-snug">{W.howTo[skill]}</p>
          </li>
        ))}
      </ul>
      <ul className="mt-2 ml-5 list-disc">
        {craft.map((said) => (
          <li key={said.code} className="my-0.5">
            {sayText(said)}
          </li>
        ))}
      </ul>
    </details>
  )
}

const TAPE = { fill: 'var(--kraft)', stroke: 'var(--kraft-edge)' } as const
const INK = { fill: 'none', stroke: 'var(--ink)', strokeWidth: 1.6, strokeLinecap: 'round' } as const
const Edge = () => <path d="M8 50H144" {...INK} strokeDasharray="7 4" />

const DRAWINGS: Readonly<Record<Skill, React.ReactNode>> = {
  // Tape lies above the line, touched down in spots, then rubbed.
  tap: (
    <>
      <rect x="8" y="34" width="136" height="16" {...TAPE} />
      <Edge />
      {[22, 58, 94, 130].map((x) => (
        <path key={x} d={`M${x} 12v14m-4 -5l4 6l4 -6`} {...INK} />
      ))}
      <path d="M20 64h108m-8 -4l8 4l-8 4" {...INK} stroke="var(--act)" />
    </>
  ),
  // An end torn at an angle goes into the corner; a beginner starts past it.
  corner: (
    <>
      <path d="M34 8V50H144" {...INK} strokeDasharray="7 4" />
      <path d="M34 50V34H140V50Z" {...TAPE} />
      <path d="M34 34L50 50" {...INK} stroke="var(--act)" strokeWidth="2.2" />
      <path d="M12 42h14m-5 -4l6 4l-6 4" {...INK} />
    </>
  ),
  // A wrinkle is lifted back past itself and laid anew.
  lift: (
    <>
      <path d="M8 50V38H66q6 -12 12 0q5 8 10 0q6 -10 10 0V50Z" {...TAPE} />
      <path d="M98 50q22 -4 34 -30l10 5q-12 28 -40 30z" {...TAPE} />
      <Edge />
      <path d="M124 62q-26 8 -52 0m7 -5l-8 5l8 5" {...INK} stroke="var(--act)" />
    </>
  ),
  // A bead on the edge, a finger along it, then a damp rag.
  bead: (
    <>
      <rect x="8" y="30" width="136" height="16" {...TAPE} />
      <Edge />
      <path d="M12 47H84" stroke="var(--paint)" strokeWidth="5" strokeLinecap="round" opacity="0.45" />
      <path d="M84 47H136" stroke="var(--ink)" strokeWidth="1" opacity="0.4" />
      <path d="M92 70l-6 -20q3 -7 9 -2l9 22z" fill="var(--card)" stroke="var(--ink)" strokeWidth="1.4" />
      <path d="M106 60h24m-7 -4l7 4l-7 4" {...INK} stroke="var(--act)" />
    </>
  ),
  // Folded back at 45° and drawn slowly along the line.
  pull: (
    <>
      <rect x="8" y="38" width="66" height="12" {...TAPE} />
      <path d="M74 38L44 8l8 -4L84 40q0 8 -10 10z" {...TAPE} />
      <Edge />
      <path d="M74 50A26 26 0 0 0 55 30" {...INK} />
      <text x="40" y="34" fontSize="10" fill="var(--ink)">
        45°
      </text>
      <path d="M60 66H24m7 -4l-7 4l7 4" {...INK} stroke="var(--act)" />
    </>
  ),
}
